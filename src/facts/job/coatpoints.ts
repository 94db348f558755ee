import { coatsInHand } from './layers';
import type { OperatingPoint } from './point';
import { setView, type SetBearings, type SetView } from './set';
import { secondsOf, strokesOver, sweptOf, type StrokeGuide } from './strokes';
import type { LaidCoat, Worked } from './worked';

/** How one coat of the layer in hand is laid, and what that takes: every place that tells one of its numbers tells these. */
export interface CoatPoint {
  readonly coat: LaidCoat;
  readonly point: OperatingPoint;
  /** Strokes of one of its passes. */
  readonly strokes: readonly StrokeGuide[];
  /** s of spraying all of them, turning the gun not counted. */
  readonly time: number;
  /** m³ that leave the gun in that time. */
  readonly paint: number;
}

/** Every coat of the layer in hand at its own point. */
export function coatPoints(job: Worked, bearings: SetBearings, set: SetView): CoatPoint[] {
  return coatsInHand(job).map((coat) => {
    const own = coat.id === set.coat?.id ? set : setView(job, bearings, coat);
    const { point, wet } = own;
    const strokes = strokesOver(job, point);
    const time = secondsOf(strokes) * point.passes;
    // What cannot be sprayed is reckoned by the film it is to leave.
    const swept = strokes.reduce((sum, each) => sum + sweptOf(each, point.spacing), 0);
    const paint =
      point.feasible && point.fluid !== undefined ? point.fluid * time : (wet * swept) / point.transfer;
    return { coat, point, strokes, time, paint };
  });
}
