'use client';

import { streamAt } from '@/standins/flowcup';

interface Props {
  readonly elapsed: number;
  /** s it truly takes; hidden from the user. */
  readonly drain: number;
  readonly running: boolean;
}

/** The simulated flow cup: it drains in real time, and its stream thins, necks down and breaks. */
export function SimulatedCup({ elapsed, drain, running }: Props) {
  const { width, level, broken } = streamAt(running ? elapsed : 0, drain);
  const top = 14 + (1 - level) * 34;
  const half = width * 5;
  const drops = broken && width > 0 ? [0, 1, 2].map((i) => 74 + ((elapsed * 90 + i * 26) % 70)) : [];
  return (
    <figure className="flex flex-col items-center">
      <svg
        viewBox="0 0 80 160"
        className="h-36"
        role="img"
        aria-label={`Simulated cup, ${broken ? 'stream broken' : running ? 'running' : 'full'}`}
      >
        <path d={`M18 ${top} H62 V46 L46 62 H34 L18 46 Z`} className="fill-act/70" />
        <path d="M14 10 V46 L34 64 V70 H46 V64 L66 46 V10" fill="none" stroke="var(--ink)" strokeWidth={3} />
        {running && !broken && (
          <path
            d={`M${40 - half} 70 L${40 - half * 0.6} 160 H${40 + half * 0.6} L${40 + half} 70 Z`}
            className="fill-act/80"
          />
        )}
        {drops.map((y) => (
          <ellipse key={y} cx={40} cy={y} rx={2.4} ry={4} className="fill-act" />
        ))}
      </svg>
      <figcaption className="text-center text-xs font-semibold text-care">simulated device</figcaption>
    </figure>
  );
}
