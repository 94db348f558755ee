import { SimulatedScale, type ScaleMood } from '@/standins/livescale';
import type { OpenLine } from './port';

/** A simulated scale and the can over it: tipped by whoever holds the button. */
export interface HeldCan {
  readonly open: OpenLine;
  readonly tip: (to: number) => void;
}

const beat = 100;

export function simulatedScale(mood: ScaleMood): HeldCan {
  const scale = new SimulatedScale(mood);
  return {
    tip: (to) => scale.tip(to),
    open: (onPiece) => {
      let last = performance.now();
      const timer = setInterval(() => {
        const now = performance.now();
        // A page that slept does not pour meanwhile.
        const lines = scale.pass(Math.min((now - last) / 1000, 0.5));
        last = now;
        if (lines.length > 0) onPiece(`${lines.join('\r\n')}\r\n`);
      }, beat);
      return Promise.resolve({ close: () => clearInterval(timer) });
    },
  };
}
