'use client';

import type { Job } from '@/records';
import { useStore } from '@/store/hooks';
import { substrateOf } from '@/facts/job';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { existingWords, exposureWords, judgedWords, substrateWords } from '@/words/system';

const optionsOf = (words: Record<string, string>, unsaid?: string) => [
  ...(unsaid ? [{ value: '', label: unsaid }] : []),
  ...Object.entries(words).map(([value, label]) => ({ value, label })),
];

/** What the part is, what is on it, where it will stand and how it will be judged. */
export function PartFacts() {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const { part } = job;
  const set = (said: Partial<Job['part']>) =>
    store.put({ ...job, part: { ...part, ...said } }, 'part changed');
  return (
    <div className="mb-4 grid grid-cols-2 items-start gap-3 lg:grid-cols-4">
      <SelectField
        label="Ground"
        value={substrateOf(part)}
        onChange={(event) => set({ kind: event.target.value as Job['part']['kind'] })}
        options={optionsOf(substrateWords)}
      />
      <SelectField
        label="What is on it"
        value={part.existing ?? 'bare'}
        onChange={(event) => set({ existing: event.target.value as Job['part']['existing'] })}
        options={optionsOf(existingWords)}
      />
      <SelectField
        label="Where it will stand"
        value={part.exposure ?? ''}
        onChange={(event) => set({ exposure: (event.target.value || undefined) as Job['part']['exposure'] })}
        options={optionsOf(exposureWords, 'Not said')}
      />
      <SelectField
        label="Judged by"
        value={part.judgedBy ?? ''}
        onChange={(event) => set({ judgedBy: (event.target.value || undefined) as Job['part']['judgedBy'] })}
        options={optionsOf(judgedWords, 'Film only')}
      />
      {part.judgedBy === 'match' && (
        <p className="col-span-full text-sm">
          Polish the neighbour first, then spray a test spot and hold it beside: a colour is matched by eye,
          not by its code.
        </p>
      )}
      {part.judgedBy === 'mirror' && (
        <p className="col-span-full text-sm">
          Plan what flatting and polishing take off: a clear in three coats, the last sanded.
        </p>
      )}
    </div>
  );
}
