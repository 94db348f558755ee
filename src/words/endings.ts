import type { Ending } from '@/core/diagnosis';

/** What was done about a defect on this piece, as the log tells it. */
export const endingWords: Record<Ending, string> = {
  'wipe-off': 'lifted off wet',
  'drop-coat': 'evened with a drop coat',
  'more-coat': 'coated once more',
  'nib-polish': 'nibbed and polished',
  'flat-recoat': 'flatted and recoated',
  strip: 'stripped to a sound layer',
  prime: 'primed at once',
  gone: 'gone by itself',
  accepted: 'accepted as it is',
};
