'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { newId } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { EmptyState } from '@/ui/EmptyState';
import { Page } from '@/ui/Page';
import { useUnits } from '@/ui/units';
import { named, newRig } from '@/facts/newjob/newrig';
import { airWords, feedWords, gunWords } from '@/records/rigwords';
import { amount, writtenParts } from '@/words/figures';

export function Rigs() {
  const rigs = useRecords('rig');
  const store = useStore();
  const router = useRouter();
  const units = useUnits();
  const add = () => {
    const rig = named(newRig(newId(), 'hvlp', { bore: 1.3e-3 }), rigs);
    store.put(rig, 'new rig');
    router.push(`/rigs/${rig.id}`);
  };
  return (
    <Page
      title="Gun set-ups"
      says="Gun, nozzle sets or tips, feed and air: what a job is sprayed with."
      tools={<Button onClick={add}>New gun</Button>}
    >
      {rigs.length === 0 ? (
        <EmptyState title="No guns yet">
          <p>The gun with what feeds it and what fits it.</p>
          <Button look="main" onClick={add}>
            New gun
          </Button>
        </EmptyState>
      ) : (
        <ul className="divide-y divide-hairline border-y border-hairline">
          {rigs.map((rig) => (
            <li key={rig.id}>
              <Link
                prefetch={false}
                href={`/rigs/${rig.id}`}
                className="grid min-h-16 grid-cols-1 items-center gap-x-6 gap-y-1 px-2 py-3 hover:bg-act-wash sm:grid-cols-[1.4fr_1fr_1fr]"
              >
                <b>{rig.name}</b>
                <span className="text-sm text-ink-soft">
                  {gunWords[rig.atomising]}, {feedWords[rig.feed].toLowerCase()},{' '}
                  {airWords[rig.air].toLowerCase()}
                </span>
                <span className="text-sm">
                  {rig.atomising === 'airless'
                    ? `Tips ${rig.tips.join(', ') || 'none'}`
                    : rig.sets
                        .map(({ bore }) => writtenParts(amount('bore', bore), units).number)
                        .join(' · ') + ' mm'}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </Page>
  );
}
