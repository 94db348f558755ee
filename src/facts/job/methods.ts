import {
  byOtherWay,
  handMethods,
  wayFacts,
  workingOrder,
  type HandMethod,
  type Placed,
} from '@/core/elements';
import { isRefusal } from '@/core/refusal';
import { maskingTime } from '@/core/system';
import { usualWorkday, type Face } from '@/records';
import { areaOfFace, byHand, edgesOf } from './byhand';
import { driftSeen } from './driftseen';
import { fansByFace } from './byface';
import { keptFree } from './keptfree';
import { outdoorDay } from './outdoors';
import { midnightOf, usualPace } from './planned';
import { strokesOn, sweptOf, timesOver } from './strokes';
import { paintPrice } from './thinnershare';
import type { JobView } from './view';

export type Method = 'spray' | HandMethod;

/** One way to coat a face, over all coats of the layer in hand. */
export interface FaceWay {
  readonly by: Method;
  /** s of hands, masking on and off counted in, and that masking alone. */
  readonly seconds: number;
  readonly masking: number;
  /** Coats that make the film. */
  readonly coats: number;
  /** m³ of mix, and what of it misses the part or stays in the tool. */
  readonly paint: number;
  readonly lost: number;
  /** Paint and hands, where both have a price. */
  readonly cost?: number;
  /** How much the film varies, a share of its mean, where it is known by the way alone. */
  readonly spread?: number;
}

export interface FaceWays {
  readonly face: Face;
  readonly now: Method;
  readonly ways: readonly FaceWay[];
  /** The cheapest, by money where all is priced, else by hands. */
  readonly least: Method;
  /** A tip that loses less of it than the one that is fitted. */
  readonly tip?: string;
  /** What spraying it may reach outdoors, uncovered. */
  readonly reaches: number;
}

/** Every face of the part with each way it could be coated, reckoned for the layer in hand as it is set. */
export function methodsOf(view: JobView): FaceWays[] {
  const { work, plan, set, shop, pace } = view;
  const { point } = set;
  const films = plan.coats.filter(({ coat }) => coat.layerId === work.layer.id).map(({ wet }) => wet);
  const wet = films.reduce((sum, each) => sum + each, 0);
  const price = paintPrice(work, work.layer);
  const labour = shop.rates?.labour;
  const priced = (paint: number, seconds: number) =>
    price === undefined || labour === undefined ? {} : { cost: paint * price + seconds * labour };
  const better = new Map(fansByFace(view).map(({ face, better: found }) => [face.id, found?.tip]));
  const reaches = driftSeen(view)?.reached.filter(({ how }) => how !== 'clear').length ?? 0;
  return work.part.faces.map((face): FaceWays => {
    const film = areaOfFace(face) * wet;
    const bare: Face = { ...face, method: undefined };
    const masks = maskingTime(keptFree([bare]));
    const masking = masks.on + masks.off;
    const strokes = strokesOn(bare, work.approach, point);
    const swept = sweptOf(strokes, point.spacing);
    const sprayed = (swept * wet) / point.transfer;
    const spraying =
      timesOver(face) *
      strokes.strokes *
      strokes.seconds *
      point.passes *
      films.length *
      (pace?.ratio ?? usualPace);
    const ways: FaceWay[] = [
      {
        by: 'spray',
        coats: films.length * point.passes,
        seconds: spraying + masking,
        masking,
        paint: sprayed,
        lost: sprayed - film,
        ...priced(sprayed, spraying + masking),
      },
      ...handMethods.flatMap((by): FaceWay[] => {
        const found = byOtherWay(by, areaOfFace(face), edgesOf(face), wet);
        if (isRefusal(found)) return [];
        const { coats, paint, time: seconds } = found;
        const { spread } = wayFacts[by];
        return [
          { by, seconds, masking: 0, coats, paint, lost: paint - film, spread, ...priced(paint, seconds) },
        ];
      }),
    ];
    const worth = (way: FaceWay) => way.cost ?? way.seconds;
    const [least] = [...ways].sort((a, b) => worth(a) - worth(b));
    const tip = better.get(face.id);
    return {
      face,
      now: byHand(face) ?? 'spray',
      ways,
      least: least?.by ?? 'spray',
      ...(tip ? { tip } : {}),
      reaches: face.lies === 'flat' ? 0 : reaches,
    };
  });
}

/** s to change what is in hand. Defaults: a tip with relief and purge, the gun put by, a roller for a brush. */
export const changes = { first: 60, tip: 180, gun: 300, hand: 60 } as const;

const isGun = (tool: string): boolean => tool.startsWith('spray');

/** s from one tool to the next. */
export const changeOver = (from: string | undefined, to: string): number =>
  from === undefined
    ? changes.first
    : isGun(from) && isGun(to)
      ? changes.tip
      : isGun(from) || isGun(to)
        ? changes.gun
        : changes.hand;

export interface WorkOrder {
  readonly placed: readonly (Placed & { readonly face: Face; readonly by: Method; readonly tip?: string })[];
  /** ms since the epoch of the midnight they count from. */
  readonly midnight: number;
  /** s of changing in all. */
  readonly changing: number;
  /** Faces that weather lets nobody begin that day. */
  readonly never: readonly Face[];
}

/** The order in which one coat goes over the faces, each by its own way, from now on: outdoors by when each may be begun. */
export function methodOrder(view: JobView, faces: readonly FaceWays[]): WorkOrder {
  const { set, work, shop, now } = view;
  const found = outdoorDay(view);
  const out = view.job.outdoors && !isRefusal(found) ? found : undefined;
  const midnight = out?.midnight ?? midnightOf(now);
  const coats = Math.max(work.layer.coats.length, 1);
  const rows = faces.map(({ face, now: by, ways, tip }) => {
    const way = ways.find((each) => each.by === by);
    const fitted = by === 'spray' ? (tip ?? set.point.tip) : undefined;
    // Masking is done before any coat.
    const lasts = way ? (way.seconds - way.masking) / coats : 0;
    return { face, by, tip: fitted, lasts, tool: by === 'spray' ? `spray ${fitted ?? ''}` : by };
  });
  const slots = new Map(out?.order.map(({ id, start }) => [id, start]));
  const may = (id: string) => !out || slots.has(id);
  const placed = workingOrder(
    rows
      .filter(({ face }) => may(face.id))
      .map(({ face, tool, lasts }) => {
        const from = slots.get(face.id);
        return { id: face.id, tool, lasts, ...(from === undefined ? {} : { from }) };
      }),
    changeOver,
    Math.max((now - midnight) / 1000, 0),
    shop.workday ?? usualWorkday,
  );
  return {
    placed: placed.flatMap((each) => {
      const row = rows.find(({ face }) => face.id === each.id);
      return row ? [{ ...each, face: row.face, by: row.by, ...(row.tip ? { tip: row.tip } : {}) }] : [];
    }),
    midnight,
    changing: placed.reduce((sum, { change }) => sum + change, 0),
    never: faces.filter(({ face }) => !may(face.id)).map(({ face }) => face),
  };
}
