import { quickerBy, type HandTraces, type Term } from '@/core/evenness';
import type { Units } from './units';

/** What the readings say of the hand, surest first; one sentence when they say nothing. */
export function traceWords(
  { level, right, far, ends }: HandTraces,
  turned: boolean,
  transfer: number,
  units: Units,
): string[] {
  const percent = (value: number) => units.show('share', Math.abs(value), { digits: 0 });
  const sides = turned
    ? { left: 'top', right: 'bottom', near: 'left edge', far: 'right edge' }
    : { left: 'left edge', right: 'right edge', near: 'top', far: 'bottom' };
  const words: string[] = [];
  if (level.sure)
    words.push(
      `${percent(level.value - 1)} ${level.value < 1 ? 'less' : 'more'} film than the strokes should leave: transfer nearer ${percent(transfer * level.value)}, or the hand ${percent(quickerBy(level.value - 1))} ${level.value < 1 ? 'quicker' : 'slower'} all over.`,
    );
  const lean = (term: Term, low: string, high: string) => {
    if (!term.sure) return;
    // The thinner side is named: film goes with the inverse of speed.
    const thin = term.value > 0 ? low : high;
    words.push(
      `The ${thin} was sprayed ${percent(quickerBy(-Math.abs(term.value)))} quicker than the middle, or from further off.`,
    );
  };
  lean(right, sides.left, sides.right);
  lean(far, sides.near, sides.far);
  if (ends.sure)
    words.push(
      ends.value < 0
        ? `Both ends are ${percent(ends.value)} thinner than the middle: the gun swung in an arc, or the trigger came late.`
        : `Both ends are ${percent(ends.value)} heavier than the middle: the gun slowed at the turns.`,
    );
  return words.length > 0
    ? words
    : ['The readings lie as the strokes should have left them, as far as so many can tell.'];
}
