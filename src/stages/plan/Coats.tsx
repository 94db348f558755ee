'use client';

import { Plus, Trash2 } from 'lucide-react';
import { newId, type Job, type PlannedCoat } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { expects } from '@/ui/expects';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';

/** The coats in order, with the dry film aimed at and the wet film that leaves it. */
export function Coats() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, plan, spray } = view;
  const change = (coats: Job['coats']) => store.put({ ...job, coats }, 'coats changed');
  const setDry = (id: string, dry: number | undefined) => {
    if (dry !== undefined && dry > 0)
      change(job.coats.map((coat) => (coat.id === id ? { ...coat, dry } : coat)));
  };
  const add = () => {
    const last = job.coats.at(-1) as PlannedCoat;
    change([...job.coats, { ...last, id: newId(), name: `Coat ${job.coats.length + 1}` }]);
  };
  return (
    <Panel
      title="Coats"
      tools={
        <Button onClick={add}>
          <Plus aria-hidden className="size-4" /> Add a coat
        </Button>
      }
    >
      <ol className="divide-y divide-hairline border-y border-hairline">
        {plan.coats.map(({ coat, sheet, wet, dry, solids }, i) => {
          const state = spray.coats[i]?.state ?? 'todo';
          const off = coat.dry < dry.min * (1 - 1e-9) || coat.dry > dry.max * (1 + 1e-9);
          return (
            <li
              key={coat.id}
              className="grid grid-cols-[1fr_auto] items-start gap-x-4 gap-y-2 py-3 sm:grid-cols-[1.4fr_9rem_8rem_2.75rem]"
            >
              <div>
                <div className="font-semibold">
                  {i + 1}. {coat.name}
                </div>
                <div className="text-sm text-ink-soft">
                  {sheet.name}, {units.show('share', solids)} solids
                  {state === 'done' ? ', on' : state === 'running' ? ', going on' : ''}
                </div>
              </div>
              <NumberField
                label="Dry film"
                quantity="film"
                value={coat.dry}
                onChange={(value) => setDry(coat.id, value)}
                expects={expects.dryFilm}
                lazily
                error={off ? `The sheet allows ${units.range('film', dry.min, dry.max)}.` : undefined}
              />
              <div>
                <div className="text-sm text-ink-soft">Wet film</div>
                <div className="pt-1 text-2xl font-bold">{units.show('film', wet)}</div>
              </div>
              <button
                type="button"
                aria-label={`Remove coat ${i + 1}`}
                disabled={job.coats.length === 1 || state !== 'todo'}
                className="flex size-11 items-center justify-center self-center disabled:opacity-30"
                onClick={() => change(job.coats.filter(({ id }) => id !== coat.id))}
              >
                <Trash2 aria-hidden className="size-5" />
              </button>
            </li>
          );
        })}
      </ol>
    </Panel>
  );
}
