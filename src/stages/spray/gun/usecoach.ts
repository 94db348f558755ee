'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { HandSeen, MotionPlan } from '@/core/motion';
import type { Refusal } from '@/core/refusal';
import { handMotion, someHand } from '@/standins/handmotion';
import { recordMotion, type MotionRecording } from '@/ui/live/motion';
import { handSeen } from '@/workers/motion';

export type Coaching = 'off' | 'phone' | 'simulated';

/** A piece that was sprayed while the hand was felt. */
export interface Felt {
  readonly plan: MotionPlan;
  readonly simulated: boolean;
  readonly found: HandSeen | Refusal;
}

/**
 * Feels the hand over each piece at the gun: it records from the moment a piece is taken up and judges when it is done.
 *
 * @param key names the piece in hand; nothing while none is
 */
export function useCoach(key: string | undefined) {
  const [mode, setMode] = useState<Coaching>('off');
  const [trouble, setTrouble] = useState<string>();
  const recording = useRef<MotionRecording>(undefined);
  const choose = useCallback((next: Coaching) => {
    setTrouble(undefined);
    setMode(next);
  }, []);
  useEffect(() => {
    if (mode !== 'phone' || !key) return;
    let over = false;
    recordMotion(() => setTrouble('The phone feels nothing: is motion allowed for this page?'))
      .then((begun) => {
        if (over) begun.end();
        else recording.current = begun;
      })
      .catch((error: unknown) => {
        setMode('off');
        setTrouble(error instanceof Error ? error.message : 'The phone does not tell how it moves.');
      });
    return () => {
      over = true;
      recording.current?.end();
      recording.current = undefined;
    };
  }, [mode, key]);
  /** The piece in hand is done: what was felt of it, where anything was. */
  const done = useCallback(
    async (plan: MotionPlan | undefined, seed: string): Promise<Felt | undefined> => {
      if (mode === 'off' || !plan) return undefined;
      const simulated = mode === 'simulated';
      const samples = simulated
        ? handMotion({
            ...someHand(seed),
            seed,
            length: plan.length,
            strokes: Math.min(Math.max(plan.strokes, 2), 40),
            speed: plan.speed,
            lies: plan.lies,
          }).samples
        : (recording.current?.end() ?? []);
      const found = await handSeen(samples, plan).result;
      return found && { plan, simulated, found };
    },
    [mode],
  );
  return { mode, choose, trouble, done };
}
