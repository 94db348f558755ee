'use client';

import { defects, judgeable, type DefectId } from '@/core/diagnosis';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/words/clock';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** Some defects leave by themselves: until then it is too early to judge them. */
export function TooEarly({ seen }: { readonly seen: readonly DefectId[] }) {
  const { view } = useJob();
  const { now, spray } = view;
  const ended = spray.coats.findLast((coat) => coat.ended !== undefined)?.ended;
  if (ended === undefined) return null;
  const early = seen
    .map((id) => ({ id, ...judgeable(id, (now - ended) / 1000) }))
    .filter(({ wait }) => wait > 0);
  if (early.length === 0) return null;
  return (
    <Panel title="When to judge" place="judging">
      <div className="space-y-3" data-early>
        {early.map(({ id, wait }) => (
          <Notice key={id} tone="care">
            <b>{defects[id].name}: too early to judge.</b> It may leave by itself. Look again in{' '}
            <Printed figure={amount('duration', wait)} />, at {clockTime(now + wait * 1000)}; sand or polish
            nothing before.
          </Notice>
        ))}
      </div>
    </Panel>
  );
}
