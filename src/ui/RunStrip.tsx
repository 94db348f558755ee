'use client';

import Link from 'next/link';
import { useEffect, useRef } from 'react';
import type { JobView, Stage } from '@/facts/job';
import { showPart } from './showpart';
import { Printed } from './Printed';
import { toneInks, toneMarks } from './stripmarks';
import { useUnits } from './units';
import { stageWords, type Tone } from '@/words/line';
import { stripCells } from '@/words/strip';

/** The edge of a cell tells its state by length and pattern as well as by colour. */
const edges: Record<Tone, string> = {
  plain: 'w-0',
  act: 'w-1/2 bg-act',
  good: 'w-full bg-good',
  care: 'w-full bg-[repeating-linear-gradient(90deg,var(--care)_0_10px,transparent_10px_14px)]',
  stop: 'w-full bg-[repeating-linear-gradient(135deg,var(--stop)_0_5px,transparent_5px_9px)]',
};

interface Props {
  readonly view: JobView;
  /** The stage on screen; on the bench, the one where the next thing is to be done. */
  readonly at: Stage;
  readonly bench?: boolean;
}

/** A job at a glance and the way through it: one cell a stage, each with its decisive number. */
export function RunStrip({ view, at, bench }: Props) {
  const units = useUnits();
  const strip = useRef<HTMLElement>(null);

  // On a phone the strip is wider than the screen: bring the cell that counts into its middle.
  useEffect(() => {
    const nav = strip.current;
    if (!nav) return;
    // Told once the page is laid out: asking before would lay it out twice.
    const seen = new ResizeObserver(() => {
      const cell = nav.querySelector(`[data-stage="${at}"]`)?.parentElement;
      if (cell) nav.scrollLeft = cell.offsetLeft - (nav.clientWidth - cell.clientWidth) / 2;
    });
    seen.observe(nav);
    return () => seen.disconnect();
  }, [at]);

  return (
    <nav
      ref={strip}
      aria-label={`Stages of ${view.job.name}`}
      className="relative overflow-x-auto"
      data-strip={view.job.id}
    >
      <ol className="grid min-w-[56rem] grid-cols-[repeat(7,minmax(max-content,1fr))] border border-ink bg-sheet">
        {stripCells(view, units).map(({ stage, number, figure, state, tone }) => {
          const here = stage === at;
          return (
            <li key={stage} className="relative border-r border-hairline last:border-r-0">
              <Link
                href={`/job/${view.job.id}/${stage}`}
                // From another part of this stage it leads to the first.
                onClick={(event) => {
                  if (bench || !here || event.metaKey || event.ctrlKey) return;
                  event.preventDefault();
                  showPart();
                }}
                prefetch={false}
                aria-current={here ? (bench ? 'step' : 'page') : undefined}
                data-stage={stage}
                className={`flex h-full min-h-[4.6rem] flex-col justify-center px-3 pt-1 pb-2.5 focus-visible:-outline-offset-2 ${here ? 'bg-ink text-on-ink' : 'hover:bg-ink/6'}`}
              >
                <span className={`text-xs ${here ? 'text-on-ink-soft' : 'text-ink-soft'}`}>
                  {stageWords[stage]}
                </span>
                <Printed figure={figure} className="text-[1.05rem] leading-tight font-bold whitespace-nowrap">
                  {number}
                </Printed>
                <span
                  className={`text-xs font-medium whitespace-nowrap ${here ? 'text-on-ink-soft' : toneInks[tone]}`}
                >
                  <span aria-hidden>{toneMarks[tone]}</span>
                  {state}
                </span>
                <span
                  aria-hidden
                  className={`absolute bottom-0 left-0 h-1.5 ${here && tone === 'plain' ? 'w-full bg-act' : edges[tone]}`}
                />
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
