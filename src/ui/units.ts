'use client';

import { useMemo } from 'react';
import { useShop } from '@/store/hooks';
import { unitsOf, type Units } from '@/words/units';

export function useUnits(): Units {
  const { units } = useShop();
  return useMemo(() => unitsOf(units), [units]);
}
