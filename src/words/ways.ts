import type { Shut, Way, WaySeen } from '@/core/diagnosis';
import type { CheckId, LeftOut } from '@/facts/shop/prevention';
import { amount, written } from './figures';
import { money } from './money';
import type { Units } from './units';

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

const checkWords: Record<CheckId, string> = {
  room: 'the room read',
  cup: 'the cup timed',
  card: 'a test card',
  comb: 'a wet comb',
};

/** What was left out before the coat, beside what a repair takes; nothing where nothing was. */
export function preventionSays(
  left: readonly LeftOut[],
  way: Pick<WaySeen, 'hands' | 'cost'> | undefined,
  units: Units,
): string | undefined {
  if (left.length === 0) return undefined;
  const sum = (of: (each: LeftOut) => number) => left.reduce((all, each) => all + of(each), 0);
  const priced = left.every(({ cost }) => cost !== undefined) && way?.cost !== undefined;
  const what = left.map(({ check }) => checkWords[check]).join(', ');
  const took = written(
    amount(
      'duration',
      sum(({ seconds }) => seconds),
    ),
    units,
  );
  const beside =
    way === undefined
      ? ''
      : priced
        ? `, ${money(sum(({ cost = 0 }) => cost))} beside the ${money(way.cost ?? 0)} of this repair`
        : ` beside the ${written(amount('duration', way.hands), units)} of this repair`;
  return `Left out for this coat: ${what}. Together ${took}${beside}. Whether it would have shown this fault nobody knows.`;
}
