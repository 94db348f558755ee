'use client';

import type { ReactNode } from 'react';
import type { Stage } from '@/facts/job';
import { Cautions } from '../Cautions';
import { Facts } from '../Facts';
import { FilmStack } from '../FilmStack';
import { NextLinePanel } from '../NextLinePanel';
import { useJob } from './context';
import { jobHazards } from '@/facts/job/hazards';
import { isRefusal } from '@/core/refusal';

interface Props {
  readonly stage: Stage;
  readonly children: ReactNode;
  /** Notices, approach and other evidence that belong beside the work. */
  readonly beside?: ReactNode;
  readonly filmStack?: boolean;
}

/** The shape of every stage: next line, work area, and the reasons beside them. */
export function StageFrame({ stage, children, beside, filmStack }: Props) {
  const { view, line, tap } = useJob();
  const hazards = jobHazards(view);
  const { verdict } = view.check;
  return (
    <div className="grid flex-1 grid-cols-1 border-t border-ink lg:mt-[-1px] lg:grid-cols-[minmax(0,1fr)_20rem]">
      <main id="main" className="min-w-0 lg:border-r lg:border-hairline">
        <div className="border-b border-hairline px-4 md:px-5">
          <NextLinePanel line={line} onTap={tap} />
        </div>
        {/* On a phone what may injure stands before the work, not under it. */}
        <Cautions hazards={hazards} stage={stage} weight="stop" className="px-4 py-3 lg:hidden" />
        {children}
      </main>
      <aside
        aria-label="Because"
        className="space-y-5 border-t border-hairline bg-sheet px-4 py-4 lg:border-t-0"
      >
        <Facts title="Because" facts={line.because} />
        {beside}
        {filmStack && (
          <FilmStack
            view={view}
            coats={view.spray.coats}
            film={view.plan.film}
            substrate={view.job.part.substrate}
            measured={isRefusal(verdict) ? undefined : verdict.mean}
          />
        )}
        <Cautions hazards={hazards} stage={stage} className="hidden lg:block" />
        <Cautions hazards={hazards} stage={stage} weight="care" className="lg:hidden" />
      </aside>
    </div>
  );
}
