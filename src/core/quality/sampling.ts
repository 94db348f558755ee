/** Which parts of a run are measured: a default until the order says otherwise. */
export interface SamplingRule {
  /** The first so many, each. */
  readonly first: number;
  /** Then every so many. */
  readonly every: number;
}

export const usualSampling: SamplingRule = { first: 3, every: 10 };

/**
 * Is the part of this number, counted from one, measured? The last of a run always is.
 *
 * Source: as ISO 2859-1 switches, simplified
 */
export const isSample = (part: number, total: number, { first, every }: SamplingRule): boolean =>
  part <= first || (part - first) % every === 0 || part === total;

/**
 * The next part to measure after so many sprayed; undefined when the run is over.
 *
 * Source: as ISO 2859-1 switches, simplified
 */
export function nextSample(sprayed: number, total: number, rule: SamplingRule): number | undefined {
  for (let part = sprayed + 1; part <= total; part += 1) if (isSample(part, total, rule)) return part;
  return undefined;
}

/**
 * How many parts of a run are measured.
 *
 * Source: as ISO 2859-1 switches, simplified
 */
export const sampleCount = (total: number, rule: SamplingRule): number =>
  Array.from({ length: total }, (_, i) => i + 1).filter((part) => isSample(part, total, rule)).length;
