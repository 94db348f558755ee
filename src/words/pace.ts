import type { Units } from './units';

const foot = 0.3048;

/** A speed of the hand: in US units with the seconds a foot takes, which is what is counted at the gun. */
export const paceWords = (speed: number, units: Units): string =>
  units.system === 'us' && speed > 0
    ? `${units.show('speed', speed)}, ${(foot / speed).toFixed(2)}\u00a0s a foot`
    : units.show('speed', speed);
