'use client';

import { isoNow } from '@/store/clock';
import {
  useEffect,
  useEffectEvent,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type PointerEvent,
} from 'react';
import { drillOf, drills, type DrillId, type GunMoment, type Judged } from '@/core/practice';
import { isRefusal } from '@/core/refusal';
import { newId, type PracticeTry } from '@/records';
import { useShop, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { CommitField, SelectField } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import { judgedRun } from '@/workers/practice';
import { around, drawPulls, paintFilm, scaleOf, shadesOf } from './paintpanel';
import { panelCell, PanelRun } from './panelrun';
import { RunResult } from './RunResult';
import { drillWords, pullNotes } from './words';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Live {
  readonly speed: number;
  readonly inside: number;
  readonly runs: number;
  readonly notes: readonly string[];
}

const nothing: Live = { speed: 0, inside: 0, runs: 0, notes: [] };
/** ms between readouts: a number that changes faster cannot be read. */
const readEvery = 120;

/** A panel under the pointer: the film builds as the hand moves, faults are said as they happen, and a run is judged. */
export function PanelDrill() {
  const store = useStore();
  const shop = useShop();
  const units = useUnits();
  const colours = useColours();
  const [drillId, setDrillId] = useState<DrillId>('flat');
  const [who, setWho] = useState(shop.operator || 'Me');
  const [guide, setGuide] = useState(true);
  const [level, setLevel] = useState(false);
  const [live, setLive] = useState(nothing);
  const [judged, setJudged] = useState<Judged>();
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState<string>();
  const drill = drillOf(drillId);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [run, setRun] = useState(() => new PanelRun(drill));
  const keys = useRef({ x: 0, y: 0, dx: 0, dy: 0, pull: 0 });
  const rest = useRef(0);
  const table = useMemo(
    () =>
      shadesOf(drill, {
        bare: colours.sheet,
        thin: colours['act-wash'],
        good: colours.good,
        over: colours.stop,
      }),
    [drill, colours],
  );
  const buffer = useMemo(() => new ImageData(run.panel.cols, run.panel.rows), [run]);
  const small = useMemo(() => {
    const own = document.createElement('canvas');
    own.width = run.panel.cols;
    own.height = run.panel.rows;
    return own;
  }, [run]);

  const draw = useEffectEvent(() => {
    const element = canvas.current;
    const context = element?.getContext('2d');
    if (!element || !context) return;
    paintFilm(run.panel, drill, table, new Uint32Array(buffer.data.buffer));
    small.getContext('2d')?.putImageData(buffer, 0, 0);
    const scale = scaleOf(drill, element.width);
    const edge = around * scale;
    context.fillStyle = colours.paper;
    context.fillRect(0, 0, element.width, element.height);
    context.imageSmoothingEnabled = true;
    context.drawImage(small, edge, edge, drill.width * scale, drill.height * scale);
    context.strokeStyle = colours.ink;
    context.lineWidth = 2;
    context.strokeRect(edge, edge, drill.width * scale, drill.height * scale);
    if (guide) drawGuide(context, scale, drill, colours['ink-soft']);
    if (judged) drawPulls(context, run.pulls, scale, colours.ink);
    if (!judged) drawGun(context, run.moments.at(-1), scale, drill.gun.fan, colours.ink);
  });

  const beat = useEffectEvent((seconds: number, now: number) => {
    const { current: held } = keys;
    if (held.dx !== 0 || held.dy !== 0 || held.pull > 0) {
      const pace = drill.speed * seconds;
      held.x = Math.min(Math.max(held.x + held.dx * pace, -around), drill.width + around);
      held.y = Math.min(Math.max(held.y + held.dy * pace, -around), drill.height + around);
      run.note({ t: now / 1000, x: held.x, y: held.y, pull: held.pull, level });
    }
    run.hold(now / 1000);
    const began = performance.now();
    const changed = run.frame(seconds);
    if (!changed) return;
    draw();
    performance.measure('practice-frame', { start: began, end: performance.now() });
    if (now - rest.current < readEvery && run.spraying) return;
    rest.current = now;
    read();
  });
  const read = () => {
    const [before, last] = run.moments.slice(-2);
    const seconds = last && before ? last.t - before.t : 0;
    const gone = last && before ? Math.hypot(last.x - before.x, last.y - before.y) : 0;
    const pulls = run.spraying ? [] : run.pulls;
    const end = pulls.at(-1);
    setLive((held) => ({
      speed: run.spraying && seconds > 0 ? gone / seconds : 0,
      inside: run.facts.inside,
      runs: run.runs,
      notes: end ? pullNotes(end, pulls.at(-2), drill, units) : held.notes,
    }));
  };

  useEffect(() => {
    let last = performance.now();
    let frame = requestAnimationFrame(function next(now) {
      beat((now - last) / 1000, now);
      last = now;
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, []);
  useEffect(() => draw(), [run, judged, guide, colours, drillId]);

  const clear = (next: DrillId = drillId) => {
    setDrillId(next);
    setRun(new PanelRun(drillOf(next)));
    setJudged(undefined);
    setSays(undefined);
    setLive(nothing);
    performance.clearMeasures('practice-frame');
    keys.current = { x: 0, y: 0, dx: 0, dy: 0, pull: 0 };
  };
  const tilted = useRef(0);
  const place = (
    event: { clientX: number; clientY: number; timeStamp: number },
    pull: number,
    tilt?: number,
  ): GunMoment => {
    const element = canvas.current as HTMLCanvasElement;
    const box = element.getBoundingClientRect();
    const scale = box.width / (drill.width + 2 * around);
    return {
      t: event.timeStamp / 1000,
      x: (event.clientX - box.left) / scale - around,
      y: (event.clientY - box.top) / scale - around,
      pull,
      level,
      ...(tilt ? { tilt } : {}),
    };
  };
  const pullOf = ({ pointerType, pressure }: { pointerType: string; pressure: number }) =>
    pointerType === 'pen' ? Math.max(pressure, 0.05) : 1;
  const spray = (event: PointerEvent<HTMLCanvasElement>) => {
    if (judged) return;
    if (event.type === 'pointerdown') {
      event.currentTarget.setPointerCapture(event.pointerId);
      tilted.current = event.tiltY;
    }
    if (event.type === 'pointermove' && event.buttons === 0) {
      if (!run.spraying) return;
      run.note(place(event, 0));
      return;
    }
    const done = event.type === 'pointerup' || event.type === 'pointercancel';
    const whole = event.nativeEvent.getCoalescedEvents?.() ?? [];
    // How a pen leans at the start of a stroke is how it is held; what it leans from there is the hand’s doing.
    for (const each of whole.length > 0 && !done ? whole : [event.nativeEvent])
      run.note(
        place(
          each,
          done ? 0 : pullOf(event),
          event.pointerType === 'pen' ? ((event.tiltY - tilted.current) * Math.PI) / 180 : undefined,
        ),
      );
  };
  const key = (down: boolean) => (event: KeyboardEvent) => {
    if (judged) return;
    const held = keys.current;
    const steps: Record<string, () => void> = {
      ArrowLeft: () => (held.dx = down ? -1 : 0),
      ArrowRight: () => (held.dx = down ? 1 : 0),
      ArrowUp: () => (held.dy = down ? -1 : 0),
      ArrowDown: () => (held.dy = down ? 1 : 0),
      ' ': () => (held.pull = down ? 1 : 0),
    };
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    step();
    if (!down && event.key === ' ')
      run.note({ t: performance.now() / 1000, x: held.x, y: held.y, pull: 0, level });
  };
  const judge = async () => {
    setBusy(true);
    setSays(undefined);
    const found = await judgedRun({
      drill: drillId,
      moments: run.moments,
      cell: panelCell,
      film: run.panel.film,
      runs: run.runs,
    }).result;
    setBusy(false);
    if (!found) return;
    if (isRefusal(found)) {
      setSays(units.says(found));
      return;
    }
    setJudged(found);
    store.put(tryOf(found, drillId, who), 'practice');
  };
  const words = drillWords[drillId];
  return (
    <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_20rem]" data-panel-drill>
      <div className="min-w-0">
        <canvas
          ref={canvas}
          width={960}
          height={Math.round((960 * (drill.height + 2 * around)) / (drill.width + 2 * around))}
          className="w-full cursor-crosshair touch-none border-2 border-ink select-none"
          aria-label={`Practice panel, ${words.name}`}
          onPointerDown={spray}
          onPointerMove={spray}
          onPointerUp={spray}
          onPointerCancel={spray}
        />
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <Button onClick={() => void judge()} disabled={busy || judged !== undefined}>
            {busy ? 'Judging' : 'Judge it'}
          </Button>
          <Button onClick={() => clear()}>Clean panel</Button>
          <Button
            onKeyDown={key(true)}
            onKeyUp={key(false)}
            onBlur={() => (keys.current = { ...keys.current, dx: 0, dy: 0, pull: 0 })}
          >
            Spray by keys: arrows move, hold space
          </Button>
          <Check label="Guide lines" checked={guide} onChange={setGuide} />
          <Check label="Fan level" checked={level} onChange={setLevel} />
        </div>
        <p className="mt-2 text-sm text-ink-soft">
          Simulated film. Violet: under <Printed figure={amount('film', drill.min)} /> wet. Green: inside.
          Brick: over <Printed figure={amount('film', drill.max)} />. A pen’s pressure is the trigger and its
          lean the gun’s tilt.
        </p>
        {says && (
          <div className="mt-3">
            <Notice tone="care">{says}</Notice>
          </div>
        )}
      </div>
      <div className="space-y-4">
        <SelectField
          label="Drill"
          value={drillId}
          onChange={(event) => clear(event.target.value as DrillId)}
          options={drills.map(({ id }) => ({ value: id, label: drillWords[id].name }))}
        />
        <p className="text-sm">{words.says}</p>
        <CommitField label="Who sprays" value={who} onCommit={(name) => setWho(name.trim() || 'Me')} />
        <dl className="border-t border-hairline text-sm">
          <Row
            label="Speed"
            value={live.speed > 0 ? written(amount('speed', live.speed), units) : '–'}
            aim={written(amount('speed', drill.speed), units)}
            off={live.speed > 0 && Math.abs(live.speed / drill.speed - 1) > 0.2}
          />
          <Row
            label="Inside"
            value={written(amount('share', judged?.inside ?? live.inside), units, { digits: 0 })}
            aim="all"
          />
          <Row label="Strokes apart" value="" aim={written(amount('distance', drill.spacing), units)} />
          {drill.runsAbove !== undefined && (
            <Row label="Runs" value={String(live.runs)} aim="0" off={live.runs > 0} />
          )}
        </dl>
        {live.notes.length > 0 && !judged && (
          <p role="status" className="text-sm" data-notes>
            <b>Last stroke:</b> {live.notes.join('; ')}.
          </p>
        )}
        <RunResult judged={judged} drill={drill} who={who} />
      </div>
    </div>
  );
}

function Row({
  label,
  value,
  aim,
  off = false,
}: {
  readonly label: string;
  readonly value: string;
  readonly aim: string;
  readonly off?: boolean;
}) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-hairline py-1.5">
      <dt className="text-ink-soft">{label}</dt>
      <dd className={`tabular-nums ${off ? 'text-care' : ''}`}>
        {value && (
          <b className="mr-2 text-lg">
            {off ? '▲ ' : ''}
            {value}
          </b>
        )}
        <span className="text-ink-soft">aim {aim}</span>
      </dd>
    </div>
  );
}

function drawGuide(
  context: CanvasRenderingContext2D,
  scale: number,
  drill: ReturnType<typeof drillOf>,
  ink: string,
): void {
  const n = Math.max(Math.round(drill.height / drill.spacing), 1);
  context.save();
  context.strokeStyle = ink;
  context.lineWidth = 1;
  context.setLineDash([3, 7]);
  for (let k = 0; k <= n; k += 1) {
    const y = (around + (k * drill.height) / n) * scale;
    context.beginPath();
    context.moveTo((around - drill.lead) * scale, y);
    context.lineTo((around + drill.width + drill.lead) * scale, y);
    context.stroke();
  }
  context.restore();
}

function drawGun(
  context: CanvasRenderingContext2D,
  at: GunMoment | undefined,
  scale: number,
  fan: number,
  ink: string,
): void {
  if (!at) return;
  const [across, along] = at.level ? [fan / 8, fan / 2] : [fan / 2, fan / 8];
  context.save();
  context.strokeStyle = ink;
  context.lineWidth = at.pull > 0 ? 3 : 1;
  context.beginPath();
  context.ellipse(
    (at.x + around) * scale,
    (at.y + around) * scale,
    along * scale,
    across * scale,
    0,
    0,
    2 * Math.PI,
  );
  context.stroke();
  context.restore();
}

/** What is kept of a run: its numbers, not its picture. */
const tryOf = (
  { inside, under, over, mean, cv, runs, sprayed, seconds, hand }: Judged,
  drill: DrillId,
  name: string,
): PracticeTry => ({
  kind: 'practice',
  version: 1,
  id: newId(),
  name,
  at: isoNow(),
  drill,
  film: { inside, under, over, mean, cv: Math.min(cv, 10), runs, sprayed, seconds },
  hand: {
    ...hand,
    speedSpread: Math.min(hand.speedSpread, 10),
    varied: Math.min(hand.varied, 10),
    spacingSpread: Math.min(hand.spacingSpread, 10),
  },
});
