'use client';

import { useMemo } from 'react';
import { pourLag } from '@/facts/shop/pours';
import { namesOf } from '@/facts/shop/pace';
import { useRecords, useShop } from '@/store/hooks';

/** How long whoever is at the bench goes on pouring after stop. */
export function usePourLag(name?: string) {
  const { operator, people } = useShop();
  const jobs = useRecords('job');
  const tries = useRecords('practice');
  const who = name ?? operator;
  return useMemo(() => {
    const person = people?.find((each) => namesOf(each).includes(who));
    return pourLag(jobs, tries, person ? namesOf(person) : [who]);
  }, [jobs, tries, people, who]);
}
