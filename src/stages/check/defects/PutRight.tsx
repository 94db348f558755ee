'use client';

import { isDefect } from '@/facts/shop/outcomes';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Mending } from '../film/Mending';
import { LaterLooks } from './LaterLooks';
import { Rework } from './Rework';

/** The ways to put right what is seen, and when to look again. */
export function PutRight() {
  const { view } = useJob();
  const seen = [...new Set(view.check.defects.open.map(({ defect }) => defect).filter(isDefect))];
  return (
    <>
      {seen.length === 0 && (
        <Panel title="Put right">
          <p className="text-sm text-ink-soft">
            No defect stands in the log of this job. What is seen is chosen under Defects.
          </p>
        </Panel>
      )}
      <Mending />
      <Rework seen={seen} />
      <LaterLooks />
    </>
  );
}
