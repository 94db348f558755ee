import type { HandSeen, MotionPlan, StrokeFault } from '@/core/motion';
import { amount, written } from './figures';
import { plural } from './line';
import type { Units } from './units';

export const strokeFaultWords: Record<StrokeFault, string> = {
  fast: 'too quick',
  slow: 'too slow',
  uneven: 'uneven',
  tilted: 'tilted',
  arced: 'swung from the wrist',
};

/** `3, 5 and 6` */
const listed = (numbers: readonly number[]): string =>
  numbers.length < 2 ? numbers.join('') : `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`;

/** The one thing to change, the worst first; nothing where nothing is out. */
export function handAdvice(
  seen: HandSeen,
  { speed }: Pick<MotionPlan, 'speed'>,
  units: Units,
): string | undefined {
  const at = (fault: StrokeFault) =>
    seen.strokes.flatMap(({ out }, i) => (out.includes(fault) ? [i + 1] : []));
  const off = seen.speed / speed - 1;
  const many = (numbers: readonly number[]) => numbers.length > seen.strokes.length / 2;
  const [fast, slow, tilted, arced, uneven] = (['fast', 'slow', 'tilted', 'arced', 'uneven'] as const).map(
    at,
  ) as [number[], number[], number[], number[], number[]];
  const pace = written(amount('speed', seen.speed), units);
  const wanted = written(amount('speed', speed), units);
  if (many(fast)) return `Slower: ${pace} over the face, ${wanted} is wanted. The film is thin by as much.`;
  if (many(slow)) return `Quicker: ${pace} over the face, ${wanted} is wanted. The film is heavy by as much.`;
  if (tilted.length > 0) {
    const gained = Math.abs(seen.tiltGain) > 0.06;
    return `Keep the gun square: ${gained ? `it leant further stroke by stroke, ${written(amount('angle', Math.abs(seen.tiltGain)), units)} by the end` : `it leant ${written(amount('angle', Math.abs(seen.tilt)), units)}`}. The film is heavy on one side of every stroke.`;
  }
  if (arced.length > 0)
    return `Move the arm, not the wrist: it swung ${written(amount('angle', seen.arc), units)} from end to end. The ends come out thin.`;
  if (fast.length + slow.length === 1)
    return `Stroke ${listed([...fast, ...slow])} was too ${fast.length > 0 ? 'quick: it leaves a thin band' : 'slow: it leaves a heavy band'}.`;
  if (fast.length + slow.length > 0)
    return `Strokes ${listed([...fast, ...slow].sort((a, b) => a - b))} fell out: ${fast.length > 0 ? `${listed(fast)} too quick` : ''}${fast.length > 0 && slow.length > 0 ? ', ' : ''}${slow.length > 0 ? `${listed(slow)} too slow` : ''}. Each leaves a band.`;
  if (uneven.length > 0)
    return `Steadier within a stroke: ${plural(uneven.length, 'stroke')} swelled or faltered.`;
  return Math.abs(off) > 0.08
    ? `A little ${off > 0 ? 'slower' : 'quicker'}: ${pace}, ${wanted} is wanted.`
    : undefined;
}

/** What a recording came to, in a sentence for eye and ear. */
export function handSays(seen: HandSeen, plan: MotionPlan, units: Units): string {
  const count =
    seen.strokes.length === plan.strokes
      ? plural(seen.strokes.length, 'stroke')
      : `${plural(seen.strokes.length, 'stroke')}, ${plan.strokes} planned`;
  return `${count} at ${written(amount('speed', seen.speed), units)}. ${handAdvice(seen, plan, units) ?? 'As even as a hand does it.'}`;
}

/** What is not known of a recording, and why. */
export function handDoubts(seen: HandSeen): string[] {
  return [
    ...(seen.unshown
      ? ['Nobody showed the gun square before the first stroke: tilt counts from the middle of all strokes.']
      : []),
    ...(seen.tiltUnknown ? ['The strokes run up and down: how the gun leans about them is not felt.'] : []),
    ...(seen.coarse
      ? ['The phone felt too seldom: strokes may be miscounted, and how even they were is not judged.']
      : []),
    ...(seen.strokes.some(({ doubtful }) => doubtful)
      ? ['Samples are missing in a stroke: it is counted and not judged.']
      : []),
  ];
}
