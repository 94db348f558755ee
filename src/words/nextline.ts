import type { JobView, Stage } from '@/facts/job';
import type { Units } from './units';
import { checkLine } from './check';
import { cleanLine } from './clean';
import type { NextLine } from './line';
import { mixLine } from './mix';
import { planLine } from './plan';
import { safeLine } from './safework';
import { setLine } from './set';
import { sprayLine } from './spray';
import { thinLine } from './thin';

const lines: Record<Stage, (view: JobView, units: Units) => NextLine> = {
  plan: planLine,
  mix: mixLine,
  thin: thinLine,
  set: setLine,
  spray: sprayLine,
  check: checkLine,
  clean: cleanLine,
};

/** The next line of a stage. */
export const nextLine = (view: JobView, stage: Stage, units: Units): NextLine =>
  safeLine(view, lines[stage](view, units));
