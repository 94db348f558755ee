import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Job, LogEntry } from '@/records';
import { Menu } from '@/ui/Menu';
import { useUnits } from '@/ui/units';
import { dayAndMonth } from '@/words/dates';
import { timeOfDay } from '@/words/clock';
import { entryWords, typeWords } from '@/words/entry';

export interface LogRow {
  readonly job: Job;
  readonly entry: LogEntry;
}

/** px; measured once a row is drawn. */
const usualRow = 57;
/** So many are put on paper, the youngest. */
const mostPrinted = 1000;

interface Props {
  readonly rows: readonly LogRow[];
  readonly showJob: boolean;
  readonly onCorrect: (row: LogRow) => void;
  readonly onStrike: (row: LogRow) => void;
}

/** Entries of the log: on a screen only those in sight are drawn, on paper all of them. */
export function LogRows({ rows, ...rest }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const printing = usePrinting();
  // eslint-disable-next-line react-hooks/incompatible-library -- only drawn here, nothing below it is memoised by it
  const drawn = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => usualRow,
    overscan: 8,
    getItemKey: (index) => `${rows[index]?.job.id}/${rows[index]?.entry.id}`,
  });
  if (printing)
    return (
      <ol className="border-y border-hairline" data-log>
        {rows.slice(0, mostPrinted).map((row) => (
          <li key={`${row.job.id}/${row.entry.id}`} className="border-b border-hairline">
            <Row row={row} {...rest} />
          </li>
        ))}
      </ol>
    );
  return (
    <div
      ref={box}
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
      tabIndex={0}
      role="region"
      aria-label="Entries"
      className="max-h-[max(22rem,calc(100dvh-21rem))] overflow-y-auto border-y border-hairline focus-visible:-outline-offset-3"
    >
      <ol className="relative" style={{ height: drawn.getTotalSize() }} data-log>
        {drawn.getVirtualItems().map(({ index, key, start }) => (
          <li
            key={key}
            ref={drawn.measureElement}
            data-index={index}
            aria-setsize={rows.length}
            aria-posinset={index + 1}
            className="absolute inset-x-0 top-0 border-b border-hairline"
            style={{ transform: `translateY(${start}px)` }}
          >
            <Row row={rows[index] as LogRow} {...rest} />
          </li>
        ))}
      </ol>
    </div>
  );
}

/** Is the page being put on paper? */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // At once: the browser takes the page as it is when this returns.
    const began = () => flushSync(() => setPrinting(true));
    const done = () => setPrinting(false);
    window.addEventListener('beforeprint', began);
    window.addEventListener('afterprint', done);
    return () => {
      window.removeEventListener('beforeprint', began);
      window.removeEventListener('afterprint', done);
    };
  }, []);
  return printing;
}

function Row({ row, showJob, onCorrect, onStrike }: Omit<Props, 'rows'> & { readonly row: LogRow }) {
  const units = useUnits();
  const { job, entry } = row;
  const at = new Date(entry.at);
  const was = entry.was?.map(({ said }) =>
    entryWords({ ...said, id: entry.id, at: entry.at } as unknown as LogEntry, job, units),
  );
  return (
    <div className="grid grid-cols-[5.5rem_minmax(0,1fr)_2.75rem] items-center gap-x-3 py-1.5 text-sm sm:grid-cols-[8.5rem_8rem_minmax(0,1fr)_2.75rem]">
      <span className="text-ink-soft">
        {dayAndMonth(at)} {timeOfDay(at.getTime())}
      </span>
      <span className="hidden font-semibold sm:block">{typeWords[entry.type]}</span>
      <span className={entry.struck ? 'text-ink-soft line-through' : ''}>
        <b className="sm:hidden">{typeWords[entry.type]}: </b>
        {entryWords(entry, job, units)}
        {entry.simulated && <span className="text-care"> (simulated)</span>}
        <span className="block text-ink-soft">
          {showJob && `${job.name}. `}
          {entry.by && `By ${entry.by}. `}
          {entry.wall && `The clock here said ${timeOfDay(Date.parse(entry.wall))}. `}
          {was && `Said before: ${was.join('; ')}. `}
          {entry.struck && `Struck: ${entry.struck.why}.`}
        </span>
      </span>
      <Menu
        label={`Entry of ${timeOfDay(at.getTime())}`}
        items={[
          { label: 'Correct', onSelect: () => onCorrect(row), disabled: !!entry.struck },
          {
            label: entry.struck ? 'Restore' : 'Strike',
            onSelect: () => onStrike(row),
            danger: !entry.struck,
          },
        ]}
      />
    </div>
  );
}
