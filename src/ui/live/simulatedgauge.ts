import { gaugeLine, type GaugeQuestion } from '@/standins/filmgauge';
import type { OpenLine } from './port';

const beat = 450;

/** A simulated gauge that is set down again and again where somebody measures. */
export const simulatedGauge =
  (question: () => GaugeQuestion | undefined): OpenLine =>
  (onPiece) => {
    const timer = setInterval(() => {
      const asked = question();
      if (asked) onPiece(`${gaugeLine(asked)}\n`);
    }, beat);
    return Promise.resolve({ close: () => clearInterval(timer) });
  };
