import { gritFor, type CoatRole } from './roles';
import type { SubstrateKind } from './substrates';

export interface PrepQuestion {
  readonly substrate: SubstrateKind;
  /** It is a waxed mould: what is laid must come off again. */
  readonly mould?: boolean;
  /** What is on it: bare, kept and coated over, or stripped first. */
  readonly existing: 'bare' | 'keep' | 'strip';
  /** What the next coat is. */
  readonly next: CoatRole | undefined;
  /**
   * What it goes on: the ground itself, a coat of its own product or of another inside its window, or a coat sanded
   * since. A film in its window is neither abraded nor wet: over its own it is left alone, over another it is tacked.
   */
  readonly below?: 'ground' | 'own' | 'other' | 'sanded';
}

export interface PrepStep {
  readonly id: string;
  readonly says: string;
  readonly because: string;
  /** s it must act or dry before the next step. */
  readonly dwell?: number;
  /** s after which it no longer counts. */
  readonly lapses?: number;
  /** Undone by a bare hand. */
  readonly touched?: boolean;
  /** Nobody leaves it out, whatever the reason. */
  readonly always?: boolean;
}

/** The times are defaults: the sheet of what is used decides. */
const minutes = 60;

const dust: PrepStep = {
  id: 'dust',
  says: 'Dust the waxed mould with a clean soft cloth: no solvent, no paper, no bare hand.',
  because: 'What takes off the wax glues the part to its mould.',
  lapses: 15 * minutes,
};

const tack: PrepStep = {
  id: 'tack',
  says: 'Tack off just before spraying, lightly.',
  because: 'Dust settles again while you wait.',
  lapses: 15 * minutes,
  touched: true,
};

/**
 * The chain of preparation under the next coat, in order: what is on comes off, clean, etch, rinse, dry, abrade, wipe,
 * tack. A default, the sheet’s own instructions decide.
 */
export function prepChain({ substrate, mould, existing, next, below = 'ground' }: PrepQuestion): PrepStep[] {
  const { coarse, fine } = gritFor(next);
  const wood = substrate === 'wood';
  const metal = substrate === 'metal' || substrate === 'galvanised';
  if (below === 'own') return [];
  if (below === 'other') return [tack];
  // Solvent or paper would take off the wax that lets the part go.
  if (mould && below === 'ground') return [dust];
  const steps: (PrepStep | false)[] =
    below === 'sanded'
      ? []
      : [
          existing !== 'bare' && {
            id: 'old-paint',
            says: 'Old paint tested for lead and chromate, textured coats for asbestos.',
            because: 'Sanding them sets free what does not leave the room, or a lung, again.',
            always: true,
          },
          existing === 'strip' && {
            id: 'strip',
            says: 'Strip the old coating to sound ground.',
            because: 'It would lift, or carry its own faults up.',
          },
          {
            id: 'clean',
            says: wood
              ? 'Brush and vacuum, along the grain.'
              : 'Clean and degrease with two cloths, one wet, one dry.',
            because: 'Sanding before cleaning rubs grease and salt into the scratch.',
          },
          metal &&
            existing !== 'keep' && {
              id: 'etch',
              says:
                substrate === 'galvanised'
                  ? 'Etch with what the primer’s sheet names, kept wet.'
                  : 'Remove rust and etch, kept wet.',
              because: 'What dries on etches unevenly and stays as salt.',
              dwell: 5 * minutes,
            },
          metal &&
            existing !== 'keep' && {
              id: 'rinse',
              says: 'Rinse until the water runs clear, then dry at once.',
              because: 'Acid left under a film blisters it; wet steel rusts while you look.',
              dwell: 20 * minutes,
            },
          substrate === 'masonry' && {
            id: 'dry',
            says: 'Let it dry out; hold a plastic sheet on it overnight if in doubt.',
            because: 'Water behind a film pushes it off.',
          },
          {
            id: 'abrade',
            says: `Abrade with P${coarse} to P${fine}.`,
            because: `The next coat fills that scratch: coarser shows through, finer gives it nothing to hold.`,
          },
          substrate === 'plastic' && {
            id: 'static',
            says: 'Wipe with an antistatic cleaner and leave it grounded.',
            because: 'A charged part draws dust out of the whole room.',
          },
        ];
  return [
    ...steps.filter((step) => step !== false),
    {
      id: 'wipe',
      says: 'Last wipe with a clean cloth and the cleaner the sheet names; gloves from here on.',
      because: 'A bare hand leaves grease: fish-eyes.',
      dwell: 3 * minutes,
      touched: true,
    },
    tack,
  ];
}

export type PrepState = 'todo' | 'acting' | 'done' | 'lapsed';

/** One tick of a step, ms since the epoch; `touched` undoes every step a hand can spoil. */
export interface PrepTick {
  readonly step: string;
  readonly at: number;
  readonly done: boolean;
}

/**
 * Where each step stands. A step acts its time, or until the one after it was done.
 *
 * @param now ms since the epoch
 * @returns with the moment it has acted long enough or lapses, where it has one
 */
export function prepStates(
  steps: readonly PrepStep[],
  ticks: readonly PrepTick[],
  now: number,
): { step: PrepStep; state: PrepState; until?: number }[] {
  const touched = Math.max(0, ...ticks.filter(({ step }) => step === 'touched').map(({ at }) => at));
  const after = (i: number) => steps.slice(i + 1).map(({ id }) => id);
  return steps.map((step, i) => {
    const last = ticks.filter((tick) => tick.step === step.id).at(-1);
    if (!last?.done) return { step, state: 'todo' };
    if (step.touched && touched > last.at) return { step, state: 'lapsed' };
    const acted = last.at + (step.dwell ?? 0) * 1000;
    // Whoever did what comes after it saw that it had acted.
    const over = ticks.some(
      (tick) => tick.done && tick.at >= last.at && tick.at <= now && after(i).includes(tick.step),
    );
    if (now < acted && !over) return { step, state: 'acting', until: acted };
    if (step.lapses === undefined) return { step, state: 'done' };
    const until = last.at + step.lapses * 1000;
    return { step, state: now > until ? 'lapsed' : 'done', until };
  });
}
