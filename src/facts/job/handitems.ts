import {
  prepChain,
  prepStates,
  type CoatRole,
  type PrepState,
  type PrepStep,
  type SubstrateKind,
} from '@/core/system';
import type { Weight } from '@/core/permission';
import type { Face, Job } from '@/records';
import { liveEntries, moment, ofType } from './entries';
import { jobHazards } from './hazards';
import type { PermissionGroup } from './permission';
import type { CoatState } from './spray';
import type { JobView } from './view';

/** Something a person answers for with a tick. */
export interface HandItem {
  readonly by: 'hand';
  readonly id: string;
  readonly group: PermissionGroup;
  readonly weight: Weight;
  readonly waivable: boolean;
  readonly met: boolean;
  readonly says: string;
  readonly because: string;
  readonly state: PrepState;
  /** ms since the epoch: it acts until then, or lapses then. */
  readonly until?: number;
  /** ms since the epoch: until then a tick counts. */
  readonly counts?: number;
  readonly found?: undefined;
}

/** What the part is made of, when nobody said: by whether a gauge reads it, and by its words. */
export function substrateOf({ substrate, metal, kind }: Job['part']): SubstrateKind {
  if (kind) return kind;
  if (metal) return /galvan|zinc/i.test(substrate) ? 'galvanised' : 'metal';
  if (/oak|pine|wood|mdf|ply|birch|ash/i.test(substrate)) return 'wood';
  if (/brick|render|plaster|concrete|wall/i.test(substrate)) return 'masonry';
  return /mould|composite|fibre|laminate/i.test(substrate) ? 'composite' : 'plastic';
}

/** A mould by its words: what is laid on its wax comes off with the part. */
const isMould = ({ substrate }: Job['part']): boolean => /mou?ld/i.test(substrate);

/** Masking a metre of edge takes about this long, s. A default. */
const maskingPerMetre = 45;

/** m of edge to mask: the outline of every face that says what must be kept off. */
export const maskingOf = (faces: readonly Face[]): { length: number; seconds: number } => {
  const length = faces
    .filter(({ keepOff }) => keepOff)
    .reduce((sum, { width, height, count }) => sum + 2 * (width + height) * count, 0);
  return { length, seconds: length * maskingPerMetre };
};

/** What people, room and gun were ticked for counts for one shift, ms. A default. */
const shift = 12 * 3_600_000;
/** A step that acts for less than this is over by the time the gun is in the hand: said, and no stop. s */
const longDwell = 300;

type Says = Pick<HandItem, 'id' | 'group' | 'says' | 'because'> &
  Partial<Pick<HandItem, 'weight' | 'waivable'>>;

/** What a person answers for before this coat: safety, preparation, place. Each with its reason. */
export function handItems(view: Omit<JobView, 'permission'>, coat: CoatState): HandItem[] {
  const ticks = ofType(liveEntries(view.work), 'tick').filter(({ list }) => list === 'ready');
  const item = (says: Says): HandItem => {
    const last = ticks.findLast(({ step }) => step === says.id);
    const state: PrepState = !last?.done ? 'todo' : view.now - moment(last) > shift ? 'lapsed' : 'done';
    return {
      by: 'hand',
      weight: 'stop',
      waivable: true,
      ...says,
      met: state === 'done',
      state,
      ...(state === 'done' && last ? { counts: moment(last) + shift } : {}),
    };
  };
  return [
    ...ofPeople(view).map(item),
    ...ofPlace(view).map(item),
    ...preparation(view, coat),
    ...masking(view, item),
  ];
}

/** What keeps people whole: nothing of it is left out where the sheet or the machine asks for it. */
function ofPeople(view: Omit<JobView, 'permission'>): Says[] {
  const hazards = jobHazards(view);
  const has = (...of: readonly (typeof hazards)[number][]) => of.some((each) => hazards.includes(each));
  const airless = view.rig?.atomising === 'airless';
  const burns = has('flammable');
  const list: (Says | false)[] = [
    {
      id: 'masks',
      group: 'people',
      waivable: false,
      says: has('isocyanate', 'aziridine')
        ? 'Air-fed protection, gloves, eyes, skin covered; nobody else in the room, through the flash too.'
        : 'Vapour and particle mask, eyes, gloves that resist the solvent.',
      because: 'The safety sheet decides; these are the usual ones for what is in this coating.',
    },
    burns && {
      id: 'ignition',
      group: 'people',
      waivable: false,
      says: 'No ignition within reach of the vapour: flames, heaters, motors, switches, the compressor’s intake.',
      because: 'Vapour travels along the floor to the spark.',
    },
    (burns || airless) && {
      id: 'earth',
      group: 'people',
      waivable: false,
      says: `Earthed: ${airless ? 'pump, ' : ''}gun, pails and part.`,
      because: 'A stream through a hose charges what it touches; the spark finds the vapour.',
    },
    {
      id: 'extraction',
      group: 'people',
      waivable: !has('flammable', 'isocyanate', 'aziridine', 'styrene'),
      says: 'Extraction on, filters clear; outdoors, the wind at your back.',
      because: 'It carries off vapour, mist and the dust of the last coat.',
    },
    airless && {
      id: 'guard',
      group: 'people',
      waivable: false,
      says: 'Tip guard on, trigger lock works, no hand before the tip.',
      because: 'The jet goes through skin and glove. An injection is an emergency, however small it looks.',
    },
    has('flammable', 'isocyanate', 'peroxide') && {
      id: 'help',
      group: 'people',
      weight: 'care',
      says: 'Someone within call; extinguisher and water for the eyes at hand.',
      because: 'Alone and blind there is nobody to find the tap.',
    },
  ];
  return list.filter((each) => each !== false);
}

function ofPlace({ job, rig, work }: Omit<JobView, 'permission'>): Says[] {
  const { faces } = job.part;
  const list: (Says | false)[] = [
    faces.some(({ reach }) => reach === 'steps') && {
      id: 'access',
      group: 'room',
      says: 'Steps or scaffold stand fast, no power line within reach.',
      because: 'A hand that holds on does not hold its distance.',
    },
    {
      id: 'swing',
      group: 'room',
      weight: 'care',
      says: 'Room to swing the gun: an arm’s length beside each face.',
      because: 'A cramped stroke arcs and starts on the part.',
    },
    {
      id: 'light',
      group: 'room',
      weight: 'care',
      says: 'Light low across the face; floor damped where no mains lie.',
      because: 'Dust, dry edges and runs show only in low light.',
    },
    rig?.air === 'compressor' && {
      id: 'air-dry',
      group: 'gun',
      says: 'Air drained and dry; wall gauge set with the trigger pulled.',
      because: 'Water in the line gives fish-eyes, blush and rust.',
    },
    {
      id: 'supports',
      group: 'room',
      weight: 'care',
      says: work.approach.racks
        ? `Supports and ${work.approach.racks} rack slots free.`
        : 'Supports ready, and a place to dry.',
      because: 'A wet part has nowhere else to go.',
    },
  ];
  return list.filter((each) => each !== false);
}

/** What the bare ground asks for, in order. */
export const groundSteps = (part: Job['part'], next: CoatRole | undefined): PrepStep[] =>
  prepChain({
    substrate: substrateOf(part),
    mould: isMould(part),
    existing: part.existing ?? 'bare',
    next,
  });

/** The chain under this coat: the ground’s for the first, what lies between for the others. */
function preparation({ job, work, spray, now }: Omit<JobView, 'permission'>, coat: CoatState): HandItem[] {
  const on = spray.coats.filter(({ state }) => state === 'done').at(-1);
  const entries = liveEntries(work);
  const sanded = entries.findLast(
    (entry) =>
      (entry.type === 'abraded' || entry.type === 'worked') &&
      on?.ended !== undefined &&
      moment(entry) >= on.ended,
  );
  const below = !on ? 'ground' : sanded ? 'sanded' : on.sheet.id === coat.sheet.id ? 'own' : 'other';
  // What was wiped for the coat below says nothing of this one.
  const since = sanded ? moment(sanded) : (on?.ended ?? 0);
  const steps =
    below === 'ground'
      ? groundSteps(job.part, coat.coat.role)
      : prepChain({ substrate: substrateOf(job.part), existing: 'bare', next: coat.coat.role, below });
  const ticks = ofType(entries, 'tick')
    .filter(({ list, at }) => list === 'ready' && Date.parse(at) >= since)
    .map(({ step, at, done }) => ({ step, at: Date.parse(at), done }));
  return prepStates(steps, ticks, now).map(({ step, state, until }): HandItem => {
    const brief = state === 'acting' && (step.dwell ?? 0) < longDwell;
    return {
      by: 'hand',
      id: step.id,
      group: 'part',
      weight: brief || state === 'lapsed' ? 'care' : 'stop',
      waivable: step.always !== true,
      met: state === 'done',
      says: step.says,
      because: step.because,
      state,
      ...(until === undefined ? {} : { until }),
    };
  });
}

function masking({ job }: Omit<JobView, 'permission'>, item: (says: Says) => HandItem): HandItem[] {
  const { length, seconds } = maskingOf(job.part.faces);
  if (length <= 0) return [];
  const what = job.part.faces
    .filter(({ keepOff }) => keepOff)
    .map(({ keepOff, name }) => `${keepOff} on ${name.toLowerCase()}`)
    .join(', ');
  return [
    item({
      id: 'masking',
      group: 'part',
      says: `Mask ${what}: about ${Math.max(Math.round(seconds / 60), 1)} minutes.`,
      because: 'What must stay free of it is cheaper to mask than to clean.',
    }),
  ];
}
