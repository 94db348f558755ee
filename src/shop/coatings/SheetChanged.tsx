'use client';

import { isoNow } from '@/store/clock';
import { useState } from 'react';
import type { Coating } from '@/records';
import { useRecord, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { Compare } from './Compare';
import { saysTheSame, takeSheet } from '@/facts/shop/revisions';

/** Offers a begun job each sheet that was changed since. Nothing reaches into it by itself. */
export function SheetChanged() {
  const { view } = useJob();
  const sheets = view.job.layers.map(({ sheet }) => sheet);
  return sheets
    .filter(({ id }, i) => sheets.findIndex((each) => each.id === id) === i)
    .map((own) => <OneSheet key={own.id} own={own} />);
}

function OneSheet({ own }: { readonly own: Coating }) {
  const { view } = useJob();
  const store = useStore();
  const [comparing, setComparing] = useState(false);
  const current = useRecord('coating', own.id);
  if (!current || saysTheSame(own, current)) return null;
  const take = () => {
    store.put(takeSheet(view.job, current, isoNow()), 'changed sheet taken');
    notify('This job works with the changed sheet now.');
  };
  return (
    <div className="border-b border-hairline px-4 py-4 md:px-5">
      <Notice tone="care">
        <p>
          The sheet of {own.name} was changed after this job began. The job keeps its own until you decide.
        </p>
        <span className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => setComparing(true)}>Compare</Button>
          <Button onClick={take}>Take the changed sheet</Button>
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
