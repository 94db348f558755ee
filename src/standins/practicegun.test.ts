import {
  act,
  gunTroubles,
  hiddenGun,
  parOf,
  sprayCard,
  type GunAction,
  type GunTrouble,
  type HiddenGun,
} from './practicegun';
import { readCard } from '@/core/card';
import { isRefusal } from '@/core/refusal';
import { photographCard } from './cardcamera';

const size = { width: 576, height: 768 };
const withTrouble = (trouble: GunTrouble): HiddenGun => {
  for (let i = 0; ; i += 1) {
    const gun = hiddenGun(`gun-${i}`);
    if (gun.trouble === trouble) return gun;
  }
};
const look = (gun: HiddenGun) => {
  const { gun: next, card } = sprayCard(gun, 0.24);
  const found = readCard(photographCard({ ...card, ...size }));
  if (isRefusal(found)) throw new Error(found.says);
  return { next, found };
};
const cure: Record<GunTrouble, readonly GunAction[]> = {
  'air-low': ['more-air', 'more-air', 'more-air'],
  'air-high': ['less-air', 'less-air', 'less-air'],
  'too-thick': ['add-thinner', 'add-thinner', 'add-thinner'],
  'cap-blocked': ['clean-cap'],
  'nozzle-blocked': ['clean-nozzle'],
  'horn-blocked': ['clean-cap'],
  'nozzle-loose': ['tighten-nozzle'],
  'vent-blocked': ['clear-vent'],
};

describe('a gun with a hidden trouble', () => {
  it.each(gunTroubles)('%s shows on its card, and leaves it once the right thing is done', (trouble) => {
    const gun = withTrouble(trouble);
    const first = look(gun);
    expect(first.found.fault).not.toBe('good');
    const after = cure[trouble].reduce(act, first.next);
    expect(after.touched).toBe(cure[trouble].length);
    const second = look(after);
    expect(second.found.fault).toBe('good');
    expect(second.next.cards).toBe(2);
    expect(parOf(gun)).toBeGreaterThanOrEqual(2);
  });

  it('turns its pattern with the cap where the cap is to blame, and not where the nozzle is', () => {
    const centres = (trouble: GunTrouble) => {
      const gun = withTrouble(trouble);
      return [look(gun).found.centre, look(act(gun, 'turn-cap')).found.centre] as const;
    };
    const [cap, capTurned] = centres('cap-blocked');
    expect(Math.sign(capTurned)).toBe(-Math.sign(cap));
    const [nozzle, nozzleTurned] = centres('nozzle-blocked');
    expect(Math.sign(nozzleTurned)).toBe(Math.sign(nozzle));
  });

  it('does not get well by the wrong thing', () => {
    const gun = act(act(withTrouble('horn-blocked'), 'tighten-nozzle'), 'clear-vent');
    expect(look(gun).found.fault).toBe('crescent');
    expect(hiddenGun('same')).toEqual(hiddenGun('same'));
  });
});
