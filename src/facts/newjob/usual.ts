import { airlessFirst, type Coating, type CoatingClass, type Job, type Layer, type Rig } from '@/records';

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

/** Is a kind of gun one that the sheet names? Where there is no sheet, or it names none: one the class is made for. */
export const sheetNames =
  (sheet: Coating | undefined, of: CoatingClass) =>
  ({ atomising }: Pick<Rig, 'atomising'>): boolean =>
    sheet && sheet.guns.length > 0
      ? sheet.guns.some((gun) => gun.atomising === atomising)
      : (atomising === 'airless') === airlessFirst(of);

/**
 * The gun for a product: the one it was sprayed with last, else the last for its class that the sheet names, else any that
 * it names. None where the shop has no such gun: a wall is not sprayed with a cup gun because that is the only one there.
 */
export function usualRig(
  { sheet: product, of }: { readonly sheet: Coating | undefined; readonly of: CoatingClass },
  jobs: readonly Job[],
  rigs: readonly Rig[],
): Rig | undefined {
  const layers = layersUsed(jobs);
  const held = (rigId: string | undefined) => rigs.find(({ id }) => id === rigId);
  const bySheet = layers.find(({ sheet, rigId }) => sheet.id === product?.id && held(rigId));
  const names = sheetNames(product, of);
  const lately = (own: (layer: Layer) => boolean) =>
    layers
      .filter(own)
      .map(({ rigId }) => held(rigId))
      .find((rig) => rig !== undefined && names(rig));
  return (
    held(bySheet?.rigId) ??
    lately(({ sheet }) => sheet.class === of) ??
    lately(() => true) ??
    rigs.find(names)
  );
}
