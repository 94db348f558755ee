'use client';

import type { Found } from '@/core/inspection';
import type { Walk } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Panel } from '@/ui/Panel';
import { showPart } from '@/ui/showpart';
import { answerWords, askWords, zoneWords } from '@/words/inspection';

interface Props {
  readonly walk: Walk;
  readonly onChoose: (id: string) => void;
}

/** What the round found that stands, with what it means and where it leads. */
export function FaultsFound({ walk, onChoose }: Props) {
  if (walk.faults.length === 0) return null;
  return (
    <Panel title="Found, and standing">
      <ul className="divide-y divide-hairline border-y border-hairline text-sm" data-found>
        {walk.faults.map(({ id, face, zone, asks, answer }) => {
          const words = answer && answerWords[answer.found as Found];
          return (
            <li key={id} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2">
              <span className="min-w-0 flex-1 basis-60">
                <b className="text-stop">
                  ■ {asks === 'dust' ? askWords.dust.name : (words?.says ?? askWords[asks].name)}
                </b>
                , {face.name}, {zoneWords[zone]}
                {words?.means && <span className="block text-ink-soft">{words.means}</span>}
              </span>
              <span className="flex flex-wrap gap-2">
                {(answer?.defect ?? (asks === 'dust' ? 'dust' : undefined)) && (
                  <Button look="quiet" onClick={() => showPart('defects')}>
                    Find the cause
                  </Button>
                )}
                <Button look="quiet" onClick={() => onChoose(id)}>
                  Look there again
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
