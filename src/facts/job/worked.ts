import { atTemperature } from '@/core/mixing';
import type {
  Coating,
  Job,
  JobApproach,
  Layer,
  LayerApproach,
  PlannedCoat,
  Rig,
  SheetAdditive,
} from '@/records';
import { adviceFor } from './advice';
import { lastOf, liveEntries } from './entries';
import { layerInHand } from './layers';

/** A coat, and the layer it belongs to. */
export interface LaidCoat extends PlannedCoat {
  readonly layerId: string;
}

/**
 * A job as it is worked: sheets as this gun and this room ask for them, the layer in hand, and all coats from the part
 * up. What is stored stays as the sheets say.
 */
export interface Worked extends Omit<Job, 'approach'> {
  readonly stored: Job;
  /** The layer in hand. */
  readonly layer: Layer;
  /** How the layer in hand is worked, and what holds for the whole job. */
  readonly approach: JobApproach & LayerApproach;
  readonly coats: readonly LaidCoat[];
}

/** A dose as this room asks for it; never past its maximum. */
function doseIn(additive: SheetAdditive, room: number): SheetAdditive {
  const rows = additive.doseAt?.map(({ temperature, dose }) => ({ temperature, value: dose })) ?? [];
  const dose = atTemperature(rows, room);
  return dose === undefined ? additive : { ...additive, dose: Math.min(dose, additive.maximum) };
}

/** A sheet as this gun and this room ask for it: the band of the method, parts from the temperature table. */
export function sheetWorked(sheet: Coating, rig: Rig | undefined, air: number | undefined): Coating {
  const own = adviceFor(sheet, rig)?.target;
  const moving =
    sheet.components.some(({ partsAt }) => partsAt?.length) ||
    sheet.additives?.some(({ doseAt }) => doseAt?.length);
  if (!own && !moving) return sheet;
  const room = air ?? sheet.times.temperature;
  return {
    ...sheet,
    ...(own ? { target: own } : {}),
    components: sheet.components.map((part) => {
      const rows = part.partsAt?.map(({ temperature, parts }) => ({ temperature, value: parts })) ?? [];
      return { ...part, parts: atTemperature(rows, room) ?? part.parts };
    }),
    ...(sheet.additives ? { additives: sheet.additives.map((dose) => doseIn(dose, room)) } : {}),
  };
}

/**
 * @param rigOf the rig with an id, where the shop still has it
 * @param inHand the layer taken in hand; the one with the next coat where none is, or where it has no coats
 */
export function jobWorked(job: Job, rigOf: (id: string) => Rig | undefined, inHand?: string): Worked {
  const air = lastOf(liveEntries(job), 'climate')?.air;
  const layers = job.layers.map((layer) => {
    const sheet = sheetWorked(layer.sheet, rigOf(layer.rigId), air);
    return sheet === layer.sheet ? layer : { ...layer, sheet };
  });
  const taken = layers.find(({ id, coats }) => id === inHand && coats.length > 0);
  const layer = taken ?? layers.find(({ id }) => id === layerInHand(job).id) ?? (layers[0] as Layer);
  return {
    ...job,
    stored: job,
    layers,
    layer,
    approach: { ...layer.approach, ...job.approach },
    coats: layers.flatMap(({ id, coats }) => coats.map((coat) => ({ ...coat, layerId: id }))),
  };
}
