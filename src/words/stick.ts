import type { StickSign } from '@/core/thinning';

/** What a stick shows, in words. */
export const stickWords: Record<StickSign, string> = {
  'ribbon-stays': 'Ribbon stays on the surface',
  'ribbon-fades': 'Ribbon fades slowly',
  'ribbon-gone': 'Ribbon vanishes at once',
  'drips-slow': 'About one drip a second',
  'drips-steady': 'Two or three drips a second',
  'drips-run': 'It runs off in a thread',
};
