'use client';

import { isoNow } from '@/store/clock';
import { useEffect, useRef, useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { newId } from '@/records';
import { act, gunActions, hiddenGun, parOf, sprayCard, type GunAction } from '@/standins/practicegun';
import { useRecords, useShop, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { cardWords } from '@/words/set';
import { readSimulatedCard, type CardTask } from '@/workers/card';
import { actionWords, troubleWords } from './words';
import { amount, written } from '@/words/figures';

const fan = 0.24;

interface Card {
  readonly url: string;
  readonly says: string;
  readonly done: readonly GunAction[];
}

/** A gun with a hidden trouble: do something to it, spray a card, read it, until the card is right. */
export function SetupDrill() {
  const store = useStore();
  const shop = useShop();
  const units = useUnits();
  const tries = useRecords('practice');
  const [gun, setGun] = useState(() => hiddenGun(String(Date.now())));
  const [cards, setCards] = useState<readonly Card[]>([]);
  const [done, setDone] = useState<readonly GunAction[]>([]);
  const [busy, setBusy] = useState(false);
  const [ended, setEnded] = useState<'solved' | 'shown'>();
  const task = useRef<CardTask>(undefined);
  const urls = useRef<string[]>([]);
  useEffect(
    () => () => {
      task.current?.cancel();
      for (const url of urls.current) URL.revokeObjectURL(url);
    },
    [],
  );
  const who = shop.operator || 'Me';
  const keep = (count: number, solved: boolean) =>
    store.put(
      {
        kind: 'practice',
        version: 1,
        id: newId(),
        name: who,
        at: isoNow(),
        drill: 'set-up',
        gun: { trouble: gun.trouble, cards: count, solved },
      },
      'practice',
    );
  const shoot = async () => {
    const next = sprayCard(gun, fan);
    setGun(next.gun);
    setBusy(true);
    task.current = readSimulatedCard(next.card);
    const found = await task.current.result;
    setBusy(false);
    if (!found.picture) return;
    const url = URL.createObjectURL(found.picture);
    urls.current.push(url);
    const fault = isRefusal(found.outcome) ? undefined : found.outcome.fault;
    const says = isRefusal(found.outcome)
      ? found.outcome.says
      : `${cardWords[found.outcome.fault].name}, ${written(amount('distance', found.outcome.width), units)} wide`;
    setCards((before) => [...before, { url, says, done }]);
    setDone([]);
    // The first card cannot be right: a gun that happens to read well all the same is set up again by a card more.
    if (fault === 'good' && next.gun.cards > 1) {
      setEnded('solved');
      keep(next.gun.cards, true);
    }
  };
  const again = () => {
    for (const url of urls.current.splice(0)) URL.revokeObjectURL(url);
    setGun(hiddenGun(String(Date.now())));
    setCards([]);
    setDone([]);
    setEnded(undefined);
  };
  const own = tries.filter(({ name, gun: one }) => name === who && one?.solved);
  const last = cards.at(-1);
  return (
    <div className="grid max-w-5xl gap-6 lg:grid-cols-[15rem_minmax(0,1fr)]" data-setup-drill>
      <div>
        {last ? (
          <img
            src={last.url}
            alt={`Simulated card ${cards.length}: ${last.says}`}
            className="w-full border border-hairline"
          />
        ) : (
          <div className="flex aspect-[3/4] items-center justify-center border-2 border-dashed border-ink-soft text-sm text-ink-soft">
            No card yet
          </div>
        )}
        <p className="mt-1 text-sm font-semibold text-care">Simulated gun and card</p>
      </div>
      <div className="space-y-4">
        <div className="flex flex-wrap items-center gap-4">
          <Button onClick={() => void shoot()} disabled={busy || ended !== undefined}>
            {busy ? 'Spraying' : 'Spray a card'}
          </Button>
          <Button onClick={again} disabled={busy}>
            Another gun
          </Button>
          {cards.length > 0 && !ended && (
            <Button
              onClick={() => {
                setEnded('shown');
                keep(cards.length, false);
              }}
              disabled={busy}
            >
              Tell me
            </Button>
          )}
          <p role="status">{plural(cards.length, 'card', 'cards')}</p>
        </div>
        <fieldset disabled={cards.length === 0 || ended !== undefined || busy}>
          <legend className="mb-1 text-sm text-ink-soft">
            Do something to the gun, one thing before each card
          </legend>
          <div className="flex flex-wrap gap-2">
            {gunActions.map((action) => (
              <Button
                key={action}
                disabled={cards.length === 0 || ended !== undefined || busy}
                onClick={() => {
                  setGun((held) => act(held, action));
                  setDone((before) => [...before, action]);
                }}
              >
                {actionWords[action]}
              </Button>
            ))}
          </div>
        </fieldset>
        {done.length > 0 && (
          <p className="text-sm" data-done>
            Since the last card: <b>{done.map((action) => actionWords[action].toLowerCase()).join(', ')}</b>.
            {new Set(done).size > 1 && (
              <span className="text-care"> ▲ More than one thing: the card cannot tell which helped.</span>
            )}
          </p>
        )}
        {ended && (
          <Notice tone={ended === 'solved' && cards.length <= parOf(gun) ? 'good' : 'care'}>
            <b>
              {ended === 'solved' ? `Right in ${plural(cards.length, 'card', 'cards')}. ` : 'Not found. '}
            </b>
            It was {troubleWords[gun.trouble]}.{' '}
            {ended === 'solved' && cards.length > parOf(gun)
              ? `${plural(parOf(gun), 'card', 'cards')} would do.`
              : ''}
          </Notice>
        )}
        <ol className="divide-y divide-hairline border-y border-hairline text-sm" aria-label="Cards so far">
          {cards.map((card, i) => (
            <li key={card.url} className="flex items-center gap-3 py-2">
              <img src={card.url} alt="" className="h-14 border border-hairline" />
              <span>
                <b>
                  Card {i + 1}: {card.says}
                </b>
                {card.done.length > 0 && (
                  <span className="block text-ink-soft">
                    after {card.done.map((action) => actionWords[action].toLowerCase()).join(', ')}
                  </span>
                )}
              </span>
            </li>
          ))}
        </ol>
        {own.length > 0 && (
          <p className="text-sm text-ink-soft">
            {who}: {own.length} set right,{' '}
            {(own.reduce((sum, { gun: one }) => sum + (one?.cards ?? 0), 0) / own.length).toFixed(1)} cards
            each.
          </p>
        )}
      </div>
    </div>
  );
}
