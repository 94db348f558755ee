import { strokeRun, type StrokeRun } from '@/facts/job/strokes';
import type { Face, Rig } from '@/records';

const runs: Record<StrokeRun, string> = {
  level: 'Strokes run level',
  upright: 'Strokes run up and down',
  along: 'Strokes run along it',
};
const horns: Record<StrokeRun, string> = {
  level: 'horns level, so that the fan stands upright',
  upright: 'horns upright, so that the fan lies level',
  along: 'horns in line with them',
};

type Gun = Pick<Rig, 'atomising'> | undefined;

/** How cap or guard stands for the strokes of a face: it follows them, and the fan lies across. */
export function hornsSay(face: Parameters<typeof strokeRun>[0], gun: Gun): string {
  const run = strokeRun(face);
  return `${runs[run]}: ${gun?.atomising === 'airless' ? 'the guard’s wings in line with them' : horns[run]}.`;
}

/** What is turned before a face whose strokes run another way than those before. */
export function turnSays(face: Pick<Face, 'width' | 'height' | 'lies'>, gun: Gun): string {
  const run = strokeRun(face);
  return gun?.atomising === 'airless'
    ? 'Lock the trigger, turn tip and guard a quarter.'
    : `Turn the cap a quarter: ${horns[run].split(',')[0]}.`;
}
