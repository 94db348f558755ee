'use client';

import { isoNow } from '@/store/clock';
import { useState } from 'react';
import type { Coating, Layer } from '@/records';
import { useRecord, useShop, useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { Compare } from './Compare';
import { layersBehind, recheckDue, takeSheet } from '@/facts/shop/revisions';
import { calendarDay } from '@/words/dates';

/** Makers change their sheets: one that nobody compared with its paper for long is asked about where it is used. */
function Recheck({ sheet }: { readonly sheet: Coating }) {
  const store = useStore();
  return (
    <div className="border-b border-hairline px-4 py-4 md:px-5">
      <Notice tone="care">
        <p>
          The sheet of {sheet.name} was last held against its paper on {calendarDay(sheet.checkedOn)}. Is
          there a newer one?
        </p>
        <span className="mt-2 flex flex-wrap gap-2">
          <ButtonLink href="/sheet">Read the newer paper</ButtonLink>
          <Button
            onClick={() => store.put({ ...sheet, checkedOn: isoNow().slice(0, 10) }, 'sheet checked again')}
          >
            It is as on the paper
          </Button>
        </span>
      </Notice>
    </div>
  );
}

/** Offers a begun job each sheet that was changed since, and asks about one long unchecked. Nothing reaches into it by itself. */
export function SheetChanged() {
  const { view } = useJob();
  const sheets = view.job.layers.map(({ sheet }) => sheet);
  return [...new Set(sheets.map(({ id }) => id))].map((id) => <OneSheet key={id} id={id} />);
}

function OneSheet({ id }: { readonly id: string }) {
  const { view } = useJob();
  const store = useStore();
  const [comparing, setComparing] = useState(false);
  const current = useRecord('coating', id);
  const shop = useShop();
  if (!current) return null;
  const behind = layersBehind(view.job, current);
  const own = behind[0]?.sheet;
  if (!own) return recheckDue(current, shop) <= isoNow().slice(0, 10) ? <Recheck sheet={current} /> : null;
  const take = (layer?: Layer) => {
    store.put(takeSheet(view.job, current, isoNow(), layer?.id), 'changed sheet taken');
    notify(`${layer ? layer.name : 'This job'} works with the changed sheet now.`);
  };
  return (
    <div className="border-b border-hairline px-4 py-4 md:px-5">
      <Notice tone="care">
        <p>
          The sheet of {own.name} was changed after this job began. The job keeps its own until you decide.
        </p>
        <span className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => setComparing(true)}>Compare</Button>
          <Button onClick={() => take()}>
            {behind.length > 1 ? 'Take it for all' : 'Take the changed sheet'}
          </Button>
          {behind.length > 1 &&
            behind.map((layer) => (
              <Button key={layer.id} onClick={() => take(layer)}>
                For {layer.name}
              </Button>
            ))}
        </span>
      </Notice>
      {comparing && (
        <Compare
          sides={[
            { name: `Shop’s, revision ${current.sheetRevision || 'not stated'}`, sheet: current },
            { name: `This job’s, revision ${own.sheetRevision || 'not stated'}`, sheet: own },
          ]}
          onClose={() => setComparing(false)}
        />
      )}
    </div>
  );
}
