import type { Shut, Way } from '@/core/diagnosis';

export const wayWords: Record<Way, string> = {
  leave: 'Leave it',
  'wipe-off': 'Wipe off, clean, start again',
  'flow-out': 'Let it flow out: one light wet pass, if the sheet names it',
  cover: 'The next coat covers it',
  polish: 'Nib, flat fine and polish',
  'spot-blend': 'Flat the spot, recoat and blend',
  'whole-face': 'Flat and recoat the whole face, to a break',
  strip: 'Strip to sound and begin again',
};

export const shutWords: Record<Shut, string> = {
  'not-wet': 'it is no longer wet',
  'still-wet': 'it is still wet',
  'not-hard': 'it is not hard enough yet',
  'not-glossy': 'only gloss is polished; satin, texture and uncleared metallic never',
  'no-coat-to-come': 'no coat is to come',
  'does-not-heal': 'such a fault does not heal by more paint',
  'does-not-blend': 'this product does not blend: only whole faces',
  'too-thin': 'too little film would be left',
  'too-thick': 'there would be too much film',
  'goes-deeper': 'its cause lies below the surface',
  'cannot-stay': 'it gets no better by itself',
};

/** What a number between nought and one says of how sure a way is. */
export const riskWords = (risk: number): string => (risk < 0.2 ? 'small' : risk < 0.45 ? 'some' : 'large');
