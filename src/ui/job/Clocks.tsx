'use client';

import { clockState, type JobView } from '@/facts/job';
import { jobFigure } from '@/words/figures';
import { openWords } from '@/words/permission';
import { timerFigure, timerSays } from '@/words/timers';
import { Clock } from '../Clock';
import { clockInk, clockMarks } from '../clockmarks';
import { Dialog } from '../Dialog';
import { Printed } from '../Printed';

interface Props {
  readonly view: JobView;
  readonly onClose: () => void;
}

/** Every clock of a job as a list, and the room it was last read in. */
export function Clocks({ view, onClose }: Props) {
  const { climate, dew } = view.plan;
  return (
    <Dialog open onClose={onClose} title="Clocks">
      <ul className="divide-y divide-hairline border-y border-hairline" data-clocks>
        {view.timers.map((timer) => {
          const { id, due, layerId, of } = timer;
          const state = clockState(timer, view.now);
          return (
            <li
              key={`${id}${layerId}${of ?? ''}`}
              className="flex min-h-14 items-center justify-between gap-3"
              data-timer={id}
            >
              <span className={state === 'late' ? 'font-semibold text-stop' : ''}>
                {timerSays(timer, due <= view.now)}
              </span>
              <b className={`text-xl ${clockInk[state]}`}>
                {clockMarks[state] && <span aria-hidden>{clockMarks[state]} </span>}
                <Clock at={due} now={view.now} figure={timerFigure(view, timer)} />
              </b>
            </li>
          );
        })}
        {view.timers.length === 0 && <li className="py-4 text-ink-soft">No timer runs for this job.</li>}
      </ul>
      {view.permission.coat && (
        <p className="mt-3" data-permission={view.permission.may ? 'may' : 'open'}>
          {view.permission.coat.coat.name}:{' '}
          <b className={view.permission.may ? 'text-good' : ''}>
            {view.permission.may ? '✓ may start' : openWords(view)}
          </b>
        </p>
      )}
      <p className="mt-3 text-sm">
        {climate ? (
          <>
            Room <Printed figure={jobFigure(view, 'room.air', climate.air)} />,{' '}
            <Printed figure={jobFigure(view, 'room.humidity', climate.humidity)} digits={0} />, dew margin{' '}
            <b>
              <Printed figure={jobFigure(view, 'room.dew-margin', dew)} />
            </b>
          </>
        ) : (
          'Room not read yet'
        )}
      </p>
    </Dialog>
  );
}
