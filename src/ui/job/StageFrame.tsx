'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import type { Stage } from '@/facts/job';
import { Cautions } from '../Cautions';
import { Facts } from '../Facts';
import { FilmStack } from '../FilmStack';
import { Hint } from '../Hint';
import { NextLinePanel } from '../NextLinePanel';
import { Parts } from '../Parts';
import { Fold } from '../Fold';
import { Printed } from '../Printed';
import { useNarrow } from '../narrow';
import { useHeightOf } from '../tall';
import { plural } from '@/words/line';
import { jobFigure } from '@/words/figures';
import { wholeLine } from '@/words/remedies';
import { useUnits } from '../units';
import { useJob } from './context';
import { Origins } from './Origins';
import { jobHazards } from '@/facts/job/hazards';
import { isRefusal } from '@/core/refusal';

interface Props<T extends string> {
  readonly stage: Stage;
  readonly children: ReactNode;
  /** The parts of the stage, and the one on screen. */
  readonly parts?: Readonly<Record<T, string>>;
  readonly part?: T;
  /** Notices, approach and other evidence that belong beside the work. */
  readonly beside?: ReactNode;
  readonly filmStack?: boolean;
}

/** The shape of every stage: next line, the part of it at work, and the reasons beside them. */
export function StageFrame<T extends string>({ stage, children, parts, part, beside, filmStack }: Props<T>) {
  const { view, line, tap } = useJob();
  const hazards = jobHazards(view);
  const narrow = useNarrow();
  const units = useUnits();
  const { verdict } = view.check;
  const film = (
    <FilmStack
      view={view}
      coats={view.spray.coats}
      film={view.plan.film}
      substrate={view.job.part.substrate}
      measured={isRefusal(verdict) ? undefined : verdict.mean}
    />
  );
  const stays = <Printed figure={jobFigure(view, 'film.stays', view.plan.film.stays)} />;
  return (
    <div className="grid flex-1 grid-cols-1 border-t border-ink lg:mt-[-1px] lg:grid-cols-[minmax(0,1fr)_20rem]">
      <main id="main" className="min-w-0 lg:border-r lg:border-hairline">
        {/* On a phone what may injure stands before everything else. */}
        <Cautions hazards={hazards} stage={stage} weight="stop" className="px-4 pt-3 lg:hidden" brief />
        <div className="border-b border-hairline px-4 md:px-5">
          <NextLinePanel line={wholeLine(line, view, units)} onTap={tap} withTaps={!narrow} />
        </div>
        <Hint stage={stage} />
        {parts && part && <Parts label="Parts of this stage" part={part} parts={parts} />}
        <div data-instrument>{children}</div>
      </main>
      <Beside>
        {narrow ? (
          <Fold title="Because" says={plural(line.because.length, 'reason')} verb="Show">
            <Facts title="Because" facts={line.because} />
          </Fold>
        ) : (
          <Facts title="Because" facts={line.because} />
        )}
        <Origins stage={stage} />
        {beside}
        {filmStack &&
          (narrow ? (
            <Fold title="Film, to scale" says={stays} verb="Show">
              {film}
            </Fold>
          ) : (
            film
          ))}
        <Cautions hazards={hazards} stage={stage} className="hidden lg:block" />
        <Cautions hazards={hazards} stage={stage} weight="care" className="lg:hidden" />
      </Beside>
    </div>
  );
}

/** The reasons, which follow the page: a column shorter than the work never leaves its place empty. */
function Beside({ children }: { readonly children: ReactNode }) {
  const column = useRef<HTMLDivElement>(null);
  const dock = useHeightOf('--dock');
  useEffect(() => {
    const { current } = column;
    if (!current) return;
    const foot = dock === undefined ? '5rem' : `${dock}px`;
    // A column longer than the screen is read to its end before it stands.
    const seen = new ResizeObserver(() => {
      current.style.top = `min(0px, calc(100dvh - ${foot} - ${current.offsetHeight}px))`;
    });
    seen.observe(current);
    return () => seen.disconnect();
  }, [dock]);
  return (
    <aside aria-label="Because" className="border-t border-hairline bg-sheet lg:border-t-0">
      <div ref={column} className="space-y-5 px-4 py-4 lg:sticky">
        {children}
      </div>
    </aside>
  );
}
