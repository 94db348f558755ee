'use client';

import { useMemo } from 'react';
import type { Kit } from '@/facts/shop/uses';
import { useRecords } from '@/store/hooks';

/** The guns and cups of the shop, the same object while none of them changes. */
export function useKit(): Kit {
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  return useMemo(() => ({ rigs, cups }), [rigs, cups]);
}
