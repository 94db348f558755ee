/** A fan as a card showed it with its knob so many turns open. */
export interface KnobFan {
  readonly turns: number;
  /** m wide from so far. */
  readonly width: number;
  readonly distance: number;
}

/** One fan a turn of the knob, m wide a m of distance, the narrowest first; of the same turns the last card counts. */
function byTurns(cards: readonly KnobFan[]): readonly (readonly [turns: number, angle: number])[] {
  const angles = new Map(cards.map(({ turns, width, distance }) => [turns, width / distance]));
  return [...angles].sort(([a], [b]) => a - b);
}

/** Between two cards a fan widens evenly with its knob. */
const between = (at: number, [x, y]: readonly [number, number], [u, v]: readonly [number, number]): number =>
  y + ((v - y) * (at - x)) / (u - x);

/**
 * How wide a fan is with its knob at some turns, between the narrowest and widest that cards showed; beyond them it is that
 * of the nearer card, for a knob that is shut or wide open turns on without effect.
 *
 * @returns none with fewer than two cards of different turns
 * @example 60 mm shut and 240 mm at two turns, both from 0.2 m: 150 mm at one turn, and 225 mm at one turn from 0.3 m
 * Source: a straight line between two cards; widths go with the distance
 * @example fanAtTurns([{ turns: 0, width: 0.2, distance: 0.17 }, { turns: 2, width: 0.26, distance: 0.17 }], 0, 0.17) → 0.2
 */
export function fanAtTurns(cards: readonly KnobFan[], turns: number, distance: number): number | undefined {
  const known = byTurns(cards);
  const [first, last] = [known[0], known.at(-1)];
  if (!first || !last || known.length < 2) return undefined;
  if (turns <= first[0]) return first[1] * distance;
  const upper = known.findIndex(([at]) => at >= turns);
  const [low, high] = [known[upper - 1], known[upper]];
  return (low && high ? between(turns, low, high) : last[1]) * distance;
}

/**
 * Turns of the knob for a fan so wide; none where no two cards tell, or none of them reaches it.
 *
 * @example of the same gun 150 mm from 0.2 m: one turn
 * Source: a straight line between two cards; widths go with the distance
 * @example turnsForFan([{ turns: 0, width: 0.06, distance: 0.17 }, { turns: 2, width: 0.26, distance: 0.17 }], 0.11, 0.17) → 0.5
 */
export function turnsForFan(cards: readonly KnobFan[], width: number, distance: number): number | undefined {
  const known = byTurns(cards);
  const angle = width / distance;
  for (let i = 1; i < known.length; i += 1) {
    const [low, high] = [known[i - 1], known[i]];
    if (!low || !high || low[1] === high[1]) continue;
    const [least, most] = [Math.min(low[1], high[1]), Math.max(low[1], high[1])];
    if (angle >= least - 1e-9 && angle <= most + 1e-9)
      return between(angle, [low[1], low[0]], [high[1], high[0]]);
  }
  return undefined;
}
