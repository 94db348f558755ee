import { seeded, seedFrom } from '@/core/random';
import { filmTruth, gaugeReading } from '@/core/simulation';

export interface GaugeQuestion {
  readonly jobId: string;
  readonly faceId: string;
  /** Dry film aimed at over the coats on, m. */
  readonly dry: number;
  readonly x: number;
  readonly y: number;
  /** How many readings were taken before: each one has noise of its own. */
  readonly taken: number;
}

/** One reading of the simulated dry film gauge, m. */
export function readGauge({ jobId, faceId, dry, x, y, taken }: GaugeQuestion): number {
  const random = seeded(seedFrom(`${jobId}/${faceId}/${x}/${y}/${taken}`));
  return gaugeReading(filmTruth(`${jobId}/${faceId}`, dry).at(x, y), random);
}

/** The same as the gauge says it on its line, in µm. */
export const gaugeLine = (question: GaugeQuestion): string =>
  `film ${(readGauge(question) * 1e6).toFixed(1)} um`;
