import * as z from 'zod';
import '@/records/jitless';
import { tipFromCode } from '@/core/airless';
import { isRefusal } from '@/core/refusal';
import {
  classSheet,
  classWords,
  coatingClasses,
  type AnyRecord,
  type Coating,
  type CoatingClass,
  type Cup,
  type Job,
  type Rig,
} from '@/records';
import { cupFor, newLayer } from './newlayer';
import { newRig } from './newrig';
import { coatsOf, systemOf } from './systems';

/** Asked even while other fields are wrong, so that everything missing is said at once. */
const always = () => true;

interface Guns {
  readonly system: string;
  readonly rigId: string;
  readonly rows: readonly { readonly rigId: string }[];
}

/** Is a gun wanted that the shop does not have? */
export const needsRig = ({ system, rigId, rows }: Guns): boolean =>
  system === '' ? rigId === '' : rows.some((row) => row.rigId === '');

/** What the new-job page asks for. SI. */
export const draftSchema = z
  .object({
    name: z.string().trim().min(1, 'Give the job a name.').max(120),
    substrate: z.string().trim().max(120),
    metal: z.enum(['yes', 'no']),
    /** A known system; one coating where there is none. */
    system: z.string(),
    /** Of a system, layer by layer: the sheet and the gun, or a new one where nothing is chosen. */
    rows: z.array(z.object({ coatingId: z.string(), rigId: z.string() })).max(20),
    coatingId: z.string(),
    class: z.enum(coatingClasses),
    coatingName: z.string().trim().max(120),
    rigId: z.string(),
    atomising: z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']),
    bore: z.number().positive().optional(),
    tip: z.string().trim(),
    width: z.number().positive(),
    height: z.number().positive(),
    count: z.number().int('Whole faces only.').positive('At least one face.').max(9999),
    coats: z
      .number()
      .int('Whole coats only.')
      .positive('At least one coat.')
      .max(12, 'Twelve coats at most.'),
  })
  .refine(({ system, coatingId, coatingName }) => system !== '' || coatingId !== '' || coatingName !== '', {
    path: ['coatingName'],
    error: 'What does the can say?',
    when: always,
  })
  .refine((draft) => !needsRig(draft) || draft.atomising === 'airless' || draft.bore, {
    path: ['bore'],
    error: 'Which nozzle is in it?',
    when: always,
  })
  .refine(
    (draft) => !needsRig(draft) || draft.atomising !== 'airless' || !isRefusal(tipFromCode(draft.tip)),
    {
      path: ['tip'],
      error: 'Write fan and orifice together, like 517: 10 in fan, 0.017 in orifice.',
      when: always,
    },
  );

export type JobDraft = z.infer<typeof draftSchema>;

/** How many coats the sheet says: of the one chosen, else of its class. */
export const coatsBySheet = (
  { coatingId, class: of }: Pick<JobDraft, 'coatingId' | 'class'>,
  coatings: readonly Coating[],
): number => coatings.find(({ id }) => id === coatingId)?.coats ?? classSheet(of, '', '', '2000-01-01').coats;

export const emptyDraft = (coatingId = '', rigId = '', coats = 2): JobDraft =>
  ({
    name: '',
    substrate: '',
    metal: 'no',
    system: '',
    rows: [],
    coatingId,
    class: 'water-lacquer',
    coatingName: '',
    rigId,
    atomising: 'hvlp',
    bore: undefined,
    tip: '',
    width: undefined,
    height: undefined,
    count: 1,
    coats,
  }) as unknown as JobDraft;

interface Held {
  readonly coatings: readonly Coating[];
  readonly rigs: readonly Rig[];
  readonly cups: readonly Cup[];
}

/**
 * Makes a job of a draft, with the sheet, rig and cup it needs where the shop has none yet.
 *
 * @param now moment, ISO 8601
 * @param id a source of new ids
 */
export function jobFromDraft(
  draft: JobDraft,
  held: Held,
  now: string,
  id: () => string,
): { job: Job; more: AnyRecord[] } {
  const more: AnyRecord[] = [];
  const day = now.slice(0, 10);
  const made = <K extends AnyRecord['kind']>(kind: K) =>
    more.filter((record): record is Extract<AnyRecord, { kind: K }> => record.kind === kind);
  // One new gun for every layer that wants a new one; one new sheet for every layer of the same product.
  const rigOf = (rigId: string): Rig =>
    held.rigs.find((each) => each.id === rigId) ??
    made('rig')[0] ??
    keep(more, newRig(id(), draft.atomising, { bore: draft.bore, tip: draft.tip }));
  const sheetOf = (coatingId: string, of: CoatingClass, name: string, coats?: number): Coating => {
    const known =
      held.coatings.find((each) => each.id === coatingId) ??
      made('coating').find((each) => each.class === of);
    if (known) return known;
    const sheet = classSheet(of, id(), name, day);
    // How many coats a system has is a default like the rest, until its paper says so.
    return keep(
      more,
      coats === undefined ? sheet : { ...sheet, coats, assumed: [...sheet.assumed, 'coats'] },
    );
  };
  const cupOf = (sheet: Coating): Cup => {
    const standardId = cupFor(sheet);
    const same = (each: Cup) => each.standardId === standardId;
    return (
      held.cups.find(same) ??
      made('cup').find(same) ??
      keep<Cup>(more, { kind: 'cup', version: 1, id: id(), name: `Cup ${standardId}`, standardId })
    );
  };
  const layerFrom = (sheet: Coating, rigId: string, how: Parameters<typeof newLayer>[2]) =>
    newLayer({ sheet, rigId: rigOf(rigId).id, cupId: cupOf(sheet).id }, id, how);
  const system = systemOf(draft.system);
  const layers = system
    ? system.layers.map((as, i) => {
        const { coatingId = '', rigId = '' } = draft.rows[i] ?? {};
        const sheet = sheetOf(coatingId, as.of, classWords(as.of), coatsOf(as));
        return { ...layerFrom(sheet, rigId, { as }), name: as.name };
      })
    : [
        layerFrom(sheetOf(draft.coatingId, draft.class, draft.coatingName), draft.rigId, {
          coats: draft.coats,
        }),
      ];
  const job: Job = {
    kind: 'job',
    version: 3,
    id: id(),
    name: draft.name,
    begun: now,
    part: {
      substrate: draft.substrate || 'Part',
      metal: draft.metal === 'yes',
      faces: [
        {
          id: id(),
          name: 'Face',
          width: draft.width,
          height: draft.height,
          count: draft.count,
          lies: 'upright',
          ...(system?.turning ? { sides: 2 as const } : {}),
        },
      ],
    },
    layers,
    approach: { acceptance: 'spot-mean', ...(system?.turning ? { turning: system.turning } : {}) },
    log: [],
  };
  return { job, more };
}

function keep<T extends AnyRecord>(more: AnyRecord[], record: T): T {
  more.push(record);
  return record;
}
