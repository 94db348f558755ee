'use client';

import { useState } from 'react';
import { openItems, readinessOf, type ReadyItem } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { Clock } from '@/ui/Clock';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';

const groups = { part: 'The part', room: 'The room', mix: 'The mix', people: 'The people' };
const marks: Record<ReadyItem['state'], { mark: string; ink: string; word: string }> = {
  todo: { mark: '○', ink: 'text-ink-soft', word: 'open' },
  acting: { mark: '◔', ink: 'text-care', word: 'acting' },
  done: { mark: '✓', ink: 'text-good', word: 'done' },
  lapsed: { mark: '▲', ink: 'text-care', word: 'again' },
  stop: { mark: '■', ink: 'text-stop', word: 'stop' },
};

/** What must be so before the gun is lifted, each with its reason. What is left out says why. */
export function Readiness() {
  const { view, log } = useJob();
  const [leaving, setLeaving] = useState<ReadyItem>();
  const items = readinessOf(view);
  const open = openItems(items);
  const tick = (step: string, done: boolean) =>
    log(done ? 'ticked' : 'tick taken back', { type: 'tick', list: 'ready', step, done });
  return (
    <Panel
      title="Ready to spray?"
      place="ready"
      tools={
        <Button
          onClick={() =>
            log('part was touched', { type: 'tick', list: 'ready', step: 'touched', done: true })
          }
        >
          A hand touched it
        </Button>
      }
    >
      <p className="mb-2" data-ready-sum>
        {open.length === 0 ? (
          <b className="text-good">✓ Ready.</b>
        ) : (
          <>
            <b>{open.length}</b> of {items.length} open
            {open[0]?.state === 'stop' ? <b className="text-stop">: ■ {open[0].says}</b> : ''}
          </>
        )}
      </p>
      <div className="gap-x-6 xl:columns-2">
        {(Object.keys(groups) as (keyof typeof groups)[]).map((group) => (
          <section key={group} aria-label={groups[group]} className="mb-3">
            <h3 className="text-sm font-bold">{groups[group]}</h3>
            <ul className="divide-y divide-hairline border-y border-hairline">
              {items
                .filter((item) => item.group === group)
                .map((item) => (
                  <li
                    key={item.id}
                    className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1.5 max-sm:gap-x-1 max-sm:py-0.5"
                  >
                    <Item item={item} now={view.now} onTick={(done) => tick(item.id, done)} />
                    {item.state !== 'done' && item.skipped === undefined && (
                      <button
                        type="button"
                        className="min-h-11 px-2 text-sm text-act underline underline-offset-4"
                        onClick={() => setLeaving(item)}
                      >
                        Leave out
                      </button>
                    )}
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
      {leaving && <LeaveOut item={leaving} onClose={() => setLeaving(undefined)} />}
    </Panel>
  );
}

function Item({
  item,
  now,
  onTick,
}: {
  readonly item: ReadyItem;
  readonly now: number;
  readonly onTick: (done: boolean) => void;
}) {
  const { mark, ink, word } = marks[item.state];
  const until = item.until === undefined ? undefined : Math.max(item.until, now);
  const words = (
    <span className="min-w-0">
      <span className={item.skipped === undefined ? '' : 'line-through'}>{item.says}</span>
      <span className="block text-sm text-ink-soft max-sm:text-xs">
        {item.skipped === undefined ? item.because : `Left out: ${item.skipped}`}
        {until !== undefined && item.state === 'acting' && (
          <b className="text-care">
            {' '}
            <Clock at={until} now={now} /> to go
          </b>
        )}
        {until !== undefined && item.state === 'done' && (
          <b>
            {' '}
            good for <Clock at={until} now={now} />
          </b>
        )}
      </span>
    </span>
  );
  const sign = (
    <span className={`w-14 shrink-0 text-sm font-bold whitespace-nowrap ${ink}`}>
      <span aria-hidden>{mark}</span> {word}
    </span>
  );
  if (item.by === 'record')
    return (
      <div className="flex min-h-11 items-center gap-2 pl-8">
        {words}
        <span className="ml-auto shrink-0">{sign}</span>
      </div>
    );
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-act"
        checked={item.state === 'done' || item.state === 'acting'}
        onChange={(event) => onTick(event.target.checked)}
      />
      {words}
      <span className="ml-auto shrink-0">{sign}</span>
    </label>
  );
}

function LeaveOut({ item, onClose }: { readonly item: ReadyItem; readonly onClose: () => void }) {
  const { log } = useJob();
  const [why, setWhy] = useState('');
  const [asked, setAsked] = useState(false);
  const save = () => {
    setAsked(true);
    if (!why.trim()) return;
    log('left out', { type: 'skip', item: item.id, why: why.trim() });
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Leave it out" says={item.says}>
      <TextField
        label="Why"
        value={why}
        maxLength={400}
        onChange={(event) => setWhy(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && save()}
        error={asked && !why.trim() ? 'Say why: it stays in the record.' : undefined}
      />
      <Button look="main" className="mt-4" onClick={save}>
        Leave it out
      </Button>
    </Dialog>
  );
}
