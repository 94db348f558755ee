'use client';

import {
  cleaningApproaches,
  cleaningSequence,
  type CleaningApproach,
  type CleaningSequence,
} from '@/core/care';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { cleaningQuestion, layerOf, withLayer } from '@/facts/job';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';
import { liquidWords, approachWords } from '@/words/care';
import { amount, written } from '@/words/figures';
import { money } from '@/words/money';

/** Full strip, or flush and store: what each takes here. */
export function Schools() {
  const { view } = useJob();
  const units = useUnits();
  const store = useStore();
  const { clean, work, job } = view;
  const layer = layerOf(work, clean.layerId);
  const choose = (cleaning: CleaningApproach) =>
    store.put(withLayer(job, layer.id, { approach: { ...layer.approach, cleaning } }), 'way of cleaning');
  const rows = cleaningApproaches.map((approach) => ({
    approach,
    found: cleaningSequence({ ...cleaningQuestion(layer, clean.rig), gelled: clean.gelled, approach }),
  }));
  const { rates } = view.shop;
  const priced = rates?.labour !== undefined || rates?.cleaner !== undefined;
  // The fluid is bought, and is to be got rid of again.
  const costOf = ({ volume, takes }: CleaningSequence) =>
    takes * (rates?.labour ?? 0) + volume * ((rates?.cleaner ?? 0) + (rates?.waste ?? 0));
  return (
    <section aria-label="Way of cleaning" className="space-y-2" data-schools>
      <Choice
        label="Way of cleaning"
        value={clean.approach}
        onChange={choose}
        options={cleaningApproaches.map((value) => ({ value, label: approachWords[value] }))}
      />
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b border-ink text-left">
            <th scope="col">
              <span className="sr-only">Way</span>
            </th>
            {['Steps', 'Time', 'Liquid', ...(priced ? ['Money'] : [])].map((each) => (
              <th key={each} scope="col" className="pb-1 text-right font-semibold">
                {each}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ approach, found }) => (
            <tr key={approach} className="border-b border-hairline">
              <th scope="row" className="py-1.5 text-left font-normal text-ink-soft">
                {approachWords[approach]}
              </th>
              {isRefusal(found) ? (
                <td colSpan={priced ? 4 : 3} className="text-right font-semibold">
                  not here
                </td>
              ) : (
                [
                  String(found.steps.length),
                  written(amount('duration', found.takes), units, { digits: 0 }),
                  liquidWords(found.volume, units),
                  ...(priced ? [money(costOf(found))] : []),
                ].map((each, i) => (
                  <td key={i} className="text-right font-semibold">
                    {each}
                  </td>
                ))
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {clean.refusal && clean.steps.length > 0 && (
        <Notice tone="care">{units.says(clean.refusal)} The list below strips it.</Notice>
      )}
      <p className="text-xs text-ink-soft">
        Stored, the knobs stay where they are and nothing is put together anew, but packing and seals stand in
        solvent, and it must be drained before the next coat. Time and liquid are estimates.
      </p>
    </section>
  );
}
