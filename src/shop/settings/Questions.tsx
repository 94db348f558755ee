'use client';

import { openQuestions } from '@/records/asked';
import { useShopState } from '@/store/hooks';
import { AskedAbout } from '@/ui/AskedAbout';
import { Panel } from '@/ui/Panel';

/** Every record that came with a value that cannot be. */
export function Questions() {
  const { records } = useShopState();
  const asked = [...records.values()].filter((record) => openQuestions(record).length > 0);
  if (asked.length === 0) return null;
  return (
    <Panel title="Values that cannot be">
      <ul className="max-w-3xl">
        {asked.map((record) => (
          <li key={`${record.kind}/${record.id}`}>
            <b>
              {'name' in record ? record.name : record.kind === 'can' ? `Can, lot ${record.lot}` : record.id}
            </b>
            <AskedAbout record={record} />
          </li>
        ))}
      </ul>
    </Panel>
  );
}
