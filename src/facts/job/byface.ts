import { isRefusal } from '@/core/refusal';
import type { Face } from '@/records';
import { fansKnown, turnsFor } from './fan';
import { sprayedFaces } from './byhand';
import { strokesOn, sweptOf } from './strokes';
import { areaOf } from './plan';
import type { JobView } from './view';

/** One face, what is sprayed past it as the gun stands, and the fan or tip that would lose less. */
export interface FaceFan {
  readonly face: Face;
  /** m across its strokes. */
  readonly across: number;
  readonly now: FanOnFace;
  /** What loses the least of it; none where what is fitted does. */
  readonly better?: FanOnFace & Omit<Turned, 'fan'>;
  /** m³ a coat it saves over all of them, and s that changing to it and back takes. */
  readonly saves: number;
  readonly changing: number;
}

export interface FanOnFace {
  readonly fan: number;
  /** Share of the swept area that lies on the face. */
  readonly lands: number;
  /** m³ a coat over all of them. */
  readonly paint: number;
}

/** s to turn a tip and purge, or to turn a fan knob and look: there and back. Defaults. */
const changes = { tip: 120, knob: 40 };
/** Shares of its fan a gun is turned down to. */
const knobs = [0.8, 0.65, 0.5];
/** Less than this saved of a face’s paint is not worth a word. */
const worth = 0.05;

/** A fan to change to, by its tip, or by its knob where cards tell how many turns that is. */
interface Turned {
  readonly fan: number;
  readonly tip?: string;
  readonly turns?: number;
}

/** Fans the gun can be turned in to: no narrower than its narrowest card, where two cards tell. */
function turnedIn({ set: { point, sheet }, rig }: Pick<JobView, 'set' | 'rig'>): Turned[] {
  const known = rig && fansKnown(rig, sheet.id, point.distance);
  return knobs
    .map((share) => Math.max(point.fan * share, known?.min ?? 0))
    .filter((fan) => fan < point.fan)
    .map((fan) => {
      const turns = rig && turnsFor(rig, sheet.id, fan, point.distance);
      return { fan, ...(turns === undefined ? {} : { turns }) };
    });
}

/** Which fan or tip suits each face: a wide fan on a narrow board loses what passes by. */
export function fansByFace(view: Pick<JobView, 'work' | 'set' | 'rig'>): FaceFan[] {
  const { work, set, rig } = view;
  const { point, fittings, wet } = set;
  const options: readonly Turned[] =
    rig?.atomising === 'airless'
      ? isRefusal(fittings)
        ? []
        : fittings.flatMap(({ tip, verdict, point: own }) =>
            tip && tip !== point.tip && (verdict.grade === 'first' || verdict.grade === 'usable')
              ? [{ fan: own.fan, tip }]
              : [],
          )
      : turnedIn(view);
  const on = (face: Face, fan: number): FanOnFace => {
    const spacing = fan * (1 - point.overlap);
    const swept = sweptOf(strokesOn(face, work.approach, { spacing, speed: point.speed, fan }), spacing);
    const area = areaOf([face]);
    return { fan, lands: swept > 0 ? Math.min(area / swept, 1) : 1, paint: (wet * swept) / point.transfer };
  };
  return sprayedFaces(work.part).map((face): FaceFan => {
    const now = on(face, point.fan);
    const best = options
      .map((option) => ({ ...option, ...on(face, option.fan) }))
      .sort((a, b) => a.paint - b.paint)[0];
    const saves = best ? now.paint - best.paint : 0;
    return {
      face,
      across: Math.min(face.width, face.height),
      now,
      ...(best && saves > now.paint * worth ? { better: best } : {}),
      saves: Math.max(saves, 0),
      changing: rig?.atomising === 'airless' ? changes.tip : changes.knob,
    };
  });
}
