'use client';

import { useRef, useState } from 'react';
import { answers, type Found } from '@/core/inspection';
import type { Walk, WalkStop } from '@/facts/job';
import { isDefect } from '@/facts/shop/outcomes';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Notice } from '@/ui/Notice';
import { useJob } from '@/ui/job/context';
import { usePhotoIn } from '@/ui/job/photoin';
import { clockTime } from '@/words/clock';
import { answerWords, askWords, lightWords, zoneWords } from '@/words/inspection';
import { walkEntries } from '@/words/walkanswers';
import { FaceDrawing } from './FaceDrawing';
import { Tally } from './Tally';

interface Props {
  readonly stop: WalkStop;
  readonly walk: Walk;
  readonly onDone: () => void;
}

/** One stop: the place drawn, where the lamp stands, the question, and what may be found. */
export function StopAsked({ stop, walk, onDone }: Props) {
  const { view, log } = useJob();
  const { add, busy, refused } = usePhotoIn(view.job.id);
  const input = useRef<HTMLInputElement>(null);
  const [nibs, setNibs] = useState(0);
  const [fibres, setFibres] = useState(0);
  const [polished, setPolished] = useState(false);
  const { face, zone, asks, light, from, state, answer } = stop;
  const place = `${face.name}, ${zoneWords[zone]}`;
  const named = new Set(view.check.defects.open.flatMap(({ defect }) => (isDefect(defect) ? [defect] : [])));
  const say = (found: Found) => {
    const besides = asks === 'dust' ? { nibs, fibres } : asks === 'colour' ? { polished } : {};
    log(`${askWords[asks].name.toLowerCase()}, ${place}`, ...walkEntries(stop, found, besides, named));
    onDone();
  };
  const left = walk.stops.filter(
    (each) => each.asks === asks && each.state === 'open' && each.from === undefined,
  );
  const [good] = (Object.entries(answers[asks]) as [Found, { good: boolean }][]).filter(
    ([, each]) => each.good,
  );
  const theRest = () => {
    if (good)
      log(
        `${askWords[asks].name.toLowerCase()}: the rest is fine`,
        ...left.flatMap((each) => walkEntries(each, good[0], {}, named)),
      );
    onDone();
  };
  return (
    <div className="grid gap-5 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]" data-stop={stop.id}>
      <FaceDrawing face={face} zone={zone} light={light} says={`${place}. ${lightWords[light]}`} />
      <div className="space-y-3">
        <div>
          <h3 className="text-lg font-bold">{place}</h3>
          {face.count > 1 && (
            <p className="text-sm text-ink-soft">One of {face.count}: the worst there is.</p>
          )}
        </div>
        <p className="text-sm">{lightWords[light]}</p>
        <p className="font-semibold">{askWords[asks].asks}</p>
        {from !== undefined && (
          <Notice tone="care">
            Too early until about {clockTime(from, view.now)}: what is seen now may still change, and a sleeve
            marks it.
          </Notice>
        )}
        {asks === 'dust' && (
          <div className="flex flex-wrap gap-5">
            <Tally label="Specks" value={nibs} onChange={setNibs} />
            <Tally label="Fibres" value={fibres} onChange={setFibres} />
          </div>
        )}
        {asks === 'colour' && (
          <Check
            label="The neighbour was washed and polished first"
            checked={polished}
            onChange={setPolished}
          />
        )}
        <div className="flex flex-wrap gap-2" data-answers>
          {(Object.keys(answers[asks]) as Found[]).map((found, i) => (
            <Button key={found} look={i === 0 ? 'main' : 'plain'} onClick={() => say(found)}>
              {asks === 'dust' ? (nibs + fibres > 0 ? 'Counted' : 'None') : answerWords[found].says}
            </Button>
          ))}
        </div>
        <div className="flex flex-wrap gap-2">
          {left.length > 1 && asks !== 'dust' && asks !== 'colour' && (
            <Button look="quiet" onClick={theRest}>
              The other {left.length} of this round: all {answerWords[good?.[0] ?? 'even'].says.toLowerCase()}
            </Button>
          )}
          <Button look="quiet" disabled={busy > 0} onClick={() => input.current?.click()}>
            {busy > 0 ? 'Making it small' : 'Photo of this place'}
          </Button>
          <input
            ref={input}
            type="file"
            accept="image/*"
            aria-label={`Photo of ${place}`}
            className="sr-only"
            tabIndex={-1}
            onChange={(event) =>
              void add([...(event.target.files ?? [])], {
                name: `${place}, ${askWords[asks].name.toLowerCase()}`,
                faceId: face.id,
                zone,
              })
            }
          />
        </div>
        {refused && <Notice tone="stop">{refused}</Notice>}
        {answer && (
          <p className="text-sm text-ink-soft" data-said>
            Last said: {answerWords[answer.found as Found].says.toLowerCase()}
            {state === 'again' ? '. The neighbour was not polished first: that is no verdict yet.' : '.'}
          </p>
        )}
      </div>
    </div>
  );
}
