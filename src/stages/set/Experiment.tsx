'use client';

import type { EntryOf } from '@/records';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { pressureQuantity } from '@/words/pressure';
import { cardWords, fittingName } from '@/words/set';
import { setAgain } from '@/facts/job';
import { amount, written } from '@/words/figures';

/** The last change of the gun: one thing, before and after, each with its card, and the way back. */
export function Experiment() {
  const { view, log } = useJob();
  const units = useUnits();
  const { before, setting, card, cardBefore } = view.set;
  if (!before || !setting) return null;
  const changes = changesBetween(before, setting, units);
  if (changes.length === 0) return null;
  const verdict = (of: EntryOf<'card'> | undefined) =>
    of ? cardWords[of.verdict].name.toLowerCase() : 'no card yet';
  return (
    <Panel title="What was changed last">
      <ul className="text-sm">
        {changes.map(({ what, was, is }) => (
          <li key={what} className="flex justify-between border-b border-hairline py-1.5">
            <span>{what}</span>
            <span>
              {was} → <b>{is}</b>
            </span>
          </li>
        ))}
        <li className="flex justify-between py-1.5">
          <span>Card</span>
          <span>
            {verdict(cardBefore)} → <b>{verdict(card)}</b>
          </span>
        </li>
      </ul>
      {changes.length > 1 && (
        <Notice tone="care">
          {changes.length} things changed at once: no card can tell which of them did it.
        </Notice>
      )}
      <Button className="mt-3" onClick={() => log('went back', setAgain(before))}>
        Go back to what it was
      </Button>
    </Panel>
  );
}

function changesBetween(before: EntryOf<'setting'>, after: EntryOf<'setting'>, units: Units) {
  const said = (setting: EntryOf<'setting'>): [string, string][] => [
    ['Fitted', fittingName(setting, units)],
    ['Pressure', written(amount(pressureQuantity(setting.pressure), setting.pressure), units)],
    ['Fluid', written(amount('fluidFlow', setting.fluid), units)],
    ['Fan', written(amount('distance', setting.fan), units)],
    ['Distance', written(amount('distance', setting.distance), units)],
    ['Overlap', written(amount('share', setting.overlap), units, { digits: 0 })],
    ['Speed', written(amount('speed', setting.speed), units)],
  ];
  const after_ = said(after);
  return said(before)
    .map(([what, was], i) => ({ what, was, is: after_[i]?.[1] ?? '' }))
    .filter(({ was, is }) => was !== is);
}
