import type { QuantityId } from './quantity/units';

/**
 * A refusal is how core says no: never NaN, never a thrown string.
 *
 * `says` is one plain sentence that names what is wrong and what would be right. The marks {value}, {min}
 * and {max} stand for SI numbers of `quantity`; the interface fills them in the user's units.
 */
export interface Refusal {
  readonly refused: string;
  readonly says: string;
  readonly quantity?: QuantityId;
  readonly value?: number;
  readonly min?: number;
  readonly max?: number;
}

export type Outcome<T> = T | Refusal;

/**
 * A typed refusal: a name for the code, a sentence for the person.
 *
 * Source: definition
 * @example refuse('band', 'The band must have a lower and a higher end.') → { refused: 'band', says: 'The band must have a lower and a higher end.' }
 */
export function refuse(
  refused: string,
  says: string,
  facts: Pick<Refusal, 'quantity' | 'value' | 'min' | 'max'> = {},
): Refusal {
  return { refused, says, ...facts };
}

/**
 * Whether an outcome is a refusal.
 *
 * Source: definition
 * @example isRefusal(0) → false
 */
export function isRefusal(outcome: unknown): outcome is Refusal {
  return typeof outcome === 'object' && outcome !== null && 'refused' in outcome;
}

/**
 * Checks the numbers a formula is about to use.
 *
 * @param values name → SI number; the name is used in the sentence
 * @returns a refusal for the first value that is not a finite number above zero, else undefined
 * Source: definition
 * @example refuseUnlessPositive({ volume: 1 }) → undefined
 */
export function refuseUnlessPositive(values: Record<string, number>): Refusal | undefined {
  for (const [name, value] of Object.entries(values)) {
    if (!Number.isFinite(value))
      return refuse('not-a-number', `The ${name} is missing. Enter a number above zero.`);
    if (value <= 0) return refuse('not-positive', `The ${name} must be above zero.`);
  }
  return undefined;
}
