import type { Claim } from './claims';
import { familyNamed } from './names';

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
 * Source: the nearest name with the least strangeness
 */
export function best<T>(
  claims: readonly Claim[],
  odd: (claim: Claim) => number,
  value: (claim: Claim) => T,
): Found<T> | undefined {
  const ranked = claims
    .map((claim, i) => ({ claim, cost: Math.min(claim.cost, 60) * 0.3 + odd(claim) + i * 0.01 }))
    .sort((a, b) => a.cost - b.cost);
  const [leader] = ranked;
  if (!leader) return undefined;
  const first = middleOf(ranked, leader) ?? leader;
  const others = ranked.filter((each) => each !== first);
  const said = value(first.claim);
  const rival = others.find(({ claim }) => !alike(value(claim), said) && !besideIt(claim, first.claim));
  const clear = rival === undefined ? 1 : Math.min(1, (rival.cost - first.cost) / 6);
  const near = 1 - Math.min(first.cost, 50) / 90;
  return {
    value: value(first.claim),
    claim: first.claim,
    sure: Math.max(0.1, Math.min(0.98, near * (0.7 + 0.3 * clear))),
  };
}

/** The same twice over, in other units: “410 g/L | 3.4 lb/gal”, “50–75 µm | 2–3 mil”. */
const rounding = 0.03;

function alike(a: unknown, b: unknown): boolean {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) <= rounding * Math.max(Math.abs(a), Math.abs(b));
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return a === b;
  const [own, other] = [Object.entries(a), Object.entries(b)];
  return (
    own.length === other.length &&
    own.every(([key, each]) => alike(each, (b as Record<string, unknown>)[key]))
  );
}

/** Does it hold in another column of the same row, for another temperature or another gun? Then it says nothing against. */
const besideIt = ({ clause: a }: Claim, { clause: b }: Claim): boolean =>
  a.line === b.line &&
  a.label === b.label &&
  a.column !== b.column &&
  (a.temperature !== b.temperature || familyNamed(a.column) !== familyNamed(b.column));

interface Ranked {
  readonly claim: Claim;
  readonly cost: number;
}

/** Of columns that nothing tells apart, as three hardeners, the middle one is the usual one. */
function middleOf(ranked: readonly Ranked[], { claim: { clause }, cost }: Ranked): Ranked | undefined {
  const peers = ranked.filter(
    (each) =>
      each.claim.clause.line === clause.line &&
      each.claim.clause.label === clause.label &&
      each.claim.clause.column !== '' &&
      familyNamed(each.claim.clause.column) === undefined &&
      each.cost - cost < 0.2,
  );
  const columns = new Set(peers.map((each) => each.claim.clause.column));
  return columns.size >= 3 && columns.size === peers.length ? peers[Math.floor(peers.length / 2)] : undefined;
}
