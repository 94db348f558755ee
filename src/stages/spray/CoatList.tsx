'use client';

import { showClock, showDuration } from '@/core/quantity';
import { lastOf, liveEntries, moment, type CoatState } from '@/facts/job';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { clockTime } from '@/words/spray';

/** Every coat with its clock: when it went on, how long it took, what the comb said. */
export function CoatList() {
  const { view, log } = useJob();
  const units = useUnits();
  const { coats, running } = view.spray;
  return (
    <Panel
      title="Coats"
      tools={
        view.mix.batch && (
          <span className="flex gap-2">
            <Button onClick={() => log('cup filled', { type: 'refill', batchId: view.mix.batch?.id })}>
              Cup filled again
            </Button>
            <Button onClick={() => log('stirred', { type: 'stir', batchId: view.mix.batch?.id })}>
              Stirred
            </Button>
          </span>
        )
      }
    >
      <ol className="divide-y divide-hairline border-y border-hairline">
        {coats.map((coat, i) => (
          <li
            key={coat.coat.id}
            className={`grid grid-cols-[2.2rem_1fr_auto] items-center gap-3 py-3 ${coat === running ? 'border-l-4 border-act bg-act-wash pl-2' : ''}`}
          >
            <span className="text-2xl font-bold">{i + 1}</span>
            <span>
              <b>{coat.coat.name}</b>, {coat.sheet.name}
              <span className="block text-sm text-ink-soft">
                {units.show('film', coat.wet)} wet for {units.show('film', coat.coat.dry)} dry; next coat
                after {showDuration(coat.sheet.times.recoatFirst)}
                {coat.sheet.times.recoatLast
                  ? `, at the latest after ${showDuration(coat.sheet.times.recoatLast)}`
                  : ''}
                <RoomThen coat={coat} />
              </span>
            </span>
            <span className="text-right text-sm">
              <CoatClock coat={coat} now={view.now} />
            </span>
          </li>
        ))}
      </ol>
    </Panel>
  );
}

/** The room as last read before a coat went on. */
function RoomThen({ coat }: { readonly coat: CoatState }) {
  const { view } = useJob();
  const units = useUnits();
  if (coat.started === undefined) return null;
  const { started } = coat;
  const room = lastOf(liveEntries(view.job), 'climate', (entry) => moment(entry) <= started);
  return (
    <span className="block">
      {room
        ? `Air ${units.show('temperature', room.air)}, part ${units.show('temperature', room.part)}, ${units.show('share', room.humidity, { digits: 0 })}`
        : 'The room was not read before it'}
    </span>
  );
}

function CoatClock({ coat, now }: { readonly coat: CoatState; readonly now: number }) {
  if (coat.state === 'todo') return <span className="text-ink-soft">to come</span>;
  if (coat.state === 'running')
    return <b className="text-act">{showClock((now - (coat.started ?? now)) / 1000)}</b>;
  const took =
    coat.started === undefined || coat.ended === undefined ? undefined : (coat.ended - coat.started) / 1000;
  return (
    <>
      <b className="text-good">✓ on</b>
      <span className="block text-ink-soft">
        {coat.ended ? clockTime(coat.ended) : ''}
        {took === undefined ? '' : took < 0 ? '' : `, took ${showDuration(took)}`}
        {took !== undefined && took < 0 && (
          <b className="block text-care">▲ ended before it began: put its times right in the logbook</b>
        )}
      </span>
    </>
  );
}
