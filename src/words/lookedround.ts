import type { Found } from '@/core/inspection';
import { walkOf, type JobView } from '@/facts/job';
import { answerWords, askWords, whenWords, zoneWords } from './inspection';
import { plural } from './line';

/** What the round over a part found, a line a round and one for each small miss; nothing where nobody walked it. */
export function lookedRound(view: JobView): string[] {
  const { stops, when, walked, misses, faults, dust } = walkOf(view);
  if (walked + misses.length === 0) return [];
  const asks = [...new Set(stops.map((stop) => stop.asks))];
  return [
    `${whenWords[when]}: ${plural(walked, 'place')} of ${stops.length} looked at.`,
    ...asks.flatMap((ask) => {
      const own = stops.filter((stop) => stop.asks === ask && stop.entry);
      if (own.length === 0) return [];
      const wrong = faults.filter((stop) => stop.asks === ask);
      const all = stops.filter((stop) => stop.asks === ask).length;
      const counted =
        ask === 'dust' && dust ? `, ${plural(dust.count, 'speck or fibre', 'specks and fibres')}` : '';
      return [
        `${askWords[ask].name}, ${own.length} of ${all}${counted}: ${
          wrong.length === 0
            ? 'as it should be'
            : wrong
                .map(
                  ({ face, zone, answer }) =>
                    `${ask === 'dust' || !answer ? 'too many' : answerWords[answer.found as Found].says.toLowerCase()} on ${face.name}, ${zoneWords[zone]}`,
                )
                .join('; ')
        }.`,
      ];
    }),
    ...misses.map(
      ({ entry, closed }) =>
        `${entry.text}: ${closed ? (closed.did === 'done' ? 'touched up' : 'let be') : 'still to be touched up'}${!closed && entry.who ? ` by ${entry.who}` : ''}.`,
    ),
  ];
}
