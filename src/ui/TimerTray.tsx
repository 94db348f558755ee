'use client';

import { clockState, type JobView } from '@/facts/job';
import { openWords } from '@/words/permission';
import { timerFigure, timerSays } from '@/words/timers';
import { Clock } from './Clock';
import { clockInk, clockMarks } from './clockmarks';
import { Printed } from './Printed';
import { jobFigure } from '@/words/figures';

/** So many clocks stand in one row, each under its name; more stand in two, each beside it. */
const inOneRow = 4;

/** What the job is waiting for, along the bottom. The times are moments in the log: a closed tab cannot stop them. */
export function TimerTray({ view }: { readonly view: JobView }) {
  const { climate, dew } = view.plan;
  const { may, coat } = view.permission;
  const many = view.timers.length > inOneRow;
  const cell = `shrink-0 border-r border-b border-hairline ${many ? 'flex items-baseline gap-1.5 px-2.5 py-1 max-lg:block' : 'px-4 py-2'}`;
  const large = many ? 'text-base' : 'text-xl';
  return (
    <section
      aria-label="Timers"
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
      tabIndex={0}
      className="flex overflow-x-auto overflow-y-hidden border-t border-ink bg-sheet focus-visible:-outline-offset-3"
      data-tray
    >
      {/* One out of sight is one forgotten. */}
      <div className="-mb-px flex lg:min-w-0 lg:flex-1 lg:flex-wrap lg:content-center">
        {coat && (
          <div className={cell} data-permission={may ? 'may' : 'open'}>
            <div className="text-xs text-ink-soft">{coat.coat.name}</div>
            <div className={`${large} font-bold ${may ? 'text-good' : ''}`}>
              {may ? '✓ may start' : openWords(view)}
            </div>
          </div>
        )}
        {view.timers.map((timer) => {
          const { id, due, layerId, of } = timer;
          const over = due <= view.now;
          const state = clockState(timer, view.now);
          return (
            <div key={`${id}${layerId}${of ?? ''}`} className={cell} data-timer={id}>
              <div className={`text-xs ${state === 'late' ? 'font-semibold text-stop' : 'text-ink-soft'}`}>
                {timerSays(timer, over)}
              </div>
              <div className={`${large} font-bold ${clockInk[state]}`}>
                {clockMarks[state] && <span aria-hidden>{clockMarks[state]} </span>}
                <Clock at={due} now={view.now} figure={timerFigure(view, timer)} />
              </div>
            </div>
          );
        })}
        {view.timers.length === 0 && (
          <div className="px-5 py-4 text-sm text-ink-soft">No timer runs for this job.</div>
        )}
      </div>
      <div className="ml-auto shrink-0 border-l border-hairline bg-sheet px-4 py-2">
        {climate ? (
          <>
            <div className="text-xs text-ink-soft">
              Room <Printed figure={jobFigure(view, 'room.air', climate.air)} />,{' '}
              <Printed figure={jobFigure(view, 'room.humidity', climate.humidity)} digits={0} />
            </div>
            <div className="text-xl font-bold">
              dew margin <Printed figure={jobFigure(view, 'room.dew-margin', dew)} />
            </div>
          </>
        ) : (
          <div className="py-2 text-sm text-ink-soft">Room not read yet</div>
        )}
      </div>
    </section>
  );
}
