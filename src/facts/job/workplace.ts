import type { Workplace } from '@/core/safety';
import type { Job, Shop } from '@/records';

/** Where a job is sprayed: as it says itself, in the open where it has weather, else where the shop sprays; none where nobody said. */
export const workplaceOf = (
  { sprayedIn, outdoors }: Pick<Job, 'sprayedIn' | 'outdoors'>,
  { place }: Pick<Shop, 'place'>,
): Workplace | undefined => sprayedIn ?? (outdoors ? 'outdoors' : place?.kind);

/** m, the sides of the room a job is sprayed in, and how high it is, where somebody said them; none outdoors or elsewhere. */
export function roomSize(
  job: Pick<Job, 'sprayedIn' | 'outdoors'>,
  shop: Pick<Shop, 'place'>,
): { readonly long: number; readonly short: number; readonly high?: number } | undefined {
  const { place } = shop;
  const kind = workplaceOf(job, shop);
  // What is known is the size of the shop’s own place, and of no other.
  if (!place?.width || !place.length || kind === 'outdoors' || kind !== place.kind) return undefined;
  return {
    long: Math.max(place.width, place.length),
    short: Math.min(place.width, place.length),
    ...(place.height ? { high: place.height } : {}),
  };
}
