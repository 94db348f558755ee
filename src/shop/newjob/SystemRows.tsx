'use client';

import { systemOf } from '@/facts/newjob/systems';
import { Fold } from '@/ui/Fold';
import { plural } from '@/words/line';
import type { ScreenProps } from './conversation';
import { SystemRow } from './SystemRow';

/** The products of a system, each with its sheet and its gun as the shop usually has them. */
export function SystemRows({ form, draft, held }: Omit<ScreenProps, 'ahead'>) {
  const system = systemOf(draft.system);
  if (!system) return null;
  const { control, formState } = form;
  const named = system.layers.map((layer, i) => {
    const { coatingId, rigId } = draft.rows[i] ?? {};
    const sheet = held.coatings.find(({ id }) => id === coatingId)?.name ?? `${layer.name}, new sheet`;
    return `${sheet} (${held.rigs.find(({ id }) => id === rigId)?.name ?? 'new gun'})`;
  });
  return (
    <>
      <p className="mb-1 text-ink-soft">{system.says}</p>
      <Fold
        open={Boolean(formState.errors.rows)}
        title={plural(system.layers.length, 'product')}
        says={named.join(', ')}
        className="mb-4 border-y border-hairline"
      >
        {system.layers.map((layer, i) => (
          <SystemRow
            key={`${system.id}-${i}`}
            control={control}
            at={i}
            layer={layer}
            newGuns={system.layers.flatMap(({ name }, at) =>
              at < i && draft.rows[at]?.rigId === '' ? [{ at, name }] : [],
            )}
            nozzle={draft.rows[i]?.rigId === '' && draft.atomising !== 'airless'}
          />
        ))}
      </Fold>
    </>
  );
}
