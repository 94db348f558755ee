import type { ReactNode } from 'react';
import type { Term } from '@/words/terms';

const ink = 'fill-none stroke-ink';
const paint = 'fill-act/60 stroke-none';
const ground = 'fill-wood stroke-none';
const good = 'fill-good/45 stroke-none';

const text = (x: number, y: number, says: string, anchor: 'start' | 'middle' | 'end' = 'middle') => (
  <text x={x} y={y} textAnchor={anchor} className="fill-ink stroke-none text-[13px]">
    {says}
  </text>
);

/** A part with a film on it, and how thick that is. */
const film = (high: number, says: string): ReactNode => (
  <>
    <rect x={20} y={90} width={180} height={22} className={ground} />
    <rect x={20} y={90 - high} width={180} height={high} className={paint} />
    <path d={`M214 90V${90 - high}M208 90h12M208 ${90 - high}h12`} className={ink} strokeWidth={2} />
    {text(226, 94 - high / 2, says, 'start')}
  </>
);

/** Wet paint that turns into film, what stays and what leaves. */
const leaves = (
  <>
    <rect x={20} y={90} width={110} height={20} className={ground} />
    <rect x={20} y={40} width={110} height={50} className={paint} />
    <path
      d="M45 34c-6-8 6-12 0-22M75 34c-6-8 6-12 0-22M105 34c-6-8 6-12 0-22"
      className={ink}
      strokeWidth={2}
    />
    {text(75, 106, 'wet')}
    <path d="M145 70h26m-8-6l8 6-8 6" className={ink} strokeWidth={2} />
    <rect x={185} y={90} width={110} height={20} className={ground} />
    <rect x={185} y={66} width={110} height={24} className={paint} />
    {text(240, 106, 'dry')}
  </>
);

/** A stretch of time with what may be done in it. */
const stretch = (
  parts: readonly (readonly [from: number, to: number, look: string, says: string])[],
): ReactNode => (
  <>
    <path d="M14 84h296m-8-5l8 5-8 5" className={ink} strokeWidth={2} />
    {parts.map(([from, to, look, says]) => (
      <g key={says}>
        <rect x={from} y={50} width={to - from} height={28} className={look} />
        {text((from + to) / 2, 40, says)}
      </g>
    ))}
    {text(14, 104, 'coat on', 'start')}
  </>
);

const gun = <path d="M20 50h40l16-10v44l-16-10H20z" className="fill-ink/15 stroke-ink" strokeWidth={2} />;

/** Paint on its way: what lands and what does not. */
const flight = (
  <>
    {gun}
    <path d="M80 62L270 20v84z" className={paint} />
    <rect x={270} y={26} width={16} height={72} className={ground} />
    <path
      d="M262 16c10-6 24-8 40-6M262 108c10 6 24 8 40 6"
      className={ink}
      strokeDasharray="4 4"
      strokeWidth={2}
    />
    {text(278, 118, 'past it')}
    {text(170, 66, 'lands')}
  </>
);

const stripes = (
  <>
    {[0, 1, 2, 3].map((i) => (
      <rect
        key={i}
        x={30 + i * 52}
        y={22}
        width={104}
        height={66}
        className="fill-act/25 stroke-act"
        strokeWidth={1.5}
      />
    ))}
    <path d="M30 98h52M30 94v8M82 94v8" className={ink} strokeWidth={2} />
    {text(56, 116, 'half the fan')}
  </>
);

const cup = (
  <>
    <path d="M90 20h120l-44 60h-32z" className="fill-act/40 stroke-ink" strokeWidth={2.5} />
    <path d="M150 80v22m0 6v6" className="fill-none stroke-act" strokeWidth={5} />
    {text(228, 60, 'seconds', 'start')}
    {text(228, 76, 'until it breaks', 'start')}
  </>
);

const curve = (d: string, says: string, band = false): ReactNode => (
  <>
    <path d="M40 14v88h260" className={ink} strokeWidth={2} />
    {band && <rect x={41} y={56} width={258} height={20} className={good} />}
    <path d={d} className="fill-none stroke-act" strokeWidth={3} />
    {text(296, 118, says, 'end')}
    {text(46, 24, 'thick', 'start')}
  </>
);

const drawings: Record<Term, ReactNode> = {
  viscosity: curve('M44 24C110 44 160 58 296 72', 'thinner, warmth', true),
  cup,
  solids: leaves,
  wet: film(48, 'wet film'),
  dry: film(24, 'dry film'),
  flash: stretch([
    [16, 110, paint, 'wet'],
    [110, 300, good, 'flashed'],
  ]),
  window: stretch([
    [16, 90, 'fill-stop/40', 'too soon'],
    [90, 220, good, 'bonds'],
    [220, 300, 'fill-stop/40', 'abrade first'],
  ]),
  transfer: flight,
  overspray: flight,
  fan: (
    <>
      {gun}
      <path d="M80 62L250 16v92z" className={paint} />
      <path d="M266 16v92M260 16h12M260 108h12" className={ink} strokeWidth={2} />
      {text(276, 66, 'fan', 'start')}
    </>
  ),
  overlap: stripes,
  nozzle: (
    <>
      <path d="M60 20h110l50 28v26l-50 28H60" className="fill-ink/15 stroke-ink" strokeWidth={2} />
      <path d="M30 61h160l28 0" className="fill-none stroke-ink" strokeWidth={9} />
      <path d="M222 54v14" className="stroke-act" strokeWidth={5} />
      {text(240, 66, 'the hole', 'start')}
      {text(110, 90, 'needle')}
    </>
  ),
  'pot-life': curve('M44 96C160 92 220 84 250 20', 'time since it was mixed'),
  ratio: (
    <>
      <path d="M110 12v96h100V12" className={ink} strokeWidth={2.5} />
      <rect x={112} y={44} width={96} height={62} className={paint} />
      <rect x={112} y={28} width={96} height={16} className={good} />
      {text(220, 80, '4 base', 'start')}
      {text(220, 40, '1 hardener', 'start')}
    </>
  ),
  dew: (
    <>
      <rect x={40} y={84} width={220} height={22} className={ground} />
      {[70, 120, 170, 220].map((x) => (
        <path key={x} d={`M${x} 58c-8 12-8 20 0 20s8-8 0-20`} className={paint} />
      ))}
      {text(150, 40, 'cold part, damp air')}
    </>
  ),
  reserve: (
    <>
      <path d="M110 12v96h100V12" className={ink} strokeWidth={2.5} />
      <rect x={112} y={40} width={96} height={66} className={paint} />
      <rect x={112} y={24} width={96} height={16} className="fill-care/45" />
      {text(220, 78, 'on the part', 'start')}
      {text(220, 36, 'reserve', 'start')}
    </>
  ),
  voc: leaves,
  pressure: (
    <>
      <path d="M20 62h250" className="fill-none stroke-ink" strokeWidth={6} />
      {(
        [
          [30, 'wall'],
          [150, 'inlet'],
          [262, 'cap'],
        ] as const
      ).map(([x, says], i) => (
        <g key={says}>
          <circle cx={x} cy={40} r={15} className="fill-sheet stroke-ink" strokeWidth={2} />
          <path d={`M${x} 40l${8 - i * 8} -9`} className={ink} strokeWidth={2.5} />
          {text(x, 90, says)}
        </g>
      ))}
    </>
  ),
  rule: (
    <>
      <rect x={30} y={34} width={270} height={46} className={good} />
      {[
        [60, 50],
        [110, 62],
        [160, 44],
        [210, 70],
        [260, 96],
      ].map(([x, y]) => (
        <circle key={x} cx={x} cy={y} r={6} className={y === 96 ? 'fill-stop' : 'fill-act'} />
      ))}
      {text(30, 26, 'allowed', 'start')}
      {text(272, 108, 'one thin place', 'end')}
    </>
  ),
};

/** A term as a sketch: it is read before the words are. */
export function TermDrawing({ term, name }: { readonly term: Term; readonly name: string }) {
  return (
    <svg viewBox="0 0 330 124" className="block w-full max-w-md" role="img" aria-label={`${name}, drawn`}>
      {drawings[term]}
    </svg>
  );
}
