'use client';

import { useStore } from '@/store/hooks';
import { dosesOf, withLayer } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** The small doses beside the ratio, as much of each as the sheet allows. */
export function Doses() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, work, mix } = view;
  const fixed = mix.batch !== undefined || mix.pouring !== undefined;
  const set = (id: string, dose: number | undefined) => {
    // A cleared field goes back to what the sheet says.
    const others = Object.entries(work.layer.doses ?? {}).filter(([each]) => each !== id);
    const doses = Object.fromEntries(dose === undefined ? others : [...others, [id, dose]]);
    store.put(withLayer(job, work.layer.id, { doses }), 'dose changed');
  };
  return (
    <Panel title="Doses">
      <ul className="space-y-3">
        {dosesOf(work.layer).map(({ id, name, dose, maximum, doseBy, doseOf, thins, said }) => (
          <li key={id} className="grid items-start gap-3 sm:grid-cols-[9rem_1fr]">
            {fixed ? (
              <div>
                <div className="text-sm text-ink-soft">{name}</div>
                <div className="text-xl font-bold">
                  <Printed figure={amount('share', dose)} digits={2} />
                </div>
              </div>
            ) : (
              <NumberField
                label={name}
                quantity="share"
                value={dose}
                onChange={(value) => set(id, value)}
                expects={[0, Math.max(maximum * 1.5, 0.01)]}
                lazily
                error={
                  dose > maximum + 1e-12
                    ? `The sheet allows ${written(amount('share', maximum), units, { digits: 2 })}.`
                    : undefined
                }
              />
            )}
            <p className="text-sm text-ink-soft sm:pt-7">
              {said && `The paper: ${said}. `}
              At most <Printed figure={amount('share', maximum)} digits={2} /> by {doseBy} of{' '}
              {doseOf === 'base' ? 'the first part, stirred in right after it' : 'the mix, put in last'}.
              {thins && ' It counts toward the thinner’s maximum.'}
              {dose > maximum + 1e-12 && (
                <button
                  type="button"
                  className="block min-h-11 text-act underline underline-offset-4"
                  onClick={() => set(id, maximum)}
                >
                  Use <Printed figure={amount('share', maximum)} digits={2} />
                </button>
              )}
            </p>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
