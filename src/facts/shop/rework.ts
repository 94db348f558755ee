import {
  defects,
  endings,
  filmAfter,
  flattedOff,
  reworkOf,
  takenOff,
  takesFilm,
  type CureStage,
  type DefectId,
  type Ending,
  type ReworkStep,
} from '@/core/diagnosis';
import { isRefusal } from '@/core/refusal';
import type { EntryOf } from '@/records';
import { cureStageOf, lastOf, liveEntries, moment, type JobView } from '../job';

/** One step of putting a defect right, with what it does to the film and the clock. */
export interface ReworkTold {
  readonly step: ReworkStep;
  /** What its end is called in the log; none where the step alone ends nothing. */
  readonly ends?: Ending;
  /** m: film there is now, what comes off it, and what then stands. */
  readonly film?: {
    readonly now: number;
    readonly off: number;
    readonly coat: number;
    readonly then: number;
  };
  /** Where it then lies against the limits of the film. */
  readonly lies?: 'under' | 'inside' | 'over';
  /** ms; when the window for another coat closes, and when the coat is hard. */
  readonly closes?: number;
  readonly hardens?: number;
}

/** What levelling a defect takes off, m: a run stands higher than a nib. */
export const offFor = (defect: DefectId): number =>
  defects[defect].rework === 'sag' ? takenOff.run : defect === 'dust' ? takenOff.nib : takenOff.texture;

/** How a defect is put right from where the coat now stands, the first step first. */
export function reworkTold(view: JobView, defect: DefectId, stage: CureStage): readonly ReworkTold[] {
  const { check, spray, now } = view;
  const { verdict, spec } = check;
  const film = isRefusal(verdict) ? spec.nominal : verdict.mean;
  const coat = [...spray.coats].reverse().find(({ state }) => state === 'done')?.dry.aim ?? 0;
  const { hardens } = cureStageOf(view);
  const wanted = { min: spec.min, aim: spec.nominal, max: spec.max };
  return reworkOf(defect, stage).map((step): ReworkTold => {
    const ends = endings.find((each) => each === step);
    const told = { step, ...(ends ? { ends } : {}) };
    if (step === 'nib-polish') {
      const off = offFor(defect);
      const after = filmAfter(film, off, { min: spec.min, aim: spec.nominal });
      if (isRefusal(after)) return told;
      return {
        ...told,
        film: { now: film, off, coat: 0, then: after.left },
        lies: after.enough ? 'inside' : 'under',
      };
    }
    if (step === 'flat-recoat' || step === 'more-coat') {
      const off = step === 'flat-recoat' ? flattedOff({ film, off: offFor(defect), coat, spec: wanted }) : 0;
      const then = Math.max(film - off, 0) + coat;
      const closes = step === 'more-coat' ? spray.recoat?.closes : undefined;
      return {
        ...told,
        film: { now: film, off, coat, then },
        lies: then > spec.max ? 'over' : then < spec.min ? 'under' : 'inside',
        ...(closes ? { closes } : {}),
      };
    }
    return step === 'wait' && hardens !== undefined && hardens > now ? { ...told, hardens } : told;
  });
}

/** The last rework that took off film which was measured before it: those readings say too much there. */
export function sandedSinceMeasured({ job }: Pick<JobView, 'job'>): EntryOf<'rework'> | undefined {
  const entries = liveEntries(job);
  const measured = lastOf(entries, 'film');
  if (!measured) return undefined;
  return lastOf(entries, 'rework', (done) => takesFilm(done.did) && moment(done) >= moment(measured));
}
