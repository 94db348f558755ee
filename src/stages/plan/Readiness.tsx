'use client';

import { useState } from 'react';
import type { PermissionGroup } from '@/core/permission';
import { tickOf, type HandItem, type PermissionItem } from '@/facts/job';
import { openWords } from '@/words/permission';
import { itemWords } from '@/words/remedies';
import { Button } from '@/ui/Button';
import { Clock } from '@/ui/Clock';
import { Dialog } from '@/ui/Dialog';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { Waive } from '@/ui/job/Waive';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';

const groups: Record<PermissionGroup, string> = {
  people: 'The people',
  room: 'The room',
  part: 'The part',
  mix: 'The mix',
  gun: 'The gun',
};

/** Everything that is asked before the next coat, each with its reason. What is left out says why. */
export function Readiness() {
  const { view, log } = useJob();
  const [leaving, setLeaving] = useState<PermissionItem>();
  const units = useUnits();
  const { coat, items, open, may, waived } = view.permission;
  // What the job itself finds in order is folded: the list is what is still to do.
  const sound = items.filter(({ by, met }) => by === 'record' && met);
  // What stops nothing stands folded under what does.
  const mind = items.filter(
    ({ by, weight, group, id, met }) =>
      weight === 'care' && (by === 'hand' ? group !== 'part' : id === 'mix' && !met),
  );
  const folded = [...sound, ...mind];
  const tick = (item: HandItem, done: boolean) =>
    log(done ? 'ticked' : 'tick taken back', tickOf(item, done));
  const row = (item: PermissionItem) => (
    <li
      key={item.id}
      className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1.5 max-sm:gap-x-1 max-sm:py-0.5"
    >
      <Item
        item={item}
        why={waived.find((each) => each.item === item)?.why}
        onTick={(done) => item.by === 'hand' && tick(item, done)}
      />
      {open.includes(item) && item.waivable && (
        <button
          type="button"
          className="min-h-11 px-2 text-sm text-act underline underline-offset-4"
          onClick={() => setLeaving(item)}
        >
          Not needed
        </button>
      )}
    </li>
  );
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
          Touched: wipe again
        </Button>
      }
    >
      <p className="mb-2" data-ready-sum>
        {may ? (
          <b className="text-good">✓ Nothing stops the next coat.</b>
        ) : coat && coat.state !== 'todo' ? (
          <b>{coat.coat.name} is being sprayed.</b>
        ) : (
          <>
            <b>{openWords(view)}</b>
            {open[0]?.by === 'record' && !open[0].waivable && (
              <b className="text-stop">: ■ {itemWords(open[0], view, units).says}</b>
            )}
          </>
        )}
      </p>
      <div className="gap-x-6 xl:columns-2">
        {groupsOf(items.filter((item) => !folded.includes(item))).map((group) => (
          <section key={group} aria-label={groups[group]} className="mb-3">
            <h3 className="text-sm font-bold">{groups[group]}</h3>
            <ul className="divide-y divide-hairline border-y border-hairline">
              {items.filter((item) => item.group === group && !folded.includes(item)).map(row)}
            </ul>
          </section>
        ))}
      </div>
      {mind.length > 0 && (
        <Fold
          title={`${mind.length} to mind`}
          says={`${mind.filter(({ met }) => met).length} done; they stop nothing`}
          verb="Show"
        >
          <ul className="divide-y divide-hairline border-y border-hairline">{mind.map(row)}</ul>
        </Fold>
      )}
      {sound.length > 0 && (
        <Fold title={`✓ ${sound.length} more in order`} verb="Show">
          <ul className="gap-x-6 text-sm sm:columns-2">
            {sound.map((item) => (
              <li key={item.id} className="py-0.5">
                <span aria-hidden className="text-good">
                  ✓
                </span>{' '}
                {itemWords(item, view, units).says}
              </li>
            ))}
          </ul>
        </Fold>
      )}
      {leaving && (
        <Dialog
          open
          onClose={() => setLeaving(undefined)}
          title="Leave it out"
          says={itemWords(leaving, view, units).says}
        >
          <Waive item={leaving} onDone={() => setLeaving(undefined)} />
        </Dialog>
      )}
    </Panel>
  );
}

/** The groups that have something in them, people first. */
const groupsOf = (items: readonly PermissionItem[]): PermissionGroup[] =>
  (Object.keys(groups) as PermissionGroup[]).filter((group) => items.some((item) => item.group === group));

const signs = {
  met: { mark: '✓', ink: 'text-good', word: 'so' },
  acting: { mark: '◔', ink: 'text-care', word: 'acting' },
  lapsed: { mark: '▲', ink: 'text-care', word: 'again' },
  stop: { mark: '■', ink: 'text-stop', word: 'stop' },
  open: { mark: '○', ink: 'text-ink-soft', word: 'open' },
  out: { mark: '–', ink: 'text-ink-soft', word: 'left out' },
};

function signOf(item: PermissionItem, why: string | undefined): (typeof signs)[keyof typeof signs] {
  if (why !== undefined) return signs.out;
  if (item.met) return signs.met;
  if (item.by === 'hand' && (item.state === 'acting' || item.state === 'lapsed')) return signs[item.state];
  return item.by === 'record' && item.weight === 'stop' && !item.waivable ? signs.stop : signs.open;
}

interface ItemProps {
  readonly item: PermissionItem;
  /** Left out, with the reason given. */
  readonly why?: string;
  readonly onTick: (done: boolean) => void;
}

function Item({ item, why, onTick }: ItemProps) {
  const { view } = useJob();
  const units = useUnits();
  const { says, limit, remedies } = itemWords(item, view, units);
  const { mark, ink, word } = signOf(item, why);
  const { until } = item;
  const runs = until !== undefined && until > view.now;
  const words = (
    <span className="min-w-0">
      <span className={why === undefined ? '' : 'line-through'}>{says}</span>
      <span className="block text-sm text-ink-soft max-sm:text-xs">
        {why === undefined
          ? // Why people are asked stands in the walk before the coat: here it would push the rest out of sight.
            item.group === 'people'
            ? ''
            : [limit, ...(item.by === 'record' ? remedies.slice(0, 1) : [])].filter(Boolean).join(' ')
          : `Left out: ${why}`}
        {runs && (
          <b className={item.met ? '' : 'text-care'}>
            {' '}
            {item.met ? 'good for ' : ''}
            <Clock at={until} now={view.now} />
            {item.met ? '' : ' to go'}
          </b>
        )}
      </span>
    </span>
  );
  const sign = (
    <span className={`ml-auto w-16 shrink-0 text-sm font-bold ${ink}`}>
      <span aria-hidden>{mark}</span> {word}
    </span>
  );
  if (item.by === 'record')
    return (
      <div className="flex min-h-11 items-center gap-2 pl-8">
        {words}
        {sign}
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
      {sign}
    </label>
  );
}
