'use client';

import { useMemo } from 'react';
import { defects, type DefectId } from '@/core/diagnosis';
import { eachThatCan } from '@/facts/shop/eachthatcan';
import { recurrences, type Recurrence } from '@/facts/shop/recurring';
import { sprayedIn } from '@/facts/shop/uses';
import { useRecords } from '@/store/hooks';
import { Panel } from '@/ui/Panel';
import { useGone } from '@/ui/gone';
import { useKit } from '@/ui/kit';
import { pointsTo, recursWords } from '@/words/recurring';

/** So many lines a fault: the rest is likelier accident. */
const shown = 4;

/** Does a fault come again over jobs, and with what: material, machine or hand? */
export function Recurs({ seen }: { readonly seen: readonly DefectId[] }) {
  const jobs = useRecords('job');
  const cans = useRecords('can');
  const sheets = useRecords('coating');
  const kit = useKit();
  const { ready } = useGone(jobs, kit);
  const uses = useMemo(
    () => (ready ? eachThatCan(jobs, (job) => sprayedIn(job, kit)) : []),
    [ready, jobs, kit],
  );
  const found = seen.map((id) => ({ id, all: recurrences(uses, id) })).filter(({ all }) => all.length > 0);
  if (found.length === 0) return null;
  const nameOf = ({ kind, key }: Recurrence): string =>
    kind === 'person'
      ? key
      : kind === 'lot'
        ? `lot ${cans.find(({ id }) => id === key)?.lot ?? key}`
        : ((kind === 'gun' ? kit.rigs : sheets).find(({ id }) => id === key)?.name ??
          'what the shop has no longer');
  return (
    <Panel title="Over all jobs">
      <div data-recurs className="space-y-3 text-sm">
        {found.map(({ id, all }) => (
          <div key={id}>
            <h3 className="font-bold">{defects[id].name}</h3>
            <ul className="list-disc pl-5">
              {all.slice(0, shown).map((each) => (
                <li key={`${each.kind}/${each.key}`}>{recursWords(each, nameOf(each))}</li>
              ))}
            </ul>
            <p className="mt-1">{pointsTo(all)}</p>
          </div>
        ))}
        <p className="text-xs text-ink-soft">
          Counted over jobs with coats on, by who and what stands in their records. A job nobody looked at for
          faults counts as one without.
        </p>
      </div>
    </Panel>
  );
}
