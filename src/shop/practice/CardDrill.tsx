'use client';

import { useEffect, useRef, useState } from 'react';
import { cardFaults, type CardFault } from '@/core/card';
import { seeded, seedFrom } from '@/core/random';
import { isRefusal } from '@/core/refusal';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';
import { cardWords } from '@/words/set';
import { readSimulatedCard, type CardTask } from '@/workers/card';
import type { ReadPhoto } from '@/workers/card.worker';
import { amount, written } from '@/words/figures';

interface Answer {
  readonly said: CardFault;
  readonly fault: CardFault;
}

/** Reading cards by eye: a simulated card, a guess, and then what was wrong with the gun and what the reader measured. */
export function CardDrill() {
  const units = useUnits();
  const [seed] = useState(() => String(Date.now()));
  const [answers, setAnswers] = useState<readonly Answer[]>([]);
  const [shown, setShown] = useState<ReadPhoto & { url: string; fault: CardFault }>();
  const [said, setSaid] = useState<CardFault>();
  const [busy, setBusy] = useState(false);
  const task = useRef<CardTask>(undefined);
  useEffect(() => () => task.current?.cancel(), []);
  useEffect(() => () => void (shown && URL.revokeObjectURL(shown.url)), [shown]);

  const next = async () => {
    const name = `${seed}-${answers.length}`;
    const fault = cardFaults[Math.floor(seeded(seedFrom(name))() * cardFaults.length)] ?? 'good';
    task.current?.cancel();
    task.current = readSimulatedCard({ seed: name, fault, fan: 0.24 });
    setSaid(undefined);
    setBusy(true);
    const found = await task.current.result;
    setBusy(false);
    if (found.picture) setShown({ ...found, fault, url: URL.createObjectURL(found.picture) });
  };
  const answer = (fault: CardFault) => {
    if (!shown || said) return;
    setSaid(fault);
    setAnswers((before) => [...before, { said: fault, fault: shown.fault }]);
  };
  const right = answers.filter((each) => each.said === each.fault).length;
  const read = shown && !isRefusal(shown.outcome) ? shown.outcome : undefined;
  return (
    <section aria-labelledby="card-drill" className="border-t border-hairline pt-6" data-card-drill>
      <h2 id="card-drill" className="text-xl font-bold">
        Read a card
      </h2>
      <p className="mb-3 max-w-2xl text-sm text-ink-soft">
        A simulated card comes up. Say what is wrong with the gun; the reader says what it measured after you.
      </p>
      <div className="grid max-w-4xl gap-6 md:grid-cols-[16rem_minmax(0,1fr)]">
        <div>
          {shown ? (
            <img src={shown.url} alt="A simulated card" className="w-full border border-hairline" />
          ) : (
            <div className="flex aspect-[3/4] items-center justify-center border-2 border-dashed border-ink-soft text-sm text-ink-soft">
              No card yet
            </div>
          )}
          <p className="mt-1 text-sm font-semibold text-care">Simulated card</p>
        </div>
        <div className="space-y-4">
          <div className="flex flex-wrap items-center gap-4">
            <Button onClick={() => void next()} disabled={busy}>
              {busy ? 'Spraying' : 'Another card'}
            </Button>
            {answers.length > 0 && (
              <p role="status">
                <b>{right}</b> of {answers.length} named rightly
              </p>
            )}
          </div>
          {shown && !busy && (
            <fieldset>
              <legend className="mb-1 text-sm text-ink-soft">What is it?</legend>
              <div className="flex flex-wrap gap-2">
                {cardFaults.map((fault) => (
                  <Button
                    key={fault}
                    aria-pressed={said === fault}
                    disabled={said !== undefined && said !== fault && fault !== shown.fault}
                    onClick={() => answer(fault)}
                  >
                    {cardWords[fault].name}
                  </Button>
                ))}
              </div>
            </fieldset>
          )}
          {shown && said && (
            <Notice tone={said === shown.fault ? 'good' : 'care'}>
              <b>{said === shown.fault ? 'Right. ' : `No: ${cardWords[shown.fault].name.toLowerCase()}. `}</b>
              {cardWords[shown.fault].change}
              {read
                ? ` The reader measured ${written(amount('distance', read.width), units)} of fan, its middle ${read.middle.toFixed(2)} × its flanks, and says ${cardWords[read.fault].name.toLowerCase()}.`
                : ''}
            </Notice>
          )}
        </div>
      </div>
    </section>
  );
}
