'use client';

import { useEffect, useRef } from 'react';
import { cupSensor } from '@/standins/cupsensor';
import { Button } from '@/ui/Button';
import { hasSerial, serialLine, type OpenLine } from '@/ui/live/port';
import { useLiveLine } from '@/ui/live/useliveline';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';

interface Props {
  readonly onOpen: () => void;
  readonly onBreak: () => void;
  /** s the simulated cup truly takes, where one is in hand. */
  readonly drain?: number;
}

/** The simulated sensor under the simulated cup: opened once, it says what it sees of that one filling. */
const simulatedSensor =
  (drain: number): OpenLine =>
  (onPiece) => {
    const timers = cupSensor(String(performance.now()), drain).map(({ at, line }) =>
      setTimeout(() => onPiece(`${line}\n`), at * 1000),
    );
    return Promise.resolve({ close: () => timers.forEach(clearTimeout) });
  };

/** A sensor that sees the stream starts and stops the watch by itself. */
export function CupSensor({ onOpen, onBreak, drain }: Props) {
  const units = useUnits();
  const line = useLiveLine((reading) => {
    if (reading.kind !== 'cup') return;
    if (reading.stream === 'open') onOpen();
    else onBreak();
  });
  const { status, simulated, close } = line;
  // Another cup in hand: the stand-in under the first one says nothing more.
  const before = useRef(drain);
  useEffect(() => {
    if (before.current !== drain && simulated) close();
    before.current = drain;
  }, [drain, simulated, close]);
  if (drain === undefined && !hasSerial() && status === 'off') return null;
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2 text-sm" data-cup-sensor={status}>
      {drain !== undefined && (
        <Button onClick={() => line.open(simulatedSensor(drain), true)}>
          Simulated sensor: open the cup
        </Button>
      )}
      {hasSerial() &&
        (status === 'on' && !simulated ? (
          <Button onClick={close}>Put the sensor away</Button>
        ) : (
          <Button onClick={() => line.open(serialLine(), false)}>Sensor on a cable</Button>
        ))}
      {line.trouble && (
        <Notice tone="care">
          {typeof line.trouble === 'string' ? line.trouble : units.says(line.trouble)}
        </Notice>
      )}
    </div>
  );
}
