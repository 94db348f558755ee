import { gritFor, type CoatRole } from './roles';
import { prepSteps } from './prepsteps';
import { isMetal, isMineral, isTimber, rusts, type GroundState, type SubstrateKind } from './substrates';

export interface PrepQuestion {
  readonly substrate: SubstrateKind;
  /** What is on it now. */
  readonly existing: GroundState;
  /** What the next coat is. */
  readonly next: CoatRole | undefined;
  /**
   * What it goes on: the ground itself, a coat of its own product or of another inside its window, or a coat sanded
   * since. A film in its window is neither abraded nor wet: over its own it is left alone, over another it is tacked.
   */
  readonly below?: 'ground' | 'own' | 'other' | 'sanded';
  /** Is bare metal etched before it? Where nobody says: aluminium and zinc are, as little holds on them; steel is not. */
  readonly etched?: boolean;
}

export interface PrepStep {
  readonly id: string;
  /** What acts, where it acts a time. */
  readonly name?: string;
  readonly says: string;
  /** Under which its reason is found, where that is not its id. */
  readonly why?: string;
  /** The paper it is done with, P grades. */
  readonly grit?: { readonly coarse: number; readonly fine: number };
  /** s it must act or dry before the next step. */
  readonly dwell?: number;
  /** s after which it no longer counts. */
  readonly lapses?: number;
  /** Undone by a bare hand. */
  readonly touched?: boolean;
  /** Nobody leaves it out, whatever the reason. */
  readonly always?: boolean;
}

/** Grits of raw ground, P grades; every other film is abraded for the coat that comes. */
const rawGrit = (ground: SubstrateKind): { readonly coarse: number; readonly fine: number } | undefined =>
  isMetal(ground)
    ? { coarse: 80, fine: 180 }
    : isTimber(ground)
      ? { coarse: 150, fine: 180 }
      : isMineral(ground)
        ? { coarse: 80, fine: 120 }
        : undefined;

/**
 * The chain of preparation under the next coat, in order, from what it is, what is on it and what comes: only the steps
 * that apply. A default, the sheet’s own instructions decide.
 *
 * Source: trade practice; SSPC and ISO 8501 names
 * @example prepChain({ substrate: 'wood', existing: 'base', next: 'bed' }) → [{ id: 'tack', says: 'Tack off just before spraying, lightly.', lapses: 900, touched: true }]
 */
export function prepChain({
  substrate,
  existing,
  next,
  below = 'ground',
  etched = etchedUnlessSaid(substrate),
}: PrepQuestion): PrepStep[] {
  if (below === 'own') return [];
  // A film in its window takes the next coat as it is: sanding a fresh metallic would only ask for base again.
  if (below === 'other' || (below === 'ground' && existing === 'base')) return [prepSteps.tack];
  if (below === 'sanded') return [prepSteps.wipe, prepSteps.tack];
  // Solvent or paper would take off the wax that lets the part go.
  if (substrate === 'mould') return [prepSteps.dust];
  const old = existing === 'keep' || existing === 'strip' || substrate === 'coated';
  const film = existing === 'keep' || existing === 'primer' || substrate === 'coated';
  if (substrate === 'blasted' && !film)
    return [
      ...(old ? [prepSteps['old-paint']] : []),
      ...(existing === 'oil' ? [prepSteps.degrease] : []),
      prepSteps.blast,
      prepSteps.blow,
    ];
  const etches = !film && etched && canBeEtched(substrate, existing);
  return [
    ...(old ? [prepSteps['old-paint']] : []),
    ...(existing === 'strip' ? [prepSteps.strip] : []),
    ...cleaning(substrate, existing),
    ...(film ? [] : opening(substrate, existing)),
    ...(existing === 'filler'
      ? [prepSteps.filler]
      : substrate === 'glass' && !film
        ? []
        : [abrading(substrate, film ? undefined : rawGrit(substrate), next, etches)]),
    ...(etches ? etching(substrate) : []),
    ...closing(substrate, existing, film),
  ];
}

/**
 * Can bare ground be etched? Cast iron keeps acid in its pores, and filler and primer keep it out; blasted steel is coated as
 * it is.
 *
 * Source: trade practice
 * @example canBeEtched('metal', 'bare') → true
 * @example canBeEtched('cast-iron', 'bare') → false
 */
export const canBeEtched = (ground: SubstrateKind, state: GroundState): boolean =>
  isMetal(ground) &&
  ground !== 'cast-iron' &&
  ground !== 'blasted' &&
  !['filler', 'primer', 'keep', 'base'].includes(state);

/**
 * Whether bare metal is etched where nobody says.
 *
 * Source: trade practice: little holds on the skin of aluminium and zinc; steel is abraded
 * @example etchedUnlessSaid('aluminium') → true
 * @example etchedUnlessSaid('metal') → false
 */
export const etchedUnlessSaid = (ground: SubstrateKind): boolean =>
  ground === 'aluminium' || ground === 'galvanised';

/** What takes off what does not belong there. */
function cleaning(ground: SubstrateKind, state: GroundState): PrepStep[] {
  return [
    ...(state === 'oil' ? [prepSteps.degrease] : []),
    ...(state === 'wax' || (ground === 'composite' && state === 'bare') ? [prepSteps.dewax] : []),
    isTimber(ground) ? prepSteps.brush : isMineral(ground) ? prepSteps.sweep : prepSteps.clean,
  ];
}

/** What bare ground wants before it is abraded: rust and scale off, dried, tested, blocked. */
function opening(ground: SubstrateKind, state: GroundState): PrepStep[] {
  const steps: PrepStep[] = [];
  if (state === 'rust') steps.push(rusts(ground) ? prepSteps.derust : prepSteps.whiterust);
  if (state === 'mill-scale') steps.push(prepSteps.descale);
  if (isMineral(ground)) {
    steps.push(prepSteps.moisture, prepSteps.alkali);
    if (ground === 'concrete') steps.push(prepSteps.open);
  }
  if (state === 'stain') steps.push(prepSteps.block);
  if (ground === 'board') steps.push(prepSteps.edges);
  return steps;
}

/** After the paper, as nothing is abraded any more once it is etched; free of grease and dust, rinsed and dried at once. */
function etching(ground: SubstrateKind): PrepStep[] {
  const says =
    ground === 'aluminium'
      ? 'Etch with what is made for aluminium, kept wet its time: its skin of oxide holds nothing.'
      : ground === 'galvanised'
        ? 'Etch with what the primer’s sheet names for zinc, kept wet its time.'
        : prepSteps.etch.says;
  return [
    prepSteps.again,
    { ...prepSteps.etch, says },
    { ...prepSteps.rinse, ...(ground === 'aluminium' ? { lapses: skinGrows } : {}) },
  ];
}

/** s in which bare aluminium grows its skin again. */
const skinGrows = 4 * 3600;

function abrading(
  ground: SubstrateKind,
  raw: ReturnType<typeof rawGrit>,
  next: CoatRole | undefined,
  etches: boolean,
): PrepStep {
  const { coarse, fine } = raw ?? gritFor(next);
  return {
    ...prepSteps.abrade,
    grit: { coarse, fine },
    says: `Abrade with P${coarse} to P${fine}${raw && ground === 'galvanised' ? ', lightly: the zinc stays on' : isTimber(ground) ? ', along the grain' : ''}.`,
    // What is etched after it has its hours from then.
    ...(raw && ground === 'aluminium' && !etches ? { lapses: skinGrows } : {}),
  };
}

/** What comes just before the gun, after the last bare hand. */
function closing(ground: SubstrateKind, state: GroundState, film: boolean): PrepStep[] {
  // A wall is brushed off: solvent and tack cloth are for parts.
  if (isMineral(ground))
    return [{ ...prepSteps.tack, says: 'Brush the sanding dust off, just before spraying.' }];
  const bare = !film && state !== 'filler';
  return [
    prepSteps.wipe,
    ...(bare && (ground === 'plastic' || ground === 'glass') ? [prepSteps.adhesion] : []),
    ...(ground === 'plastic' ? [prepSteps.static] : []),
    prepSteps.tack,
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
 * @returns with the moment it lapses or has acted long enough, where it has one; `acted` while nothing was done after it
 * Source: trade practice; SSPC and ISO 8501 names
 * @example prepStates([{ id: 'tack', says: 'Tack off just before spraying, lightly.', lapses: 900, touched: true }], [], 1795435200000) → [{ step: { id: 'tack', says: 'Tack off just before spraying, lightly.', lapses: 900, touched: true }, state: 'todo' }]
 */
export function prepStates(
  steps: readonly PrepStep[],
  ticks: readonly PrepTick[],
  now: number,
): { step: PrepStep; state: PrepState; until?: number; acted?: number }[] {
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
    const acting = step.dwell !== undefined && !over ? { acted } : {};
    if (now < acted && !over) return { step, state: 'acting', until: acted, ...acting };
    if (step.lapses === undefined) return { step, state: 'done', ...acting };
    const until = last.at + step.lapses * 1000;
    return { step, state: now > until ? 'lapsed' : 'done', until, ...acting };
  });
}
