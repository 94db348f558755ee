import SunCalc from 'suncalc';
import {
  absorptances,
  celsius,
  dayCurve,
  dewMargin,
  irradiance,
  surfaceTemperature,
  windLimits,
} from '@/core/climate';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { orderOfFaces, startsIn, type Span } from '@/core/schedule';
import type { Face, Outdoors } from '@/records';
import { gustsOf, usualWind } from './gusts';
import { midnightOf, usualPace } from './planned';
import { slowness } from './recoat';
import { timesOver } from './strokes';
import type { JobView } from './view';
import { dewWanted } from './dewwanted';
import { byHand, handSeconds } from './byhand';

/** Why a face cannot be sprayed at an hour, the first that holds. */
export const outReasons = ['wind', 'dark', 'hot', 'cold', 'dew', 'damp', 'air', 'late', 'fits'] as const;
export type OutReason = (typeof outReasons)[number];

export interface OutQuarter {
  /** s since midnight. */
  readonly at: number;
  /** K of the surface, and what there is above the dew point. */
  readonly surface: number;
  readonly margin: number;
  readonly sun: number;
  readonly reason: OutReason;
}

export interface FaceOut {
  readonly face: Face;
  readonly quarters: readonly OutQuarter[];
  /** When it may be begun. */
  readonly spans: readonly Span[];
  /** s of one coat, and s until dew no longer marks it. */
  readonly lasts: number;
  readonly safeAfter: number;
  /** It stands upright and nobody said which way it faces: reckoned as if it stood in the sun’s way. */
  readonly unfaced: boolean;
}

export interface OutdoorDay {
  readonly faces: readonly FaceOut[];
  /** In which order they are sprayed, and when each is begun, s since midnight. */
  readonly order: readonly { readonly id: string; readonly start: number }[];
  /** What is reckoned with, and which of it nobody entered. */
  readonly weather: Required<Omit<Outdoors, 'latitude' | 'longitude' | 'day' | 'windFrom' | 'around'>>;
  readonly assumed: readonly (keyof Outdoors)[];
  /** ms since the epoch. */
  readonly midnight: number;
  /** Gusts against what the gun bears: m/s. */
  readonly gusts: { readonly found: number; readonly care: number; readonly stop: number };
}

/** rad from lying flat with its face up. */
const tilts: Record<Face['lies'], number> = { flat: 0, upright: Math.PI / 2, overhead: Math.PI };
/** A film is marked by dew up to this margin, K: damp settles before it is seen. */
const safeMargin = 1;
const quarter = 900;
/** Sun below this, rad: too dark to see a wet edge. */
const twilight = (-6 * Math.PI) / 180;

/** The weather as entered, and where nothing was: about the room as last read, a light wind and a clear sky. */
function weatherOf({ job, plan }: Pick<JobView, 'job' | 'plan'>) {
  const said = job.outdoors ?? {};
  const air = plan.climate?.air ?? celsius(18);
  const usual: OutdoorDay['weather'] = {
    absorptance: absorptances.middle,
    coldest: air - 6,
    warmest: air + 2,
    dawnHumidity: 0.9,
    wind: usualWind,
    gusts: gustsOf(said),
    cloud: 0,
  };
  const keys = Object.keys(usual) as (keyof typeof usual)[];
  return {
    weather: Object.fromEntries(keys.map((key) => [key, said[key] ?? usual[key]])) as typeof usual,
    assumed: keys.filter((key) => said[key] === undefined),
  };
}

/**
 * When of a day each face can be sprayed outdoors: by sun, wind and dew, and in which order round the building. It plans; the
 * surface is read before the gun is lifted.
 *
 * @returns refuses while nobody said where it stands, and a day whose coldest is above its warmest
 */
export function outdoorDay(view: JobView): Outcome<OutdoorDay> {
  const { job, plan, spray, rig, now } = view;
  const { outdoors = {} } = job;
  const { latitude, longitude } = outdoors;
  if (latitude === undefined || longitude === undefined)
    return refuse('no-place', 'Say where it stands, latitude and longitude: the sun is reckoned from it.');
  const { weather, assumed } = weatherOf(view);
  if (weather.coldest > weather.warmest)
    return refuse('weather', 'The coldest of the day must not lie above the warmest.');
  if (weather.gusts < weather.wind)
    return refuse('wind', 'Gusts are not weaker than the wind: enter the strongest of them.', {
      quantity: 'speed',
      value: weather.gusts,
      min: weather.wind,
    });
  const midnight = midnightOf(outdoors.day ? new Date(`${outdoors.day}T12:00:00`).getTime() : now);
  const curve = dayCurve({ ...weather, lag: 0 });
  const suns = curve.map(({ at }) => sunAt(midnight + at * 1000, latitude, longitude));
  const { sheet } = plan;
  const films = plan.coats.filter(({ coat }) => coat.layerId === view.work.layer.id).map(({ wet }) => wet);
  const { limits } = sheet;
  const gale = windLimits[rig?.atomising === 'airless' ? 'airless' : 'air'];
  const pace = view.pace?.ratio ?? usualPace;

  const faces = job.part.faces.map((face): FaceOut => {
    const tilt = tilts[face.lies];
    const method = byHand(face);
    const unfaced = face.lies === 'upright' && face.facing === undefined;
    const bare = curve.map((room, i) => {
      const sun = suns[i] as (typeof suns)[number];
      // Nobody said which way it faces: the hottest it can be is planned with.
      const facing = face.facing ?? sun.azimuth;
      const falls = irradiance(sun, { tilt, facing }, weather.cloud);
      const surface = surfaceTemperature(room.air, { ...weather, sun: falls, tilt });
      const told = dewMargin(room.air, room.humidity, surface);
      // Air so dry that it has no dew point leaves the surface as far above it as one likes.
      const margin = isRefusal(told) ? Infinity : told;
      const reason: OutReason =
        !method && weather.gusts >= gale.stop
          ? 'wind'
          : sun.height < twilight
            ? 'dark'
            : surface > limits.part.max
              ? 'hot'
              : surface < limits.part.min
                ? 'cold'
                : margin < dewWanted({ limits })
                  ? 'dew'
                  : room.humidity > limits.humidity.max || room.humidity < limits.humidity.min
                    ? 'damp'
                    : room.air > limits.air.max || room.air < limits.air.min
                      ? 'air'
                      : 'fits';
      return { room, surface, margin, sun: falls, reason };
    });
    const guide = spray.strokes.find((each) => each.face.id === face.id);
    const lasts = method
      ? handSeconds(face, method, films) / Math.max(films.length, 1)
      : guide
        ? Math.max(guide.strokes * guide.seconds * timesOver(face) * pace, 60)
        : quarter;
    const warm = bare.reduce((sum, { room, surface }) => sum + (room.air + surface) / 2, 0) / bare.length;
    const safeAfter =
      (sheet.times.touch ?? sheet.times.flash * 2) *
      slowness(sheet, { air: warm, part: warm, humidity: Math.min(weather.dawnHumidity, 0.7) });
    const spans = startsIn(
      bare.map(({ room, margin, reason }) => ({
        at: room.at,
        fits: reason === 'fits',
        dry: margin >= safeMargin,
      })),
      lasts,
      safeAfter,
    );
    const starts = (at: number) => spans.some(({ from, to }) => at >= from && at < to);
    return {
      face,
      lasts,
      safeAfter,
      spans,
      unfaced,
      quarters: bare.map(({ room: { at }, surface, margin, sun, reason }) => ({
        ...{ at, surface, margin, sun },
        reason: reason === 'fits' && !starts(at) ? 'late' : reason,
      })),
    };
  });
  const today = midnight === midnightOf(now);
  return {
    faces,
    order: orderOfFaces(
      faces.map(({ face, spans, lasts }) => ({ id: face.id, spans, lasts })),
      today ? (now - midnight) / 1000 : 0,
    ),
    weather,
    assumed,
    midnight,
    gusts: { found: weather.gusts, ...gale },
  };
}

/** Where the sun stands, clockwise from north. */
function sunAt(moment: number, latitude: number, longitude: number) {
  const degrees = 180 / Math.PI;
  const { altitude, azimuth } = SunCalc.getPosition(
    new Date(moment),
    latitude * degrees,
    longitude * degrees,
  );
  return { height: altitude, azimuth: azimuth + Math.PI };
}
