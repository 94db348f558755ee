'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useAwake } from './awake';

export interface Stopwatch {
  readonly running: boolean;
  /** s since the start, fresh every frame while it runs. */
  readonly elapsed: number;
  /** s at the stop, until it is cleared or started again. */
  readonly stopped?: number;
  readonly start: () => void;
  readonly stop: () => void;
  readonly clear: () => void;
}

/** A stopwatch to the millisecond. It keeps the screen awake while it runs, where the device lets it. */
export function useStopwatch(): Stopwatch {
  const began = useRef<number>(undefined);
  const [elapsed, setElapsed] = useState(0);
  const [running, setRunning] = useState(false);
  const [stopped, setStopped] = useState<number>();

  useAwake(running);
  useEffect(() => {
    if (!running) return;
    let frame = 0;
    const beat = () => {
      setElapsed((performance.now() - (began.current ?? 0)) / 1000);
      frame = requestAnimationFrame(beat);
    };
    frame = requestAnimationFrame(beat);
    return () => cancelAnimationFrame(frame);
  }, [running]);

  const start = useCallback(() => {
    began.current = performance.now();
    setElapsed(0);
    setStopped(undefined);
    setRunning(true);
  }, []);
  const stop = useCallback(() => {
    setRunning(false);
    setStopped((performance.now() - (began.current ?? performance.now())) / 1000);
  }, []);
  const clear = useCallback(() => setStopped(undefined), []);
  return useMemo(
    () => ({ running, elapsed, stopped, start, stop, clear }),
    [running, elapsed, stopped, start, stop, clear],
  );
}
