import type { Atomising, Feed } from '../airgun';
import type { CleaningApproach } from './approaches';
import type { Chemistry } from './chemistry';
import type { GunFamily } from './families';
import type { SealKind, WettedMetal } from './materials';
import type { CleaningStepId } from './stepids';

/** What a step can do to whoever does it. */
export const stepRisks = [
  'pressure',
  'injection',
  'flush-mist',
  'coating',
  'catalyst',
  'ground',
  'rags',
  'heat',
  'waste',
] as const;
export type StepRisk = (typeof stepRisks)[number];

export const cleaningPhases = ['safe', 'flush', 'strip', 'care', 'assemble', 'prove', 'waste'] as const;
export type CleaningPhase = (typeof cleaningPhases)[number];

export interface CleaningQuestion {
  readonly chemistry: Chemistry;
  readonly atomising: Atomising;
  readonly feed: Feed;
  readonly bleeder?: boolean;
  readonly approach?: CleaningApproach;
  /** What the sheet names for flushing; outranks the default. */
  readonly cleaner?: string;
  readonly seals?: SealKind;
  readonly wetted?: readonly WettedMetal[];
  /** m³ that stay in gun, hose and strainer. */
  readonly dead: number;
  /** A hardener in the mix sets it whatever the chemistry; a peroxide one brings rules of its own. */
  readonly sets?: boolean;
  readonly peroxide?: boolean;
  /** Oil that oxidises: its rags can catch fire by themselves. */
  readonly oxidises?: boolean;
  /** The mix in the gun is past its gel. */
  readonly gelled?: boolean;
}

export interface CleaningStep {
  readonly id: CleaningStepId;
  readonly phase: CleaningPhase;
  readonly says: string;
  /** Why it is done, and the mistake it prevents, where they depend on the gun; `stepReason` knows the others. */
  readonly because?: string;
  readonly prevents?: string;
  /** Under which its reason is found, where that is not its id. */
  readonly why?: string;
  /** What liquid it takes, and m³ of it: an estimate from what the gun holds. */
  readonly liquid?: string;
  readonly volume?: number;
  /** An estimate. s */
  readonly takes: number;
  readonly risks: readonly StepRisk[];
  /** It opens something that may have been under pressure; it puts it under pressure; it lets the pressure out. */
  readonly opens?: true;
  readonly pressurises?: true;
  readonly relieves?: true;
}

/** What the steps are written from. */
export interface CareBearings extends CleaningQuestion {
  readonly family: GunFamily;
  readonly approach: CleaningApproach;
  readonly airless: boolean;
  /** A cup, pot or hose of it holds pressure. */
  readonly under: boolean;
  /** What it is flushed with first. */
  readonly liquid: string;
  /** What follows it, and stands in a stored gun. */
  readonly lasts: string;
  readonly waterBorne: boolean;
  /** Is one flush not enough? */
  readonly twice: boolean;
}

/** A step where it belongs to this gun and coating, nothing where it does not. */
export type StepRow = (about: CareBearings) => CleaningStep | false | undefined;

/** Liquid as multiples of what the gun holds. Estimates of ours. */
export const liquidShare = { rinse: 0.5, flush: 3, second: 2, soften: 1, store: 1, prove: 0.25 };

export const storageLiquid = 'the storage liquid the pump’s maker names';
