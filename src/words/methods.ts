import type { OtherWay } from '@/core/elements';
import type { FaceWays, Method } from '@/facts/job/methods';
import { amount, written } from './figures';
import { money } from './money';
import type { Units } from './units';

/** Each way of coating, and what the film it leaves is like. */
export const wayWords: Record<Method | OtherWay, { readonly name: string; readonly leaves: string }> = {
  spray: { name: 'Spray', leaves: 'evenest; mist, and masking of what is near' },
  roller: { name: 'Roller', leaves: 'stipple; no overspray, no masking of what is near' },
  brush: { name: 'Brush', leaves: 'brush marks; for edges and bolts before a gun' },
  dip: { name: 'Dip', leaves: 'runs to the lower edge; small parts and a full tank' },
};

/** `Spray, tip 311`, `Roller`. */
export const toolWords = (by: Method, tip: string | undefined): string =>
  by === 'spray' && tip ? `${wayWords.spray.name}, tip ${tip}` : wayWords[by].name;

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
    return `${wayWords[least].name} costs ${money(own.cost - other.cost)} less: ${wayWords[least].leaves}.`;
  const more = other.paint - own.paint;
  const paint = `${written(amount('volume', Math.abs(more)), units)} ${more > 0 ? 'more' : 'less'} paint`;
  return `${wayWords[least].name} takes ${written(amount('duration', own.seconds - other.seconds), units)} less of hands, and ${paint}: ${wayWords[least].leaves}.`;
}
