import type { BenchRow, BenchSpan } from '@/facts/shop/bench';
import { inSentence, plural } from './line';
import { clockTime } from './clock';

/** A stretch on the axis in a word or two, and until when. */
export function spanSays({ kind, of, from, to, who }: BenchSpan, now: number): string {
  const name = inSentence(of);
  if (kind === 'coat') return `${name} going on${who ? `, ${who} is bound` : ''}`;
  if (kind === 'open')
    return from > now
      ? `${name} from ${clockTime(from, now)}`
      : to
        ? `${name} by ${clockTime(to, now)}`
        : `${name} open`;
  if (kind === 'shut') return `${name}: not before ${clockTime(to ?? now, now)}`;
  if (kind === 'pot') return `pot ${name} ${clockTime(to ?? now, now)}`;
  return `${name} clean by ${clockTime(to ?? now, now)}`;
}

/** What is on it, what is in hand and how far it is. */
export function standsSays({ view }: BenchRow): string {
  const { coats } = view.spray;
  const on = coats.filter(({ state }) => state === 'done').length;
  const { due } = view.job;
  const until =
    due === undefined || on === coats.length ? '' : ` · ready by ${clockTime(Date.parse(due), view.now)}`;
  const several = new Set(coats.map(({ coat }) => coat.layerId)).size > 1;
  return `${several ? `${view.work.layer.name} · ` : `${view.plan.sheet.name} · `}${on} of ${plural(coats.length, 'coat')} on${until}`;
}
