'use client';

import { useRouter } from 'next/navigation';
import type { DefectId } from '@/core/diagnosis';
import type { Job } from '@/records';
import { useLog } from '@/store/actions';
import { Button } from '@/ui/Button';
import { useShopActions } from '@/ui/frame/undo';
import { useRecorded } from '@/ui/recorded';
import { lookWords } from '@/words/looks';

interface Props {
  readonly job: Job;
  readonly for: readonly DefectId[];
}

/** What a later look at a job found: nothing, or something that is then named where its cause is traced. */
export function LookAnswer({ job, for: ids }: Props) {
  const log = useLog(job);
  const router = useRouter();
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const text = `For ${lookWords(ids)}`;
  return (
    <span className="flex flex-wrap gap-2">
      <Button
        aria-label={`Nothing shows: ${job.name}`}
        onClick={() => {
          log('looked again', { type: 'look', text, found: 'good' });
          recorded(`On record: nothing shows on ${job.name}.`, undo);
        }}
      >
        Nothing shows
      </Button>
      <Button
        aria-label={`Something shows: ${job.name}`}
        onClick={() => {
          log('looked again', { type: 'look', text, found: 'worse' });
          router.push(`/job/${job.id}/check#defects`);
        }}
      >
        Something shows
      </Button>
    </span>
  );
}
