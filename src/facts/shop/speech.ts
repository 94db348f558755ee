import { usualSpeech, type Shop, type Speech } from '@/records';
import { namesOf } from './pace';

/** How whoever is at the bench is spoken to: as they chose, else as the shop did. */
export function speechOf({ people, operator, speech }: Pick<Shop, 'people' | 'operator' | 'speech'>): Speech {
  const person = people?.find((each) => namesOf(each).includes(operator));
  return person?.speech ?? speech ?? usualSpeech;
}

/** The shop with this said by whoever is at the bench: theirs where they are listed, else everybody’s. */
export function withSpeech(shop: Shop, speech: Speech): Shop {
  const { people, operator } = shop;
  const own = people?.find((each) => namesOf(each).includes(operator));
  return own
    ? { ...shop, people: people?.map((each) => (each === own ? { ...each, speech } : each)) }
    : { ...shop, speech };
}
