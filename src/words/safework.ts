import { actOf, safeWork, type Act, type JobView, type SafeWork } from '@/facts/job';
import { plural, type NextLine } from './line';

const before: Record<Act, string> = {
  card: 'the gun is fired at a card',
  wash: 'the gun is washed',
  sand: 'it is rubbed',
};

/** `3 things before the gun is washed` */
export const safeWords = ({ act, open }: SafeWork): string =>
  `${plural(open.length, 'thing')} before ${before[act]}`;

/** A line that would put such work on record speaks of people first, while something of theirs is open. */
export function safeLine(view: JobView, line: NextLine): NextLine {
  const { tap } = line;
  const act =
    tap?.does.kind === 'log' ? tap.does.entries.map(actOf).find((each) => each !== undefined) : undefined;
  const work = act && safeWork(view, act);
  if (!work || work.may) return line;
  return {
    ...line,
    detail: [`First ${safeWords(work)}.`, line.detail ?? ''].filter(Boolean).join(' '),
    tap: {
      says: `Go through ${plural(work.open.length, 'thing')} first`,
      does: { kind: 'safe', act: work.act },
    },
  };
}
