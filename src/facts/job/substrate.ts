import { isMetal, type SubstrateKind } from '@/core/system';
import type { Job } from '@/records';

const mouldWords = /mou?lds?\b/i;

/** What the part is made of, when nobody said: by whether a gauge reads it, and by its words. */
export function substrateOf({ substrate, metal, kind }: Job['part']): SubstrateKind {
  // A mould was a composite when moulds had no name of their own.
  if (kind && !(kind === 'composite' && mouldWords.test(substrate))) return kind;
  return words.find(([, says]) => says.test(substrate))?.[0] ?? (metal ? 'metal' : 'plastic');
}

/** Whether metal lies below: as the ground was said, else as the job was begun with. */
export const metalBelow = (part: Job['part']): boolean =>
  part.kind && part.kind !== 'coated' ? isMetal(part.kind) : part.metal || isMetal(substrateOf(part));

/** Words of a part that say what it is. The first that fits. */
const words: readonly (readonly [SubstrateKind, RegExp])[] = [
  ['mould', mouldWords],
  ['galvanised', /galvan|zinc/i],
  ['aluminium', /alumin?i?um|\balu\b/i],
  ['cast-iron', /cast.?iron|\bcastings?\b/i],
  ['blasted', /blasted/i],
  ['metal', /steel|\biron\b/i],
  ['board', /\bmdf\b|ply|\bboard|chipboard|hardboard/i],
  ['wood', /oak|pine|wood|birch|\bash\b|beech|maple|walnut|spruce|cedar/i],
  ['concrete', /concrete|screed/i],
  ['plaster', /plaster/i],
  ['masonry', /brick|render|wall|stone/i],
  ['glass', /glass\b/i],
  ['composite', /composite|fibre|laminate|carbon/i],
];
