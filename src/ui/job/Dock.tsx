'use client';

import { ChevronUp } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { fetched } from '@/ui/fetched';
import { clockState, nearestOf } from '@/facts/job/timers';
import { plural } from '@/words/line';
import { timerFigure, timerSays } from '@/words/timers';
import { Clock } from '../Clock';
import { clockInk, clockMarks } from '../clockmarks';
import { NextTaps } from '../NextLinePanel';
import { useTall } from '../tall';
import { useJob } from './context';

const Clocks = fetched(() => import('./Clocks').then((found) => found.Clocks));

/** Along the bottom of a phone: the sentence once it is scrolled away, what is done with it, and the nearest clock. */
export function Dock() {
  const { view, line, tap } = useJob();
  const [open, setOpen] = useState(false);
  const bar = useRef<HTMLDivElement>(null);
  useTall(bar, '--dock');
  const away = useSentenceAway();
  const nearest = nearestOf(view.timers, view.now);
  const state = nearest ? clockState(nearest, view.now) : 'running';
  return (
    <div ref={bar} className="border-t-2 border-ink bg-sheet" data-dock>
      {away && (
        <p aria-hidden className="line-clamp-2 px-4 pt-1.5 text-sm leading-snug font-medium" data-dock-says>
          <b>
            {line.big.number} {line.big.unit}
          </b>{' '}
          {line.says}
        </p>
      )}
      {(line.tap ?? line.otherwise) && (
        <div className="grid grid-flow-col items-center gap-2 px-4 py-1.5 *:min-w-0">
          <NextTaps line={line} onTap={tap} />
        </div>
      )}
      <button
        type="button"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
        className="flex min-h-11 w-full items-center gap-2 border-t border-hairline px-4 text-left text-sm"
        data-tray
      >
        {nearest ? (
          <>
            <b className={`text-base ${clockInk[state]}`}>
              {clockMarks[state] && <span aria-hidden>{clockMarks[state]} </span>}
              <Clock at={nearest.due} now={view.now} figure={timerFigure(view, nearest)} />
            </b>
            <span className="min-w-0 flex-1 truncate">{timerSays(nearest, nearest.due <= view.now)}</span>
          </>
        ) : (
          <span className="flex-1 text-ink-soft">No timer runs for this job.</span>
        )}
        <span className="flex items-center gap-1 whitespace-nowrap text-ink-soft">
          {view.timers.length > 1 ? plural(view.timers.length, 'clock') : 'Clocks'}
          <ChevronUp aria-hidden className="size-4" />
        </span>
      </button>
      {open && <Clocks view={view} onClose={() => setOpen(false)} />}
    </div>
  );
}

/** Whether the next line has left the screen. */
function useSentenceAway(): boolean {
  const [away, setAway] = useState(false);
  const { line } = useJob();
  useEffect(() => {
    const sentence = document.querySelector('[data-next] p');
    if (!sentence) return;
    // What lies behind the bar at the top is not in sight either.
    const seen = new IntersectionObserver(([entry]) => setAway(entry?.isIntersecting === false), {
      rootMargin: '-56px 0px 0px 0px',
    });
    seen.observe(sentence);
    return () => seen.disconnect();
  }, [line.says]);
  return away;
}
