'use client';

import { substrateOf } from '@/facts/job';
import { statesOn, substrateKinds, type GroundState, type SubstrateKind } from '@/core/system';
import { useStore } from '@/store/hooks';
import { existingWords, substrateWords } from '@/words/system';
import { Choice } from '../Choice';
import { useJob } from './context';

/** What it is and what is on it now: two taps, from which the preparation follows. */
export function GroundTaps() {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const { part } = job;
  const ground = substrateOf(part);
  const states = statesOn(ground);
  const set = (kind: SubstrateKind, existing: GroundState | undefined) =>
    store.put({ ...job, part: { ...part, kind, ...(existing ? { existing } : {}) } }, 'ground said');
  return (
    <div className="my-3 grid gap-3" data-ground>
      <Choice
        label="What is it?"
        value={ground}
        onChange={(kind) => {
          // What cannot be on the new ground was not said of it.
          const still = part.existing && statesOn(kind).includes(part.existing) ? part.existing : undefined;
          // Called by its kind it is called by the new one; a name of somebody’s own stays.
          const named = Object.values(substrateWords).includes(part.substrate);
          const substrate = named ? substrateWords[kind] : part.substrate;
          store.put(
            { ...job, part: { ...part, kind, substrate, existing: still, etched: undefined } },
            'ground said',
          );
        }}
        options={substrateKinds
          .filter((value) => value !== 'coated' || ground === 'coated')
          .map((value) => ({ value, label: substrateWords[value] }))}
      />
      <Choice
        label="What is on it now?"
        value={part.existing ?? ('' as GroundState)}
        onChange={(existing) => set(ground, existing)}
        options={states.map((value) => ({ value, label: existingWords[value] }))}
      />
    </div>
  );
}
