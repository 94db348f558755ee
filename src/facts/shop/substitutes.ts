import type { Hazard } from '@/core/safety';
import type { Coating, CoatingClass } from '@/records';
import { binderOf } from '../job/diluents';
import type { ShelfCan } from './shelf';

/** What a class is for in a stack: within one, a product may stand in for another. */
const places: readonly (readonly CoatingClass[])[] = [
  ['epoxy-primer', 'etch-primer', 'filler-primer', 'moisture-curing'],
  ['sprayed-filler', 'filler-primer'],
  ['solvent-base', 'water-base'],
  ['two-part-clear', 'two-part-water', 'water-lacquer'],
  ['two-part-colour', 'quick-enamel', 'moisture-curing'],
  ['furniture-paint', 'water-lacquer', 'two-part-water'],
  ['wall-paint', 'elastomeric'],
  ['gel-coat'],
];

/** A product of the shop that could go on in another’s place. */
export interface Substitute {
  readonly sheet: Coating;
  /** m³ of its first part on the shelf, in date. */
  readonly left: number;
  /** It is of another chemistry: hardener, thinner, cleaner and what fits over it are its own. */
  readonly other: boolean;
  /** What it warns of that the other does not. */
  readonly moreHazards: readonly Hazard[];
  /** Gun families the other’s sheet advises and its own does not. */
  readonly guns: readonly Coating['guns'][number]['atomising'][];
}

/**
 * Products that could stand in for one that is out of supply: the same class first, then the same chemistry, then what is
 * on the shelf.
 */
export function substitutesFor(
  sheet: Coating,
  sheets: readonly Coating[],
  shelf: readonly ShelfCan[],
): Substitute[] {
  const rank = (each: Substitute): number =>
    (each.sheet.class === sheet.class ? 0 : 4) + (each.other ? 2 : 0) + (each.left > 0 ? 0 : 1);
  return sheets
    .filter(
      ({ id, class: of }) =>
        id !== sheet.id && places.some((place) => place.includes(of) && place.includes(sheet.class)),
    )
    .map((each): Substitute => ({
      sheet: each,
      left: shelf
        .filter(
          ({ can, expired }) =>
            can.coatingId === each.id && can.componentId === each.components[0]?.id && !expired,
        )
        .reduce((sum, { left }) => sum + left, 0),
      other: binderOf(each) !== binderOf(sheet),
      moreHazards: each.hazards.filter((hazard) => !sheet.hazards.includes(hazard)),
      guns: sheet.guns
        .map(({ atomising }) => atomising)
        .filter((family) => !each.guns.some(({ atomising }) => atomising === family)),
    }))
    .sort((a, b) => rank(a) - rank(b) || a.sheet.name.localeCompare(b.sheet.name));
}
