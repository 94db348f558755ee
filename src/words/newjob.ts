import type { PrepStep, SubstrateKind } from '@/core/system';
import { classWords, type Coating, type Job } from '@/records';
import type { JobDraft } from '@/facts/newjob/draft';
import { systemOf } from '@/facts/newjob/systems';
import { existingWords, substrateWords } from './system';
import { inSentence } from './line';

/** Steps of preparation in a word, for a sentence that names all of them. */
const short: Record<string, string> = {
  dust: 'dust the mould',
  'old-paint': 'test the old paint',
  strip: 'strip',
  clean: 'clean',
  degrease: 'degrease',
  dewax: 'take the wax off',
  derust: 'rust off',
  descale: 'scale off',
  blast: 'blast',
  blow: 'blow off',
  'clean-again': 'degrease again',
  etch: 'etch',
  rinse: 'rinse',
  open: 'open the surface',
  dry: 'measure its moisture',
  alkali: 'test its pH',
  block: 'block stains',
  edges: 'seal cut edges',
  filler: 'sand the filler',
  wipe: 'last wipe',
  adhesion: 'adhesion promoter',
  static: 'antistatic wipe',
  tack: 'tack off',
};

/** `Clean, P80 to P180, last wipe, tack off.` */
export function prepWords(steps: readonly PrepStep[]): string {
  const said = steps.map(({ id, says }) => short[id] ?? /P\d+( to P\d+)?/.exec(says)?.[0] ?? says);
  const all = said.join(', ');
  return all ? `${all.charAt(0).toUpperCase()}${all.slice(1)}.` : 'Nothing: it takes the coat as it is.';
}

/** What it is and what is on it, in a line. */
export const groundWords = ({ ground, existing }: Pick<JobDraft, 'ground' | 'existing'>): string =>
  [
    ground ? substrateWords[ground] : '',
    existing && existing !== 'bare' ? existingWords[existing].toLowerCase() : '',
  ]
    .filter(Boolean)
    .join(', ');

/** What goes on it, in a line. */
export function goesOn(
  { like, system, coatingId, coatingName, class: of }: JobDraft,
  { coatings, jobs }: { readonly coatings: readonly Coating[]; readonly jobs: readonly Job[] },
): string {
  const before = jobs.find(({ id }) => id === like);
  if (before) return layersWords(before);
  return (
    systemOf(system)?.name ??
    coatings.find(({ id }) => id === coatingId)?.name ??
    (coatingName || classWords(of))
  );
}

/** The products of a job from the part up, each once. */
export const layersWords = ({ layers }: Pick<Job, 'layers'>): string =>
  [...new Set(layers.map(({ sheet }) => sheet.name))].join(', ');

/** What a job is called until somebody says otherwise. */
export const usualName = (product: string, ground: SubstrateKind): string =>
  `${product} on ${inSentence(substrateWords[ground])}`;
