'use client';

import { thinnersOf, withCoat } from '@/facts/job';
import { useStore } from '@/store/hooks';
import type { PlannedCoat } from '@/records';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

/** A coat may be thinned otherwise than the next: neat, or a capped extra, or with a slower thinner. */
export function CoatRecipes() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, work, thin, spray } = view;
  const own = work.layer.coats;
  const set = (id: string, thinning: PlannedCoat['thinning']) =>
    store.put(withCoat(job, id, { thinning }), 'coat’s recipe');
  const cap = thin.sheet.thinning.maximum;
  return (
    <Panel title="Coat by coat">
      <ul className="divide-y divide-hairline border-y border-hairline">
        {own.map((coat) => {
          const { thinning } = coat;
          const done = spray.coats.find((each) => each.coat.id === coat.id)?.state === 'done';
          return (
            <li key={coat.id} className="grid items-start gap-3 py-3 sm:grid-cols-[7rem_1fr_1fr]">
              <b className="sm:pt-8">{coat.name}</b>
              <SelectField
                label={`${coat.name}, thinned`}
                value={thinning?.by ?? 'band'}
                disabled={done}
                onChange={(event) => {
                  const by = event.target.value;
                  set(coat.id, by === 'neat' ? { by } : by === 'extra' ? { by, extra: 0.05 } : undefined);
                }}
                options={[
                  { value: 'band', label: 'To the band' },
                  { value: 'neat', label: 'Not at all: neat' },
                  { value: 'extra', label: 'To the band and an extra' },
                ]}
              />
              {thinning?.by === 'extra' && (
                <div className="space-y-2">
                  <NumberField
                    label="Extra"
                    quantity="share"
                    value={thinning.extra}
                    onChange={(extra) => set(coat.id, { ...thinning, extra })}
                    expects={[0.005, 0.15]}
                    lazily
                    hint={`In the sheet’s percent; ${written(amount('share', cap), units, { digits: 0 })} in all is its maximum`}
                  />
                  {thinnersOf(thin.sheet).length > 1 && (
                    <SelectField
                      label="Extra of"
                      value={thinning.thinnerId ?? ''}
                      onChange={(event) =>
                        set(coat.id, { ...thinning, thinnerId: event.target.value || undefined })
                      }
                      options={[
                        { value: '', label: 'The same thinner' },
                        ...thinnersOf(thin.sheet).map(({ id, name }) => ({ value: id, label: name })),
                      ]}
                    />
                  )}
                </div>
              )}
            </li>
          );
        })}
      </ul>
      <p className="mt-2 text-sm text-ink-soft">
        What goes past the sheet asks for a trial piece first, and the record says so. Every diluent, retarder
        and extender counts.
      </p>
    </Panel>
  );
}
