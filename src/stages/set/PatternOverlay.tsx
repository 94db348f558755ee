import type { CardPattern, Point, Quad } from '@/core/card';

const outline = (quad: Quad): string => quad.map(({ x, y }) => `${x},${y}`).join(' ');

const between = (a: Point, b: Point, share: number): Point => ({
  x: a.x + share * (b.x - a.x),
  y: a.y + share * (b.y - a.y),
});

/** What was found, drawn over the picture as it lies there: the fan, its middle, the profile beside it. */
export function PatternOverlay({ pattern }: { readonly pattern: CardPattern }) {
  const { fan, square, card } = pattern.found;
  const [a, b, c, d] = fan;
  const top = Math.max(...pattern.profile);
  // The profile stands on the side where the fan was found to begin on the right, out to a third of its length.
  const line = pattern.profile.map((film, i) => {
    const share = (i + 0.5) / pattern.profile.length;
    const [near, far] = [between(a, d, share), between(b, c, share)];
    const across = Math.hypot(far.x - near.x, far.y - near.y) || 1;
    const out = (8 + 0.3 * Math.hypot(c.x - b.x, c.y - b.y) * (film / top)) / across;
    return between(near, far, 1 + out);
  });
  const [left, right] = [between(a, d, 0.5 + pattern.centre), between(b, c, 0.5 + pattern.centre)];
  return (
    // A light rim, so that the lines stand out from a dark card too.
    <g fill="none" strokeWidth={3} className="[filter:drop-shadow(0_0_2px_#fff)]">
      {card && <polygon points={outline(card)} stroke="var(--act)" strokeWidth={2} opacity={0.6} />}
      <polygon points={outline(fan)} stroke="var(--act)" strokeDasharray="10 6" />
      <polyline points={line.map(({ x, y }) => `${x},${y}`).join(' ')} stroke="var(--act)" strokeWidth={4} />
      <line x1={left.x} y1={left.y} x2={right.x} y2={right.y} stroke="var(--good)" />
      {square && <polygon points={outline(square)} stroke="var(--care)" />}
    </g>
  );
}
