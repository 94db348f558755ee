import type { Claim } from './claims';

/** A fact as it was read: its value, the clause it came from, and how sure. */
export interface Found<T> {
  readonly value: T;
  readonly claim: Pick<Claim, 'clause'>;
  readonly sure: number;
}

/**
 * The claim that fits best. Two that fit about as well and say different things make it doubtful.
 *
 * @param odd what speaks against a claim beside the distance of its name; the same scale
 */
export function best<T>(
  claims: readonly Claim[],
  odd: (claim: Claim) => number,
  value: (claim: Claim) => T,
): Found<T> | undefined {
  const ranked = claims
    .map((claim, i) => ({ claim, cost: Math.min(claim.cost, 60) * 0.3 + odd(claim) + i * 0.01 }))
    .sort((a, b) => a.cost - b.cost);
  const [first, ...others] = ranked;
  if (!first) return undefined;
  const said = JSON.stringify(value(first.claim));
  const rival = others.find(({ claim }) => JSON.stringify(value(claim)) !== said);
  const clear = rival === undefined ? 1 : Math.min(1, (rival.cost - first.cost) / 6);
  const near = 1 - Math.min(first.cost, 50) / 90;
  return {
    value: value(first.claim),
    claim: first.claim,
    sure: Math.max(0.1, Math.min(0.98, near * (0.72 + 0.28 * clear))),
  };
}
