import { monthName } from '@/words/dates';
import type { DueCare } from '@/facts/shop/carecalendar';

const day = 86_400_000;
/** Days the axis runs from today. */
export const axisDays = 182;
const width = 360;

/** The first of each month on the axis. */
function months(now: number): { at: number; name: string }[] {
  const first = new Date(now);
  return Array.from({ length: 7 }, (_, i) => new Date(first.getFullYear(), first.getMonth() + 1 + i, 1))
    .map((date) => ({
      at: (date.getTime() - now) / (axisDays * day),
      name: monthName(date),
    }))
    .filter(({ at }) => at < 0.97);
}

/** Half a year, for the rows below it. */
export function AxisHead({ now }: { readonly now: number }) {
  return (
    <div className="relative h-4 text-xs" aria-hidden>
      <b>today</b>
      {months(now)
        .filter(({ at }) => at > 0.15)
        .map(({ at, name }) => (
          <span
            key={name}
            className="absolute top-0 -translate-x-1/2 text-ink-soft"
            style={{ left: `${at * 100}%` }}
          >
            {name}
          </span>
        ))}
    </div>
  );
}

/** When one thing falls due, with the span four in five fall in. */
export function DueAxis({
  due: { due, low, high, state },
  now,
}: {
  readonly due: DueCare;
  readonly now: number;
}) {
  const x = (moment: number) => Math.min(Math.max((moment - now) / (axisDays * day), 0), 1) * width;
  const ink = state === 'over' ? 'fill-stop' : state === 'soon' ? 'fill-care' : 'fill-ink';
  const beyond = due > now + axisDays * day;
  return (
    <svg viewBox={`0 0 ${width} 24`} className="h-6 w-full" aria-hidden>
      {months(now).map(({ at, name }) => (
        <path key={name} d={`M${at * width} 0 V24`} className="stroke-hairline" />
      ))}
      <path d="M0 0 V24" className="stroke-ink" strokeWidth="2" />
      {low !== undefined && high !== undefined && (
        <rect
          x={x(low)}
          y="8"
          width={Math.max(x(high) - x(low), 2)}
          height="8"
          className="fill-act-wash stroke-act"
          strokeWidth="1"
        />
      )}
      {!beyond &&
        (low === undefined ? (
          <circle cx={Math.max(x(due), 6)} cy="12" r="5" className={ink} />
        ) : (
          <rect x={Math.max(x(due) - 2, 0)} y="3" width="4" height="18" className={ink} />
        ))}
      {beyond && (
        <path d={`M${width - 8} 7 l6 5 l-6 5`} className="fill-none stroke-ink-soft" strokeWidth="2" />
      )}
    </svg>
  );
}
