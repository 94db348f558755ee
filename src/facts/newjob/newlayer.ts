import { usualReserve } from '@/core/mixing';
import type { Coating, Layer } from '@/records';
import type { SystemLayer } from './systems';

interface Chosen {
  readonly sheet: Coating;
  readonly rigId: string;
  readonly cupId: string;
}

/**
 * A layer as it begins: with the coats of a system, or as many plain ones as its sheet says.
 *
 * @param as what it is in a system
 * @param coats how many plain ones
 */
export function newLayer(
  { sheet, rigId, cupId }: Chosen,
  id: () => string,
  { as, coats = sheet.coats }: { readonly as?: SystemLayer; readonly coats?: number } = {},
): Layer {
  const { aim } = sheet.film;
  const plain = Array.from({ length: coats }, (_, i) => ({ id: id(), name: `Coat ${i + 1}`, dry: aim }));
  return {
    id: id(),
    name: sheet.name,
    sheet,
    rigId,
    cupId,
    approach: {
      overlap: 0.5,
      speed: 0.4,
      reserve: usualReserve(sheet.blendable),
      ...(as?.hides ? { hides: as.hides } : {}),
      ...(as?.drops ? { drops: as.drops } : {}),
    },
    ...(as?.work ? { work: as.work.map((each) => ({ ...each, id: id() })) } : {}),
    coats:
      as?.coats.map(({ name, role, film, sandBack }) => ({
        id: id(),
        name,
        role,
        dry: aim * film,
        ...(film < 1 ? { weight: film } : {}),
        ...(sandBack === undefined ? {} : { sandBack }),
      })) ?? plain,
  };
}

/** The standard cup that a sheet is read with. */
export const cupFor = ({ target }: Coating): string => target?.cupId ?? 'iso-4';
