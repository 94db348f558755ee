import {
  prepChain,
  maskingTime,
  prepStates,
  type CoatRole,
  type PrepState,
  type PrepStep,
} from '@/core/system';
import type { PermissionGroup, Weight } from '@/core/permission';
import type { QuantityId } from '@/core/quantity';
import type { Hazard } from '@/core/safety';
import type { Coating, Job, NewEntry } from '@/records';
import { roleOf } from './coatrole';
import { liveEntries, moment, ofType } from './entries';
import { jobHazards } from './hazards';
import { lookedOver } from './lookedover';
import { keptFree, wetSince } from './keptfree';
import { machinePaper, readBy, sheetPaper } from './papers';
import type { CoatState } from './spray';
import { substrateOf } from './substrate';
import type { JobView } from './view';
import { roomSize, workplaceOf } from './workplace';

/** Something a person answers for with a tick. */
export interface HandItem {
  readonly by: 'hand';
  readonly id: string;
  readonly group: PermissionGroup;
  readonly weight: Weight;
  readonly waivable: boolean;
  readonly met: boolean;
  readonly says: string;
  /** What stands in braces in it, SI. */
  readonly amounts?: Readonly<Record<string, readonly [QuantityId, number]>>;
  /** Why it is asked; of a step of preparation it follows from the step, by `why` where that is not its id. */
  readonly because?: string;
  readonly why?: string;
  /** The paper it is about, and what it is to say of what can hurt someone. */
  readonly of?: string;
  readonly hazards?: readonly Hazard[];
  readonly state: PrepState;
  /** It acts or dries so long that what comes after it waits. */
  readonly waits?: true;
  /** ms since the epoch: it acts until then, or lapses then. */
  readonly until?: number;
  /** ms since the epoch when it has acted its time, while nothing was done after it; and what acts. */
  readonly acted?: number;
  readonly name?: string;
  /** ms since the epoch: it was ticked then, and counts until then. */
  readonly ticked?: number;
  readonly counts?: number;
  readonly found?: undefined;
}

/** What people, room and gun were ticked for counts for one shift, ms. A default. */
const shift = 12 * 3_600_000;
/** A step that acts for less than this is over by the time the gun is in the hand: said, and no stop. s */
const longDwell = 300;

type Seen = Omit<JobView, 'permission'>;

type Says = Pick<HandItem, 'id' | 'group' | 'says' | 'because'> &
  Partial<Pick<HandItem, 'weight' | 'waivable' | 'amounts' | 'of' | 'hazards' | 'why'>>;

/** A tick by this person of that paper, or a tick of this job, counts for a shift; a paper once read counts on. */
function asItem(view: Seen): (says: Says) => HandItem {
  const ticks = ofType(liveEntries(view.work), 'tick').filter(({ list }) => list === 'ready');
  return (says) => {
    const person = view.shop.operator;
    const read = says.of !== undefined && view.papers.has(readBy(says.of, person));
    const last = ticks.findLast(
      ({ step, of, by = '' }) =>
        step === says.id && (says.of === undefined || ((of ?? says.of) === says.of && by === person)),
    );
    const lapsed = says.of === undefined && last && view.now - moment(last) > shift;
    const state: PrepState =
      read || (last?.done && !lapsed) ? 'done' : lapsed && last.done ? 'lapsed' : 'todo';
    return {
      by: 'hand',
      weight: 'stop',
      waivable: true,
      ...says,
      met: state === 'done',
      state,
      ...(state === 'done' && last && says.of === undefined
        ? { ticked: moment(last), counts: moment(last) + shift }
        : {}),
    };
  };
}

/** What a person answers for before this coat: safety, preparation, place. Each with its reason. */
export function handItems(view: Seen, coat: CoatState): HandItem[] {
  const item = asItem(view);
  const steps = preparation(view, coat);
  return [
    ...peopleItems(view),
    ...(steps.some(({ id, met }) => !met && rubs(id)) ? sandingItems(view) : []),
    ...ofPlace(view, coat).map(item),
    ...steps,
    ...foundComingIn(view, item),
    ...masking(view, item),
  ];
}

/** The entry that says it was done, or takes that back. */
export const tickOf = ({ id, of }: Pick<HandItem, 'id' | 'of'>, done: boolean): NewEntry => ({
  type: 'tick',
  list: 'ready',
  step: id,
  done,
  ...(of === undefined ? {} : { of }),
});

const rubbing: readonly string[] = ['abrade', 'filler', 'strip', 'derust', 'descale', 'open', 'blast'];

/** Does this step of preparation set free what is on, as dust? */
export const rubs = (step: string): boolean => rubbing.includes(step);

/** What keeps people whole where it is sprayed, and wherever a gun with this in it is fired or washed. */
export const peopleItems = (view: Seen): HandItem[] => ofPeople(view).map(asItem(view));

/** What keeps people whole while what is on is rubbed off. */
export const sandingItems = (view: Seen): HandItem[] => ofSanding(view).map(asItem(view));

/** What keeps people whole: nothing of it is left out where the sheet or the machine asks for it. */
function ofPeople(view: Seen): Says[] {
  const hazards = jobHazards(view);
  const has = (...of: readonly (typeof hazards)[number][]) => of.some((each) => hazards.includes(each));
  const { rig, shop } = view;
  const { sheet } = view.plan;
  const airless = rig?.atomising === 'airless';
  const burns = has('flammable');
  const confined = workplaceOf(view.job, shop) === 'confined';
  const sensitising = has('isocyanate', 'aziridine');
  const fed = sensitising || confined;
  const list: (Says | false)[] = [
    sheet.hazards.length > 0 && {
      id: 'sds',
      group: 'people',
      waivable: false,
      of: sheetPaper(sheet),
      says: `You have read the safety data sheet of ${sheet.name}.`,
      hazards,
      why: sheet.assumed.includes('hazards') ? 'sds-default' : 'sds',
    },
    airless &&
      rig !== undefined && {
        id: 'manual',
        group: 'people',
        of: machinePaper(rig),
        says: `You have read the manual of ${rig.name}: relief, trigger lock, tip guard.`,
      },
    confined && {
      id: 'confined',
      group: 'people',
      waivable: false,
      says: 'Confined space: permit, gas meter, air moved out, a person outside who stays there.',
    },
    {
      id: 'masks',
      group: 'people',
      waivable: false,
      says: fed
        ? `Air-fed protection, gloves, eyes, skin covered; nobody else in the room${sensitising ? ', through the flash too' : ''}.`
        : burns || has('solvent', 'styrene')
          ? 'Vapour and particle mask, eyes, gloves that resist the solvent.'
          : 'Particle mask, eyes, gloves.',
      because: `The safety sheet decides; these are the usual ones for what is in this coating. ${has('sensitiser') || sensitising ? 'What sensitises goes through the skin: gloves changed when wet inside.' : 'Gloves are changed when wet inside.'}`,
    },
    fed && {
      id: 'breathing-air',
      group: 'people',
      waivable: false,
      says: 'Breathing air tested, its intake away from exhaust and vapour, its alarm works.',
    },
    burns && {
      id: 'ignition',
      group: 'people',
      waivable: false,
      says: 'No ignition within reach of the vapour: flames, heaters, motors, switches, the compressor’s intake.',
    },
    (burns || airless) && {
      id: 'earth',
      group: 'people',
      waivable: false,
      says: `Earthed: ${airless ? 'pump, ' : ''}gun, pails and part.`,
    },
    {
      id: 'extraction',
      group: 'people',
      waivable: !confined && !has('flammable', 'isocyanate', 'aziridine', 'styrene'),
      says: 'Extraction on, filters clear; outdoors, the wind at your back.',
    },
    airless && {
      id: 'guard',
      group: 'people',
      waivable: false,
      says: 'Tip guard on, trigger lock works, no hand before the tip.',
    },
    burns && {
      id: 'lids',
      group: 'people',
      weight: 'care',
      says: 'Lids on cans and cleaner; wet rags in the metal bin with a lid.',
    },
    has('flammable', 'isocyanate', 'peroxide') && {
      id: 'help',
      group: 'people',
      weight: 'care',
      says: 'Someone within call; extinguisher and water for the eyes at hand.',
    },
  ];
  return list.filter((each) => each !== false);
}

/** What can be on that was sprayed lately. */
const freshStates: readonly Job['part']['existing'][] = ['primer', 'base', 'filler'];

/** Dust of what is on: a film half cured still holds what it was sprayed with. */
function ofSanding(view: Seen): Says[] {
  const hazards = jobHazards(view);
  const curing = hazards.some((each) => each === 'isocyanate' || each === 'aziridine');
  // Bare ground and old paint hold nothing of this product.
  const on =
    view.spray.coats.some(({ state }) => state === 'done') ||
    freshStates.some((state) => state === view.job.part.existing);
  const fresh = curing && on;
  return [
    {
      id: 'dust-mask',
      group: 'people',
      waivable: false,
      says: fresh
        ? 'What was worn to spray is worn to sand: a film of this week is half cured.'
        : 'Particle mask and eyes; dust drawn off at the paper.',
      why: fresh ? 'dust-worn' : 'dust-sanded',
    },
  ];
}

/** Coats whose colour is seen. */
const colourCoats: readonly CoatRole[] = ['base', 'bed', 'metallic', 'drop', 'blend'];

function ofPlace({ job, rig, work, shop }: Seen, coat: CoatState): Says[] {
  const { faces } = job.part;
  const list: (Says | false)[] = [
    faces.some(({ reach }) => reach === 'steps') && {
      id: 'access',
      group: 'room',
      says: 'Steps or scaffold stand fast, no power line within reach.',
    },
    // Where the room's size is known, it is reckoned instead.
    !roomSize(job, shop) && {
      id: 'swing',
      group: 'room',
      weight: 'care',
      says: 'Room to swing the gun: an arm’s length beside each face.',
    },
    {
      id: 'light',
      group: 'room',
      weight: 'care',
      says: 'Light low across the face; floor damped where no mains lie.',
    },
    rig?.air === 'compressor' && {
      id: 'air-dry',
      group: 'gun',
      says: 'Air drained and dry; wall gauge set with the trigger pulled.',
    },
    job.part.judgedBy === 'match' &&
      colourCoats.includes(coat.coat.role ?? 'base') && {
        id: 'spray-out',
        group: 'mix',
        says: 'A sprayed-out card, dry and cleared as the part will be, agrees beside its polished neighbour.',
      },
    {
      id: 'supports',
      group: 'room',
      weight: 'care',
      says: work.approach.racks
        ? `Supports and ${work.approach.racks} rack slots free.`
        : 'Supports ready, and a place to dry.',
    },
  ];
  return list.filter((each) => each !== false);
}

/** What the bare ground asks for, in order. */
export const groundSteps = (
  part: Job['part'],
  next: CoatRole | undefined,
  first: Pick<Coating, 'class'> | undefined,
): PrepStep[] => {
  const etched = first?.class === 'etch-primer' ? false : part.etched;
  return prepChain({
    substrate: substrateOf(part),
    existing: part.existing ?? 'bare',
    next,
    // An etch primer does it itself.
    ...(etched === undefined ? {} : { etched }),
  });
};

/** The chain under this coat: the ground’s for the first, what lies between for the others. */
function preparation({ job, work, spray, now }: Seen, coat: CoatState): HandItem[] {
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
  const next = roleOf(coat.coat, coat.sheet);
  const steps =
    below === 'ground'
      ? groundSteps(job.part, next, coat.sheet)
      : prepChain({ substrate: substrateOf(job.part), existing: 'bare', next, below });
  const ticks = ofType(entries, 'tick')
    .filter(({ list, at }) => list === 'ready' && Date.parse(at) >= since)
    .map(({ step, at, done }) => ({ step, at: Date.parse(at), done }));
  return prepStates(steps, ticks, now).map(({ step, state, until, acted }): HandItem => {
    const brief = state === 'acting' && (step.dwell ?? 0) < longDwell;
    return {
      by: 'hand',
      id: step.id,
      group: 'part',
      weight: brief || state === 'lapsed' ? 'care' : 'stop',
      waivable: step.always !== true,
      met: state === 'done',
      says: step.says,
      ...(step.why ? { why: step.why } : {}),
      state,
      ...((step.dwell ?? 0) >= longDwell ? { waits: true as const } : {}),
      ...(until === undefined ? {} : { until }),
      ...(acted === undefined ? {} : { acted, name: step.name ?? step.id }),
    };
  });
}

/** What the round may find on a surface that comes in, and what is then to be done before anything goes on. */
const comesIn = {
  clean: { weight: 'stop', says: 'Cleaned and dry where the round found it was not' },
  sound: { weight: 'stop', says: 'What the round found loose, soft or rusted is taken back to sound' },
  level: { weight: 'care', says: 'Scratches and dents the round found are filled and flatted' },
} as const;

/** Found before the first coat and not looked at again since: each is to be mended, and said so after it was found. */
function foundComingIn({ work, spray }: Seen, item: (says: Says) => HandItem): HandItem[] {
  const { when, faults } = lookedOver(work, spray.coats);
  if (when !== 'before') return [];
  return (['clean', 'sound', 'level'] as const).flatMap((ask) => {
    const own = faults.filter(({ asks }) => asks === ask);
    if (own.length === 0) return [];
    const faces = [...new Set(own.map(({ face }) => face.name))];
    const found = item({
      id: `round-${ask}`,
      group: 'part',
      weight: comesIn[ask].weight,
      says: `${comesIn[ask].says}: ${listed(faces)}.`,
      because: 'Paint shows what lies below it, and holds no better than that does.',
    });
    const last = Math.max(...own.map(({ entry }) => (entry ? moment(entry) : 0)));
    return (found.ticked ?? 0) >= last ? [found] : [{ ...found, met: false, state: 'todo' as const }];
  });
}

function masking({ work }: Seen, item: (says: Says) => HandItem): HandItem[] {
  const places = keptFree(work.part.faces);
  if (places.length === 0) return [];
  const { length, on, off } = maskingTime(places);
  const what = places.map(({ name, face }) => `${name.toLowerCase()} on ${face.name.toLowerCase()}`);
  const found = item({
    id: 'masking',
    group: 'part',
    says: `Mask ${listed(what)}: {edge} of edge, about {on}, and {off} to take off.`,
    amounts: {
      edge: ['length', length],
      on: ['duration', inMinutes(on)],
      off: ['duration', inMinutes(off)],
    },
  });
  const wet = wetSince(work);
  // What was masked before water came lifts at its edge.
  if (!found.met || (found.ticked ?? 0) > wet) return [found];
  return [
    { ...found, met: false, state: 'lapsed', because: 'Wet work lifts tape: mask again what it touched.' },
  ];
}

/** s, in whole minutes, one at least. */
const inMinutes = (seconds: number): number => Math.max(Math.round(seconds / 60), 1) * 60;
const listed = (names: readonly string[]): string =>
  names.length > 3 ? `${names.slice(0, 3).join(', ')} and ${names.length - 3} more` : names.join(', ');
