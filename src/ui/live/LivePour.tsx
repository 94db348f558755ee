'use client';

import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { PourGuide, Settling, type LiveReading, type PourState, type ScaleSeen } from '@/core/live';
import { speechOf } from '@/facts/shop/speech';
import { useShop } from '@/store/hooks';
import { pourWords, scaleDoubt } from '@/words/live';
import { amount } from '@/words/figures';
import { useAwake } from '../awake';
import { Button } from '../Button';
import { Notice } from '../Notice';
import { Printed } from '../Printed';
import { say, sound } from '../spoken/mouth';
import { cues } from '../spoken/sounds';
import { useUnits } from '../units';
import { hasSerial, serialLine } from './port';
import { simulatedScale } from './simulatedscale';
import { useLiveLine } from './useliveline';

/** A pour as it came to rest. */
export interface Taken {
  /** kg */
  readonly mass: number;
  readonly live?: { readonly stopAt: number; readonly rate: number };
  readonly simulated: boolean;
}

interface Props {
  /** What is poured, and how much of it, kg. Another pour is another key. */
  readonly name: string;
  readonly aim: number;
  /** Names this pour: what is poured next has another. */
  readonly of: string;
  /** s this hand goes on after stop, and from how many of its pours that is known. */
  readonly lag: { readonly lag: number; readonly from: number };
  readonly step: number;
  readonly digits: { readonly digits?: number };
  /** What follows of a pour that went over: the other parts, unless something else. */
  readonly follows?: string;
  readonly onTaken: (taken: Taken) => void;
  /** kg on since the pour began, fresh with every reading; nothing once it is taken or the scale is away. */
  readonly onAdded?: (mass: number | undefined) => void;
}

/** s it rests on the mark before it is taken: the last drops fall meanwhile. */
const restsFor = 1.2;

const inks = { plain: '', good: 'text-good', care: 'text-care', stop: 'text-stop' } as const;

/** A scale that is read by itself: the pour fills as it is poured, slows before the mark, says stop in time, and is taken as it truly was. */
export function LivePour({ name, aim, of, lag, step, digits, follows, onTaken, onAdded }: Props) {
  const shop = useShop();
  const units = useUnits();
  const speech = speechOf(shop);
  const [seen, setSeen] = useState<ScaleSeen>();
  const [pour, setPour] = useState<PourState>();
  const [baud, setBaud] = useState(9600);
  const [last, setLast] = useState<{ readonly mass: number; readonly name: string }>();
  const can = useRef<ReturnType<typeof simulatedScale>>(undefined);
  const held = useRef<{
    settling?: Settling;
    guide?: PourGuide;
    of?: string;
    rests?: number;
    phase?: string;
    taken?: boolean;
  }>({});

  const tell = (state: PourState) => {
    const { spoken } = pourWords(state, name, units, digits, follows);
    if (state.phase === 'slow') sound('answer', cues.slow, speech.volume);
    // Stop does not wait its turn.
    if (state.phase === 'stop') sound('alarm', cues.stop, speech.volume);
    say('answer', spoken, speech);
  };
  const take = (state: PourState, guide: PourGuide, simulated: boolean) => {
    held.current.taken = true;
    onAdded?.(undefined);
    setLast({ mass: state.added, name });
    onTaken({ mass: state.added, ...(guide.said ? { live: guide.said } : {}), simulated });
  };
  const read = (reading: LiveReading, t: number, simulated: boolean) => {
    if (reading.kind !== 'mass') return;
    const own = held.current;
    own.settling ??= new Settling(step);
    const now = own.settling.feed(t, reading.value, reading.steady);
    setSeen(now);
    if (own.of !== of || !own.guide) {
      // A new pour begins from what stands on the scale when it rests.
      if (!now.steady) return setPour(undefined);
      Object.assign(own, {
        of,
        guide: new PourGuide(aim, now.value, lag.lag, step),
        phase: undefined,
        taken: false,
      });
    }
    let guide = own.guide as PourGuide;
    let state = guide.feed(now);
    if (state.phase === 'empty' && now.steady && now.value !== guide.base) {
      guide = own.guide = new PourGuide(aim, now.value, lag.lag, step);
      state = guide.feed(now);
    }
    setPour(state);
    onAdded?.(own.taken ? undefined : state.added);
    if (own.phase !== state.phase) {
      own.phase = state.phase;
      own.rests = undefined;
      tell(state);
    }
    const resting = now.steady && (state.phase === 'done' || state.phase === 'over');
    own.rests = resting ? (own.rests ?? t) : undefined;
    if (own.rests !== undefined && t - own.rests >= restsFor && !own.taken) take(state, guide, simulated);
  };
  const line = useLiveLine(read);
  useAwake(line.status === 'on');
  const tip = (to: number) => can.current?.tip(to);
  const simulate = () => {
    held.current = {};
    can.current = simulatedScale({ seed: `${of}/${performance.now()}`, step: Math.max(step * 1000, 0.01) });
    line.open(can.current.open, true);
  };
  const away = useEffectEvent(() => onAdded?.(undefined));
  const on = line.status === 'on';
  useEffect(() => {
    if (on) return () => away();
    return undefined;
  }, [on]);
  useEffect(() => {
    const up = () => can.current?.tip(0);
    window.addEventListener('pointerup', up);
    window.addEventListener('blur', up);
    return () => {
      window.removeEventListener('pointerup', up);
      window.removeEventListener('blur', up);
    };
  }, []);
  const words = useMemo(
    () => pour && pourWords(pour, name, units, digits, follows),
    [pour, name, units, digits, follows],
  );
  const doubt = seen && scaleDoubt(seen);
  if (line.status !== 'on')
    return (
      <div data-live="off">
        <div className="flex flex-wrap items-end gap-3">
          {hasSerial() && (
            <>
              <Button onClick={() => line.open(serialLine(baud), false)}>Scale on a cable</Button>
              <label className="text-sm">
                Line speed
                <select
                  className="ml-2 min-h-11 border-2 border-ink bg-sheet px-2"
                  value={baud}
                  onChange={(event) => setBaud(Number(event.target.value))}
                >
                  {[1200, 2400, 4800, 9600, 19_200, 38_400, 57_600, 115_200].map((each) => (
                    <option key={each}>{each}</option>
                  ))}
                </select>
              </label>
            </>
          )}
          <Button onClick={simulate}>Simulated scale</Button>
          {line.status === 'opening' && <span role="status">Opening</span>}
        </div>
        <p className="mt-2 text-sm text-ink-soft">
          {hasSerial()
            ? 'A scale that sends its reading fills the pour by itself and says stop in time.'
            : 'This browser reads no scale on a cable; the simulated one shows how it goes.'}
        </p>
        {line.trouble && (
          <div className="mt-2">
            <Notice tone="care">
              {typeof line.trouble === 'string' ? line.trouble : units.says(line.trouble)}
            </Notice>
          </div>
        )}
      </div>
    );
  const share = pour ? Math.min(Math.max(pour.added / aim, 0), 1.15) : 0;
  return (
    <div data-live={pour?.phase ?? 'waiting'}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <b className={`readout text-[clamp(3rem,9vw,5.5rem)] ${words ? inks[words.tone] : ''}`} data-live-big>
          {words?.big ?? '–'}
        </b>
        <span className={`text-xl font-semibold ${words ? inks[words.tone] : ''}`}>
          {words?.says ?? 'Let the scale rest.'}
        </span>
        <span className="ml-auto text-ink-soft">
          {line.simulated && <b className="mr-2 text-care">simulated scale</b>}
          {seen && (
            <>
              reads <Printed figure={amount('mass', seen.value)} {...digits} />
            </>
          )}
        </span>
      </div>
      <div
        className="relative my-3 h-12 border-2 border-ink bg-sheet"
        role="meter"
        aria-label={`${name} poured`}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(share * 100)}
      >
        <div
          className={`h-full ${share > 1 ? 'bg-care' : pour?.phase === 'done' ? 'bg-good' : 'bg-act'}`}
          style={{ width: `${(share / 1.15) * 100}%` }}
        />
        <span className="absolute -inset-y-2 w-1 bg-ink" style={{ left: `${100 / 1.15}%` }} />
      </div>
      <div className="flex flex-wrap items-center gap-3">
        {line.simulated && (
          <>
            <Button
              look="main"
              className="touch-none select-none"
              onPointerDown={() => tip(1)}
              onKeyDown={(event) => event.key === ' ' && !event.repeat && tip(1)}
              onKeyUp={(event) => event.key === ' ' && tip(0)}
            >
              Hold to pour
            </Button>
            <Button
              className="touch-none select-none"
              onPointerDown={() => tip(0.35)}
              onKeyDown={(event) => event.key === ' ' && !event.repeat && tip(0.35)}
              onKeyUp={(event) => event.key === ' ' && tip(0)}
            >
              Hold to dribble
            </Button>
          </>
        )}
        {pour?.phase === 'short' && (
          <Button
            onClick={() => {
              const { guide } = held.current;
              if (guide && !held.current.taken) take(pour, guide, line.simulated);
            }}
          >
            Take it as it is
          </Button>
        )}
        <Button look="quiet" onClick={line.close}>
          Put the scale away
        </Button>
      </div>
      {(doubt ?? line.trouble) && (
        <div className="mt-2">
          <Notice tone="care">
            {doubt ??
              (typeof line.trouble === 'string' ? line.trouble : line.trouble && units.says(line.trouble))}
          </Notice>
        </div>
      )}
      <p className="mt-2 text-sm text-ink-soft" role="status" data-live-taken>
        {last && (
          <>
            Taken: <Printed figure={amount('mass', last.mass)} {...digits} /> of {last.name}.{' '}
          </>
        )}
        {lag.from > 0
          ? `Stop is said for a hand that goes on for ${lag.lag.toFixed(1)} s, from ${lag.from} of its pours.`
          : `Stop is said for a usual hand (default): after three pours it is said for yours.`}
      </p>
    </div>
  );
}
