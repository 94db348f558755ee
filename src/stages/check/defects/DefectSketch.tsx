import { seeded, seedFrom } from '@/core/random';
import type { DefectId } from '@/core/diagnosis';

/** What is drawn on a small panel: our own marks, one kind for each thing seen. */
type Mark =
  | 'dimples'
  | 'grain'
  | 'runs'
  | 'patches'
  | 'bands'
  | 'rings'
  | 'pits'
  | 'blisters'
  | 'dull'
  | 'needles'
  | 'bloom'
  | 'folds'
  | 'lift'
  | 'scales'
  | 'cracks'
  | 'specks'
  | 'ghost'
  | 'seam'
  | 'edges'
  | 'scratches'
  | 'step'
  | 'drops'
  | 'breath'
  | 'tails'
  | 'moon'
  | 'gap'
  | 'lopsided'
  | 'print'
  | 'flakes'
  | 'rust'
  | 'ring';

// prettier-ignore
const markOf: Record<DefectId, Mark> = {
  'orange-peel': 'dimples', 'dry-spray': 'grain', runs: 'runs', mottling: 'patches', stripes: 'bands', 'fish-eyes': 'rings', craters: 'pits', 'solvent-pop': 'blisters',
  'die-back': 'dull', pinholes: 'needles', blushing: 'bloom', cloudiness: 'bloom', foam: 'blisters', wrinkling: 'folds', lifting: 'lift', alligatoring: 'scales', cracking: 'cracks',
  dust: 'specks', 'poor-hiding': 'ghost', 'lap-line': 'seam', 'heavy-edges': 'edges', 'scratch-swelling': 'scratches', shrinkage: 'step', spitting: 'drops', surging: 'breath',
  tails: 'tails', crescent: 'moon', split: 'gap', 'one-sided': 'lopsided', 'soft-cure': 'print', peeling: 'flakes', 'flash-rust': 'rust', 'lost-sheen': 'dull', 'fall-out': 'drops', drift: 'grain', 'blend-edge': 'ring',
};

/** A defect as a small drawing: a panel of 64 by 44 with what the eye would see on it. */
export function DefectSketch({ id }: { readonly id: DefectId }) {
  const random = seeded(seedFrom(id));
  const at = () => [4 + 56 * random(), 4 + 36 * random()] as const;
  const many = (n: number, draw: (x: number, y: number, i: number) => React.ReactNode) =>
    Array.from({ length: n }, (_, i) => draw(...at(), i));
  const dot = (n: number, r: number, hollow = false) =>
    many(n, (x, y, i) => (
      <circle
        key={i}
        cx={x}
        cy={y}
        r={r * (0.7 + 0.6 * random())}
        fill={hollow ? 'var(--sheet)' : 'var(--ink)'}
        stroke="var(--ink)"
        strokeWidth={hollow ? 1 : 0}
      />
    ));
  const line = (d: string, width = 1.5, colour = 'var(--ink)') => (
    <path d={d} fill="none" stroke={colour} strokeWidth={width} />
  );
  const box = (x: number, y: number, width: number, height: number, opacity: number) => (
    <rect key={`${x}${y}`} x={x} y={y} width={width} height={height} fill="var(--ink)" opacity={opacity} />
  );
  const fan = (d: string) => <path d={d} fill="var(--ink)" opacity={0.65} />;
  const marks: Record<Mark, () => React.ReactNode> = {
    dimples: () =>
      Array.from({ length: 40 }, (_, i) => (
        <path
          key={i}
          d={`M${4 + (i % 8) * 7.5} ${7 + Math.floor(i / 8) * 8}q3 3 6 0`}
          fill="none"
          stroke="var(--ink)"
        />
      )),
    grain: () => dot(120, 0.7),
    runs: () =>
      [12, 30, 48].map((x, i) => (
        <path
          key={x}
          d={`M${x - 5} 8q5 4 5 ${14 + i * 5}a3 3 0 0 0 6 0q0 -${10 + i * 5} 5 -${14 + i * 5}`}
          fill="var(--ink)"
          opacity={0.7}
        />
      )),
    patches: () =>
      many(9, (x, y, i) => <ellipse key={i} cx={x} cy={y} rx={6} ry={4} fill="var(--ink)" opacity={0.25} />),
    bands: () => [4, 14, 24, 34].map((y) => box(0, y, 64, 5, 0.45)),
    rings: () => dot(7, 3.5, true),
    pits: () => [
      ...dot(7, 3, true),
      ...many(7, (x, y, i) => <circle key={`c${i}`} cx={x} cy={y} r={0.9} fill="var(--ink)" />),
    ],
    blisters: () => dot(26, 1.7, true),
    dull: () => (
      <>
        <path d="M8 36L30 8M18 38L42 8" stroke="var(--sheet)" strokeWidth={4} opacity={0.9} />
        <rect x={32} width={32} height={44} fill="var(--ink)" opacity={0.3} />
      </>
    ),
    needles: () => dot(34, 0.8),
    bloom: () =>
      many(5, (x, y, i) => <circle key={i} cx={x} cy={y} r={10} fill="var(--sheet)" opacity={0.75} />),
    folds: () =>
      [8, 16, 24, 32].map((y) => (
        <path
          key={y}
          d={`M4 ${y}q6 -6 12 0t12 0t12 0t12 0t8 0`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      )),
    lift: () => (
      <>
        {line('M8 30q14 -22 26 -4q10 -14 22 2')}
        {line('M8 34h48', 1)}
      </>
    ),
    scales: () =>
      Array.from({ length: 12 }, (_, i) => (
        <rect
          key={i}
          x={3 + (i % 4) * 15}
          y={3 + Math.floor(i / 4) * 14}
          width={13}
          height={12}
          rx={3}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
      )),
    cracks: () => (
      <>
        {line('M6 6l12 14l-4 10l14 10')}
        {line('M30 4l6 16l-8 8M36 20l22 6M44 22l6 18')}
      </>
    ),
    specks: () => (
      <>
        {dot(9, 1.4)}
        {line('M14 30q6 -6 10 0M40 12q4 4 8 0')}
      </>
    ),
    ghost: () => (
      <>
        {box(0, 0, 64, 44, 0.12)}
        <text x={20} y={32} fontSize={26} fill="var(--ink)" opacity={0.35}>
          A
        </text>
      </>
    ),
    seam: () => (
      <>
        {line('M32 2v40', 5)}
        {dot(18, 0.7)}
      </>
    ),
    edges: () => <>{line('M2 2h60v40h-60z', 7)}</>,
    scratches: () =>
      Array.from({ length: 9 }, (_, i) => (
        <path key={i} d={`M${6 + i * 6} ${38 - (i % 3) * 3}l10 -28`} stroke="var(--ink)" strokeWidth={1} />
      )),
    step: () => (
      <ellipse
        cx={32}
        cy={22}
        rx={20}
        ry={12}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        strokeDasharray="5 3"
      />
    ),
    drops: () => [
      ...dot(40, 0.6),
      ...many(8, (x, y, i) => <circle key={`d${i}`} cx={x} cy={y} r={2.6} fill="var(--ink)" />),
    ],
    breath: () => fan('M4 22q7 -16 14 0t14 0t14 0t14 0q-7 16 -14 0t-14 0t-14 0t-14 0z'),
    tails: () => (
      <>
        {box(6, 4, 52, 5, 0.8)}
        {box(6, 35, 52, 5, 0.8)}
        {box(6, 14, 52, 16, 0.25)}
      </>
    ),
    moon: () => fan('M26 3q26 19 0 38q12 -19 0 -38z'),
    gap: () => (
      <>
        {fan('M32 2q9 8 0 16q-9 -8 0 -16z')}
        {fan('M32 26q9 8 0 16q-9 -8 0 -16z')}
      </>
    ),
    lopsided: () => fan('M32 2q4 14 12 30q-4 10 -12 10q-8 0 -12 -10q8 -16 12 -30z'),
    print: () => (
      <>
        {[7, 11, 15].map((r) => (
          <ellipse
            key={r}
            cx={32}
            cy={22}
            rx={r * 0.7}
            ry={r}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.5}
          />
        ))}
      </>
    ),
    flakes: () => (
      <>
        {line('M10 8h22l6 12l-14 8l-16 -6z', 1.5)}
        {line('M32 8q10 -4 14 4l-8 8')}
      </>
    ),
    rust: () =>
      many(16, (x, y, i) => <circle key={i} cx={x} cy={y} r={2.2} fill="var(--care)" opacity={0.8} />),
    ring: () => (
      <>
        {[8, 13, 18].map((r, i) => (
          <circle
            key={r}
            cx={32}
            cy={22}
            r={r}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={i === 2 ? 2.5 : 1}
            strokeDasharray={i === 2 ? '2 3' : undefined}
          />
        ))}
      </>
    ),
  };
  return (
    <svg viewBox="0 0 64 44" aria-hidden className="h-11 w-16 shrink-0 border border-hairline bg-act-wash">
      {marks[markOf[id]]()}
    </svg>
  );
}
