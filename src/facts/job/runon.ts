import { runOn, usualRunOn, type Hazard } from '@/core/safety';
import type { Shop } from '@/records';
import { liveEntries, moment } from './entries';
import { layerOf } from './layers';
import type { Worked } from './worked';

/** What leaves the room only with the air: not water, and not dust that has settled. */
const airborne: readonly Hazard[] = ['isocyanate', 'aziridine', 'solvent', 'flammable', 'styrene'];

/**
 * Until when the extraction runs on, ms: a purge after the last mist or flush, and through the flash of what sensitises.
 * None where nothing of it needs air.
 */
export function extractionUntil(job: Worked, { place }: Pick<Shop, 'place'>): number | undefined {
  let until: number | undefined;
  const purge =
    place?.width && place.height && place.length && place.airFlow
      ? runOn({
          room: place.width * place.height * place.length,
          airFlow: place.airFlow,
          ...(place.mixing ? { mixing: place.mixing } : {}),
        })
      : usualRunOn;
  const owner = new Map(job.coats.map(({ id, layerId }) => [id, layerId] as const));
  for (const entry of liveEntries(job)) {
    const ended = entry.type === 'coat-end' ? owner.get(entry.coatId) : undefined;
    const flushed = entry.type === 'tick' && entry.list === 'clean' && entry.step === 'flush' && entry.done;
    if (ended === undefined && !flushed) continue;
    const { sheet } = ended === undefined ? job.layer : layerOf(job, ended);
    if (!sheet.hazards.some((each) => airborne.includes(each))) continue;
    const sensitises = sheet.hazards.some((each) => each === 'isocyanate' || each === 'aziridine');
    const runs = Math.max(purge, ended !== undefined && sensitises ? sheet.times.flash : 0);
    until = Math.max(until ?? 0, moment(entry) + runs * 1000);
  }
  return until;
}
