'use client';

import { useState } from 'react';
import { strikeEntry } from '@/store/actions';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { useShopActions } from '@/ui/frame/undo';
import { useJob } from '@/ui/job/context';
import { useRecorded } from '@/ui/recorded';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { massDigits } from '@/words/mix';
import { clockTime } from '@/words/clock';
import { stickWords } from '@/words/stick';
import type { JobView } from '@/facts/job';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { inSentence } from '@/words/line';

/** Why a timing does not count. */
const reasons = [
  'Stopped late or early',
  'Cup was not full to the rim',
  'Bubble or skin in the orifice',
  'Orifice was not clean',
  'Not stirred',
  'Wrong temperature',
];

interface Row {
  readonly id: string;
  readonly at: string;
  readonly number: string;
  readonly says: string;
  readonly simulated?: boolean;
  /** A timing can be discarded here; an addition is struck in the logbook. */
  readonly timing?: boolean;
}

/** So many are looked at while thinning; the earlier ones come when asked for. */
const latest = 4;

/** What was timed and what was added, newest first: as taken, and at the band's temperature. */
export function Readings() {
  const { view } = useJob();
  const units = useUnits();
  const [discarding, setDiscarding] = useState<Row>();
  const { choice } = view.thin;
  const all = rowsOf(view, units);
  const [every, setEvery] = useState(false);
  const rows = every ? all : all.slice(0, latest);
  return (
    <Panel title="Timed and added">
      {rows.length === 0 ? (
        <p className="text-sm text-ink-soft">
          Nothing timed yet. Stir, fill the cup level, start the watch as you open it.
        </p>
      ) : (
        <>
          <ul className="divide-y divide-hairline border-y border-hairline text-sm" data-readings>
            {rows.map((row) => (
              <li key={row.id} className="grid grid-cols-[3.2rem_4.6rem_1fr_auto] items-center gap-2">
                <span className="text-ink-soft">{clockTime(Date.parse(row.at))}</span>
                <b>{row.number}</b>
                <span className="py-2">
                  {row.says}
                  {row.simulated && <span className="text-care"> simulated</span>}
                </span>
                {row.timing && (
                  <Button look="quiet" onClick={() => setDiscarding(row)}>
                    Discard<span className="sr-only"> {row.number}</span>
                  </Button>
                )}
              </li>
            ))}
          </ul>
          {all.length > rows.length && (
            <Button look="quiet" onClick={() => setEvery(true)}>
              {all.length - rows.length} earlier
            </Button>
          )}
          {choice && view.thin.readings.length > 0 && (
            <p className="mt-2 text-xs text-ink-soft">
              After the arrow: in {choice.band.cup.name} at the band’s{' '}
              <Printed figure={amount('temperature', choice.temperature)} />.
            </p>
          )}
        </>
      )}
      {discarding && <Discard row={discarding} onClose={() => setDiscarding(undefined)} />}
    </Panel>
  );
}

function Discard({ row, onClose }: { readonly row: Row; readonly onClose: () => void }) {
  const { view } = useJob();
  const store = useStore();
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const strike = (why: string) => {
    store.put(strikeEntry(view.job, row.id, why, view.now), 'timing discarded');
    recorded(`Discarded: ${why.toLowerCase()}. It stays readable in the logbook.`, undo);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title={`Discard ${row.number}?`} says="Why does it not count?">
      <div className="grid gap-2 sm:grid-cols-2">
        {reasons.map((why) => (
          <Button key={why} onClick={() => strike(why)}>
            {why}
          </Button>
        ))}
      </div>
    </Dialog>
  );
}

function rowsOf(view: JobView, units: Units): Row[] {
  const { thin } = view;
  const timings = thin.readings.flatMap((reading) =>
    reading.entries.map((entry) => ({
      id: entry.id,
      at: entry.at,
      number: written(amount('time', entry.seconds), units),
      says: `${reading.cup.name}, ${written(amount('temperature', entry.temperature), units)} → ${written(amount('time', (entry.seconds * reading.atSheet) / reading.seconds), units)}`,
      simulated: entry.simulated,
      timing: true,
    })),
  );
  const additions = (thin.batch?.additions ?? []).map((entry) => {
    const thinner = thin.sheet.thinning.thinners.find(({ id }) => id === entry.what);
    return {
      id: entry.id,
      at: entry.at,
      number: `+${written(amount('mass', entry.mass), units, massDigits(view, units))}`,
      says: `${entry.what === 'unthinned' ? 'unthinned mix' : `${thinner ? inSentence(thinner.name) : 'thinner'}, stirred`}${entry.offSheet ? ', off the sheet' : ''}`,
    };
  });
  const sticks = thin.sticks.map(({ entry }) => ({
    id: entry.id,
    at: entry.at,
    number: 'stick',
    says: stickWords[entry.sign],
    timing: true,
  }));
  return [...timings, ...additions, ...sticks].sort((a, b) => b.at.localeCompare(a.at));
}
