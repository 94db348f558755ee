'use client';

import { useEffect, useEffectEvent, useState } from 'react';
import type { PaceMoment } from '@/core/film';
import { leadIn, piecePace, type GunPiece } from '@/facts/job/atgun';

export interface Paced {
  readonly key: string;
  readonly pace: PaceMoment;
  /** s until the first stroke; below nought it is under way. */
  readonly countIn: number;
}

/** What is heard of a pace. */
export interface PaceHeard {
  readonly beat: () => void;
  readonly turn: (stroke: number, of: number) => void;
  readonly over: () => void;
}

/** Beats about a second apart, a whole number of them a stroke. */
const beatsIn = (seconds: number) => Math.max(Math.round(seconds), 1);

/** The pace over a piece from the moment it is taken up, fresh every frame; its beats and turns are heard. */
export function usePace(
  key: string | undefined,
  piece: GunPiece | undefined,
  heard: PaceHeard,
): Paced | undefined {
  const [paced, setPaced] = useState<Paced>();
  const [held] = useState({ stroke: -1, beat: -1, over: false });
  const show = useEffectEvent((elapsed: number) => {
    const pace = piece && piecePace(piece, elapsed);
    if (!key || !pace || !piece.guide) return;
    const countIn = leadIn - elapsed;
    setPaced({ key, pace, countIn });
    const of = piece.guide.strokes.length;
    const beat =
      countIn > 0
        ? Math.floor(elapsed)
        : Math.floor(pace.share * beatsIn(piece.guide.stroke)) + 100 * (pace.stroke + 1);
    if (countIn <= 0 && pace.stroke !== held.stroke) {
      held.stroke = pace.stroke;
      held.beat = beat;
      heard.turn(pace.stroke, of);
    } else if (beat !== held.beat && pace.left > 0) {
      held.beat = beat;
      heard.beat();
    }
    if (pace.left <= 0 && !held.over) {
      held.over = true;
      heard.over();
    }
  });
  useEffect(() => {
    if (!key) return;
    Object.assign(held, { stroke: -1, beat: -1, over: false });
    const began = performance.now();
    let frame = requestAnimationFrame(function next(now) {
      show(Math.max(now - began, 0) / 1000);
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [key, held]);
  return paced && paced.key === key ? paced : undefined;
}
