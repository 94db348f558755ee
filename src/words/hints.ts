import type { Stage } from '@/facts/job';

/** What somebody new to a stage is told once, in a sentence. */
export const hints: Record<Stage, string> = {
  plan: 'The large number is what comes next, its button says that it is done, and the reasons stand with it.',
  mix: 'Pour to the mark and tap: the next mark lights. Poured too much? Say so, and the others follow.',
  thin: 'The large field starts and stops the watch, the space bar too. Stop at the first break of the stream.',
  set: 'Move a lever or tap its number. Green is what gun, paint and coat allow together.',
  spray: 'A coat starts its own clock and, when it ends, the flash. They run on while the phone sleeps.',
  check: 'Three readings make a spot. Tap a spot to measure there.',
  clean: 'The list is in its order: the pressure comes off before anything is opened.',
};
