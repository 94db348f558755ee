import { celsius } from '@/core/climate';
import { flowCup, type FlowCup } from '@/core/cups';
import { seeded, seedFrom } from '@/core/random';
import { isRefusal } from '@/core/refusal';
import { drainSeconds, filmTruth, gaugeReading, hiddenPaint } from '@/core/simulation';
import { blendShare } from '@/core/thinning';
import type { Coating, Cup, LogEntry, NewEntry } from '@/records';

const minutes = 60_000;

/**
 * Writes the log of a demo job, at minutes before the moment the demo shop is loaded. Cup seconds and film
 * readings come from the same simulated paint and film as the stand-in devices, so a demo job goes on where
 * its diary stops.
 */
export function diary(jobId: string, now: number, by: string) {
  const log: LogEntry[] = [];
  const random = seeded(seedFrom(jobId));
  let mass = 0;
  let thinner = 0;

  const write = (ago: number, entry: NewEntry) => {
    const at = new Date(now - ago * minutes).toISOString();
    log.push({ id: `${jobId}-${log.length + 1}`, at, counter: log.length, by, ...entry } as LogEntry);
  };

  return {
    log,
    write,
    climate: (ago: number, air: number, part: number, humidity: number) =>
      write(ago, { type: 'climate', air: celsius(air), part: celsius(part), humidity }),
    /** Poured part by part, each from its can, then stirred. */
    mixed: (
      ago: number,
      batchId: string,
      sheet: Coating,
      poured: readonly (readonly [part: string, grams: number, can?: string])[],
    ) => {
      mass = poured.reduce((sum, [, grams]) => sum + grams / 1000, 0);
      thinner = 0;
      const volume = poured.reduce((sum, [partId, grams]) => {
        const part = sheet.components.find(({ id }) => id === partId);
        return sum + grams / 1000 / (part?.density ?? 1000);
      }, 0);
      poured.forEach(([partId, grams, canId], i) =>
        write(ago + 3 - i / 10, {
          type: 'poured',
          batchId,
          layerId: sheet.id,
          volume,
          partId,
          mass: grams / 1000,
          ...(canId ? { from: [{ canId, mass: grams / 1000 }] } : {}),
        }),
      );
      write(ago, {
        type: 'mixed',
        batchId,
        layerId: sheet.id,
        poured: poured.map(([partId, grams]) => ({ partId, mass: grams / 1000 })),
      });
    },
    add: (ago: number, batchId: string, what: string, grams: number) => {
      thinner += grams / 1000;
      write(ago, { type: 'addition', batchId, what, mass: grams / 1000 });
    },
    timed: (ago: number, batchId: string, sheet: Coating, cup: Cup, degrees: number) => {
      const seconds = drainSeconds(
        hiddenPaint({
          seed: batchId,
          expects: sheet.viscosity ?? 100e-6,
          temperature: sheet.target?.temperature ?? celsius(20),
          thinner: sheet.thinning.thinners[0]?.viscosity ?? 1e-6,
          slope: sheet.temperatureSlope ?? 0.03,
        }),
        flowCup(cup.standardId ?? '') as FlowCup,
        blendShare(thinner, mass),
        celsius(degrees),
        random,
      );
      if (isRefusal(seconds)) return;
      write(ago, {
        type: 'reading',
        batchId,
        cupId: cup.id,
        seconds: Math.round(seconds * 10) / 10,
        temperature: celsius(degrees),
        simulated: true,
      });
    },
    coat: (from: number, to: number, coatId: string) => {
      write(from, { type: 'coat-start', coatId });
      write(to, { type: 'coat-end', coatId });
    },
    films: (
      ago: number,
      faceId: string,
      dry: number,
      spots: readonly (readonly [spot: number, x: number, y: number])[],
    ) => {
      const truth = filmTruth(`${jobId}/${faceId}`, dry);
      for (const [spot, x, y] of spots)
        for (let i = 0; i < 3; i += 1)
          write(ago - i / 10, {
            type: 'film',
            faceId,
            spot,
            reading: gaugeReading(truth.at(x, y), random),
            simulated: true,
          });
    },
  };
}
