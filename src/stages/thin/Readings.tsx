'use client';

import { useUnits } from '@/ui/units';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { massDigits } from '@/ui/words/mix';
import { clockTime } from '@/ui/words/spray';

/** What was timed and what was added, newest first: as taken, and at the sheet's temperature. */
export function Readings() {
  const { view } = useJob();
  const units = useUnits();
  const { thin } = view;
  const target = thin.sheet.target;
  const rows = [
    ...thin.readings.flatMap((reading) =>
      reading.entries.map((entry) => ({
        id: entry.id,
        at: entry.at,
        number: units.show('time', entry.seconds),
        says: `${reading.cup.id}, ${units.show('temperature', entry.temperature)} → ${units.show('time', (entry.seconds * reading.atSheet) / reading.seconds)}`,
        simulated: entry.simulated,
      })),
    ),
    ...(thin.batch?.additions ?? []).map((entry) => ({
      id: entry.id,
      at: entry.at,
      number: `+${units.show('mass', entry.mass, massDigits(view, units))}`,
      says:
        entry.what === 'unthinned'
          ? 'unthinned mix'
          : `${thin.thinner?.name.toLowerCase() ?? 'thinner'}, stirred`,
      simulated: false,
    })),
  ].sort((a, b) => b.at.localeCompare(a.at));
  return (
    <Panel title="Timed and added">
      {rows.length === 0 ? (
        <p className="text-sm text-ink-soft">
          Nothing timed yet. Stir, fill the cup level, start the watch as you open it.
        </p>
      ) : (
        <>
          <ul className="divide-y divide-hairline border-y border-hairline text-sm" data-readings>
            {rows.map(({ id, at, number, says, simulated }) => (
              <li key={id} className="grid grid-cols-[3.2rem_4.6rem_1fr] gap-2 py-2">
                <span className="text-ink-soft">{clockTime(Date.parse(at))}</span>
                <b>{number}</b>
                <span>
                  {says}
                  {simulated && <span className="text-care"> simulated</span>}
                </span>
              </li>
            ))}
          </ul>
          {target && (
            <p className="mt-2 text-xs text-ink-soft">
              After the arrow: at the sheet’s {units.show('temperature', target.temperature)}. A mistake is
              put right in the Logbook.
            </p>
          )}
        </>
      )}
    </Panel>
  );
}
