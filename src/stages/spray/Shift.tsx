'use client';

import { useStore } from '@/store/hooks';
import { withApproach } from '@/facts/job';
import { shiftOf } from '@/facts/shop/shift';
import { Button } from '@/ui/Button';
import { CommitField } from '@/ui/Field';
import { HandOverForm } from '@/ui/job/HandOver';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { timerFigure, timerSays } from '@/words/timers';
import { Clock } from '@/ui/Clock';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** Repeated parts: the count, the next one to measure, stirring and cup by the clock, and the note for who comes next. */
export function Shift() {
  const { view, log } = useJob();
  const store = useStore();
  const { job, work, now, timers } = view;
  const shift = shiftOf(job);
  if (!shift) return null;
  const { total, sprayed, rule, next, measureNow, samples, pace } = shift;
  const checks = timers.filter(
    ({ id, layerId }) => (id === 'stir' || id === 'retime') && layerId === work.layer.id,
  );
  const count = (many: number) =>
    log(many > 0 ? 'part counted' : 'count taken back', { type: 'parts', count: many });
  const setRule = (said: Partial<typeof rule>) =>
    store.put(withApproach(work, { sampling: { ...rule, ...said } }), 'sampling');
  const whole = (text: string, least: number) =>
    /^\d+$/.test(text.trim()) && Number(text) >= least ? Number(text) : undefined;
  return (
    <Panel title="Shift" place="shift">
      <div className="grid items-start gap-5 md:grid-cols-[auto_minmax(0,1fr)]" data-shift>
        <div>
          <div className="text-6xl leading-none font-bold" data-count>
            {sprayed}
            <span className="text-2xl font-normal text-ink-soft"> of {total}</span>
          </div>
          <div className="mt-3 flex gap-2">
            <Button look="main" onClick={() => count(1)} disabled={sprayed >= total}>
              One more
            </Button>
            <Button className="min-h-16" onClick={() => count(-1)} disabled={sprayed === 0}>
              Take one back
            </Button>
          </div>
          {pace && (
            <p className="mt-2 text-sm">
              <Printed figure={amount('duration', pace.each)} /> each; the rest take about{' '}
              <Printed figure={amount('duration', pace.rest)} />.
            </p>
          )}
        </div>
        <div className="space-y-2">
          <Notice tone={measureNow ? 'act' : 'plain'}>
            {measureNow
              ? `Measure part ${sprayed} now.`
              : next === undefined
                ? 'Every sample of this run is sprayed.'
                : `Part ${next} is the next to measure; ${samples} of ${total} in all.`}
          </Notice>
          {checks.map((timer) => (
            <Notice key={timer.id} tone={timer.due <= now ? 'care' : 'good'}>
              {timer.due <= now ? (
                `${timerSays({ id: timer.id }, true)}.`
              ) : (
                <>
                  {timerSays({ id: timer.id }, false)}{' '}
                  <Clock at={timer.due} now={now} figure={timerFigure(view, timer)} />.
                </>
              )}
            </Notice>
          ))}
          <div className="grid grid-cols-2 gap-3">
            <CommitField
              label="Measure the first"
              type="number"
              min={0}
              value={String(rule.first)}
              onCommit={(text) => {
                const n = whole(text, 0);
                if (n !== undefined) setRule({ first: n });
              }}
            />
            <CommitField
              label="then every"
              type="number"
              min={1}
              value={String(rule.every)}
              onCommit={(text) => {
                const n = whole(text, 1);
                if (n !== undefined) setRule({ every: n });
              }}
            />
          </div>
          <HandOverForm />
        </div>
      </div>
    </Panel>
  );
}
