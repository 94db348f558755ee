import * as z from 'zod';
import '@/records/jitless';
import { tipFromCode } from '@/core/airless';
import { flowCup } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import { groundStates, isMetal, substrateKinds } from '@/core/system';
import {
  classSheet,
  classWords,
  coatingClasses,
  type AnyRecord,
  type Coating,
  type CoatingClass,
  type Cup,
  type Job,
  type Layer,
  type Rig,
} from '@/records';
import { asRecipe, recipeWith, type Recipe } from '../shop/recipes';
import { layerAgain } from './again';
import { cupFor, newLayer } from './newlayer';
import { named, newRig } from './newrig';
import { coatsOf, systemOf } from './systems';

/** Asked even while other fields are wrong, so that everything missing is said at once. */
const always = () => true;

interface Guns {
  readonly like: string;
  readonly system: string;
  readonly rigId: string;
  readonly rows: readonly { readonly rigId: string; readonly bore?: number }[];
}

/** In a row: the new gun of another row. */
export const gunOfRow = (at: number): string => `row-${at}`;

/** Is a gun wanted that the shop does not have? */
export const needsRig = ({ like, system, rigId, rows }: Guns): boolean =>
  like === '' && (system === '' ? rigId === '' : rows.some((row) => row.rigId === ''));

/** The most products a system has: each with a nozzle of its own where it wants a new gun. */
const rowsAtMost = 8;

/** The most sizes of one new job: more are added on its Plan. */
export const facesAtMost = 12;

const asked = z
  .object({
    name: z.string().trim().max(120),
    substrate: z.string().trim().max(120),
    ground: z.enum(substrateKinds),
    /** What is on it now; nothing where nobody knows yet. */
    existing: z.enum(groundStates).optional(),
    /** A job whose layers it takes over, with their guns; none where the shop’s job is to be new. */
    like: z.string(),
    /** A known system; one coating where there is none. */
    system: z.string(),
    /** Of a system, layer by layer: the sheet and the gun, or a new one where nothing is chosen. */
    rows: z
      .array(z.object({ coatingId: z.string(), rigId: z.string(), bore: z.number().positive().optional() }))
      .max(rowsAtMost),
    coatingId: z.string(),
    class: z.enum(coatingClasses),
    coatingName: z.string().trim().max(120),
    rigId: z.string(),
    atomising: z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']),
    /** What drives a new HVLP gun. */
    air: z.enum(['compressor', 'turbine']),
    bore: z.number().positive().optional(),
    tip: z.string().trim(),
    faces: z
      .array(
        z.object({
          width: z.number().positive(),
          height: z.number().positive(),
          count: z.number().int('Whole pieces only.').positive('At least one.').max(9999),
          both: z.boolean(),
          /** The face of the job before whose shape, openings and place it has. */
          from: z.string().optional(),
        }),
      )
      .min(1)
      .max(facesAtMost),
    /** When it must be ready to handle, ISO 8601; as soon as it can where nothing is said. */
    due: z.string().optional(),
    coats: z
      .number()
      .int('Whole coats only.')
      .positive('At least one coat.')
      .max(12, 'Twelve coats at most.'),
  })
  .refine((draft) => draft.system !== '' || !needsRig(draft) || draft.atomising === 'airless' || draft.bore, {
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

const hasNozzle = ({ like, system, atomising, rows }: z.infer<typeof asked>, at: number): boolean => {
  const row = rows[at];
  return (
    like !== '' || system === '' || atomising === 'airless' || row?.rigId !== '' || row.bore !== undefined
  );
};

/** What a new gun of one product is for, in its name: two guns of a kind are told apart by it. */
const purposeOf = ({ coatingId, class: of, coatingName }: z.infer<typeof asked>): string | undefined =>
  coatingId === '' ? coatingName || classWords(of).toLowerCase() : undefined;

/** What the new-job page asks for. SI. */
export const draftSchema = Array.from({ length: rowsAtMost }, (_, i) => i).reduce(
  (schema, at) =>
    schema.refine((draft) => hasNozzle(draft, at), {
      path: ['rows', at, 'bore'],
      error: 'Which nozzle is in it?',
      when: always,
    }),
  asked,
);

export type JobDraft = z.infer<typeof asked>;

/** How many coats the sheet says: of the one chosen, else of its class. */
export const coatsBySheet = (
  { coatingId, class: of }: Pick<JobDraft, 'coatingId' | 'class'>,
  coatings: readonly Coating[],
): number => coatings.find(({ id }) => id === coatingId)?.coats ?? classSheet(of, '', '', '2000-01-01').coats;

/** A size nobody has stated yet. */
export const emptyFace = (): JobDraft['faces'][number] =>
  ({ width: undefined, height: undefined, count: 1, both: false }) as unknown as JobDraft['faces'][number];

export const emptyDraft = (coatingId = '', rigId = '', coats = 2): JobDraft =>
  ({
    name: '',
    substrate: '',
    ground: '',
    existing: undefined,
    like: '',
    system: '',
    rows: [],
    coatingId,
    class: '',
    coatingName: '',
    rigId,
    atomising: 'hvlp',
    air: 'compressor',
    bore: undefined,
    tip: '',
    faces: [emptyFace()],
    due: undefined,
    coats,
  }) as unknown as JobDraft;

export interface Held {
  readonly coatings: readonly Coating[];
  readonly rigs: readonly Rig[];
  readonly cups: readonly Cup[];
  readonly jobs?: readonly Job[];
}

/** What the shop knows of the one product of a draft with its gun; none for a system, or a job before taken again. */
export const recipeOfDraft = (draft: JobDraft, { jobs = [], ...kit }: Held): Recipe | undefined =>
  draft.like || draft.system || !draft.coatingId || !draft.rigId
    ? undefined
    : recipeWith(jobs, kit, { sheetId: draft.coatingId, rigId: draft.rigId, ground: draft.ground });

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
  const { atomising, tip } = draft;
  const air = atomising === 'hvlp' ? draft.air : undefined;
  const system = systemOf(draft.system);
  const keepRig = (rig: Rig): Rig => keep(more, named(rig, [...held.rigs, ...made('rig')]));
  // A new gun for every layer that wants one of its own; one new sheet for every layer of the same product.
  const guns = new Map<number, Rig>();
  const rigOfRow = (at: number): Rig => {
    const { rigId = '', bore } = draft.rows[at] ?? {};
    const known = held.rigs.find((each) => each.id === rigId) ?? guns.get(at);
    if (known) return known;
    const other = draft.rows.findIndex((_, i) => i !== at && gunOfRow(i) === rigId);
    const shared = other >= 0 && draft.rows[other]?.rigId === '' ? rigOfRow(other) : undefined;
    const use = system?.layers[at]?.name.toLowerCase();
    const rig = shared ?? keepRig(newRig(id(), atomising, { bore, tip, use, air }));
    guns.set(at, rig);
    return rig;
  };
  const rigOf = (rigId: string): Rig =>
    held.rigs.find((each) => each.id === rigId) ??
    keepRig(newRig(id(), atomising, { bore: draft.bore, tip, use: purposeOf(draft), air }));
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
      keep<Cup>(more, {
        kind: 'cup',
        version: 1,
        id: id(),
        name: flowCup(standardId)?.name ?? `Cup ${standardId}`,
        standardId,
      })
    );
  };
  const layerFrom = (sheet: Coating, rig: Rig, how: Parameters<typeof newLayer>[2]) =>
    newLayer({ sheet, rigId: rig.id, cupId: cupOf(sheet).id }, id, how);
  const begunWell = (layer: Layer): Layer => asRecipe(layer, recipeOfDraft(draft, held), held.jobs ?? []);
  const before = held.jobs?.find((each) => each.id === draft.like);
  const turning = before ? before.approach.turning : system?.turning;
  const layers = before
    ? before.layers.map((layer) => ({
        ...layerAgain(layer, held.coatings, id),
        begunAs: { jobId: before.id, job: before.name },
      }))
    : system
      ? system.layers.map((as, i) => {
          const { coatingId = '' } = draft.rows[i] ?? {};
          const sheet = sheetOf(coatingId, as.of, classWords(as.of), coatsOf(as));
          return { ...layerFrom(sheet, rigOfRow(i), { as }), name: as.name };
        })
      : [
          begunWell(
            layerFrom(
              sheetOf(draft.coatingId, draft.class, draft.coatingName || classWords(draft.class)),
              rigOf(draft.rigId),
              { coats: draft.coats },
            ),
          ),
        ];
  const job: Job = {
    kind: 'job',
    version: 3,
    id: id(),
    name: draft.name,
    begun: now,
    part: {
      substrate: draft.substrate || 'Part',
      metal: isMetal(draft.ground),
      kind: draft.ground,
      ...(draft.existing ? { existing: draft.existing } : {}),
      faces: draft.faces.map(({ both, from, ...size }, i) => {
        const shaped = before?.part.faces.find((face) => face.id === from);
        const kept = shaped ?? { name: i === 0 ? 'Face' : `Face ${i + 1}`, lies: 'upright' as const };
        const sides = both || (system?.turning !== undefined && !before) ? (2 as const) : undefined;
        return { ...kept, id: id(), ...size, sides };
      }),
    },
    layers,
    approach: {
      ...(before?.approach ?? { acceptance: 'spot-mean' }),
      ...(turning ? { turning } : {}),
    },
    ...(draft.due ? { due: draft.due } : {}),
    log: [],
  };
  return { job, more };
}

function keep<T extends AnyRecord>(more: AnyRecord[], record: T): T {
  more.push(record);
  return record;
}
