import type { Raw } from './read';

/**
 * Lifts a job from version 2 to version 3, where sheets may say more of their times and a tick of cleaning names its gun:
 * that of the layer last sprayed with before it, as it was shown.
 */
export function jobFrom2(old: Raw): Raw {
  const { layers, log } = old;
  if (!isList(layers) || !isList(log)) return old;
  const guns = new Map<unknown, unknown>();
  for (const layer of layers) {
    if (!isRaw(layer)) continue;
    guns.set(layer.id, layer.rigId);
    if (isList(layer.coats)) for (const coat of layer.coats) if (isRaw(coat)) guns.set(coat.id, layer.rigId);
  }
  const first = layers.find(isRaw)?.rigId;
  let gun = first;
  return {
    ...old,
    layers: layers.map((layer) =>
      isRaw(layer) && isRaw(layer.sheet) ? { ...layer, sheet: sheetFrom1(layer.sheet) } : layer,
    ),
    log: inOrder(log).map((entry) => {
      if (!isRaw(entry) || entry.struck !== undefined) return entry;
      if (entry.type === 'coat-start') gun = guns.get(entry.coatId) ?? first;
      if (entry.type === 'card') gun = guns.get(entry.layerId) ?? first;
      return entry.type === 'tick' && (entry.list === 'clean' || entry.list === 'midway')
        ? { ...entry, rigId: gun }
        : entry;
    }),
  };
}

/** A sheet of version 1 is one of version 2 that says no more. */
export const sheetFrom1 = (old: Raw): Raw => (old.version === 1 ? { ...old, version: 2 } : old);

/** An earlier state of a sheet holds that sheet. */
export const revisionFrom1 = (old: Raw): Raw =>
  isRaw(old.sheet) ? { ...old, sheet: sheetFrom1(old.sheet) } : old;

/** Counters order a log, whatever the clocks said. */
const inOrder = (log: readonly unknown[]): readonly unknown[] =>
  [...log].sort((a, b) => counterOf(a) - counterOf(b));
const counterOf = (entry: unknown): number =>
  isRaw(entry) && typeof entry.counter === 'number' ? entry.counter : 0;
const isRaw = (part: unknown): part is Raw =>
  typeof part === 'object' && part !== null && !Array.isArray(part);
const isList = (part: unknown): part is unknown[] => Array.isArray(part);
