import {
  format,
  show,
  unitIn,
  unitTogether,
  type FormatOptions,
  type QuantityId,
  type Shown,
  type UnitSystem,
} from '@/core/quantity';
import type { Refusal } from '@/core/refusal';

/** Shows SI values in the user's units. */
export interface Units {
  readonly system: UnitSystem;
  /** `1.42 L` */
  readonly show: (quantity: QuantityId, value: number | undefined, options?: FormatOptions) => string;
  /** `1.42` and `L` apart. */
  readonly parts: (quantity: QuantityId, value: number | undefined, options?: FormatOptions) => Shown;
  /** `21–25 s` */
  readonly range: (quantity: QuantityId, min: number, max: number, options?: FormatOptions) => string;
  /** What a refusal says, its numbers in the user's units. */
  readonly says: (refusal: Refusal) => string;
}

export function unitsOf(system: UnitSystem): Units {
  const showIn: Units['show'] = (quantity, value, options) => show(quantity, value, system, options);
  return {
    system,
    show: showIn,
    parts: (quantity, value, options) => format(quantity, value, system, options),
    range: (quantity, min, max, options) => {
      // The unit is said once: both are told in it.
      const unit = options?.unit ?? unitTogether(quantity, [min, max], system);
      const asked = unit === unitIn(quantity, system).id ? options : { unit };
      const [low, high] = [min, max].map((each) => format(quantity, each, system, asked).number);
      return low === high ? showIn(quantity, max, asked) : `${low}–${showIn(quantity, max, asked)}`;
    },
    says: ({ says, quantity, value, min, max }) =>
      says.replace(/\{(value|min|max)\}/g, (_, which: 'value' | 'min' | 'max') => {
        const number = { value, min, max }[which];
        return quantity ? showIn(quantity, number) : String(number);
      }),
  };
}
