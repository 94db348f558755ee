'use client';

import { ArrowUp, Plus, Trash2 } from 'lucide-react';
import { abrades } from '@/core/system';
import { gritUnder } from '@/facts/job';
import { newId, workKinds, type Layer, type LayerWork, type WorkKind } from '@/records';
import { Button } from '@/ui/Button';
import { CommitField, SelectField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import { workLine, workWords } from '@/words/work';

interface Props {
  readonly layer: Layer;
  /** What comes over it. */
  readonly above: Layer;
  readonly onChange: (work: LayerWork[] | undefined) => void;
}

/** What is done to a layer before the next product: folded, with the default readable. */
export function LayerWorkList({ layer, above, onChange }: Props) {
  const units = useUnits();
  const { work = [] } = layer;
  const put = (next: LayerWork[]) => onChange(next.length > 0 ? next : undefined);
  const change = (id: string, said: Partial<LayerWork>) =>
    put(work.map((each) => (each.id === id ? { ...each, ...said } : each)));
  const add = () => {
    const grit = gritUnder(above.coats[0], above.sheet).fine;
    put([...work, { id: newId(), what: 'sand', grit }]);
  };
  const raise = (at: number) => {
    const next = [...work];
    const [moved] = next.splice(at, 1);
    if (moved) next.splice(at - 1, 0, moved);
    put(next);
  };
  const tool = 'flex size-11 items-center justify-center disabled:opacity-30';
  return (
    <details data-work-of={layer.id}>
      <summary className="flex min-h-11 items-center text-sm">
        <span>
          Before {above.name}:{' '}
          <b>
            {work.length > 0
              ? work
                  .map((each) =>
                    workLine(each, units)
                      .toLowerCase()
                      .replace(/ p(\d)/, ' P$1'),
                  )
                  .join('; ')
              : 'nothing between'}
          </b>
        </span>
      </summary>
      <ol className="space-y-3 pb-2">
        {work.map((each, i) => (
          <li key={each.id} className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[1.4fr_1fr_1fr_auto]">
            <SelectField
              label={`Work ${i + 1}`}
              value={each.what}
              options={workKinds.map((value) => ({ value, label: workWords[value].todo }))}
              onChange={(event) => {
                const what = event.target.value as WorkKind;
                change(each.id, { what, ...(abrades(what) ? {} : { grit: undefined, takes: undefined }) });
              }}
            />
            {abrades(each.what) ? (
              <>
                <CommitField
                  label="Grit, P"
                  type="number"
                  min={16}
                  max={10_000}
                  value={String(each.grit ?? '')}
                  onCommit={(text) => {
                    const grit = Math.round(Number(text));
                    change(each.id, { grit: text.trim() && grit >= 16 && grit <= 10_000 ? grit : undefined });
                  }}
                />
                <NumberField
                  label="Film off"
                  quantity="film"
                  lazily
                  value={each.takes}
                  expects={[0, 200e-6]}
                  onChange={(takes) => change(each.id, { takes })}
                />
              </>
            ) : (
              <div className="sm:col-span-2">
                <NumberField
                  label={each.what === 'wait' ? 'How long' : 'Takes about'}
                  quantity="duration"
                  lazily
                  value={each.lasts}
                  expects={[60, 7 * 86_400]}
                  onChange={(lasts) => change(each.id, { lasts })}
                />
              </div>
            )}
            <div className="flex">
              <button
                type="button"
                aria-label={`Work ${i + 1} earlier`}
                className={tool}
                disabled={i === 0}
                onClick={() => raise(i)}
              >
                <ArrowUp aria-hidden className="size-5" />
              </button>
              <button
                type="button"
                aria-label={`Remove work ${i + 1}`}
                className={tool}
                onClick={() => put(work.filter(({ id }) => id !== each.id))}
              >
                <Trash2 aria-hidden className="size-5" />
              </button>
            </div>
          </li>
        ))}
      </ol>
      <Button onClick={add}>
        <Plus aria-hidden className="size-4" /> Add work
      </Button>
    </details>
  );
}
