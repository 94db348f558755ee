import * as z from 'zod';
import '@/records/jitless';
import { tipFromCode } from '@/core/airless';
import { usualReserve } from '@/core/mixing';
import { isRefusal } from '@/core/refusal';
import {
  classSheet,
  coatingClasses,
  type AnyRecord,
  type Coating,
  type Cup,
  type Job,
  type Rig,
} from '@/records';
import { newRig } from './newrig';

/** Asked even while other fields are wrong, so that everything missing is said at once. */
const always = () => true;

/** What the new-job page asks for. SI. */
export const draftSchema = z
  .object({
    name: z.string().trim().min(1, 'Give the job a name.').max(120),
    substrate: z.string().trim().max(120),
    metal: z.enum(['yes', 'no']),
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
  .refine(({ coatingId, coatingName }) => coatingId !== '' || coatingName !== '', {
    path: ['coatingName'],
    error: 'What does the can say?',
    when: always,
  })
  .refine(({ rigId, atomising, bore }) => rigId !== '' || atomising === 'airless' || bore, {
    path: ['bore'],
    error: 'Which nozzle is in it?',
    when: always,
  })
  .refine(
    ({ rigId, atomising, tip }) => rigId !== '' || atomising !== 'airless' || !isRefusal(tipFromCode(tip)),
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
  const coating =
    held.coatings.find((each) => each.id === draft.coatingId) ??
    keep(more, classSheet(draft.class, id(), draft.coatingName, now.slice(0, 10)));
  const rig =
    held.rigs.find((each) => each.id === draft.rigId) ??
    keep(more, newRig(id(), draft.atomising, { bore: draft.bore, tip: draft.tip }));
  const standardId = coating.target?.cupId ?? 'iso-4';
  const cup =
    held.cups.find((each) => each.standardId === standardId) ??
    keep<Cup>(more, { kind: 'cup', version: 1, id: id(), name: `Cup ${standardId}`, standardId });
  const job: Job = {
    kind: 'job',
    version: 2,
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
        },
      ],
    },
    layers: [
      {
        id: id(),
        name: coating.name,
        sheet: coating,
        rigId: rig.id,
        cupId: cup.id,
        approach: { overlap: 0.5, speed: 0.4, reserve: usualReserve(coating.blendable) },
        coats: Array.from({ length: draft.coats }, (_, i) => ({
          id: id(),
          name: `Coat ${i + 1}`,
          dry: coating.film.aim,
        })),
      },
    ],
    approach: { acceptance: 'spot-mean' },
    log: [],
  };
  return { job, more };
}

function keep<T extends AnyRecord>(more: AnyRecord[], record: T): T {
  more.push(record);
  return record;
}
