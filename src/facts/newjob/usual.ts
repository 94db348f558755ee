import { airlessFirst, type Coating, type CoatingClass, type Job, type Rig } from '@/records';

/** What was used with what, the youngest job first. */
const layersUsed = (jobs: readonly Job[]) =>
  [...jobs].sort((a, b) => b.begun.localeCompare(a.begun)).flatMap(({ layers }) => layers);

/** A class’s sheet that was used last; any of the class where none was. */
export function usualOfClass(
  of: CoatingClass,
  jobs: readonly Job[],
  coatings: readonly Coating[],
): Coating | undefined {
  const own = coatings.filter((each) => each.class === of);
  const used = layersUsed(jobs).find(({ sheet }) => own.some(({ id }) => id === sheet.id));
  return own.find(({ id }) => id === used?.sheet.id) ?? own[0];
}

/**
 * The gun for a product: the one it was sprayed with last, else the last for its class, else one the class is made for.
 * None where the shop has no such gun: a wall is not sprayed with a cup gun because that is the only one there.
 */
export function usualRig(
  { sheetId, of }: { readonly sheetId?: string; readonly of: CoatingClass },
  jobs: readonly Job[],
  rigs: readonly Rig[],
): Rig | undefined {
  const layers = layersUsed(jobs);
  const held = (rigId: string | undefined) => rigs.find(({ id }) => id === rigId);
  const bySheet = layers.find(({ sheet, rigId }) => sheet.id === sheetId && held(rigId));
  const byClass = layers.find(({ sheet, rigId }) => sheet.class === of && held(rigId));
  const fits = (rig: Rig) => (rig.atomising === 'airless') === airlessFirst(of);
  const lately = layers.map(({ rigId }) => held(rigId)).find((rig) => rig !== undefined && fits(rig));
  return held(bySheet?.rigId) ?? held(byClass?.rigId) ?? lately ?? rigs.find(fits);
}
