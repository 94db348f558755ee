'use client';

import { ChevronDown } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';
import { stages, type JobView, type Stage } from '@/facts/job';
import { stageWords } from '@/words/line';
import { fetched } from '@/ui/fetched';
import { useTall } from '../tall';

const Drawer = fetched(() => import('./Drawer').then((found) => found.Drawer));

interface Props {
  readonly view: JobView;
  readonly at: Stage;
  readonly menu: ReactNode;
}

/** Along the top of a phone: whose stage this is, and the way to the others. */
export function PhoneBar({ view, at, menu }: Props) {
  const [open, setOpen] = useState(false);
  const bar = useRef<HTMLDivElement>(null);
  useTall(bar, '--bar');
  const { job, work } = view;
  const several = job.layers.filter(({ coats }) => coats.length > 0).length > 1;
  return (
    <div
      ref={bar}
      className="no-print sticky top-0 z-20 flex items-center gap-2 bg-rail pl-4 text-[#f6f5f1]"
      data-phone-bar
    >
      <button
        type="button"
        aria-haspopup="dialog"
        className="flex min-h-12 min-w-0 flex-1 items-center gap-2 text-left focus-visible:-outline-offset-3 focus-visible:outline-[#c3abff]"
        onClick={() => setOpen(true)}
      >
        <span className="min-w-0 flex-1">
          <span className="block truncate font-bold">{job.name}</span>
          {several && <span className="block truncate text-xs text-[#cfcad9]">{work.layer.name}</span>}
        </span>
        <span className="text-sm font-semibold whitespace-nowrap">
          {stages.indexOf(at) + 1} of {stages.length} · {stageWords[at]}
        </span>
        <ChevronDown aria-hidden className="size-4 shrink-0" />
      </button>
      {menu}
      {open && <Drawer view={view} at={at} onClose={() => setOpen(false)} />}
    </div>
  );
}
