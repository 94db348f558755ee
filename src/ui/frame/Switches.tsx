'use client';

import { MoonStar, Ruler, Sun } from 'lucide-react';
import { useShop } from '@/store/hooks';
import { useShopActions } from './undo';

interface Props {
  readonly className: string;
}

/** Units and theme, at hand on every screen. */
export function Switches({ className }: Props) {
  const { units, theme } = useShop();
  const { switchUnits, switchTheme } = useShopActions();
  const Light = theme === 'bench' ? Sun : MoonStar;
  return (
    <>
      <button
        type="button"
        className={className}
        onClick={switchUnits}
        aria-label={`Units: ${units === 'metric' ? 'metric' : 'US'}. Switch`}
      >
        <Ruler aria-hidden className="size-5" strokeWidth={1.6} />
        {units === 'metric' ? 'Metric' : 'US'}
      </button>
      <button
        type="button"
        className={className}
        onClick={switchTheme}
        aria-label={`Theme: ${theme === 'bench' ? 'Bench' : 'Booth'}. Switch`}
      >
        <Light aria-hidden className="size-5" strokeWidth={1.6} />
        {theme === 'bench' ? 'Light' : 'Dark'}
      </button>
    </>
  );
}
