import { shapeProfile, type FieldGun } from '../evenness';
import { solveStroke, strokeSpacing } from '../film';
import { isRefusal } from '../refusal';
import type { DrillId } from './drillids';

/** A panel to spray, and what film is wanted where. SI; all of it made up for practice. */
export interface Drill {
  readonly id: DrillId;
  readonly width: number;
  readonly height: number;
  readonly gun: FieldGun;
  /** m wet. */
  readonly aim: number;
  readonly min: number;
  readonly max: number;
  readonly overlap: number;
  readonly spacing: number;
  /** m/s that lays the aim at that spacing. */
  readonly speed: number;
  readonly lead: number;
  /** Upright panels run above this. m */
  readonly runsAbove?: number;
  /** Share of the aim wanted at a place, x and y from 0 to 1; everywhere the whole of it where nothing is said. */
  readonly wanted?: (x: number, y: number) => number;
}

const gun = (flow: number, fan = 0.25, distance = 0.2, n = 1): FieldGun => ({
  profile: shapeProfile(n),
  fan,
  distance,
  footprint: fan / 8,
  flow: (flow * 1e-6) / 60,
  transfer: 0.6,
});

/** A speed for every drill follows from its gun and its film. */
function drill(
  id: DrillId,
  own: {
    gun: FieldGun;
    aim: number;
    range: readonly [number, number];
    overlap: number;
    lead?: number;
  } & Partial<Pick<Drill, 'width' | 'height' | 'runsAbove' | 'wanted'>>,
): Drill {
  const { gun: used, aim, range, overlap, lead = 0.08, width = 1, height = 0.6, ...rest } = own;
  const speed = solveStroke('speed', {
    wetFilm: aim,
    flow: used.flow,
    transfer: used.transfer,
    fan: used.fan,
    overlap,
  });
  return {
    id,
    width,
    height,
    gun: used,
    aim,
    min: aim * range[0],
    max: aim * range[1],
    overlap,
    spacing: strokeSpacing(used.fan, overlap),
    speed: isRefusal(speed) ? 0.4 : speed,
    lead,
    ...rest,
  };
}

/** Where a blend has the whole film, and where it is gone, as shares of the width. */
const blendFrom = 0.35;
const blendTo = 0.85;

export const drills: readonly Drill[] = [
  drill('flat', { gun: gun(190), aim: 45e-6, range: [0.75, 1.3], overlap: 0.5 }),
  drill('edges', {
    gun: gun(150, 0.2),
    aim: 45e-6,
    range: [0.75, 1.4],
    overlap: 0.5,
    width: 0.9,
    height: 0.5,
  }),
  drill('drop-coat', { gun: gun(95, 0.32, 0.28), aim: 20e-6, range: [0.8, 1.2], overlap: 0.7 }),
  drill('upright', { gun: gun(240), aim: 60e-6, range: [0.75, 1.35], overlap: 0.5, runsAbove: 95e-6 }),
  drill('blend', {
    gun: gun(150),
    aim: 40e-6,
    range: [0.75, 1.25],
    overlap: 0.6,
    wanted: (x) =>
      x <= blendFrom
        ? 1
        : x >= blendTo
          ? 0
          : 0.5 + 0.5 * Math.cos((Math.PI * (x - blendFrom)) / (blendTo - blendFrom)),
  }),
];

/**
 * The drill of this name; the plain panel for a name that is none.
 *
 * Source: shop practice, defaults
 */
export const drillOf = (id: string): Drill => drills.find((each) => each.id === id) ?? (drills[0] as Drill);
