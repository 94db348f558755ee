'use client';

import Link from 'next/link';
import type { JobView, Stage } from '@/facts/job';
import { stageWords } from '@/words/line';
import { stripCells } from '@/words/strip';
import { ButtonLink } from '../Button';
import { Dialog } from '../Dialog';
import { Printed } from '../Printed';
import { showPart } from '../showpart';
import { toneInks, toneMarks } from '../stripmarks';
import { useUnits } from '../units';
import { StackMap } from './StackMap';

interface Props {
  readonly view: JobView;
  readonly at: Stage;
  readonly onClose: () => void;
}

/** The run strip standing up, and the stack to take a layer from: what a phone has no room for along its top. */
export function Drawer({ view, at, onClose }: Props) {
  const units = useUnits();
  const { job } = view;
  return (
    <Dialog open onClose={onClose} title={job.name}>
      <ol className="border border-ink bg-sheet" data-strip={job.id}>
        {stripCells(view, units).map(({ stage, number, figure, state, tone }) => {
          const here = stage === at;
          return (
            <li key={stage} className="border-b border-hairline last:border-b-0">
              <Link
                href={`/job/${job.id}/${stage}`}
                prefetch={false}
                aria-current={here ? 'page' : undefined}
                data-stage={stage}
                onClick={(event) => {
                  onClose();
                  if (!here) return;
                  event.preventDefault();
                  showPart();
                }}
                className={`grid min-h-12 grid-cols-[4rem_minmax(0,1fr)_auto] items-center gap-2 px-3 focus-visible:-outline-offset-3 ${here ? 'bg-ink text-on-ink' : ''}`}
              >
                <span className={`text-sm ${here ? 'text-on-ink-soft' : 'text-ink-soft'}`}>
                  {stageWords[stage]}
                </span>
                <Printed figure={figure} className="truncate font-bold">
                  {number}
                </Printed>
                <span className={`text-xs font-medium ${here ? 'text-on-ink-soft' : toneInks[tone]}`}>
                  <span aria-hidden>{toneMarks[tone]}</span>
                  {state}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
      <StackMap view={view} />
      <div className="mt-4">
        <ButtonLink href="/">To the bench</ButtonLink>
      </div>
    </Dialog>
  );
}
