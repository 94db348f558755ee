'use client';

import { Dialog as Radix } from 'radix-ui';
import { X } from 'lucide-react';
import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import { lastOf, liveEntries } from '@/facts/job';
import { gunStep, type GunStep } from '@/facts/job/atgun';
import { combFound } from '@/facts/job/wetcomb';
import { speechOf } from '@/facts/shop/speech';
import { isRefusal } from '@/core/refusal';
import type { NewEntry } from '@/records';
import { useShop, useStore } from '@/store/hooks';
import { staysAwake, useAwake } from '@/ui/awake';
import { BigKeys } from '@/ui/BigKeys';
import { Clock } from '@/ui/Clock';
import { useJob } from '@/ui/job/context';
import { usePresses } from '@/ui/presses';
import { Printed } from '@/ui/Printed';
import { listenToHeadset } from '@/ui/spoken/headset';
import { hush, lead, say, tick } from '@/ui/spoken/mouth';
import { SpeechChoices } from '@/ui/spoken/SpeechChoices';
import { useUnits } from '@/ui/units';
import { gunAnswer, gunClocks, gunWords, pieceName } from '@/words/atgun';
import { combWords } from '@/words/comb';
import { expects } from '@/words/expects';
import { amount, figure, written } from '@/words/figures';
import { inSentence, startCoat } from '@/words/line';
import { pressureQuantity } from '@/words/pressure';
import { timerFigure, timerSays } from '@/words/timers';
import { handEntry, motionPlan } from '@/facts/job/handfelt';
import { handSays } from '@/words/hand';
import { PaceBox } from './PaceBox';
import { useCoach, type Felt } from './usecoach';
import { usePace } from './usepace';

const keyOf = (step: GunStep): string | undefined =>
  step.kind === 'face' ? `${step.piece.face.id}/${step.piece.side}/${step.piece.nth}/${step.at}` : undefined;

const coachingWords = { off: 'Not felt', phone: 'This phone, on the gun', simulated: 'Simulated hand' };

const ways = { now: 'show', voice: 'voice', comb: 'comb', dry: 'dry' } as const;
type Way = (typeof ways)[keyof typeof ways];

/** Only what may be done is green. */
const inks: Record<GunStep['kind'], string> = {
  face: 'text-good',
  start: 'text-good',
  end: 'text-good',
  stirred: 'text-care',
  'go-on': 'text-care',
  'by-hand': 'text-care',
  held: 'text-care',
  line: '',
};

const corner = 'flex min-h-11 min-w-11 items-center justify-center px-2 text-sm font-semibold text-ink-soft';

/**
 * While the gun runs: one number, the pace to follow, and one press for what has been done. It is read from across a booth,
 * spoken to whoever wants it, and stays awake.
 */
export function AtGun({ onClose }: { readonly onClose: () => void }) {
  const { view, log, tap } = useJob();
  const store = useStore();
  const shop = useShop();
  const units = useUnits();
  const speech = speechOf(shop);
  const [way, setWay] = useState<Way>(ways.now);
  const [taken, setTaken] = useState<string>();
  const [wetted, setWetted] = useState<number>();
  /** What was done from here and can be taken back from here. */
  const [made, setMade] = useState(0);
  const [answer, setAnswer] = useState('');
  const zone = useRef<HTMLButtonElement>(null);
  useAwake(true);

  const resting = gunStep(view, false);
  const begun = gunStep(view, true);
  // A face that is being sprayed is finished before anything else is asked.
  const step = begun.kind === 'face' && keyOf(begun) === taken ? begun : resting;
  const words = gunWords(step, view, units);
  const key = keyOf(step);
  const piece = step.kind === 'face' ? step.piece : undefined;
  const paced = usePace(key, piece, {
    beat: () => speech.tick && tick('beat', speech.volume),
    turn: (stroke, of) => {
      setTaken(key);
      if (speech.tick) tick('turn', speech.volume);
      if (stroke > 0) say('pace', stroke === of - 1 ? 'Last stroke' : String(stroke + 1), speech);
    },
    over: () => say('pace', 'Face over', speech),
  });

  const coach = useCoach(key);
  // What comes next is said once, when it comes.
  const tell = useEffectEvent(() => say('next', words.spoken, speech));
  const told = step.kind === 'held' ? `held/${step.open}/${step.until !== undefined}` : (key ?? step.kind);
  useEffect(() => tell(), [told]);
  useEffect(() => hush, []);
  useEffect(lead, []);

  const done = (label: string, entry: NewEntry) => {
    log(label, entry);
    setMade((n) => n + 1);
    const said = gunAnswer(step);
    setAnswer(said);
    say('answer', said, speech);
  };
  const heardBack = (
    { found, plan, simulated }: Felt,
    of: { readonly coatId: string; readonly faceId: string; readonly side?: 1 | 2 },
  ) => {
    if (!isRefusal(found))
      log('what the hand did', handEntry(found, { ...of, planned: plan.speed }, simulated));
    const told = isRefusal(found) ? units.says(found) : handSays(found, plan, units);
    setAnswer(told);
    say('answer', told, speech);
  };
  const next = () => {
    switch (step.kind) {
      case 'face': {
        const coat = view.spray.running;
        if (!coat) return;
        const { face, side, nth } = step.piece;
        const of = { coatId: coat.coat.id, faceId: face.id, ...(side === 2 ? { side } : {}) };
        void coach
          .done(motionPlan(view, coat.coat.id, face.id), `${coat.coat.id}/${face.id}/${side}/${nth}`)
          .then((felt) => felt && heardBack(felt, of));
        return done('face done', {
          type: 'face-done',
          ...of,
        });
      }
      case 'stirred':
        return done('stirred', { type: 'stir', batchId: step.batchId });
      case 'end':
        return done(`${inSentence(step.coat.coat.name)} ended`, {
          type: 'coat-end',
          coatId: step.coat.coat.id,
        });
      case 'go-on':
        return done('coat went on', { type: 'resume', coatId: step.coat.coat.id });
      case 'start':
      case 'held': {
        if (step.kind === 'held' && step.until !== undefined) return say('next', words.spoken, speech);
        const number = view.spray.coats.indexOf(step.coat) + 1;
        if (step.kind === 'start') {
          setMade((n) => n + 1);
          say('answer', gunAnswer(step), speech);
        }
        return tap(startCoat(step.coat.coat.id, `coat ${number} started`, `Start coat ${number}`));
      }
      case 'by-hand':
      case 'line':
        return onClose();
    }
  };
  const undo = () => {
    if (made === 0) {
      setAnswer('Nothing was done from here yet.');
      return say('answer', 'Nothing to undo here.', speech);
    }
    const label = store.undo();
    setMade((n) => n - 1);
    setTaken(undefined);
    const said = label ? `Undone: ${label}.` : 'Nothing to undo.';
    setAnswer(said);
    say('answer', said, speech);
  };
  usePresses({ next, undo, active: way === ways.now, within: '[data-at-gun]' });
  const headset = useEffectEvent((what: 'next' | 'undo') => (what === 'next' ? next() : undo()));
  useEffect(
    () =>
      listenToHeadset(
        () => headset('next'),
        () => headset('undo'),
      ),
    [],
  );

  const leave = useCallback(() => {
    if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined);
    onClose();
  }, [onClose]);
  const coat = view.spray.running ?? view.spray.next;
  const number = coat ? view.spray.coats.indexOf(coat) + 1 : 0;
  const { point } = view.set;
  const gun = lastOf(liveEntries(view.job), 'setting');
  const combRead = (dry: number) => {
    setWay(ways.now);
    const { running } = view.spray;
    if (!running || wetted === undefined) return;
    const read = { wetted, dry };
    const found = combFound(running, read, view.spray.speed);
    const said = isRefusal(found)
      ? units.says(found)
      : `${combWords[found.verdict].says}${
          found.speed !== undefined && combWords[found.verdict].tone === 'care'
            ? ` Next at ${written(amount('speed', found.speed), units)}.`
            : ''
        }`;
    if (!isRefusal(found)) {
      log('wet comb', { type: 'comb', coatId: running.coat.id, ...read });
      setMade((n) => n + 1);
    }
    setAnswer(said);
    say('answer', said, speech);
  };
  return (
    <Radix.Root open onOpenChange={(open) => !open && leave()}>
      <Radix.Portal>
        {/* What lies below neither scrolls nor shows its bars. */}
        <Radix.Overlay className="fixed inset-0 z-40 bg-black" />
        <Radix.Content
          data-theme="booth"
          data-at-gun={step.kind}
          className="fixed inset-0 z-40 flex touch-manipulation flex-col bg-paper text-ink select-none"
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            zone.current?.focus();
          }}
          onPointerDownOutside={(event) => event.preventDefault()}
        >
          <Radix.Description className="sr-only">
            One press says what has been done; a long one takes it back. Escape leaves.
          </Radix.Description>
          <header className="flex items-center gap-2 bg-sheet px-4 py-1">
            <Radix.Title className="mr-auto text-lg font-bold">
              <span className="max-sm:sr-only">At the gun </span>
              <span className="font-normal text-ink-soft sm:ml-2">
                {coat ? `coat ${number} of ${view.spray.coats.length}` : view.job.name}
                {step.kind === 'face' ? ` · face ${step.at} of ${step.of}` : ''}
              </span>
            </Radix.Title>
            {view.spray.running && step.kind !== 'go-on' && (
              <button
                type="button"
                className={corner}
                onClick={() =>
                  view.spray.running &&
                  log('coat paused', { type: 'pause', coatId: view.spray.running.coat.id })
                }
              >
                Pause
              </button>
            )}
            {view.spray.running && (
              <button type="button" className={corner} onClick={() => setWay(ways.comb)}>
                Comb
              </button>
            )}
            <button
              type="button"
              className={corner}
              onClick={() => setWay(way === ways.voice ? ways.now : ways.voice)}
            >
              Voice
            </button>
            <Radix.Close aria-label="Leave the gun" className={corner}>
              <X aria-hidden className="size-6" />
            </Radix.Close>
          </header>
          {way === ways.voice ? (
            <div
              className="mx-auto min-h-0 w-full max-w-lg flex-1 space-y-4 overflow-y-auto p-5"
              data-own-keys
            >
              <SpeechChoices />
              <fieldset>
                <legend className="text-sm text-ink-soft">The hand, felt over each face</legend>
                <div className="flex flex-wrap gap-2">
                  {(['off', 'phone', 'simulated'] as const).map((each) => (
                    <button
                      key={each}
                      type="button"
                      aria-pressed={coach.mode === each}
                      className="min-h-11 border-2 border-ink px-3 font-semibold aria-pressed:bg-ink aria-pressed:text-on-ink"
                      onClick={() => coach.choose(each)}
                    >
                      {coachingWords[each]}
                    </button>
                  ))}
                </div>
                {coach.trouble && <p className="mt-1 text-sm text-care">▲ {coach.trouble}</p>}
              </fieldset>
              {!staysAwake() && (
                <p className="text-sm text-care">
                  ▲ This browser cannot keep the screen awake: turn its sleep off in the settings of the
                  device.
                </p>
              )}
              <button
                type="button"
                className={`${corner} border-2 border-ink`}
                onClick={() => setWay(ways.now)}
              >
                Back to the gun
              </button>
            </div>
          ) : way === ways.comb || way === ways.dry ? (
            <div className="mx-auto min-h-0 w-full max-w-md flex-1 overflow-y-auto p-5" data-own-keys>
              <BigKeys
                key={way}
                label={way === ways.comb ? 'Last wetted tooth' : 'First dry tooth'}
                quantity="film"
                expects={expects.wetFilm}
                onCancel={() => setWay(ways.now)}
                onDone={(value) => {
                  if (way === ways.dry) return combRead(value);
                  setWetted(value);
                  setWay(ways.dry);
                }}
              />
            </div>
          ) : (
            <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto px-4 py-3 md:px-8">
              <div className="flex flex-wrap items-baseline gap-x-5">
                <b
                  className={`readout leading-none text-[clamp(4.5rem,min(32vw,26vh),15rem)] ${inks[step.kind]}`}
                  data-gun-big
                >
                  {paced && piece?.guide ? paced.pace.stroke + 1 : words.big}
                </b>
                <span className="text-[clamp(1.4rem,5vw,3.5rem)] font-bold text-ink-soft">
                  {paced && piece?.guide ? `of ${piece.guide.strokes.length}` : ''} {words.unit}
                </span>
                <span
                  className="ml-auto max-w-full text-[clamp(1.3rem,4vw,2.8rem)] font-semibold"
                  data-gun-says
                >
                  {words.says}
                </span>
              </div>
              {paced && piece?.guide ? (
                <>
                  <div className="min-h-0 flex-1">
                    <PaceBox
                      guide={piece.guide}
                      pace={paced.pace}
                      countIn={paced.countIn}
                      label={`Stroke ${paced.pace.stroke + 1} of ${piece.guide.strokes.length} over ${pieceName(piece)}`}
                    />
                  </div>
                  <div className="flex flex-wrap items-baseline justify-between gap-x-6 text-[clamp(1.1rem,3vw,2rem)]">
                    <span data-gun-left={paced.pace.over > 0 ? 'over' : 'left'}>
                      <b
                        className={`text-[clamp(2rem,7vw,4.5rem)] tabular-nums ${paced.pace.over > 0 ? 'text-care' : ''}`}
                      >
                        <Printed
                          figure={amount(
                            'time',
                            Math.ceil(paced.pace.over > 0 ? paced.pace.over : paced.pace.left),
                          )}
                          digits={0}
                        />
                      </b>{' '}
                      {paced.pace.over > 0 ? 'over' : 'left on this face'}
                    </span>
                    <span>
                      <Printed figure={figure(view, 'gun.spacing', view.spray.spacing)} /> apart
                    </span>
                    <span>
                      <Printed figure={amount('time', piece.guide.stroke)} digits={1} /> a stroke
                    </span>
                  </div>
                </>
              ) : (
                <div className="flex-1" />
              )}
              <p
                role="status"
                className="min-h-[1.5em] text-[clamp(1rem,2.4vw,1.6rem)] text-ink-soft"
                data-gun-answer
              >
                {answer}
              </p>
              <button
                ref={zone}
                type="button"
                data-press-zone
                className={`min-h-24 border-4 px-4 py-3 text-[clamp(1.2rem,3.4vw,2.2rem)] font-bold ${words.tap ? 'border-act text-act' : 'border-hairline text-ink-soft'}`}
                // A finger and a key are heard by the whole screen; what reads the screen aloud clicks without either.
                onClick={(event) => event.detail === 0 && next()}
              >
                {words.tap ??
                  (step.kind === 'line' || step.kind === 'by-hand' ? 'Back to the screen' : 'Say it again')}
                <span className="block text-[clamp(0.9rem,1.8vw,1.2rem)] font-normal">
                  tap anywhere, a pedal or any key; hold to undo
                </span>
              </button>
            </div>
          )}
          <footer className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1 bg-sheet px-4 py-2 text-[clamp(1rem,2.6vw,1.7rem)] md:px-8">
            {gunClocks(view, step).map((timer) => {
              const over = timer.due <= view.now;
              return (
                <span key={`${timer.id}${timer.layerId}${timer.of ?? ''}`} data-gun-clock={timer.id}>
                  <b className={over && timer.then !== 'go' ? 'text-stop' : ''}>
                    {over && timer.then !== 'go' && <span aria-hidden>■ </span>}
                    <Clock at={timer.due} now={view.now} figure={timerFigure(view, timer)} />
                  </b>{' '}
                  {timerSays(timer, over)}
                </span>
              );
            })}
            {gun && point.pressure !== undefined && (
              <span className="text-ink-soft">
                <Printed figure={amount(pressureQuantity(point.pressure), point.pressure)} />
              </span>
            )}
          </footer>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
