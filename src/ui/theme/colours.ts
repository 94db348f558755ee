'use client';

import { useMemo } from 'react';
import { useShop } from '@/store/hooks';

const names = [
  'paper',
  'sheet',
  'hairline',
  'ink',
  'ink-soft',
  'good',
  'good-wash',
  'act',
  'act-wash',
  'care',
  'stop',
] as const;
type Name = (typeof names)[number];

/** The present theme's colours as strings, for drawings that cannot read CSS variables. */
export function useColours(): Record<Name, string> {
  const { theme } = useShop();
  return useMemo(() => {
    const held = document.querySelector(`[data-theme="${theme}"]`) ?? document.documentElement;
    const style = getComputedStyle(held);
    return Object.fromEntries(
      names.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
    ) as Record<Name, string>;
  }, [theme]);
}

/** A colour of the theme made translucent: `#rrggbb` and an opacity. */
export const veil = (colour: string, opacity: number): string =>
  `${colour}${Math.round(opacity * 255)
    .toString(16)
    .padStart(2, '0')}`;
