'use client';

import { useMemo } from 'react';
import { measuredHands, type MeasuredHand } from '@/facts/shop/hand';
import { useRecords, useShop } from '@/store/hooks';

/** Everybody’s hand, from practice and from the phone on the gun. */
export function useMeasuredHands(): readonly MeasuredHand[] {
  const tries = useRecords('practice');
  const jobs = useRecords('job');
  const { people } = useShop();
  return useMemo(() => measuredHands(tries, jobs, people), [tries, jobs, people]);
}
