import { refuseUnlessPositive, type Outcome } from '../refusal';
import { defects, type DefectId, type ReworkKind } from './defects';

/** How far the coat has come. */
export const cureStages = ['wet', 'tacky', 'dry', 'cured'] as const;
export type CureStage = (typeof cureStages)[number];

export type ReworkStep =
  | 'leave'
  | 'flow-out'
  | 'drop-coat'
  | 'more-coat'
  | 'wait'
  | 'nib-polish'
  | 'flat-recoat'
  | 'strip'
  | 'clean-stop'
  | 'wipe-off'
  | 'mend-gun'
  | 'prime';

/** What to do by what the defect is and how far the coat has come; the first is tried first. */
// prettier-ignore
const paths: Record<ReworkKind, Record<CureStage, readonly ReworkStep[]>> = {
  surface: { wet: ['flow-out', 'leave'], tacky: ['leave', 'wait'], dry: ['wait', 'nib-polish', 'flat-recoat'], cured: ['nib-polish', 'flat-recoat'] },
  sag: { wet: ['wipe-off', 'leave'], tacky: ['leave', 'wait'], dry: ['wait', 'flat-recoat'], cured: ['nib-polish', 'flat-recoat'] },
  crater: { wet: ['clean-stop', 'wipe-off'], tacky: ['wait'], dry: ['flat-recoat'], cured: ['flat-recoat'] },
  bubble: { wet: ['leave'], tacky: ['wait'], dry: ['flat-recoat'], cured: ['flat-recoat', 'strip'] },
  colour: { wet: ['drop-coat'], tacky: ['drop-coat', 'wait'], dry: ['more-coat', 'flat-recoat'], cured: ['flat-recoat'] },
  thin: { wet: ['more-coat'], tacky: ['more-coat'], dry: ['more-coat', 'flat-recoat'], cured: ['flat-recoat'] },
  haze: { wet: ['leave'], tacky: ['wait'], dry: ['wait', 'flat-recoat'], cured: ['nib-polish', 'flat-recoat'] },
  adhesion: { wet: ['wipe-off'], tacky: ['wait', 'strip'], dry: ['strip'], cured: ['strip'] },
  cure: { wet: ['wait'], tacky: ['wait'], dry: ['wait', 'strip'], cured: ['strip'] },
  rust: { wet: ['wipe-off', 'prime'], tacky: ['wait', 'strip'], dry: ['strip', 'prime'], cured: ['strip', 'prime'] },
  gun: { wet: ['mend-gun', 'flow-out'], tacky: ['mend-gun', 'wait'], dry: ['mend-gun', 'flat-recoat'], cured: ['mend-gun', 'nib-polish', 'flat-recoat'] },
};

/**
 * The rework of a defect at a stage of cure, the first first.
 *
 * Source: trade practice; film left is conservation
 * @example reworkOf('foam', 'wet') → ['leave']
 */
export const reworkOf = (defect: DefectId, stage: CureStage): readonly ReworkStep[] =>
  paths[defects[defect].rework][stage];

export interface Polished {
  /** m left of the top coats, and whether they still reach their least. */
  readonly left: number;
  readonly enough: boolean;
  /** m that would have to be laid again to reach the aim. */
  readonly missing: number;
}

/** m that levelling a fault takes off: nibs, a texture, a run. Defaults. */
export const takenOff: Record<'nib' | 'texture' | 'run', number> = { nib: 4e-6, texture: 12e-6, run: 25e-6 };

/**
 * Film left after polishing or flatting: what is measured less what comes off, against the least and the aim. m
 *
 * Source: trade practice; film left is conservation
 * @example filmAfter(0.00005, 0.000012, { min: 0.000045, aim: 0.000055 }) → { left: 3.8e-05, enough: false, missing: 1.7e-05 }
 */
export function filmAfter(
  film: number,
  removed: number,
  spec: { readonly min: number; readonly aim: number },
): Outcome<Polished> {
  const wrong = refuseUnlessPositive({ film, 'least film': spec.min, 'film wanted': spec.aim });
  if (wrong) return wrong;
  const left = Math.max(film - removed, 0);
  return { left, enough: left >= spec.min, missing: Math.max(spec.aim - left, 0) };
}

export interface Judgeable {
  /** s until it may be judged; nought when it may be now. */
  readonly wait: number;
  /** s since the coat, at which to look again. */
  readonly again: readonly number[];
}

/**
 * May a defect be judged so long after its coat? Some leave by themselves, some only show later.
 *
 * Source: trade practice; film left is conservation
 * @example judgeable('blushing', 10800) → { wait: 0, again: [] }
 */
export function judgeable(defect: DefectId, since: number): Judgeable {
  const { mayLeave = 0, lookAgain = [] } = defects[defect] as {
    mayLeave?: number;
    lookAgain?: readonly number[];
  };
  return { wait: Math.max(mayLeave - since, 0), again: lookAgain.filter((at) => at > since) };
}
