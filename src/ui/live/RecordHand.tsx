'use client';

import { useEffect, useRef, useState } from 'react';
import type { HandSeen, MotionPlan, MotionSample } from '@/core/motion';
import { isRefusal } from '@/core/refusal';
import { motionCsv, motionJson, readMotion } from '@/exchange/motionfile';
import { handMotion, someHand, type HandMood } from '@/standins/handmotion';
import { handSeen } from '@/workers/motion';
import { useAwake } from '../awake';
import { Button } from '../Button';
import { FileButton } from '../FileButton';
import { download } from '../download';
import { SelectField } from '../Field';
import { Notice } from '../Notice';
import { useUnits } from '../units';
import { feelsMotion, recordMotion, type MotionRecording } from './motion';

/** What the simulated hand can be given to do wrong. */
const troubles = {
  none: { name: 'a good hand', mood: { speedSpread: 0.03, arc: 0.05, tilt: 0 } },
  quick: { name: 'too quick', mood: { pace: 1.3 } },
  rushed: { name: 'one stroke rushed', mood: { rushes: 1.45, speedSpread: 0.02, arc: 0.05, tilt: 0 } },
  leans: { name: 'leans more and more', mood: { tiltGain: 0.3, tilt: 0 } },
  wrist: { name: 'swings from the wrist', mood: { arc: 0.6 } },
  stands: { name: 'stands between strokes', mood: { stands: 2 } },
} as const;
type Trouble = keyof typeof troubles;

interface Props {
  readonly plan: MotionPlan;
  readonly name: string;
  readonly onSeen: (seen: HandSeen, simulated: boolean, samples: readonly MotionSample[]) => void;
}

/** Feels a hand over a face: with this phone on the gun, with a simulated hand, or from a recording that was taken out before. */
export function RecordHand({ plan, name, onSeen }: Props) {
  const units = useUnits();
  const [state, setState] = useState<'idle' | 'on' | 'judging'>('idle');
  const [says, setSays] = useState<string>();
  const [trouble, setTrouble] = useState<Trouble>('none');
  const [kept, setKept] = useState<readonly MotionSample[]>();
  const recording = useRef<MotionRecording>(undefined);
  const runs = useRef(0);
  useAwake(state === 'on');
  useEffect(() => () => void recording.current?.end(), []);
  const judge = async (samples: readonly MotionSample[], simulated: boolean) => {
    setState('judging');
    setSays(undefined);
    setKept(samples);
    const found = await handSeen(samples, plan).result;
    setState('idle');
    if (!found) return;
    if (isRefusal(found)) setSays(units.says(found));
    else onSeen(found, simulated, samples);
  };
  const begin = async () => {
    setSays(undefined);
    try {
      recording.current = await recordMotion(() =>
        setSays('Nothing is felt yet. A laptop has no such sensor; on a phone, allow motion for this page.'),
      );
      setState('on');
    } catch (error) {
      setSays(error instanceof Error ? error.message : 'The phone does not tell how it moves.');
    }
  };
  const end = () => {
    const samples = recording.current?.end() ?? [];
    recording.current = undefined;
    void judge(samples, false);
  };
  const simulate = () => {
    runs.current += 1;
    const seed = `${name}/${runs.current}/${trouble}`;
    const mood = troubles[trouble].mood as {
      pace?: number;
      rushes?: number;
      stands?: number;
    } & Partial<HandMood>;
    const { pace = 1, rushes, stands, ...own } = mood;
    const strokes = Math.min(Math.max(plan.strokes, 2), 40);
    const middle = strokes >> 1;
    const { samples } = handMotion({
      ...someHand(seed),
      seed,
      length: plan.length,
      strokes,
      speed: plan.speed * pace,
      lies: plan.lies,
      shows: 2,
      ...own,
      ...(rushes ? { rushed: { [middle]: rushes } } : {}),
      ...(stands ? { pauses: { [middle - 1]: stands } } : {}),
    });
    void judge(samples, true);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    const read = readMotion(await file.text());
    if (isRefusal(read)) setSays(units.says(read));
    else void judge(read, false);
  };
  return (
    <div className="space-y-3" data-record-hand={state}>
      <div className="flex flex-wrap items-end gap-3">
        {state === 'on' ? (
          <Button look="main" onClick={end}>
            Stop and judge
          </Button>
        ) : (
          feelsMotion() && (
            <Button disabled={state === 'judging'} onClick={() => void begin()}>
              Record with this phone
            </Button>
          )
        )}
        {state !== 'on' && (
          <>
            <div className="min-w-52">
              <SelectField
                label="Simulated hand"
                value={trouble}
                onChange={(event) => setTrouble(event.target.value as Trouble)}
                options={Object.entries(troubles).map(([value, { name: label }]) => ({ value, label }))}
              />
            </div>
            <Button disabled={state === 'judging'} onClick={simulate}>
              {state === 'judging' ? 'Judging' : 'Let it spray'}
            </Button>
          </>
        )}
      </div>
      {state === 'on' && (
        <p role="status" className="font-semibold">
          Recording. Hold the gun square for two seconds, spray {name}, then stop.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-x-4 text-sm">
        <FileButton
          says="A recording from a file"
          accept=".csv,.json,text/csv,application/json"
          onFile={(file) => void take(file)}
        />
        {kept && (
          <>
            <Button look="quiet" onClick={() => download('hand-recording.csv', motionCsv(kept), 'text/csv')}>
              Recording as CSV
            </Button>
            <Button look="quiet" onClick={() => download('hand-recording.json', motionJson(kept))}>
              Recording as JSON
            </Button>
          </>
        )}
      </div>
      {says && <Notice tone="care">{says}</Notice>}
      <p className="text-sm text-ink-soft">
        Strap the phone to the gun or the wrist, whichever way up. It feels pace, tilt and swing; no picture,
        no network.
      </p>
    </div>
  );
}
