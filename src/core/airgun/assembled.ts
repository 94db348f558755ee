import { refuse, type Outcome } from '../refusal';

/** Needle, fluid nozzle and air cap by their marks; they are made and worn in together. */
export interface MatchedSet {
  readonly id: string;
  readonly needle?: string;
  readonly nozzle?: string;
  readonly cap?: string;
}

export type Pieces = Pick<MatchedSet, 'needle' | 'nozzle' | 'cap'>;

const names = ['needle', 'nozzle', 'cap'] as const;

/**
 * The set that three pieces make up.
 *
 * @returns the set’s id; refuses pieces of different sets, naming the one that does not belong, and marks nobody owns
 * Source: shop practice: needle, nozzle and cap are one set
 */
export function assembled(sets: readonly MatchedSet[], pieces: Pieces): Outcome<string> {
  const picked = names.filter((name) => pieces[name]);
  if (picked.length === 0) return refuse('no-pieces', 'Say which needle, nozzle and cap are fitted.');
  const whole = sets.find((set) => picked.every((name) => set[name] === pieces[name]));
  if (whole) return whole.id;
  const unknown = picked.find((name) => !sets.some((set) => set[name] === pieces[name]));
  if (unknown) return refuse('unknown-piece', `No set of this gun has the ${unknown} “${pieces[unknown]}”.`);
  // The set most pieces agree on is the one meant; the others are out of place.
  const agree = (set: MatchedSet) => picked.filter((name) => set[name] === pieces[name]).length;
  const meant = [...sets].sort((a, b) => agree(b) - agree(a))[0] as MatchedSet;
  const odd = picked.filter((name) => meant[name] !== pieces[name]);
  return refuse(
    'mixed-set',
    `Needle, nozzle and cap are one set: ${odd.map((name) => `the ${name} “${pieces[name]}” belongs to another; fit “${meant[name] ?? 'its own'}”`).join(', ')}. Mixed, the needle does not seal and the fan is crooked.`,
  );
}
