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
      <button type="button" className={className} onClick={switchUnits}>
        <Ruler aria-hidden className="size-5" strokeWidth={1.6} />
        <span>
          {units === 'metric' ? 'Metric' : 'US'}
          <span className="sr-only"> units: switch</span>
        </span>
      </button>
      <button type="button" className={className} onClick={switchTheme}>
        <Light aria-hidden className="size-5" strokeWidth={1.6} />
        <span>
          {theme === 'bench' ? 'Light' : 'Dark'}
          <span className="sr-only"> theme: switch</span>
        </span>
      </button>
    </>
  );
}
