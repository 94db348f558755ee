import type { FaceWays, Method } from '@/facts/job/methods';
import { amount, written } from './figures';
import { money } from './money';
import type { Units } from './units';

export const methodWords: Record<Method, string> = { spray: 'Spray', roller: 'Roller', brush: 'Brush' };

/** What a film looks like by each way; the numbers beside it are its spread. */
export const finishWords: Record<Method, string> = {
  spray: 'evenest, needs masking',
  roller: 'fine texture, no mist',
  brush: 'brush marks, reaches edges',
};

/** `Spray, tip 311`, `Roller`. */
export const toolWords = (by: Method, tip: string | undefined): string =>
  by === 'spray' && tip ? `${methodWords.spray}, tip ${tip}` : methodWords[by];

/** What speaks for another way than the one a face has; nothing where its own is the least. */
export function methodAdvice(
  { face, now, ways, least, reaches }: FaceWays,
  units: Units,
): string | undefined {
  const own = ways.find(({ by }) => by === now);
  const other = ways.find(({ by }) => by === least);
  if (!own || !other) return undefined;
  if (now === 'spray' && reaches > 0)
    return `Sprayed, ${face.name} drifts onto ${reaches === 1 ? 'something' : `${reaches} things`} downwind. By hand nothing does.`;
  if (least === now) return undefined;
  if (own.cost !== undefined && other.cost !== undefined)
    return `${methodWords[least]} costs ${money(own.cost - other.cost)} less: ${finishWords[least]}.`;
  const more = other.paint - own.paint;
  const paint = `${written(amount('volume', Math.abs(more)), units)} ${more > 0 ? 'more' : 'less'} paint`;
  return `${methodWords[least]} takes ${written(amount('duration', own.seconds - other.seconds), units)} less of hands, and ${paint}: ${finishWords[least]}.`;
}
