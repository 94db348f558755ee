'use client';

import { useEffect, useState } from 'react';
import type { StrokeGuide } from '@/store/job';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';

/** Stroke spacing and speed as something a hand can follow: strokes a face, seconds a stroke, and a moving mark. */
export function StrokePlan() {
  const { view } = useJob();
  const units = useUnits();
  const { strokes, spacing, speed } = view.spray;
  const [faceId, setFaceId] = useState(strokes[0]?.face.id);
  const [moving, setMoving] = useState(false);
  const guide = strokes.find(({ face }) => face.id === faceId) ?? strokes[0];
  if (!guide) return null;
  return (
    <Panel
      title="Strokes"
      tools={
        <label className="flex min-h-11 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5 accent-[var(--act)]"
            checked={moving}
            onChange={(event) => setMoving(event.target.checked)}
          />
          Show the pace
        </label>
      }
    >
      <div className="grid gap-5 md:grid-cols-[minmax(0,1fr)_17rem]">
        <PathDrawing guide={guide} moving={moving} />
        <div>
          <ul className="divide-y divide-hairline border-y border-hairline text-sm">
            {strokes.map((each) => (
              <li key={each.face.id}>
                <button
                  type="button"
                  aria-pressed={each === guide}
                  onClick={() => setFaceId(each.face.id)}
                  className={`flex min-h-14 w-full items-center justify-between gap-3 px-2 text-left ${each === guide ? 'border-l-4 border-act bg-act-wash' : ''}`}
                >
                  <span>
                    <b>{each.face.name}</b>
                    <span className="block text-ink-soft">
                      {each.face.count} × {units.show('length', each.face.width)} by{' '}
                      {units.show('length', each.face.height)}
                    </span>
                  </span>
                  <span className="text-right">
                    <b>{each.strokes} strokes</b>
                    <span className="block text-ink-soft">{each.seconds.toFixed(1)} s each</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <p className="mt-2 text-sm text-ink-soft">
            {units.show('distance', spacing)} apart, {(1 / speed).toFixed(1)} s a metre. First stroke centred
            on the edge; start and trigger before the part, end after it.
          </p>
        </div>
      </div>
    </Panel>
  );
}

function PathDrawing({ guide, moving }: { readonly guide: StrokeGuide; readonly moving: boolean }) {
  const { face, strokes, seconds } = guide;
  const along = Math.max(face.width, face.height);
  const across = Math.min(face.width, face.height);
  const scale = Math.min(380 / along, 190 / across);
  const w = along * scale;
  const h = across * scale;
  const shown = Math.min(strokes, 40);
  const gap = shown > 1 ? h / (shown - 1) : 0;
  const rows = Array.from({ length: shown }, (_, i) => 24 + i * gap);
  return (
    <svg
      viewBox={`0 0 ${w + 80} ${h + 48}`}
      className="max-h-72 w-full"
      role="img"
      aria-label={`${face.name}: ${strokes} strokes, ${seconds.toFixed(1)} seconds each, to and fro.`}
    >
      <rect x={40} y={24} width={w} height={h} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2} />
      {rows.map((y, i) => (
        <g key={y} stroke="var(--act)" strokeWidth={2}>
          <line x1={16} x2={w + 64} y1={y} y2={y} strokeDasharray="6 4" />
          <path d={i % 2 === 0 ? `M${w + 58} ${y - 4} l7 4 l-7 4` : `M22 ${y - 4} l-7 4 l7 4`} fill="none" />
        </g>
      ))}
      {moving && <Pacer rows={rows} from={16} to={w + 64} seconds={seconds} />}
    </svg>
  );
}

/** A mark that crosses the face as fast as the gun should. */
function Pacer({
  rows,
  from,
  to,
  seconds,
}: {
  readonly rows: readonly number[];
  readonly from: number;
  readonly to: number;
  readonly seconds: number;
}) {
  const [at, setAt] = useState(0);
  useEffect(() => {
    const began = performance.now();
    let frame = requestAnimationFrame(function beat(time) {
      setAt((time - began) / 1000 / seconds);
      frame = requestAnimationFrame(beat);
    });
    return () => cancelAnimationFrame(frame);
  }, [seconds]);
  const row = Math.floor(Math.max(at, 0)) % rows.length;
  const part = Math.max(at, 0) % 1;
  const x = row % 2 === 0 ? from + part * (to - from) : to - part * (to - from);
  return <circle cx={x} cy={rows[row] ?? 0} r={9} fill="var(--ink)" />;
}
