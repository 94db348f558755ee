'use client';

import { useEffect, useRef, useState } from 'react';
import { cardFaults, scoreOf, type CardFault, type CardPattern, type Taps } from '@/core/card';
import { isRefusal } from '@/core/refusal';
import { cardPattern, type NewEntry } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { FileButton } from '@/ui/FileButton';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { useRecorded } from '@/ui/recorded';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { cardWords } from '@/words/set';
import { readCardPhoto, readSimulatedCard, type CardTask } from '@/workers/card';
import type { ReadPhoto } from '@/workers/card.worker';
import { CameraShot } from './CameraShot';
import { sprayedBy } from './sprayedby';
import { PatternFacts } from './PatternFacts';
import { PatternOverlay } from './PatternOverlay';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** A photo of a sprayed card turned into a measured pattern, off the main thread. */
export function CardReader() {
  const { view, logThen } = useJob();
  const store = useStore();
  const recorded = useRecorded();
  const units = useUnits();
  const { set, rig } = view;
  const [read, setRead] = useState<ReadPhoto & { url?: string; file?: Blob }>();
  const [busy, setBusy] = useState(false);
  const [simulated, setSimulated] = useState(false);
  const [shooting, setShooting] = useState(false);
  const task = useRef<CardTask>(undefined);
  useEffect(() => () => task.current?.cancel(), []);
  useEffect(() => () => void (read?.url && URL.revokeObjectURL(read.url)), [read?.url]);

  const run = async (next: CardTask, file?: Blob) => {
    task.current?.cancel();
    task.current = next;
    setBusy(true);
    const found = await next.result;
    setBusy(false);
    setRead({ ...found, file, ...(found.picture ? { url: URL.createObjectURL(found.picture) } : {}) });
  };
  const choose = (file: Blob | undefined) => {
    setSimulated(false);
    if (file) void run(readCardPhoto(file), file);
  };
  const pattern = read && !isRefusal(read.outcome) ? read.outcome : undefined;
  const keep = () => {
    if (!pattern || !rig) return;
    // Where it lay in the picture is not kept: the record’s schema leaves it out.
    const own = cardPattern.parse(pattern);
    const { fault } = pattern;
    const at = new Date(view.now).toISOString();
    const { setting } = set;
    const kept = {
      at,
      sheetId: set.sheet.id,
      pattern: own,
      ...(setting ? { distance: setting.distance, pressure: setting.pressure } : {}),
      ...(setting?.knobs?.fan === undefined ? {} : { turns: setting.knobs.fan }),
    };
    const card: NewEntry = {
      type: 'card',
      layerId: view.work.layer.id,
      verdict: fault,
      pattern: own,
      score: scoreOf(pattern),
      ...(setting ? { pressure: setting.pressure } : {}),
      ...(simulated ? { simulated: true } : {}),
    };
    logThen('card read', [card], () => {
      store.put({ ...rig, patterns: [...(rig.patterns ?? []), kept].slice(-60) }, 'pattern kept');
      recorded(`Kept with ${rig.name}.`);
      setRead(undefined);
    });
  };
  return (
    <Panel title="Card reader" place="card-reader">
      <p className="mb-3 text-sm text-ink-soft">
        A short burst at the set distance on a card that the film stands out from, dark or light, with a blank
        margin round it. All of its edges in the picture are best: it may then lie turned or aslant. A printed
        square of 20 mm in a corner gives the scale, else two taps.
      </p>
      <div className="flex flex-wrap gap-3">
        <FileButton says="Choose a photo" accept="image/*" onFile={choose} />
        <Button onClick={() => setShooting(true)}>Take a photo</Button>
        <Simulated
          onShoot={(fault, seed) => {
            setSimulated(true);
            void run(readSimulatedCard({ seed, fault, ...sprayedBy(view) }));
          }}
        />
      </div>
      {shooting && (
        <CameraShot
          onClose={() => setShooting(false)}
          onShot={(photo) => {
            setShooting(false);
            choose(photo);
          }}
        />
      )}
      {busy && (
        <div role="status" className="mt-3 flex items-center gap-4">
          <progress className="w-48 accent-[var(--act)]" aria-label="Reading the card" /> Reading the card
          <Button onClick={() => task.current?.cancel()}>Stop</Button>
        </div>
      )}
      {read && !busy && (
        <div className="mt-4 grid gap-4 md:grid-cols-[minmax(0,17rem)_minmax(0,1fr)]" data-card-read>
          {read.url && (
            <Picture
              read={read}
              pattern={pattern}
              onTaps={(taps) => read.file && void run(readCardPhoto(read.file, taps), read.file)}
            />
          )}
          <div className="space-y-3">
            {isRefusal(read.outcome) ? (
              <Notice tone="stop">{units.says(read.outcome)}</Notice>
            ) : (
              <>
                <Notice tone={read.outcome.fault === 'good' ? 'good' : 'care'}>
                  <b>{cardWords[read.outcome.fault].name}</b>,{' '}
                  <Printed figure={amount('share', read.outcome.confidence)} digits={0} /> sure.{' '}
                  {cardWords[read.outcome.fault].change}
                  {simulated && <b className="text-care"> Simulated card.</b>}
                </Notice>
                <PatternFacts pattern={read.outcome} />
                <Button onClick={keep} disabled={!rig}>
                  Keep this card
                </Button>
              </>
            )}
          </div>
        </div>
      )}
    </Panel>
  );
}
interface SimulatedProps {
  readonly onShoot: (fault: CardFault, seed: string) => void;
}

/** The simulated camera: a gun with a fault to choose. */
function Simulated({ onShoot }: SimulatedProps) {
  const [fault, setFault] = useState<CardFault>('good');
  const count = useRef(0);
  return (
    <div className="flex flex-wrap items-end gap-3 border-l-4 border-care pl-3">
      <SelectField
        label="Simulated camera, gun is"
        value={fault}
        onChange={(event) => setFault(event.target.value as CardFault)}
        options={cardFaults.map((each) => ({ value: each, label: cardWords[each].name }))}
      />
      <Button
        onClick={() => {
          count.current += 1;
          onShoot(fault, `card-${count.current}`);
        }}
      >
        Simulate a card
      </Button>
    </div>
  );
}

interface PictureProps {
  readonly read: ReadPhoto & { readonly url?: string };
  readonly pattern: CardPattern | undefined;
  readonly onTaps: (taps: Taps) => void;
}

/** The picture with what was found drawn over it; without a scale two taps and the length between them give one. */
function Picture({ read, pattern, onTaps }: PictureProps) {
  const [taps, setTaps] = useState<readonly { x: number; y: number }[]>([]);
  const [apart, setApart] = useState<number>();
  const wants = isRefusal(read.outcome) && read.outcome.refused === 'no-scale';
  const [a, b] = taps;
  const pixels = a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
  return (
    <div className="space-y-2">
      <div className="relative">
        {/* Its size is known before it is drawn: nothing below it moves away from under a thumb. */}
        <img
          src={read.url}
          width={read.width}
          height={read.height}
          alt="The card as it was read"
          className="h-auto w-full border border-hairline"
        />
        <svg
          viewBox={`0 0 ${read.width} ${read.height}`}
          className={`absolute inset-0 h-full w-full ${wants ? 'cursor-crosshair' : 'pointer-events-none'}`}
          aria-hidden
          onPointerDown={(event) => {
            if (!wants) return;
            const box = event.currentTarget.getBoundingClientRect();
            const tap = {
              x: ((event.clientX - box.left) / box.width) * read.width,
              y: ((event.clientY - box.top) / box.height) * read.height,
            };
            setTaps(taps.length >= 2 ? [tap] : [...taps, tap]);
          }}
        >
          {pattern && <PatternOverlay pattern={pattern} />}
          {taps.map(({ x, y }) => (
            <circle
              key={`${x}${y}`}
              cx={x}
              cy={y}
              r={read.width / 60}
              fill="none"
              stroke="var(--act)"
              strokeWidth={4}
            />
          ))}
        </svg>
      </div>
      {wants && (
        <div className="grid grid-cols-[1fr_auto] items-end gap-3">
          <NumberField
            label={`${taps.length} of 2 points tapped. They are apart`}
            quantity="distance"
            value={apart}
            onChange={setApart}
            expects={[0.005, 0.6]}
          />
          <Button
            disabled={!apart || pixels < 10}
            onClick={() => a && b && apart && pixels >= 10 && onTaps({ a, b, apart })}
          >
            Read it
          </Button>
        </div>
      )}
    </div>
  );
}
