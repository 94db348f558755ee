import { canonical } from '@/records/canonical';
import {
  newId,
  nextCounter,
  usualRecheck,
  type AnyRecord,
  type Coating,
  type Job,
  type Layer,
  type Revision,
  type Shop,
} from '@/records';
import { recipesOf } from './recipes';
import type { Kit } from './uses';
import { addDays, formatISO, parseISO } from 'date-fns';

/** What a sheet says, apart from when it was checked and what is still a default. */
const content = (sheet: Coating): string => canonical({ ...sheet, checkedOn: '', assumed: [] });

export const saysTheSame = (a: Coating, b: Coating): boolean => content(a) === content(b);

/** The records to write when a sheet is changed: the sheet, and how it stood before if it says something else now. */
export function changedSheet(before: Coating, after: Coating, now: string): AnyRecord[] {
  if (saysTheSame(before, after)) return [after];
  const revision: Revision = {
    kind: 'revision',
    version: 2,
    id: newId(),
    coatingId: before.id,
    until: now,
    sheet: before,
  };
  return [after, revision];
}

/** Open jobs that began with another sheet than the shop has now. */
export const jobsBehind = (jobs: readonly Job[], sheet: Coating): Job[] =>
  jobs.filter(
    ({ closed, layers }) =>
      !closed && layers.some((own) => own.sheet.id === sheet.id && !saysTheSame(own.sheet, sheet)),
  );

/** How many recipes of a product rest on its sheet as it stood: each a gun and a ground. */
export const recipesTouched = (jobs: readonly Job[], kit: Kit, sheetId: string): number =>
  recipesOf(
    jobs.filter(({ layers }) => layers.some(({ sheet }) => sheet.id === sheetId)),
    kit,
  ).filter((recipe) => recipe.sheetId === sheetId).length;

/** Layers of a job that began with another sheet of a product than the shop has now. */
export const layersBehind = ({ layers }: Pick<Job, 'layers'>, sheet: Coating): readonly Layer[] =>
  layers.filter((own) => own.sheet.id === sheet.id && !saysTheSame(own.sheet, sheet));

/**
 * A job that takes the shop's sheet instead of the one it began with, and says so in its log.
 *
 * @param layerId the one layer that takes it; all of the product where none is named
 */
export function takeSheet(job: Job, sheet: Coating, now: string, layerId?: string): Job {
  const taking = job.layers.filter(
    (layer) => layer.sheet.id === sheet.id && (layerId === undefined || layer.id === layerId),
  );
  const before = taking[0]?.sheet;
  const forOne = layerId === undefined ? '' : `, for ${taking[0]?.name ?? 'a layer'}`;
  return {
    ...job,
    layers: job.layers.map((layer) => (taking.includes(layer) ? { ...layer, sheet } : layer)),
    log: [
      ...job.log,
      {
        type: 'action',
        id: newId(),
        at: now,
        counter: nextCounter(job.log),
        text: `Took the changed sheet of ${sheet.name}: revision ${before?.sheetRevision || 'not stated'} to ${sheet.sheetRevision || 'not stated'}${forOne}`,
      },
    ],
  };
}

/** The day a sheet is to be checked again. */
export const recheckDue = ({ checkedOn }: Coating, { recheckAfter = usualRecheck }: Shop): string =>
  formatISO(addDays(parseISO(checkedOn), recheckAfter), { representation: 'date' });

/** A copy to begin another sheet from: its own id, nothing checked yet. */
export const duplicateOf = (sheet: Coating, today: string): Coating => ({
  ...sheet,
  id: newId(),
  name: `${sheet.name}, copy`.slice(0, 120),
  checkedOn: today,
});
