import { defects, type DefectId } from '@/core/diagnosis';
import { answerOf, type Ask, type Found } from '@/core/inspection';
import type { Stop } from '@/facts/job';
import type { NewEntry } from '@/records';
import { answerWords, zoneWords } from './inspection';

/** A small miss on its list. */
const missWords: Partial<Record<Ask, string>> = { bare: 'Bare spot' };

/** What is said besides an answer. */
export interface Besides {
  readonly nibs?: number;
  readonly fibres?: number;
  readonly polished?: boolean;
}

/**
 * What an answer at a stop writes into the log: the answer; a small miss on the list of them; a fault to be traced, unless
 * it is named already.
 */
export function walkEntries(
  { asks, face, zone }: Pick<Stop, 'asks' | 'face' | 'zone'>,
  found: Found,
  besides: Besides,
  named: ReadonlySet<DefectId>,
): NewEntry[] {
  const answer = answerOf(asks, found);
  if (!answer) return [];
  const said: NewEntry =
    asks === 'hiding'
      ? { type: 'hiding', faceId: face.id, hides: answer.good }
      : { type: 'inspected', faceId: face.id, zone, asks, found, ...besides };
  const { defect } = answer;
  return [
    said,
    ...(answer.miss
      ? [
          {
            type: 'miss' as const,
            text: `${missWords[asks] ?? answerWords[found].says}, ${zoneWords[zone]}`,
            faceId: face.id,
            zone,
            how: 'brush' as const,
          },
        ]
      : []),
    ...(defect && !named.has(defect)
      ? [
          {
            type: 'defect' as const,
            name: defects[defect].name,
            defect,
            faceId: face.id,
            note: `${face.name}, ${zoneWords[zone]}`,
          },
        ]
      : []),
  ];
}
