'use client';

import { incidents } from '@/core/care';
import { lastOf, liveEntries, moment } from '@/facts/job';
import { warmAt } from '@/facts/job/timers';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { incidentWords } from '@/words/care';
import { clockTime } from '@/words/clock';

/** What befell the gun: whatever it was, the card is sprayed anew, and a fault later remembers it. */
export function Mishaps() {
  const { view, log } = useJob();
  const { rig, work, now } = view;
  if (!rig) return null;
  const last = lastOf(liveEntries(work), 'incident', ({ rigId }) => (rigId ?? rig.id) === rig.id);
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="Did it have a fall?"
      says={last ? `${incidentWords[last.what]}, ${clockTime(moment(last), now)}` : 'none on record'}
    >
      <div className="flex flex-wrap gap-3" data-mishaps>
        {incidents.map((what) => (
          <Button
            key={what}
            onClick={() => log(incidentWords[what], { type: 'incident', what, rigId: rig.id })}
          >
            <span className="first-letter:uppercase">{incidentWords[what]}</span>
          </Button>
        ))}
      </div>
      <p className="mt-2 text-sm text-ink-soft">
        Look at the needle’s point and the nozzle’s rim under a glass; renew both together if either is
        marked.
      </p>
    </Fold>
  );
}

/** A turbine’s air is cold and unsteady at first: it is switched on before the card. */
export function TurbineOn() {
  const { view, log } = useJob();
  const { rig, work, now } = view;
  if (rig?.air !== 'turbine') return null;
  const warm = warmAt(work, rig.id);
  return (
    <div
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-hairline px-4 py-3 md:px-5"
      data-turbine-on
    >
      <Button onClick={() => log('turbine on', { type: 'turbine-on', rigId: rig.id })}>Turbine on</Button>
      <p className="text-sm">
        {warm === undefined
          ? 'Five minutes before the card, a default: until then its air is cold and unsteady.'
          : warm > now
            ? `Warm from ${clockTime(warm, now)}: spray the card then.`
            : '✓ warm and steady'}
      </p>
    </div>
  );
}
