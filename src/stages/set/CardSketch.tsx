import type { EntryOf } from '@/records';

/** Rows of the fan from end to end: how far the film reaches, in tenths. */
const outlines: Record<EntryOf<'card'>['verdict'], readonly number[]> = {
  good: [3, 6, 7, 7, 7, 7, 7, 7, 6, 3],
  'heavy-centre': [1, 2, 4, 8, 10, 10, 8, 4, 2, 1],
  split: [6, 9, 8, 4, 2, 2, 4, 8, 9, 6],
  'one-sided': [2, 3, 4, 5, 6, 7, 8, 9, 9, 6],
  crescent: [3, 6, 7, 7, 7, 7, 7, 7, 6, 3],
  spitting: [3, 6, 7, 7, 7, 7, 7, 7, 6, 3],
  tails: [9, 10, 5, 4, 4, 4, 4, 5, 10, 9],
  coarse: [4, 7, 6, 8, 7, 8, 6, 8, 7, 4],
  dry: [2, 4, 4, 5, 4, 5, 4, 5, 4, 2],
};

/** A sprayed card in a few strokes: film across the fan, and drops where they are coarse or dry. */
export function CardSketch({ verdict }: { readonly verdict: EntryOf<'card'>['verdict'] }) {
  const bent = verdict === 'crescent' ? 0.9 : 0;
  const speckle = verdict === 'coarse' ? 2.6 : verdict === 'dry' ? 1.1 : 0;
  return (
    <svg viewBox="0 0 60 80" className="h-16" aria-hidden>
      {outlines[verdict].map((reach, i) =>
        speckle > 0 ? (
          Array.from({ length: reach }, (_, k) => (
            <circle
              key={`${i}-${k}`}
              cx={30 + ((k * 37 + i * 11) % 40) - 20}
              cy={6 + i * 7 + ((k * 5) % 5)}
              r={speckle}
              fill="currentColor"
            />
          ))
        ) : (
          <rect
            key={i}
            x={30 - reach * 2.2 + bent * ((i - 4.5) ** 2 - 7)}
            y={4 + i * 7}
            width={reach * 4.4}
            height={7.2}
            fill="currentColor"
            opacity={0.35 + reach / 18}
          />
        ),
      )}
      {verdict === 'spitting' &&
        [
          [14, 20],
          [47, 34],
          [10, 52],
          [50, 62],
          [40, 12],
        ].map(([x, y]) => <circle key={`${x}-${y}`} cx={x} cy={y} r={3.4} fill="currentColor" />)}
    </svg>
  );
}
