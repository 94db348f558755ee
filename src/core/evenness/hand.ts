import { gaussian, type Random } from '../random';
import type { FieldStroke } from './field';

/** How much a hand errs: standard deviations. */
export interface Hand {
  /** Shares of the spacing, the speed and the distance. */
  readonly spacing: number;
  readonly speed: number;
  readonly distance: number;
  /** rad of tilt across the fan. */
  readonly tilt: number;
  /** m where the trigger is pulled and let go. */
  readonly lead: number;
}

/** A hand nobody has measured yet. A default. */
export const usualHand: Hand = { spacing: 0.1, speed: 0.1, distance: 0.1, tilt: 0.05, lead: 0.03 };
export const perfectHand: Hand = { spacing: 0, speed: 0, distance: 0, tilt: 0, lead: 0 };

/** Half the variance of speed and distance is the day’s and holds for the whole face; half is each stroke’s own. */
const own = Math.SQRT1_2;
/** No hand is further off than this share, whatever chance says. */
const furthest = 0.6;
const clamped = (share: number) => Math.min(Math.max(share, -furthest), furthest);

/**
 * The strokes as a hand with these errors does them this once.
 *
 * Source: estimate, a default until Practice measures it
 */
export function erring(
  strokes: readonly FieldStroke[],
  hand: Hand,
  spacing: number,
  random: Random,
): FieldStroke[] {
  const slow = own * hand.speed * gaussian(random);
  const far = own * hand.distance * gaussian(random);
  return strokes.map((stroke) => {
    const speed = stroke.speed * (1 + clamped(slow + own * hand.speed * gaussian(random)));
    const distance = stroke.distance * (1 + clamped(far + own * hand.distance * gaussian(random)));
    const aim = stroke.aim + hand.tilt * gaussian(random);
    const aside = hand.spacing * spacing * gaussian(random);
    const way = Math.sign(stroke.to - stroke.from) || 1;
    // The spot it aims at slips aside; the gun turns about that spot and backs off from it.
    const spotY = stroke.y + stroke.distance * Math.sin(stroke.aim) + aside * Math.cos(stroke.aim);
    const spotZ = stroke.z - stroke.distance * Math.cos(stroke.aim) + aside * Math.sin(stroke.aim);
    return {
      ...stroke,
      from: stroke.from + way * hand.lead * gaussian(random),
      to: stroke.to + way * hand.lead * gaussian(random),
      y: spotY - distance * Math.sin(aim),
      z: spotZ + distance * Math.cos(aim),
      aim,
      distance,
      speed,
    };
  });
}

/** What was felt of one stroke: m/s, and rad it was tilted across the fan. */
export interface StrokeDone {
  readonly speed: number;
  readonly tilt: number;
}

/**
 * The strokes as a hand was felt to do them: each at its own speed and leant about the spot it aims at, where it was
 * planned. Strokes that were never done are not there; more than were planned have no place, and are left out.
 *
 * Source: estimate, a default until Practice measures it
 */
export const asDone = (strokes: readonly FieldStroke[], done: readonly StrokeDone[]): FieldStroke[] =>
  strokes.slice(0, done.length).map((stroke, i) => {
    const { speed, tilt } = done[i] as StrokeDone;
    const aim = stroke.aim + tilt;
    return {
      ...stroke,
      speed,
      aim,
      y: stroke.y + stroke.distance * (Math.sin(stroke.aim) - Math.sin(aim)),
      z: stroke.z + stroke.distance * (Math.cos(aim) - Math.cos(stroke.aim)),
    };
  });
