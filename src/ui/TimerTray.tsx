'use client';

import { showClock } from '@/core/quantity';
import type { JobView } from '@/facts/job';
import { useUnits } from './units';
import { timerFigure, timerWords } from '@/words/timers';
import { Printed } from './Printed';

/** What the job is waiting for, along the bottom. The times are moments in the log: a closed tab cannot stop them. */
export function TimerTray({ view }: { readonly view: JobView }) {
  const units = useUnits();
  const { climate, dew } = view.plan;
  return (
    <section
      aria-label="Timers"
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
      tabIndex={0}
      className="flex overflow-x-auto border-t border-ink bg-sheet focus-visible:-outline-offset-3"
      data-tray
    >
      {view.timers.map(({ id, due, warn, then }) => {
        const left = due - view.now;
        const over = left <= 0;
        const ink = over ? (then === 'go' ? 'text-good' : 'text-stop') : left < warn ? 'text-care' : '';
        return (
          <div key={id} className="shrink-0 border-r border-hairline px-4 py-2" data-timer={id}>
            <div className={`text-xs ${over && then !== 'go' ? 'font-semibold text-stop' : 'text-ink-soft'}`}>
              {over ? timerWords[id].over : timerWords[id].running}
            </div>
            <div className={`text-xl font-bold ${ink}`}>
              {over && then !== 'go' && <span aria-hidden>■ </span>}
              {over && then === 'go' && <span aria-hidden>✓ </span>}
              <Printed figure={timerFigure(view, id, due)}>{showClock(Math.abs(left) / 1000)}</Printed>
            </div>
          </div>
        );
      })}
      {view.timers.length === 0 && (
        <div className="px-5 py-4 text-sm text-ink-soft">No timer runs for this job.</div>
      )}
      <div className="right-0 ml-auto shrink-0 border-l border-hairline bg-sheet px-4 py-2 lg:sticky">
        {climate ? (
          <>
            <div className="text-xs text-ink-soft">
              Room {units.show('temperature', climate.air)},{' '}
              {units.show('share', climate.humidity, { digits: 0 })}
            </div>
            <div className="text-xl font-bold">dew margin {units.show('temperatureStep', dew)}</div>
          </>
        ) : (
          <div className="py-2 text-sm text-ink-soft">Room not read yet</div>
        )}
      </div>
    </section>
  );
}
