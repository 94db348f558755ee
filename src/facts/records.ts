import { newShop, type AnyRecord, type Cup, type Job, type RecordKind, type Shop } from '@/records';
import { gunsOf, jobView, lastEntryAt, standsUntil, type Bearings, type JobView } from './job';
import { lessonsFor, lessonsOf, type BatchLesson } from './shop/lessons';
import { gunsLeft } from './job/gunleft';
import { machinePaper, papersIn, sheetPaper } from './job/papers';
import { namesOf, paceOf } from './shop/pace';
import { shelfOf, type ShelfCan } from './shop/shelf';

/** All records of a shop by their keys. */
export type Records = ReadonlyMap<string, AnyRecord>;

const labelOf = (record: AnyRecord): string =>
  record.kind === 'can' ? record.lot : record.kind === 'revision' ? record.until : record.name;

/** Kinds of one state of the records, each gathered once. */
const gathered = new WeakMap<Records, Map<RecordKind, readonly AnyRecord[]>>();

/** Every record of a kind, by name. */
export function recordsOf<K extends RecordKind>(
  records: Records,
  kind: K,
): readonly Extract<AnyRecord, { kind: K }>[] {
  const kinds = gathered.get(records) ?? new Map<RecordKind, readonly AnyRecord[]>();
  gathered.set(records, kinds);
  const known = kinds.get(kind);
  if (known) return known as readonly Extract<AnyRecord, { kind: K }>[];
  const found = [...records.values()].filter((record) => record.kind === kind);
  found.sort((a, b) => labelOf(a).localeCompare(labelOf(b)));
  kinds.set(kind, found);
  return found as unknown as readonly Extract<AnyRecord, { kind: K }>[];
}

/** The shelf of one state of the records, worked out once a day of it. */
const shelves = new WeakMap<Records, { today: string; shelf: ShelfCan[] }>();

export function shelfOn(records: Records, now: number): ShelfCan[] {
  const today = new Date(now).toISOString().slice(0, 10);
  const held = shelves.get(records);
  if (held?.today === today) return held.shelf;
  const shelf = shelfOf(
    recordsOf(records, 'can'),
    recordsOf(records, 'coating'),
    recordsOf(records, 'job'),
    today,
  );
  shelves.set(records, { today, shelf });
  return shelf;
}

/** What of the records a job is concluded from. Another job’s entry that touches none of it leaves it as it is. */
interface Inputs {
  readonly job: Job;
  readonly shop: Shop;
  readonly rigs: readonly (AnyRecord | undefined)[];
  readonly cups: readonly Cup[];
  readonly shelf: readonly ShelfCan[];
  readonly lessons: readonly BatchLesson[];
  /** Papers of its products and machines that were read in any job, by whom. */
  readonly papers: readonly string[];
  readonly gunsLeft: ReadonlyMap<string, string>;
  readonly pace?: Bearings['pace'];
}

/** What is concluded of a job, and until when it stands while its records do. */
export interface JobFacts {
  readonly inputs: Inputs;
  readonly view: JobView;
  /** ms since the epoch */
  readonly from: number;
  readonly until: number;
}

/** What somebody took in hand of a job: as the work decides where nothing is said. */
export type Taken = Pick<Bearings, 'inHand' | 'gun'>;

/** The facts of a job as it was last seen, by the job itself and what of it is in hand. */
const held = new WeakMap<Job, Map<string, JobFacts>>();

/**
 * Everything concluded of a job, derived once for what it is derived from: again only when one of its own records
 * changes, or when a deadline passes.
 */
export function jobFacts(records: Records, id: string, now: number, taken: Taken = {}): JobFacts | undefined {
  const job = records.get(`job/${id}`);
  if (job?.kind !== 'job') return undefined;
  const hands = held.get(job) ?? new Map<string, JobFacts>();
  held.set(job, hands);
  const hand = `${taken.inHand ?? ''}/${taken.gun ?? ''}`;
  const known = hands.get(hand);
  const stands = known !== undefined && now >= known.from && now < known.until;
  if (stands && seenWith.get(known) === records) return known;
  const inputs = inputsOf(records, job, now);
  if (stands && sameInputs(known.inputs, inputs)) {
    seenWith.set(known, records);
    return known;
  }
  const view = viewFrom(inputs, now, taken);
  const facts = { inputs, view, from: now, until: standsUntil(view) };
  hands.set(hand, facts);
  seenWith.set(facts, records);
  return facts;
}

/** Which state of the records facts were last held against: asked again with the same, nothing is compared. */
const seenWith = new WeakMap<JobFacts, Records>();

/** The small step that needs the clock: facts that stand, seen at a moment they stand at. */
export const atMoment = ({ view }: JobFacts, now: number): JobView =>
  view.now === now ? view : { ...view, now };

/** A job from which nothing can be concluded, and why: a fault of ours or of the record, never one that stops the shop. */
export interface Inconclusive {
  readonly id: string;
  readonly name: string;
  readonly why: string;
}

/** Jobs seen at a moment; one that cannot be concluded is named, and the others are seen all the same. */
export function viewsOf(
  records: Records,
  jobs: readonly Job[],
  now: number,
  taken?: Taken,
): { readonly views: readonly JobView[]; readonly inconclusive: readonly Inconclusive[] } {
  const views: JobView[] = [];
  const inconclusive: Inconclusive[] = [];
  for (const { id, name } of jobs) {
    try {
      const view = jobViewOf(records, id, now, taken);
      if (view) views.push(view);
    } catch (error) {
      inconclusive.push({ id, name, why: error instanceof Error ? error.message : String(error) });
    }
  }
  return { views, inconclusive };
}

/** A job seen whole at a moment, ms since the epoch; undefined where there is no such job. */
export function jobViewOf(records: Records, id: string, now: number, taken?: Taken): JobView | undefined {
  // What is written has happened: no job is seen before its own latest entry.
  const job = records.get(`job/${id}`);
  const seen = job?.kind === 'job' ? Math.max(now, lastEntryAt(job) ?? now) : now;
  const facts = jobFacts(records, id, seen, taken);
  return facts && atMoment(facts, seen);
}

function inputsOf(records: Records, job: Job, now: number): Inputs {
  const shop = records.get('shop/shop');
  const sheetIds = new Set(job.layers.map(({ sheet }) => sheet.id));
  return {
    job,
    shop: shop?.kind === 'shop' ? shop : newShop,
    rigs: gunsOf(job).map((rigId) => records.get(`rig/${rigId}`)),
    cups: recordsOf(records, 'cup'),
    shelf: shelfOn(records, now).filter(({ can }) => sheetIds.has(can.coatingId)),
    // Its own readings are evidence, not experience.
    lessons: [...sheetIds].flatMap((sheetId) => lessonsOf(records, sheetId, job.id)),
    papers: papersFor(records, job),
    gunsLeft: gunsLeft(
      job,
      recordsOf(records, 'job').filter(({ id }) => id !== job.id),
    ),
    ...paceFor(records, job),
  };
}

/** The pace of the person a job is reckoned with, from all the other jobs. */
function paceFor(records: Records, { id, approach }: Job): Pick<Inputs, 'pace'> {
  if (approach.hand?.kind !== 'person') return {};
  const { name } = approach.hand;
  const shop = records.get('shop/shop');
  const people = shop?.kind === 'shop' ? (shop.people ?? []) : [];
  const person = people.find((each) => namesOf(each).includes(name));
  const pace = paceOf(
    recordsOf(records, 'job').filter((each) => each.id !== id),
    person ? namesOf(person) : [name],
  );
  return pace ? { pace: { name: person?.name ?? name, ...pace } } : {};
}

/** All papers that were read in the jobs of one state of the records. */
const papersOf = new WeakMap<Records, readonly string[]>();

function papersFor(records: Records, job: Job): readonly string[] {
  const all = papersOf.get(records) ?? [
    ...new Set(recordsOf(records, 'job').flatMap((each) => papersIn(each))),
  ];
  papersOf.set(records, all);
  const own = [
    ...job.layers.map(({ sheet }) => sheetPaper(sheet)),
    ...gunsOf(job).map((id) => machinePaper({ id })),
  ];
  return all.filter((read) => own.some((paper) => read.startsWith(`${paper}\n`)));
}

function sameInputs(a: Inputs, b: Inputs): boolean {
  const alike = <T>(one: readonly T[], other: readonly T[], same: (x: T, y: T) => boolean = Object.is) =>
    one.length === other.length && one.every((each, i) => same(each, other[i] as T));
  return (
    a.shop === b.shop &&
    a.pace?.ratio === b.pace?.ratio &&
    a.pace?.coats === b.pace?.coats &&
    a.pace?.name === b.pace?.name &&
    alike(a.rigs, b.rigs) &&
    alike(a.cups, b.cups) &&
    alike(a.lessons, b.lessons) &&
    alike(a.papers, b.papers) &&
    alike([...a.gunsLeft], [...b.gunsLeft], ([rig, name], [other, its]) => rig === other && name === its) &&
    alike(
      a.shelf,
      b.shelf,
      (x, y) => x.can === y.can && x.left === y.left && x.thinned === y.thinned && x.expired === y.expired,
    )
  );
}

function viewFrom(
  { job, shop, rigs, cups, shelf, lessons, papers, gunsLeft: left, pace }: Inputs,
  now: number,
  taken: Taken,
): JobView {
  return jobView(job, {
    rigOf: (id) => {
      const rig = rigs.find((each) => each?.id === id);
      return rig?.kind === 'rig' ? rig : undefined;
    },
    cups,
    shelf,
    shop,
    now,
    ...taken,
    lessons: lessonsFor(lessons),
    papers: new Set(papers),
    gunsLeft: left,
    ...(pace ? { pace } : {}),
  });
}
