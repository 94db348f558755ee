import type { CardPattern } from '@/core/card';

/** What was found, drawn over the picture: the extent, the middle, the profile beside it. */
export function PatternOverlay({ pattern }: { readonly pattern: CardPattern }) {
  const { x0, x1, y0, y1, square, turned } = pattern.found;
  const long = turned ? x1 - x0 : y1 - y0;
  const reach = 0.3 * long;
  const top = Math.max(...pattern.profile);
  const line = pattern.profile
    .map((film, i) => {
      const along = ((i + 0.5) / pattern.profile.length) * long;
      const out = (film / top) * reach;
      return turned ? `${x0 + along},${y1 + 8 + out}` : `${x1 + 8 + out},${y0 + along}`;
    })
    .join(' ');
  return (
    <g fill="none" strokeWidth={3}>
      <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} stroke="var(--act)" strokeDasharray="10 6" />
      <polyline points={line} stroke="var(--act)" strokeWidth={4} />
      {turned ? (
        <line
          x1={x0 + long * (0.5 + pattern.centre)}
          x2={x0 + long * (0.5 + pattern.centre)}
          y1={y0}
          y2={y1}
          stroke="var(--good)"
        />
      ) : (
        <line
          y1={y0 + long * (0.5 + pattern.centre)}
          y2={y0 + long * (0.5 + pattern.centre)}
          x1={x0}
          x2={x1}
          stroke="var(--good)"
        />
      )}
      {square && (
        <rect
          x={square.x0}
          y={square.y0}
          width={square.x1 - square.x0}
          height={square.y1 - square.y0}
          stroke="var(--care)"
        />
      )}
    </g>
  );
}
