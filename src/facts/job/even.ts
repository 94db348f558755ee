import {
  canCross,
  measuredProfile,
  parabola,
  type FanShape,
  shapedProfile,
  type FieldGun,
  type Opening,
  type Passes,
  type Profile,
} from '@/core/evenness';
import { solveStroke, strokeSpacing } from '@/core/film';
import {
  calibrateFlow,
  landedFilm,
  levelling,
  sag,
  type Calibrated,
  type Carrier,
  type FlowVerdict,
  usualTension,
  type LandedFilm,
} from '@/core/flowout';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { dryingOf } from '@/core/schedule';
import type { Face, Job } from '@/records';
import { thinnersOf } from './diluents';
import { liveEntries, ofType } from './entries';
import { layerOf } from './layers';
import { usualFan } from './point';
import { slowness } from './recoat';
import type { CoatState } from './spray';
import { usualLead } from './strokes';
import type { LaidCoat } from './worked';

import type { JobView } from './view';
import { byHand, sprayedFaces } from './byhand';

/** One coat over one face, ready to be laid: gun, passes, and what film is wanted. */
export interface EvenSetup {
  readonly coat: CoatState;
  readonly face: Face;
  readonly gun: FieldGun;
  readonly passes: Passes;
  readonly openings: readonly Opening[];
  /** m wet. */
  readonly aim: number;
  readonly limits: { readonly min: number; readonly max: number };
  /** Dry ÷ wet. */
  readonly solids: number;
  readonly pattern: 'card' | 'shape' | 'default';
  /** The pattern as it can be posted to a worker. */
  readonly film: readonly number[] | FanShape;
}

/** Half length of a spot along the stroke ÷ half fan, where no card was read. A default. */
const usualFootprint = 0.25;

export const profileFor = (
  { work, rig }: JobView,
  coat: LaidCoat,
): Outcome<{
  profile: Profile;
  pattern: EvenSetup['pattern'];
  film: EvenSetup['film'];
  slim?: number;
  tilt?: number;
}> => {
  const { sheet, approach } = layerOf(work, coat.layerId);
  const shape = approach.fanShape;
  if (shape) {
    const profile = shapedProfile(shape);
    return isRefusal(profile) ? profile : { profile, pattern: 'shape', film: shape, tilt: shape.tilt };
  }
  const read =
    rig?.patterns?.filter(({ sheetId }) => sheetId === sheet.id).at(-1)?.pattern ??
    rig?.patterns?.at(-1)?.pattern;
  if (read) {
    const { profile, width, height } = read;
    return {
      profile: measured(profile),
      pattern: 'card',
      film: profile,
      slim: Math.min(Math.max(height / width, 0.05), 1),
    };
  }
  return { profile: parabolic, pattern: 'default', film: parabola };
};

/** One function for one kept card, so that what is tabled of it once is found again. */
const profiles = new WeakMap<readonly number[], Profile>();
function measured(film: readonly number[]): Profile {
  const known = profiles.get(film);
  if (known) return known;
  const made = measuredProfile(film);
  profiles.set(film, made);
  return made;
}
const parabolic = shapedProfile(parabola) as Profile;

/**
 * How a coat of this job goes over a face: what was recorded of the gun, else what is proposed for it, and the pattern
 * its last card showed.
 *
 * @returns refuses a job whose film or gun cannot be told yet
 */
export function evenSetup(view: JobView, faceId: string, coatId?: string): Outcome<EvenSetup> {
  const { job, work, spray, plan, rig } = view;
  const face = job.part.faces.find(({ id }) => id === faceId) ?? sprayedFaces(job.part)[0];
  const coat =
    spray.coats.find((each) => each.coat.id === coatId) ?? spray.running ?? spray.next ?? spray.coats.at(-1);
  if (!face || !coat) return refuse('no-face', 'The plan has no face or no coat yet. Add them in Plan.');
  if (byHand(face)) return refuse('by-hand', `${face.name} is not sprayed: no gun draws its film.`);
  if (!(coat.wet > 0))
    return refuse(
      'no-film',
      'The wet film of this coat cannot be told yet. Mix it, or give its sheet volume solids.',
    );
  const shaped = profileFor(view, coat.coat);
  if (isRefusal(shaped)) return shaped;
  const { approach } = layerOf(work, coat.coat.layerId);
  const point = view.points.find((each) => each.coat.id === coat.coat.id)?.point;
  const fan = point?.fan ?? rig?.fan ?? usualFan;
  const overlap = point?.overlap ?? approach.overlap;
  const speed = point && point.from !== 'usual' ? point.speed : (rig?.handSpeed ?? approach.speed);
  const distance = point?.distance ?? rig?.distance ?? 0.2;
  const spacing = strokeSpacing(fan, overlap);
  const transfer = point?.transfer ?? plan.transfer;
  const known = point?.fluid;
  const flow =
    known && known > 0 ? known : solveStroke('flow', { wetFilm: coat.wet, transfer, speed, fan, overlap });
  if (isRefusal(flow)) return flow;
  const kind = face.surface ?? 'flat';
  const { beyond = 0, cross, shortWay } = coat.coat.path ?? {};
  const [long, short] = [Math.max(face.width, face.height), Math.min(face.width, face.height)];
  const [along, across] = shortWay && kind !== 'round' ? [short, long] : [long, short];
  // Openings are kept as the face hangs; the map lies with its strokes.
  const turned = along !== face.width;
  const openings = (face.openings ?? []).map(({ x, y, width, height, round }) =>
    turned ? { x: y, y: x, width: height, height: width, round } : { x, y, width, height, round },
  );
  const limit = (dry: number) => dry / coat.solids;
  return {
    coat,
    face,
    gun: {
      profile: shaped.profile,
      fan,
      distance,
      footprint: (fan / 2) * (shaped.slim ?? usualFootprint),
      flow,
      transfer,
    },
    passes: {
      kind,
      along,
      across,
      spacing,
      speed,
      fan,
      distance,
      lead: approach.lead ?? usualLead,
      beyond,
      cross: cross && canCross(kind),
      tilt: shaped.tilt,
    },
    openings,
    aim: coat.wet,
    limits: { min: limit(coat.dry.min), max: limit(coat.dry.max) },
    solids: coat.solids,
    pattern: shaped.pattern,
    film: shaped.film,
  };
}

/** What a coat is once it has landed, here and now: estimates, marked so where they are shown. */
export function landedNow(view: JobView, coat: CoatState): Outcome<LandedFilm> {
  const { work, plan, set } = view;
  const { sheet, thinnerId } = layerOf(work, coat.coat.layerId);
  const density = isRefusal(plan.asMixed) ? 1000 : plan.asMixed.density;
  const thinner = thinnersOf(sheet).find(({ id }) => id === thinnerId) ?? thinnersOf(sheet)[0];
  return landedFilm({
    viscosity: set.viscosity,
    density,
    carrier: dryingOf(sheet.chemistry) satisfies Carrier,
    thinner: thinner?.speed,
    thixotropic: sheet.target === undefined,
    slowness: slowness(sheet, plan.climate),
    warmer: plan.climate ? plan.climate.part - sheet.times.temperature : 0,
  });
}

/** rad from lying flat. What hangs overhead drips as readily as what stands runs: it is reckoned upright, a default. */
export const angleOf = ({ lies }: Pick<Face, 'lies'>): number => (lies === 'flat' ? 0 : Math.PI / 2);

/** The limits by what was seen of coats, in this job and others. */
export function flowLimits(jobs: readonly Job[]): Calibrated {
  const verdicts = jobs
    .flatMap((job) => ofType(liveEntries(job), 'flowed'))
    .flatMap(({ seen, film, angle, viscosity, density, setting, holds }): FlowVerdict[] => {
      const landed: LandedFilm = {
        viscosity,
        density,
        setting,
        tension: usualTension,
        ...(holds ? { yield: holds } : {}),
      };
      const [flows, slides] = [levelling(landed, film), sag(landed, film, angle)];
      return isRefusal(flows) || isRefusal(slides) ? [] : [{ seen, levelling: flows, sag: slides }];
    });
  return calibrateFlow(verdicts);
}
