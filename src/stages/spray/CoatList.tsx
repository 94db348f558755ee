'use client';

import { lastOf, liveEntries, moment, spraying, type CoatState } from '@/facts/job';
import type { Rig } from '@/records';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/words/clock';
import { amount, coatFigure } from '@/words/figures';
import { Clock } from '@/ui/Clock';
import { GunButton } from './gun/GunButton';
import { Printed } from '@/ui/Printed';

const filledAgain: Readonly<Record<Rig['feed'], string>> = {
  gravity: 'Cup filled again',
  suction: 'Cup filled again',
  'pressure-cup': 'Cup filled again',
  'pressure-pot': 'Pot filled again',
  pump: 'Pail filled again',
};

/** Every coat with its clock: when it went on, how long it took, what the comb said. */
export function CoatList({ onGun }: { readonly onGun: () => void }) {
  const { view, log } = useJob();
  const { coats, running, next } = view.spray;
  return (
    <Panel
      title="Coats"
      tools={
        view.mix.batch && (
          <span className="flex flex-wrap gap-2">
            {(running ?? next) && <GunButton onGun={onGun} />}
            <Button onClick={() => log('cup filled', { type: 'refill', batchId: view.mix.batch?.id })}>
              {filledAgain[view.rig?.feed ?? 'gravity']}
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
                <Printed figure={coatFigure(view, 'coat.wet', coat.coat, coat.wet)} /> wet for{' '}
                <Printed figure={coatFigure(view, 'coat.dry', coat.coat, coat.coat.dry)} /> dry; next coat
                after <Printed figure={amount('duration', coat.sheet.times.recoatFirst)} />
                {coat.sheet.times.recoatLast !== undefined && (
                  <>
                    , at the latest after <Printed figure={amount('duration', coat.sheet.times.recoatLast)} />
                  </>
                )}
                {coat.sheet.assumed.includes('times') ? ' by default' : ' by the sheet'}
                <RoomThen coat={coat} />
              </span>
            </span>
            <span className="text-right text-sm max-sm:max-w-24">
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
  if (coat.started === undefined) return null;
  const { started } = coat;
  const room = lastOf(liveEntries(view.job), 'climate', (entry) => moment(entry) <= started);
  return (
    <span className="block">
      {room ? (
        <>
          Air <Printed figure={amount('temperature', room.air)} />, part{' '}
          <Printed figure={amount('temperature', room.part)} />,{' '}
          <Printed figure={amount('share', room.humidity)} digits={0} />
        </>
      ) : (
        'The room was not read before it'
      )}
    </span>
  );
}

function CoatClock({ coat, now }: { readonly coat: CoatState; readonly now: number }) {
  const { from, to } = spraying(coat, now);
  if (coat.state === 'todo') return <span className="text-ink-soft">to come</span>;
  if (coat.state === 'running')
    return (
      <b className="text-act">
        <Clock at={from} now={to} />
      </b>
    );
  const took = coat.started === undefined || coat.ended === undefined ? undefined : (to - from) / 1000;
  return (
    <>
      <b className="text-good">✓ on</b>
      <span className="block text-ink-soft">
        {coat.ended ? clockTime(coat.ended) : ''}
        {took !== undefined && took >= 0 && (
          <>
            , took <Printed figure={amount('duration', took)} />
          </>
        )}
        {took !== undefined && took < 0 && (
          <b className="block text-care">▲ ended before it began: put its times right in the logbook</b>
        )}
      </span>
    </>
  );
}
