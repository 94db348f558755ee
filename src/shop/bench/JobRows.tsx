'use client';

import Link from 'next/link';
import type { BenchRow, BenchSpan } from '@/facts/shop/bench';
import { spanSays, standsSays } from '@/words/bench';
import { stageWords, type Tone } from '@/words/line';
import { nextLine } from '@/words/nextline';
import { timeOfDay } from '@/words/clock';
import { stripCells } from '@/words/strip';
import { Printed } from '@/ui/Printed';
import { Fence } from '@/ui/Fence';
import { toneInks } from '@/ui/stripmarks';
import { useWidth } from '@/ui/width';
import { useUnits } from '@/ui/units';

const columns = 'lg:grid-cols-[13.5rem_minmax(0,1fr)_21rem]';

interface RowsProps {
  readonly rows: readonly BenchRow[];
  /** ms; where the axis begins, and how far it reaches. */
  readonly now: number;
  readonly reach: number;
}

/** All jobs on one axis of the next hours, the most pressing first; the next step of each stands at the end of its row. */
export function JobRows({ rows, now, reach }: RowsProps) {
  const [place, whole] = useWidth<HTMLDivElement>(1148);
  // Two columns and their gaps stand beside the axis where there is room for them.
  const width = whole > 900 ? whole - 584 : whole;
  return (
    <div ref={place} data-bench-axis>
      <div className={`hidden gap-x-4 border-b border-ink pb-1 text-sm text-ink-soft lg:grid ${columns}`}>
        <span>most pressing first</span>
        <AxisHead now={now} reach={reach} />
        <span>next</span>
      </div>
      <ul>
        {rows.map((row) => (
          <Fence key={row.view.job.id} what={`“${row.view.job.name}”`} record={`job/${row.view.job.id}`}>
            <JobRow row={row} reach={reach} width={width} />
          </Fence>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm text-ink-soft" aria-hidden>
        {(
          [
            [looks.coat, 'coat going on'],
            [looks.open, 'window open'],
            [looks.shut, 'not yet'],
            [looks.pot, 'pot and gun clocks'],
          ] as const
        ).map(([look, says]) => (
          <span key={says} className="flex items-center gap-1.5">
            <span className={`h-3 w-4 ${look}`} />
            {says}
          </span>
        ))}
        <span>
          <span className="text-stop">◆</span> must not be missed
        </span>
      </p>
    </div>
  );
}

const hour = 3_600_000;
const steps = [0.5, 1, 2, 4, 6, 12].map((hours) => hours * hour);

/** Full hours of the clock on the wall, at most eight of them. */
function marks(now: number, reach: number): number[] {
  const every = steps.find((step) => reach / step <= 7) ?? 24 * hour;
  const midnight = new Date(now).setHours(0, 0, 0, 0);
  const first = midnight + Math.ceil((now - midnight) / every) * every;
  const found: number[] = [];
  for (let at = first; at < now + reach; at += every) found.push(at);
  return found;
}

function AxisHead({ now, reach }: { readonly now: number; readonly reach: number }) {
  return (
    <span className="relative block h-5" aria-hidden>
      <b className="absolute left-0 text-ink">now</b>
      {marks(now, reach)
        .filter((at) => at > now + reach * 0.1 && at < now + reach * 0.96)
        .map((at) => (
          <span
            key={at}
            className="absolute -translate-x-1/2"
            style={{ left: `${((at - now) / reach) * 100}%` }}
          >
            {timeOfDay(at)}
          </span>
        ))}
    </span>
  );
}

interface RowProps {
  readonly row: BenchRow;
  readonly reach: number;
  /** px; how wide the axis is drawn. */
  readonly width: number;
}

function JobRow({ row, reach, width }: RowProps) {
  const units = useUnits();
  const { view } = row;
  const { job, current } = view;
  const line = nextLine(view, current, units);
  return (
    <li className="border-b border-hairline" data-job={job.id} data-presses={row.presses}>
      <Link
        href={`/job/${job.id}/${current}`}
        prefetch={false}
        className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 py-2 hover:bg-act-wash lg:py-1 ${columns}`}
      >
        <span className="order-1 min-w-0 lg:order-none">
          <h2 className="truncate font-bold">{job.name}</h2>
          <span className="block truncate text-sm text-ink-soft">{standsSays(row)}</span>
          <MiniStrip row={row} />
        </span>
        <Axis row={row} reach={reach} width={width} />
        <span className="order-2 min-w-0 lg:order-none lg:grid lg:grid-cols-[6.5rem_minmax(0,1fr)] lg:items-center lg:gap-x-3">
          <b
            className={`block text-right text-xl whitespace-nowrap lg:text-left ${line.tone === 'plain' ? '' : toneInks[line.tone]}`}
          >
            {line.big.number} <span className="text-sm">{line.big.unit}</span>
          </b>
          <span className="hidden text-sm lg:line-clamp-2">
            {line.says} <span className="text-act">{stageWords[current]}</span>
          </span>
        </span>
        <span className="order-4 col-span-2 mt-1 text-sm lg:hidden">
          {line.says} <span className="text-act">{stageWords[current]}</span>
        </span>
      </Link>
    </li>
  );
}

/** The run strip, as small as it goes: how each stage stands, by length and pattern. */
function MiniStrip({ row: { view } }: { readonly row: BenchRow }) {
  const units = useUnits();
  const edges: Record<Tone, string> = {
    plain: 'w-0',
    act: 'w-1/2 bg-act',
    good: 'w-full bg-good',
    care: 'w-full bg-[repeating-linear-gradient(90deg,var(--care)_0_4px,transparent_4px_6px)]',
    stop: 'w-full bg-[repeating-linear-gradient(135deg,var(--stop)_0_3px,transparent_3px_5px)]',
  };
  return (
    <span className="mt-1 flex max-w-44 gap-0.5" data-strip={view.job.id}>
      {stripCells(view, units).map(({ stage, number, figure, state, tone }) => (
        <span
          key={stage}
          data-stage={stage}
          className={`relative h-2 flex-1 border ${stage === view.current ? 'border-ink' : 'border-hairline'}`}
        >
          <span className="sr-only">
            {stageWords[stage]} <Printed figure={figure}>{number}</Printed> {state}.
          </span>
          <span aria-hidden className={`absolute inset-y-0 left-0 ${edges[tone]}`} />
        </span>
      ))}
    </span>
  );
}

const looks: Record<BenchSpan['kind'], string> = {
  coat: 'bg-act/40',
  open: 'bg-good/45',
  shut: 'bg-[repeating-linear-gradient(135deg,var(--stop)_0_2px,transparent_2px_6px)]',
  pot: 'bg-care/45',
  gun: 'bg-care/45',
};

/** About what a letter of a label takes, px. */
const letter = 6.4;

function Axis({ row: { view, spans }, reach, width }: RowProps) {
  const { now } = view;
  const x = (at: number) => Math.min(Math.max((at - now) / reach, 0), 1) * 100;
  // What is over stands in words at the end of the row; what has not come yet is off the axis.
  const shown = spans.filter(({ from, to }) => from < now + reach && (to === undefined || to > now));
  return (
    <span
      className={`relative order-3 col-span-2 my-1 block border-l-2 border-ink lg:order-none lg:col-span-1 lg:my-0 lg:self-stretch ${shown.length === 0 ? 'hidden lg:block' : ''}`}
    >
      <span aria-hidden>
        {marks(now, reach).map((at) => (
          <span
            key={at}
            className="absolute inset-y-0 hidden border-l border-hairline lg:block"
            style={{ left: `${x(at)}%` }}
          />
        ))}
      </span>
      <span className="flex flex-col justify-center gap-1 py-1 lg:min-h-14">
        {shown.map((span) => {
          const { kind, from, to, of, lost } = span;
          const left = x(from);
          const right = x(to ?? Infinity);
          const says = spanSays(span, now);
          const long = says.length * letter + 10;
          const px = (share: number) => (share / 100) * width;
          // In its bar where it fits, after it where not, before it where there is nothing after it.
          const at =
            px(right - left) > long
              ? px(left) + 6
              : px(right) + 12 + long < width
                ? px(right) + 12
                : Math.max(px(left) - long, 2);
          return (
            <span key={`${kind}${of}`} className="relative block h-4.5">
              <span
                aria-hidden
                className={`absolute top-0.5 h-3.5 min-w-1 ${looks[kind]}`}
                style={{ left: `${left}%`, width: `${right - left}%` }}
              />
              {lost && to !== undefined && to <= now + reach && (
                <span
                  aria-hidden
                  className="absolute -top-px -translate-x-1/2 text-sm leading-none text-stop"
                  style={{ left: `${right}%` }}
                >
                  ◆
                </span>
              )}
              <span
                className="absolute top-0 truncate text-xs leading-4.5"
                style={{ left: at, maxWidth: width - at }}
              >
                {says}
              </span>
            </span>
          );
        })}
      </span>
    </span>
  );
}
