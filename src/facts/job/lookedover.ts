import {
  answerOf,
  dustVerdict,
  asksAfter,
  looksAt,
  roundsBefore,
  zonesOf,
  type Answer,
  type Ask,
  type DustCount,
  type DustVerdict,
  type Standard,
  type Zone,
} from '@/core/inspection';
import type { CoatingClass, EntryOf, Face, Job, LogEntry } from '@/records';
import { roleOf } from './coatrole';
import { liveEntries, moment, ofType } from './entries';
import { substrateOf } from './substrate';
import { openDefects } from './opendefects';
import type { CoatState } from './spray';
import type { Worked } from './worked';

/** One stop of the round: a place of a face, and what is asked of it. */
export interface Stop {
  readonly id: string;
  readonly face: Face;
  readonly zone: Zone;
  readonly asks: Ask;
  /** What was found there since the last thing was done to it. */
  readonly entry?: EntryOf<'inspected'> | EntryOf<'hiding'>;
  readonly answer?: Answer & { readonly found: string };
  /** Not asked yet, fine, found wanting and still open, put right since, or to be looked at again. */
  readonly state: 'open' | 'good' | 'fault' | 'mended' | 'again';
}

export interface Miss {
  readonly entry: EntryOf<'miss'>;
  readonly closed?: EntryOf<'miss-closed'>;
}

export interface LookedOver {
  /** Of a surface that comes in, between coats, or of what is finished. */
  readonly when: 'before' | 'between' | 'after';
  readonly standard: Standard;
  /** ms since the epoch: what was found before then is of another surface. */
  readonly since: number;
  readonly stops: readonly Stop[];
  /** Stops whose fault stands. */
  readonly faults: readonly Stop[];
  readonly misses: readonly Miss[];
  /** Specks and fibres where they were counted, and what the standard says to them. */
  readonly counts: readonly DustCount[];
  readonly dust?: DustVerdict;
}

/** Between coats one looks for what the next one would not heal. */
const asksBetween: readonly Ask[] = ['bare', 'dust'];

/** Classes that are clear where they lie on wood. */
const lacquers: readonly CoatingClass[] = ['water-lacquer', 'two-part-water', 'moisture-curing'];

/** Nothing on the part is meant to hide what is below: all of it is clear, or lets wood show. */
const allClear = ({ layers, part }: Pick<Worked, 'layers' | 'part'>): boolean =>
  layers.every(
    ({ sheet, coats }) =>
      sheet.pigment === 'transparent' ||
      (substrateOf(part) === 'wood' && lacquers.includes(sheet.class)) ||
      coats.every((coat) => roleOf(coat, sheet) === 'clear'),
  );

/** Small misses that were noted, each with what came of it. */
export function missesOf(job: Pick<Job, 'log'>): Miss[] {
  const entries = liveEntries(job);
  const closings = ofType(entries, 'miss-closed');
  return ofType(entries, 'miss').map((entry) => {
    const closed = closings.findLast(({ missId }) => missId === entry.id);
    return { entry, ...(closed ? { closed } : {}) };
  });
}

const stopId = (ask: Ask, faceId: string, zone: Zone) => `${ask}/${faceId}/${zone}`;

/** The share of a face that lies along its edges: a hand’s breadth, of what is a panel. A default. */
const rim = 0.2;

/** What was counted at a stop. Of many pieces one is counted. */
function counted({ asks, face, zone, entry }: Stop): DustCount[] {
  if (asks !== 'dust' || entry?.type !== 'inspected') return [];
  const area = face.width * face.height * (face.shape ?? 1);
  return [
    {
      zone,
      area: zone === 'edges' ? area * rim : zone === 'field' ? area * (1 - rim) : area,
      nibs: entry.nibs ?? 0,
      fibres: entry.fibres ?? 0,
      up: face.lies === 'flat' && zone !== 'behind',
    },
  ];
}

/** A stop with specks where there are too many in all: a fault until it was put right. */
function dusty(stop: Stop, entries: readonly LogEntry[]): Stop {
  const { entry } = stop;
  const [count] = counted(stop);
  if (!entry || !count || count.nibs + count.fibres === 0) return stop;
  const mended = ofType(entries, 'rework').some(
    (each) => each.defect === 'dust' && moment(each) >= moment(entry),
  );
  return { ...stop, state: mended ? 'mended' : 'fault' };
}

/** The round over a job as it stands: every place, what is asked of it, and what was found since something was done to it. */
export function lookedOver(job: Worked, coats: readonly CoatState[]): LookedOver {
  const entries = liveEntries(job);
  const on = coats.filter(({ state }) => state === 'done');
  const begun = coats.some(({ state }) => state !== 'todo');
  const when = !begun ? 'before' : on.length === coats.length ? 'after' : 'between';
  const ended = Math.max(0, ...on.map(({ ended: at = 0 }) => at));
  // What is sanded or taken off anew is another surface.
  const worked = ofType(entries, 'worked').filter(({ what }) => what === 'sand' || what === 'scuff');
  const since = when === 'before' ? 0 : Math.max(ended, ...worked.map(moment).filter((at) => at > ended));
  const standard: Standard = job.part.judgedBy ?? 'film';
  const asks: readonly Ask[] =
    when === 'before'
      ? roundsBefore
      : when === 'between'
        ? asksBetween
        : asksAfter({ standard, clear: allClear(job) });
  const misses = missesOf(job);
  const { open } = openDefects(job);
  const said = new Map<string, NonNullable<Stop['entry']>>();
  for (const entry of ofType(entries, 'inspected'))
    if (moment(entry) >= since) said.set(stopId(entry.asks, entry.faceId, entry.zone), entry);
  for (const entry of ofType(entries, 'hiding'))
    if (moment(entry) >= since) said.set(stopId('hiding', entry.faceId, 'field'), entry);

  const stopAt = (face: Face, zone: Zone, ask: Ask): Stop => {
    const id = stopId(ask, face.id, zone);
    const bare = { id, face, zone, asks: ask };
    const entry = said.get(id);
    if (!entry) return { ...bare, state: 'open' };
    const found = entry.type === 'hiding' ? (entry.hides ? 'hides' : 'shows') : entry.found;
    const answer = answerOf(ask, found);
    if (!answer) return { ...bare, state: 'open' };
    const looked = { ...bare, entry, answer: { ...answer, found } };
    // A colour is told beside a clean neighbour, or not at all.
    if (ask === 'colour' && entry.type === 'inspected' && entry.polished !== true)
      return { ...looked, state: 'again' };
    if (answer.good) return { ...looked, state: 'good' };
    const at = moment(entry);
    if (answer.miss) {
      const own = misses.filter(
        (each) => each.entry.faceId === face.id && each.entry.zone === zone && moment(each.entry) >= at,
      );
      const closed = own.length > 0 && own.every((each) => each.closed);
      return { ...looked, state: closed ? 'mended' : 'fault' };
    }
    // Put right since: it was named, and no longer stands. What nobody named stands until somebody looks again.
    const named = ofType(entries, 'defect').some((each) => each.defect === answer.defect);
    if (answer.defect && named && !open.some((each) => each.defect === answer.defect))
      return { ...looked, state: 'mended' };
    return { ...looked, state: 'fault' };
  };

  const walked = asks.flatMap((ask) =>
    job.part.faces.flatMap((face) =>
      zonesOf({ ...face, openings: face.openings?.length ?? 0 })
        .filter((zone) => looksAt(ask, zone))
        .map((zone) => stopAt(face, zone, ask)),
    ),
  );
  const counts = walked.flatMap(counted);
  const dust = dustVerdict(counts, standard);
  const stops = dust && !dust.passes ? walked.map((stop) => dusty(stop, entries)) : walked;
  return {
    ...{ when, standard, since, stops, misses, counts },
    faults: stops.filter(({ state }) => state === 'fault'),
    ...(dust ? { dust } : {}),
  };
}
