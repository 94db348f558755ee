import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/** A size that is sold: m³, and what it costs. */
export interface Pack {
  readonly volume: number;
  readonly price?: number;
}

export interface Bought {
  /** How many of each, in the order they were given; sizes that are not bought left out. */
  readonly packs: readonly { readonly pack: Pack; readonly count: number }[];
  readonly volume: number;
  /** m³ that will be left. */
  readonly left: number;
  /** Absent where a pack of it has no price. */
  readonly price?: number;
}

export type PackAim = 'cheapest' | 'least-left';

/** A need is covered in steps of what the sizes have in common, or in so many: finer than anybody pours. */
const mostSteps = 6000;
const mostSizes = 12;
/** A hair for each pack, so that fewer cans win a tie. */
const hair = 1e-9;

/** The largest volume that all of them are whole multiples of: a quart of gallons and quarts. Source: Euclid */
function measureOf(volumes: readonly number[]): number {
  const least = Math.min(...volumes) * 1e-6;
  return volumes.reduce((measure, volume) => {
    let [a, b] = [measure, volume];
    while (b > least) {
      const rest = a - b * Math.round(a / b);
      [a, b] = [b, Math.abs(rest)];
    }
    return a;
  });
}

/**
 * Which packs cover a need: for the least money, or with the least left over. Always enough.
 *
 * @param need m³
 * @returns refuses a need that is not above nought, no sizes, and sizes that are not above nought
 * Source: least cost over whole packs
 */
export function packsFor(need: number, sizes: readonly Pack[], aim: PackAim): Outcome<Bought> {
  const wrong = refuseUnlessPositive({ need });
  if (wrong) return wrong;
  if (sizes.length === 0 || sizes.length > mostSizes)
    return refuse('packs', 'Enter the sizes it is sold in: {min} to {max} of them.', {
      min: 1,
      max: mostSizes,
    });
  if (sizes.some(({ volume }) => !(volume > 0)))
    return refuse('pack', 'A pack holds more than nothing.', { quantity: 'volume', min: 0 });
  const priced = sizes.every(({ price }) => price !== undefined);
  const cheapest = aim === 'cheapest' && priced;
  // What one weighs a pack by: its price, or how much it is.
  const weights = sizes.map(({ volume, price = 0 }) => (cheapest ? price : volume / need) + hair);
  const measure = measureOf(sizes.map(({ volume }) => volume));
  const whole = Math.ceil(need / measure - 1e-9);
  const exact = whole <= mostSteps;
  const [steps, step] = exact ? [whole, measure] : [mostSteps, need / mostSteps];
  // Rounded down, so that what is reckoned as covered truly is.
  const fills = sizes.map(({ volume }) =>
    Math.min(exact ? Math.round(volume / step) : Math.floor(volume / step), steps),
  );
  const best = new Float64Array(steps + 1).fill(Infinity);
  const came = Array.from({ length: steps + 1 }, () => ({ pack: -1, before: 0 }));
  best[0] = 0;
  for (let at = 0; at < steps; at += 1)
    fills.forEach((fill, i) => {
      const to = Math.min(at + fill, steps);
      const then = (best[at] as number) + (weights[i] as number);
      if (fill > 0 && then < (best[to] as number)) {
        best[to] = then;
        came[to] = { pack: i, before: at };
      }
    });
  if (best[steps] === Infinity)
    return refuse('pack', 'These packs are too small to count for such a need: enter larger ones.', {
      quantity: 'volume',
      min: step,
    });
  const counts = sizes.map(() => 0);
  for (let at = steps; at > 0;) {
    const { pack, before } = came[at] as (typeof came)[number];
    counts[pack] = (counts[pack] ?? 0) + 1;
    at = before;
  }
  // What was rounded down may have bought one more than it takes.
  const held = () => sizes.reduce((sum, { volume }, i) => sum + volume * (counts[i] ?? 0), 0);
  for (const i of sizes.keys())
    while ((counts[i] ?? 0) > 0 && held() - (sizes[i] as Pack).volume >= need * (1 - 1e-9))
      counts[i] = (counts[i] as number) - 1;
  const packs = sizes.flatMap((pack, i) => (counts[i] ? [{ pack, count: counts[i] }] : []));
  const volume = packs.reduce((sum, { pack, count }) => sum + pack.volume * count, 0);
  return {
    packs,
    volume,
    left: Math.max(volume - need, 0),
    ...(packs.every(({ pack }) => pack.price !== undefined)
      ? { price: packs.reduce((sum, { pack, count }) => sum + (pack.price ?? 0) * count, 0) }
      : {}),
  };
}
