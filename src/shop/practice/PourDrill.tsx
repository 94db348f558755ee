'use client';

import { useState } from 'react';
import { newId } from '@/records';
import { isoNow } from '@/store/clock';
import { useRecords, useShop, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { CommitField } from '@/ui/Field';
import { LivePour } from '@/ui/live/LivePour';
import { usePourLag } from '@/ui/live/uselag';
import { Printed } from '@/ui/Printed';
import { amount } from '@/words/figures';

/** g that are asked for one after the other: small ones are the hard ones. */
const marks = [300, 120, 450, 80, 220, 60, 350, 150] as const;

/** Pouring to a mark by the live scale: how far off, and how long this hand goes on after stop. */
export function PourDrill() {
  const store = useStore();
  const shop = useShop();
  const tries = useRecords('practice');
  const [who, setWho] = useState(shop.operator || 'Me');
  const [turn, setTurn] = useState(0);
  const [poured, setPoured] = useState(false);
  const lag = usePourLag(who);
  const aim = (marks[turn % marks.length] ?? 300) / 1000;
  const own = tries
    .filter(({ name, pour }) => name === who && pour)
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, 8);
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_18rem]" data-pour-drill>
      <div className="space-y-4">
        <p className="text-lg">
          Pour{' '}
          <b>
            <Printed figure={amount('mass', aim)} digits={1} />
          </b>
          .
        </p>
        <LivePour
          name="water"
          aim={aim}
          of={`${who}/${turn}`}
          lag={lag}
          step={1e-4}
          digits={{ digits: 1 }}
          follows="Let go a little sooner."
          onTaken={({ mass, live, simulated }) => {
            setPoured(true);
            store.put(
              {
                kind: 'practice',
                version: 1,
                id: newId(),
                name: who,
                at: isoNow(),
                drill: 'pour',
                pour: {
                  aim,
                  took: Math.max(mass, 0),
                  // A stand-in has a hand of its own: nothing is learnt of this one.
                  ...(live && !simulated
                    ? { stopAt: Math.max(live.stopAt, 0), rate: Math.max(live.rate, 0) }
                    : {}),
                },
              },
              'practice',
            );
          }}
        />
        {poured && (
          <Button
            look="main"
            onClick={() => {
              setTurn(turn + 1);
              setPoured(false);
            }}
          >
            The next mark
          </Button>
        )}
      </div>
      <section aria-label="Pours">
        <CommitField label="Who pours" value={who} onCommit={(name) => setWho(name.trim() || 'Me')} />
        <ol className="mt-2 divide-y divide-hairline border-y border-hairline text-sm">
          {own.map(({ id, pour }) =>
            pour ? (
              <li key={id} className="flex justify-between gap-3 py-1.5">
                <span>
                  <Printed figure={amount('mass', pour.aim)} digits={0} />
                </span>
                <b className={Math.abs(pour.took / pour.aim - 1) <= 0.02 ? 'text-good' : 'text-care'}>
                  {pour.took < pour.aim ? '−' : '+'}
                  <Printed figure={amount('mass', Math.abs(pour.took - pour.aim))} digits={1} />
                </b>
              </li>
            ) : null,
          )}
        </ol>
      </section>
    </div>
  );
}
