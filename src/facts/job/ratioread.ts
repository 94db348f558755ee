import type { Coating, Job } from '@/records';
import { withLayer } from './edits';
import { layerOf } from './layers';

/** What of a sheet is its ratio. */
const ratioFields: readonly string[] = ['components', 'ratioBy'];

/** Did nobody read the ratio of this sheet from its paper? What has one part has none. */
export const ratioUnread = ({ components, assumed }: Pick<Coating, 'components' | 'assumed'>): boolean =>
  components.length > 1 && assumed.some((field) => ratioFields.includes(field));

const read = <T extends Pick<Coating, 'assumed'>>(sheet: T): T => ({
  ...sheet,
  assumed: sheet.assumed.filter((field) => !ratioFields.includes(field)),
});

/** The job after somebody read on the paper that the ratio of a layer is as it stands. */
export const withRatioRead = (job: Job, layerId: string): Job =>
  withLayer(job, layerId, { sheet: read(layerOf(job, layerId).sheet) });
