import { isRefusal } from '@/core/refusal';
import { defects as defectNames } from '@/core/diagnosis';
import { cureStageOf, liveEntries, ofType, substrateOf, walkOf, type JobView } from '@/facts/job';
import { isDefect } from '@/facts/shop/outcomes';
import { classWords, type Coating, type Photo } from '@/records';
import { fullDay } from './dates';
import { amount, written } from './figures';
import { inSentence, plural } from './line';
import { judgedWords, substrateWords } from './system';
import type { Units } from './units';

/** What a customer takes home of a job: plain words, pictures, and how to look after it. */
export interface CustomerPage {
  readonly title: string;
  readonly under: string;
  readonly sections: readonly { readonly title: string; readonly lines: readonly string[] }[];
  readonly photos: readonly (Pick<Photo, 'id' | 'width' | 'height'> & { readonly says: string })[];
  /** What is written on the lines to be signed. */
  readonly signs: readonly string[];
  readonly foot: string;
}

/** One picture of before and up to three of after: what fits on a page and is still seen. */
const [mostBefore, mostAfter] = [1, 3];

/**
 * The page of a job for whoever it was done for. What nobody looked at or measured is not claimed.
 *
 * @param photos of any job; its own are taken
 */
export function customerPage(view: JobView, photos: readonly Photo[], units: Units): CustomerPage {
  const { job, shop, spray, now } = view;
  const ended = Math.max(0, ...spray.coats.map(({ ended: at }) => at ?? 0));
  const began = Math.min(Infinity, ...spray.coats.map(({ started }) => started ?? Infinity));
  const own = photos.filter(({ jobId }) => jobId === job.id).sort((a, b) => a.at.localeCompare(b.at));
  const before = own.filter(({ at }) => Date.parse(at) < began).slice(0, mostBefore);
  const after = ended > 0 ? own.filter(({ at }) => Date.parse(at) >= ended).slice(-mostAfter) : [];
  const open = spray.coats.filter(({ state }) => state !== 'done').length;
  return {
    title: job.name,
    under: [shop.name || 'Written', fullDay(now)].join(', '),
    sections: [
      { title: 'What was done', lines: [partSays(view, units), ...appliedSays(view)] },
      { title: 'How it came out', lines: [...(open > 0 ? [unfinished(open)] : []), ...cameOut(view, units)] },
      ...(ended > 0 ? [{ title: 'Looking after it', lines: careSays(view) }] : []),
    ],
    photos: [
      ...before.map((photo) => pictured(photo, 'Before')),
      ...after.map((photo) => pictured(photo, 'After')),
    ],
    signs: ['For the shop, date', 'For the customer, date'],
    foot: 'The products’ own sheets outrank this page. Keep it: it says what to ask for when something is to be mended.',
  };
}

const unfinished = (open: number) =>
  `Not finished: ${plural(open, 'coat')} ${open === 1 ? 'is' : 'are'} still to come.`;

const pictured = ({ id, width, height, name }: Photo, when: string) => ({
  ...{ id, width, height },
  says: name ? `${when}: ${name}` : when,
});

function partSays({ job }: JobView, units: Units): string {
  const faces = job.part.faces.map(
    ({ name, count, width, height }) =>
      `${count > 1 ? `${count} × ` : ''}${inSentence(name)}, ${units.show('length', width)} by ${units.show('length', height)}`,
  );
  return `${substrateWords[substrateOf(job.part)]}: ${faces.join('; ')}.`;
}

/** What went on, from the part up, in the order it was sprayed. */
function appliedSays({ job, spray }: JobView): string[] {
  return job.layers.flatMap(({ id, sheet }) => {
    const on = spray.coats.filter(({ coat, state }) => coat.layerId === id && state === 'done').length;
    return on === 0
      ? []
      : [`${plural(on, 'coat')} of ${sheet.name} (${classWords(sheet.class).toLowerCase()}).`];
  });
}

function cameOut(view: JobView, units: Units): string[] {
  const { job, check, work } = view;
  const { verdict, unproven, standard, spec, defects } = check;
  const film = (value: number) => written(amount('film', value), units);
  const measured = isRefusal(verdict)
    ? ['The thickness of the coating was not measured.']
    : [
        `Thickness: ${film(verdict.mean)} on average, agreed from ${film(spec.min)} to ${film(spec.max)}${
          verdict.passes
            ? unproven.length > 0
              ? '; not every place was measured'
              : ''
            : ': outside what was agreed'
        }.`,
      ];
  const looked = job.part.judgedBy
    ? [
        `Agreed finish: ${judgedWords[job.part.judgedBy].toLowerCase()}. ${
          standard?.entry === undefined
            ? 'It was not looked at yet.'
            : standard.entry.yes
              ? `Looked at on ${fullDay(Date.parse(standard.entry.at))}: as agreed.`
              : `Looked at on ${fullDay(Date.parse(standard.entry.at))}: not as agreed.`
        }`,
      ]
    : [];
  const { closing } = work.stored;
  return [
    ...measured,
    ...looked,
    ...roundSays(view),
    ...defects.open.map(({ name }) => `Seen and not put right: ${inSentence(name)}.`),
    ...ofType(liveEntries(job), 'rework')
      .filter(({ did }) => did === 'accepted')
      .map(
        ({ defect }) =>
          `Agreed as it is: ${inSentence(isDefect(defect) ? defectNames[defect].name : defect)}.`,
      ),
    ...(closing?.seenBy ? [`Looked over by ${closing.seenBy}.`] : []),
  ];
}

/** What the look round it found, for whoever owns it: only a whole round says that all is well. */
function roundSays(view: JobView): string[] {
  const { when, walked, stops, faults, misses } = walkOf(view);
  const open = misses.filter(({ closed }) => !closed);
  return [
    ...(when === 'after' && walked === stops.length && faults.length === 0
      ? ['Looked over place by place, with a lamp: nothing stands against it.']
      : []),
    ...open.map(
      ({ entry: { text, due } }) =>
        `Still to be touched up: ${inSentence(text)}${due ? `, by ${fullDay(Date.parse(due))}` : ''}.`,
    ),
  ];
}

/** What each chemistry wants of whoever lives with it, beside what holds for all. */
const careOf: Partial<Record<Coating['chemistry'], string>> = {
  'water-borne':
    'Wipe up water, alcohol and hand cream at once: they soften such a finish while it is young.',
  lacquer: 'Alcohol and nail-varnish remover dissolve it: wipe them up at once.',
  'oil-based': 'It may yellow a little where no light reaches it. That is its nature and fades in daylight.',
  polyester: 'Clean it with what is mild: scouring powder dulls it for good.',
};

function careSays(view: JobView): string[] {
  const { spray, job } = view;
  const top = spray.coats.findLast(({ state }) => state === 'done')?.sheet;
  const { hardens, cures } = cureStageOf(view);
  const mends = top?.blendable
    ? 'A scratch can be mended where it is: ask us.'
    : 'A scratch is not touched up in place: this finish is renewed over the whole surface. Ask us.';
  return [
    ...(hardens === undefined ? [] : [`Handle it from ${fullDay(hardens)}.`]),
    ...(cures
      ? [
          `Fully hard on about ${fullDay(cures.at)}${cures.assumed ? ', as is usual for its kind' : ''}. Until then no tape, no weight on it, no wash, no cover that lies on it.`,
        ]
      : []),
    'Clean it with lukewarm water, a little mild soap and a soft cloth; nothing that scours.',
    ...(top && careOf[top.chemistry] ? [careOf[top.chemistry] as string] : []),
    ...(job.part.exposure === 'outdoors' || job.part.exposure === 'sun'
      ? ['Outdoors wash it twice a year and look at its edges: what is mended early stays small.']
      : []),
    mends,
  ];
}
