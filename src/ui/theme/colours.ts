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
  'care-wash',
  'stop',
  'stop-wash',
] as const;
type Name = (typeof names)[number];

/** The present theme's colours as strings, for drawings that cannot read CSS variables. */
export function useColours(): Record<Name, string> {
  const { theme } = useShop();
  return useMemo(() => {
    // A probe of the theme's own: the page itself may take the theme up a moment later.
    const probe = document.createElement('div');
    probe.dataset.theme = theme;
    document.body.append(probe);
    const style = getComputedStyle(probe);
    const found = names.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]);
    probe.remove();
    return Object.fromEntries(found) as Record<Name, string>;
  }, [theme]);
}

/** A colour of the theme made translucent: `#rrggbb` and an opacity. */
export const veil = (colour: string, opacity: number): string =>
  `${colour}${Math.round(opacity * 255)
    .toString(16)
    .padStart(2, '0')}`;
