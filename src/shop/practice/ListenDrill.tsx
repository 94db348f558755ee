'use client';

import { useState } from 'react';
import { seeded } from '@/core/random';
import { speechOf } from '@/facts/shop/speech';
import { newId } from '@/records';
import { isoNow } from '@/store/clock';
import { useShop, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { CommitField } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { sound } from '@/ui/spoken/mouth';
import { motifs } from '@/ui/spoken/sounds';
import { SpeechChoices } from '@/ui/spoken/SpeechChoices';
import { timerWords } from '@/words/timers';

/** The alarms that are worth knowing by ear, and how many are asked. */
const asked = ['pot-life', 'stir', 'flash', 'recoat-closes', 'clean-by', 'idle', 'retime', 'dwell'] as const;
type Heard = (typeof asked)[number];
const choices = 4;

/** Which sound comes, and what it may be: drawn for a round, the same for the same. */
function questions(round: number): { readonly is: Heard; readonly among: readonly Heard[] }[] {
  const random = seeded(round + 1);
  const shuffled = <T,>(all: readonly T[]): T[] =>
    all
      .map((each) => ({ each, at: random() }))
      .sort((a, b) => a.at - b.at)
      .map(({ each }) => each);
  return shuffled(asked).map((is) => ({
    is,
    among: shuffled([is, ...shuffled(asked.filter((each) => each !== is)).slice(0, choices - 1)]),
  }));
}

/** Alarms by ear: each has a sound of its own, and whoever wears a mask should know which it was. */
export function ListenDrill() {
  const shop = useShop();
  const store = useStore();
  const speech = speechOf(shop);
  const [who, setWho] = useState(shop.operator || 'Me');
  const [round, setRound] = useState(() => Date.now() % 1000);
  const [at, setAt] = useState(-1);
  const [right, setRight] = useState(0);
  const [said, setSaid] = useState<Heard>();
  const all = questions(round);
  const question = all[at];
  const play = (which: Heard) => sound('answer', motifs[which], Math.max(speech.volume, 0.3));
  const next = () => {
    const to = at + 1;
    setSaid(undefined);
    setAt(to);
    const coming = all[to];
    if (coming) play(coming.is);
  };
  const tell = (which: Heard) => {
    if (!question || said) return;
    setSaid(which);
    const got = right + (which === question.is ? 1 : 0);
    setRight(got);
    if (at === all.length - 1)
      store.put(
        {
          kind: 'practice',
          version: 1,
          id: newId(),
          name: who,
          at: isoNow(),
          drill: 'listen',
          listened: { asked: all.length, right: got },
        },
        'practice',
      );
  };
  const over = at >= all.length - 1 && said !== undefined;
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]" data-listen={at}>
      <div className="space-y-4">
        <CommitField label="Who listens" value={who} onCommit={(name) => setWho(name.trim() || 'Me')} />
        {!question ? (
          <Button look="main" onClick={next}>
            Begin: {all.length} alarms
          </Button>
        ) : (
          <>
            <p className="text-lg font-semibold">
              {at + 1} of {all.length}: which alarm was that?
            </p>
            <div className="flex flex-wrap gap-2" role="group" aria-label="Which alarm was that?">
              {question.among.map((each) => (
                <Button
                  key={each}
                  className="min-h-16"
                  aria-pressed={said === each}
                  disabled={said !== undefined && each !== question.is && each !== said}
                  onClick={() => tell(each)}
                >
                  {timerWords[each].over}
                </Button>
              ))}
            </div>
            <div className="flex flex-wrap gap-3">
              <Button onClick={() => play(question.is)}>Hear it again</Button>
              {said && !over && (
                <Button look="main" onClick={next}>
                  The next
                </Button>
              )}
              {over && (
                <Button
                  look="main"
                  onClick={() => {
                    setRound(round + 1);
                    setAt(-1);
                    setRight(0);
                    setSaid(undefined);
                  }}
                >
                  Another round
                </Button>
              )}
            </div>
            {said && (
              <Notice tone={said === question.is ? 'good' : 'care'}>
                {said === question.is ? 'Yes.' : 'No:'} {timerWords[question.is].over}.{' '}
                {over && `${right} of ${all.length} told right.`}
              </Notice>
            )}
          </>
        )}
        <p className="text-sm text-ink-soft">
          What is lost falls, what may begin rises, what is to be done beats. A device without sound shows
          alarms in words all the same.
        </p>
      </div>
      <SpeechChoices />
    </div>
  );
}
