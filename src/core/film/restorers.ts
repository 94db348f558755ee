import { isRefusal } from '../refusal';
import { handSpeed, solveStroke, type Stroke } from './stroke';
import type { Lever } from './levers';

/** One lever that would bring the film back by itself, and the value it would need. */
export interface Restorer {
  readonly lever: Lever;
  readonly to: number;
  /** Within what a hand and a fan can do. */
  readonly within: boolean;
}

/**
 * Which lever restores the film after another was moved: each tried by itself, the smallest change first.
 *
 * @param stroke as it stands now, with the film that is wanted
 * @param moved the lever that was moved: not offered
 * Source: conservation of volume
 */
export function restorers(stroke: Stroke, moved?: Lever): Restorer[] {
  const levers: readonly Lever[] = ['speed', 'flow', 'overlap', 'fan'];
  return levers
    .filter((lever) => lever !== moved)
    .flatMap((lever): Restorer[] => {
      const to = solveStroke(lever, stroke);
      if (isRefusal(to)) return [];
      const within =
        lever === 'speed'
          ? to >= handSpeed.min / 2 && to <= handSpeed.max * 1.25
          : lever === 'fan'
            ? to >= 0.08 && to <= 0.45
            : true;
      return [{ lever, to, within }];
    })
    .sort((a, b) => change(a, stroke) - change(b, stroke));
}

/** How far a lever moves, in natural logs; overlap by the layers it lays. */
const change = ({ lever, to, within }: Restorer, stroke: Stroke): number => {
  const moves = lever === 'overlap' ? (1 - stroke.overlap) / (1 - to) : to / stroke[lever];
  return Math.abs(Math.log(moves)) + (within ? 0 : 10);
};
