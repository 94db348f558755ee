import type { FaceOut, OutReason } from '@/facts/job/outdoors';
import { Printed } from '@/ui/Printed';
import { useWidth } from '@/ui/width';
import { amount } from '@/words/figures';
import { outWords } from '@/words/outdoors';

interface Props {
  readonly out: FaceOut;
  readonly clock: (s: number) => string;
}

const day = 86_400;
const looks: Record<OutReason, string> = {
  fits: 'fill-good',
  hot: 'fill-stop',
  wind: 'fill-stop',
  cold: 'fill-act',
  dew: 'fill-act',
  damp: 'fill-act',
  air: 'fill-care',
  late: 'fill-care',
  dark: 'fill-ink-soft',
};

/** One face from midnight to midnight: what holds at each hour, and the temperature of its surface above it. */
export function FaceDay({ out: { face, quarters, spans, lasts, unfaced }, clock }: Props) {
  const [place, width] = useWidth<HTMLDivElement>(560);
  const runs = runsOf(quarters);
  const surfaces = quarters.map(({ surface }) => surface);
  const [low, high] = [Math.min(...surfaces), Math.max(...surfaces)];
  const hottest = quarters.find(({ surface }) => surface === high);
  const x = (at: number) => (at / day) * width;
  const y = (kelvin: number) => 46 - ((kelvin - low) / Math.max(high - low, 1)) * 38;
  const reasons = [...new Set(quarters.map(({ reason }) => reason))].filter((each) => each !== 'fits');
  return (
    <div ref={place} className="min-w-0">
      <svg
        width={width}
        height={86}
        role="img"
        className="block max-w-full"
        aria-label={`${face.name} over the day: ${spans.length === 0 ? 'at no hour' : spans.map(({ from, to }) => `${clock(from)} to ${clock(to)}`).join(', ')}.`}
      >
        <polyline
          points={quarters.map(({ at, surface }) => `${x(at).toFixed(1)},${y(surface).toFixed(1)}`).join(' ')}
          className="fill-none stroke-ink"
          strokeWidth={2}
        />
        {runs.map(({ from, to, reason }) => (
          <rect
            key={from}
            x={x(from)}
            y={reason === 'fits' ? 52 : 57}
            width={Math.max(x(to) - x(from) - 1, 1)}
            height={reason === 'fits' ? 16 : 6}
            className={looks[reason]}
          />
        ))}
        {[0, 6, 12, 18, 24].map((h) => (
          <text
            key={h}
            x={x(h * 3600)}
            y={83}
            textAnchor={h === 0 ? 'start' : h === 24 ? 'end' : 'middle'}
            className="fill-ink-soft text-[12px]"
          >
            {clock(h * 3600)}
          </text>
        ))}
      </svg>
      <p className="text-sm">
        {spans.length === 0 ? (
          <b className="text-stop">■ At no hour: {reasons.map((each) => outWords[each]).join(', ')}.</b>
        ) : (
          <>
            <b className="text-good">
              ✓ Begin {spans.map(({ from, to }) => `${clock(from)}–${clock(to)}`).join(', ')}
            </b>
            ; takes <Printed figure={amount('duration', lasts)} />.
          </>
        )}{' '}
        Hottest <Printed figure={amount('temperature', high)} /> at {clock(hottest?.at ?? 0)}
        {unfaced ? ', reckoned in the sun: say which way it faces' : ''}.
        {spans.length > 0 && reasons.length > 0 && (
          <span className="block text-ink-soft">
            {runs
              .filter(({ reason }) => reason !== 'fits')
              .map(({ from, to, reason }) => `${clock(from)}–${clock(to)} ${outWords[reason]}`)
              .join('; ')}
          </span>
        )}
      </p>
    </div>
  );
}

/** Quarters of an hour that hold the same, together. */
function runsOf(quarters: FaceOut['quarters']) {
  const runs: { from: number; to: number; reason: OutReason }[] = [];
  quarters.forEach(({ at, reason }, i) => {
    const to = quarters[i + 1]?.at ?? day;
    const last = runs.at(-1);
    if (last?.reason === reason) last.to = to;
    else runs.push({ from: at, to, reason });
  });
  return runs;
}
