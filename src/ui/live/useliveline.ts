'use client';

import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import { Lines, readLine, type LiveReading } from '@/core/live';
import { isRefusal, type Refusal } from '@/core/refusal';
import type { LinePort, OpenLine } from './port';

export interface LiveLine {
  readonly status: 'off' | 'opening' | 'on';
  /** What it is that is on the line is a stand-in. */
  readonly simulated: boolean;
  /** Why it is off, or what it says that cannot be read. */
  readonly trouble?: string | Refusal;
  readonly open: (how: OpenLine, simulated: boolean) => void;
  readonly close: () => void;
}

/** So many lines in a row that cannot be read before it is said. */
const patience = 5;

/**
 * A device on a line, read while it is open.
 *
 * @param onReading what it says, when by this page’s own clock, s, and whether a stand-in says it
 */
export function useLiveLine(
  onReading: (reading: LiveReading, t: number, simulated: boolean) => void,
): LiveLine {
  const [state, setState] = useState<Pick<LiveLine, 'status' | 'simulated' | 'trouble'>>({
    status: 'off',
    simulated: false,
  });
  const port = useRef<LinePort>(undefined);
  /** Which opening this is: what a closed one still says is not listened to. */
  const turn = useRef(0);
  const read = useEffectEvent(onReading);
  const close = useCallback((trouble?: string) => {
    turn.current += 1;
    port.current?.close();
    port.current = undefined;
    setState({ status: 'off', simulated: false, ...(trouble ? { trouble } : {}) });
  }, []);
  const take = useEffectEvent((lines: readonly string[], bad: { count: number }, simulated: boolean) => {
    for (const line of lines) {
      const reading = readLine(line);
      if (reading === undefined) continue;
      if (isRefusal(reading)) {
        bad.count += 1;
        if (bad.count === patience) setState((held) => ({ ...held, trouble: reading }));
        continue;
      }
      if (bad.count >= patience) setState(({ status, simulated }) => ({ status, simulated }));
      bad.count = 0;
      read(reading, performance.now() / 1000, simulated);
    }
  });
  const [asked, setAsked] = useState<{ readonly how: OpenLine; readonly simulated: boolean }>();
  useEffect(() => {
    if (!asked) return;
    turn.current += 1;
    const own = turn.current;
    const lines = new Lines();
    const bad = { count: 0 };
    void asked
      .how(
        (piece) => {
          if (turn.current === own) take(lines.take(piece), bad, asked.simulated);
        },
        (why) => {
          if (turn.current === own) close(why);
        },
      )
      .then((opened) => {
        if (turn.current !== own) return opened.close();
        port.current = opened;
        setState({ status: 'on', simulated: asked.simulated });
      })
      .catch((error: unknown) => {
        if (turn.current === own)
          close(error instanceof Error ? error.message : 'The device could not be opened.');
      });
    return () => {
      turn.current += 1;
      port.current?.close();
      port.current = undefined;
    };
  }, [asked, close]);
  const open = useCallback((how: OpenLine, simulated: boolean) => {
    setState({ status: 'opening', simulated });
    setAsked({ how, simulated });
  }, []);
  const shut = useCallback(() => {
    setAsked(undefined);
    close();
  }, [close]);
  return { ...state, open, close: shut };
}
