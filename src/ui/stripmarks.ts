import type { Tone } from '@/words/line';

/** How a stage stands, as a mark and as a colour: never by colour alone. */
export const toneMarks: Record<Tone, string> = { plain: '', act: '', good: '✓ ', care: '▲ ', stop: '■ ' };
export const toneInks: Record<Tone, string> = {
  plain: 'text-ink-soft',
  act: 'text-act',
  good: 'text-good',
  care: 'text-care',
  stop: 'text-stop',
};
