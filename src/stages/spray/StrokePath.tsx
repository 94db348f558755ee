'use client';

import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { paceAt, type HandGuide } from '@/core/film';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Props {
  readonly guide: HandGuide;
  /** m of the face along and across the strokes. */
  readonly along: number;
  readonly across: number;
  readonly moving: boolean;
  /** A short tone as each stroke begins. */
  readonly tick: boolean;
  readonly speed: number;
  readonly label: string;
}

const looks = { 'onto-edge': 'var(--good)', 'into-corner': 'var(--care)', round: 'var(--act)' } as const;

/** The strokes over a face, to scale, and a mark that moves over them as the gun should. */
export function StrokePath({ guide, along, across, moving, tick, speed, label }: Props) {
  const scale = Math.min(400 / along, 220 / across);
  const [w, h] = [along * scale, Math.max(across * scale, 8)];
  const reach =
    Math.max(...guide.strokes.flatMap(({ from, to }) => [-from[0], to[0] - along, -to[0]]), 0) * scale;
  const rows = guide.strokes.map(({ from }) => (from[1] / across) * h);
  // The outermost strokes may pass the edges.
  const [over, under] = [Math.max(...rows.map((y) => -y), 0), Math.max(...rows.map((y) => y - h), 0)];
  const left = reach + 14;
  const point = ([x, y]: readonly [number, number]) =>
    [left + x * scale, 16 + over + (y / across) * h] as const;
  const shown = guide.strokes.slice(0, 60);
  return (
    <figure>
      <svg
        viewBox={`0 0 ${w + 2 * left} ${h + over + under + 34}`}
        className="max-h-80 w-full"
        role="img"
        aria-label={label}
      >
        <rect
          x={left}
          y={16 + over}
          width={w}
          height={h}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        {shown.map(({ from, to, aim }, i) => {
          const [[x1, y1], [x2, y2]] = [point(from), point(to)];
          const way = Math.sign(x2 - x1);
          return (
            <g key={i} stroke={aim ? looks[aim] : 'var(--act)'} strokeWidth={aim && aim !== 'round' ? 3 : 2}>
              <line
                x1={x1}
                y1={y1}
                x2={x2}
                y2={y2}
                strokeDasharray={aim && aim !== 'round' ? undefined : '6 4'}
              />
              <path d={`M${x2 - 7 * way} ${y2 - 4} l${7 * way} 4 l${-7 * way} 4`} fill="none" />
            </g>
          );
        })}
        {moving && <Pacer guide={guide} speed={speed} tick={tick} point={point} />}
      </svg>
      <figcaption className="text-sm text-ink-soft">
        {guide.strokes.length} strokes, <Printed figure={amount('time', guide.stroke)} digits={1} /> each,{' '}
        <Printed figure={amount('time', guide.total)} /> with the trigger pulled.
      </figcaption>
    </figure>
  );
}

interface PacerProps {
  readonly guide: HandGuide;
  readonly speed: number;
  readonly tick: boolean;
  readonly point: (at: readonly [number, number]) => readonly [number, number];
}

/** A mark that crosses the face as fast as the gun should, stroke after stroke. */
function Pacer({ guide, speed, tick, point }: PacerProps) {
  const [at, setAt] = useState({ stroke: 0, share: 0 });
  const audio = useRef<AudioContext>(undefined);
  const { strokes } = guide;
  const show = useEffectEvent((seconds: number) => {
    const { stroke, share } = paceAt(guide, seconds % (guide.stroke * strokes.length));
    setAt({ stroke, share });
  });
  useEffect(() => {
    const began = performance.now();
    let frame = requestAnimationFrame(function beat(time) {
      show(Math.max(time - began, 0) / 1000);
      frame = requestAnimationFrame(beat);
    });
    return () => cancelAnimationFrame(frame);
  }, [guide.stroke, strokes.length, speed]);
  useEffect(() => {
    if (!tick) return;
    try {
      audio.current ??= new AudioContext();
      const tone = audio.current.createOscillator();
      const loudness = audio.current.createGain();
      loudness.gain.setValueAtTime(0.2, audio.current.currentTime);
      loudness.gain.exponentialRampToValueAtTime(0.001, audio.current.currentTime + 0.08);
      tone.connect(loudness).connect(audio.current.destination);
      tone.start();
      tone.stop(audio.current.currentTime + 0.09);
    } catch {
      // A device without sound keeps the mark.
    }
  }, [tick, at.stroke]);
  useEffect(() => () => void audio.current?.close(), []);
  const stroke = strokes[at.stroke];
  if (!stroke) return null;
  const [[x1, y1], [x2, y2]] = [point(stroke.from), point(stroke.to)];
  return (
    <circle
      cx={x1 + (x2 - x1) * at.share}
      cy={y1 + (y2 - y1) * at.share}
      r={9}
      fill="var(--ink)"
      data-pacer={at.stroke}
    />
  );
}
