import type { Coating, Job, Layer } from '@/records';
import { withLayer } from './edits';
import { layerOf } from './layers';

/** What of a sheet is its ratio and its doses. */
const ratioFields: readonly string[] = ['components', 'ratioBy'];
const doseFields: readonly string[] = ['additives'];

/** Did nobody read the ratio of this sheet from its paper? What has one part has none. */
export const ratioUnread = ({ components, assumed }: Pick<Coating, 'components' | 'assumed'>): boolean =>
  components.length > 1 && assumed.some((field) => ratioFields.includes(field));

/** Goes a dose in that nobody read from its paper? */
export const doseUnread = (
  { additives = [], assumed }: Pick<Coating, 'additives' | 'assumed'>,
  doses: Layer['doses'] = {},
): boolean =>
  assumed.some((field) => doseFields.includes(field)) &&
  additives.some(({ id, dose }) => (doses[id] ?? dose) > 0);

/** The sheet after somebody read on its paper that ratio and doses are as they stand. */
export const withMixRead = <T extends Pick<Coating, 'assumed'>>(sheet: T): T => ({
  ...sheet,
  assumed: sheet.assumed.filter((field) => !ratioFields.includes(field) && !doseFields.includes(field)),
});

/** The job after somebody read on the paper that the ratio of a layer is as it stands. */
export const withRatioRead = (job: Job, layerId: string): Job =>
  withLayer(job, layerId, { sheet: withMixRead(layerOf(job, layerId).sheet) });

/** The shop’s own sheet after that, where it mixes the same: what was read once is read for the next job too. */
export function alsoRead(own: Coating, layerSheet: Coating): Coating | undefined {
  const mixes = ({ components, ratioBy, additives }: Coating) =>
    JSON.stringify([ratioBy, components, additives ?? []]);
  const same = own.id === layerSheet.id && mixes(own) === mixes(layerSheet);
  return same && (ratioUnread(own) || own.assumed.includes('additives')) ? withMixRead(own) : undefined;
}
