import type { Coating, Layer } from '@/records';

/**
 * A layer of a job before, to be laid again: its gun, coats, recipe and work as they were, its sheet as the shop has it now.
 * Its cans may be empty and its thinner refused by a newer paper: which go in is chosen anew.
 */
export function layerAgain(layer: Layer, coatings: readonly Coating[], id: () => string): Layer {
  const sheet = coatings.find((each) => each.id === layer.sheet.id) ?? layer.sheet;
  const has = sheet.thinning.thinners.some((each) => each.id === layer.thinnerId);
  return {
    ...layer,
    id: id(),
    sheet,
    cans: undefined,
    // How much is mixed at once was for that part.
    approach: { ...layer.approach, batch: undefined },
    ...(has ? {} : { thinnerId: undefined }),
    coats: layer.coats.map((coat) => ({ ...coat, id: id() })),
    ...(layer.work ? { work: layer.work.map((each) => ({ ...each, id: id() })) } : {}),
  };
}
