'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { beginning, handsOn, type OrderOfWork } from '@/core/schedule';
import { calendarOf } from '@/exchange/calendar';
import { planEntries } from '@/exchange/plancalendar';
import { fileName } from '@/exchange/filename';
import { usualWorkday } from '@/records';
import { useStore } from '@/store/hooks';
import {
  dayQuestion,
  endBy,
  handledAfter,
  lifeOf,
  type DayQuestion,
  type JobView,
  withApproach,
} from '@/facts/job';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { CommitField, TextField } from '@/ui/Field';
import { download } from '@/ui/download';
import { useJob } from '@/ui/job/context';
import { MomentField } from '@/ui/MomentField';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { usePlanned } from '@/ui/planned';
import { useUnits } from '@/ui/units';
import { useWidth } from '@/ui/width';
import { weekday } from '@/words/dates';
import { clockTime, timeOfDay } from '@/words/clock';
import { workWords } from '@/words/work';
import { AfterCoats } from './AfterCoats';
import { WhoseHand } from './WhoseHand';
import { dayFigure, type Bar, type MixSpan } from './dayfigure';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const turnings = [
  { value: 'one-side', label: 'One side fully' },
  { value: 'every-coat', label: 'Turned every coat' },
  { value: 'back-first', label: 'Back first' },
] as const;

/** The day on one axis: every coat of every piece on one gun, no window missed, and the latest safe start. */
export function DayAxis() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, work, shop } = view;
  const [begin, setBegin] = useState('');
  const { asked, due, planned, busy, stop } = usePlannedDay(begin);
  const set = (said: Partial<typeof work.approach>) => store.put(withApproach(work, said), 'plan of the day');
  const both = job.part.faces.some(({ sides }) => sides === 2);
  const plan = planned && !isRefusal(planned.plan) ? planned.plan : undefined;
  const clock = (s: number) => clockTime(asked.midnight + s * 1000);
  const { begins, ends } = shop.workday ?? usualWorkday;
  return (
    <Panel title="The day" place="day">
      <div className="grid grid-cols-2 items-end gap-3 sm:grid-cols-2 lg:grid-cols-[8rem_8rem_14rem_minmax(0,1fr)]">
        <TextField
          label="Begin at"
          type="time"
          value={begin}
          onChange={(event) => setBegin(event.target.value)}
        />
        <CommitField
          label="Rack slots"
          type="number"
          min={1}
          max={200}
          value={String(work.approach.racks ?? '')}
          onCommit={(text) => {
            const racks = Math.floor(Number(text));
            set({ racks: text.trim() !== '' && racks >= 1 && racks <= 200 ? racks : undefined });
          }}
        />
        <MomentField
          label="Ready to handle by"
          value={job.due}
          onCommit={(moment) => store.put({ ...job, due: moment }, 'ready by')}
        />
        <WhoseHand />
        {both && (
          <Choice
            label="Both sides"
            value={work.approach.turning ?? 'one-side'}
            onChange={(turning) => set({ turning })}
            options={turnings}
          />
        )}
      </div>
      {busy && (
        <div role="status" className="mt-3 flex items-center gap-4 text-sm">
          <progress className="w-40 accent-[var(--act)]" aria-label="Planning" /> Planning the day
          <Button onClick={stop}>Stop</Button>
        </div>
      )}
      {planned && isRefusal(planned.plan) && (
        <div className="mt-3">
          <Notice tone="care">{units.says(planned.plan)}</Notice>
        </div>
      )}
      {plan && (
        <div className="mt-3 space-y-3" data-day>
          {plan.missed.slice(0, 4).map(({ task, piece, coat, late }) => (
            <Notice key={task} tone="stop">
              {stepName(asked, coat)} on {asked.names.get(piece)} comes{' '}
              <Printed figure={amount('duration', late)} /> after its window closes
              {plan.proven ? ', in any order' : ''}: scuff, clean and recoat, or begin earlier, or split the
              pieces.
            </Notice>
          ))}
          <DayDrawing plan={plan} asked={asked} clock={clock} />
          <p>
            All coats on by <b>{clock(plan.end)}</b>: <Printed figure={amount('duration', handsOn(plan))} />{' '}
            hands on, over <Printed figure={amount('duration', plan.end - beginning(plan))} />.{' '}
            {planned && !isRefusal(planned.latest) ? (
              <>
                Latest safe start for the whole stack: <b data-latest>{clock(planned.latest)}</b>,{' '}
                {due === undefined ? `to end by ${clock(ends)}` : `to be ready by ${clockTime(due)}`}.
              </>
            ) : due !== undefined ? (
              <span className="text-care" data-late>
                ▲ It cannot be ready by {clockTime(due)}: at the soonest by{' '}
                {clock(plan.end + handledAfter(view, asked))}.
              </span>
            ) : (
              <span className="text-care">
                ▲ It does not all fit before {clock(ends)} today
                {begins > 0 ? '; work goes on in the morning where a window stays open' : ''}.
              </span>
            )}
          </p>
          {!plan.proven && plan.missed.length === 0 && plan.end > plan.bound + 60 && (
            <p className="text-sm text-ink-soft">
              Not every order was tried: at best it could end{' '}
              <Printed figure={amount('duration', plan.end - plan.bound)} /> sooner.
            </p>
          )}
          <AfterCoats asked={asked} end={plan.end} clock={clock} />
          <details>
            <summary className="flex min-h-11 items-center text-sm font-semibold">As a list</summary>
            <ol className="text-sm" data-day-list>
              {plan.tasks.map(({ id, piece, coat, start, end }) => (
                <li key={id} className="flex justify-between gap-4 border-b border-hairline py-1.5">
                  <span>
                    {stepName(asked, coat)}, {asked.names.get(piece)}
                  </span>
                  <b>
                    {clock(start)}–{clock(end)}
                  </b>
                </li>
              ))}
            </ol>
          </details>
          <Button
            onClick={() =>
              download(
                fileName(job.name, new Date(view.now).toISOString().slice(0, 10), 'ics'),
                calendarFile(plan, asked, job.name),
                'text/calendar',
              )
            }
          >
            Export to a calendar
          </Button>
        </div>
      )}
      <p className="mt-2 text-xs text-ink-soft">
        Spraying time from area and speed, a quarter more for handling; sanding and masking by the area where
        nobody says, a default; flash and windows from the sheet, longer in a cold or damp room: estimates. It
        moves as coats start and end.
      </p>
    </Panel>
  );
}

/** Plans whenever what it depends on changes: the job, the room, and the minute. */
function usePlannedDay(begin: string) {
  const { view } = useJob();
  const minute = Math.floor(view.now / 60_000);
  const { job, shop } = view;
  const [hours = 0, minutes = 0] = begin.split(':').map(Number);
  const from = (() => {
    if (!begin) return minute * 60_000;
    const at = new Date(view.now);
    at.setHours(hours, minutes, 0, 0);
    return at.getTime();
  })();
  const asked: DayQuestion = dayQuestion({ ...view, now: minute * 60_000 }, shop, from);
  const { begins, ends } = shop.workday ?? usualWorkday;
  const due = job.due === undefined ? undefined : Date.parse(job.due);
  const by = due === undefined ? (ends > begins ? ends : 86_400) : endBy(view, asked, due);
  return { asked, by, due, ...usePlanned(asked.question, by) };
}

const looks: Record<Bar['kind'], string> = {
  coat: 'fill-act',
  work: 'fill-wood',
  flash: 'fill-ink/15',
  open: 'fill-good/45',
  shut: 'fill-stop/50',
  settle: 'fill-ink/6',
  rest: 'fill-care/40',
  pot: 'fill-act/25',
};
const legend = {
  coat: 'coat',
  work: 'work between',
  flash: 'flash',
  open: 'window open',
  shut: 'forbidden',
  settle: 'until handled',
  rest: 'mix rests',
  pot: 'pot life',
};

interface DrawingProps {
  readonly plan: OrderOfWork;
  readonly asked: DayQuestion;
  readonly clock: (s: number) => string;
}

function DayDrawing({ plan, asked, clock }: DrawingProps) {
  const { view } = useJob();
  const [place, width] = useWidth<HTMLDivElement>(840);
  // On a phone the name of a piece stands over its bars.
  const tight = width < 560;
  const [left, row, top] = tight ? [4, 52, 24] : [150, 34, 24];
  const most = Math.max(2, Math.floor((width - left) / 60));
  const { rows, from, to, ticks, nights } = dayFigure(
    plan,
    asked.question,
    mixSpan(view, asked),
    Math.min(most, 10),
  );
  const numberOf = (step: number) => {
    const coat = asked.steps[step]?.coat;
    return coat ? view.spray.coats.findIndex((each) => each.coat.id === coat.coat.id) + 1 : '';
  };
  const x = (at: number) => left + ((Math.min(Math.max(at, from), to) - from) / (to - from)) * (width - left);
  const height = top + rows.length * row + 4;
  const used = new Set(rows.flatMap(({ bars }) => bars.map(({ kind }) => kind)));
  return (
    <figure>
      <div ref={place}>
        <svg
          width={width}
          height={height}
          className="block"
          role="img"
          aria-label={`${plan.tasks.length} steps on ${rows.length} pieces, from ${clock(from)} to ${clock(plan.end)}.`}
        >
          {ticks.map((at) => (
            <g key={at}>
              <line x1={x(at)} x2={x(at)} y1={top - 6} y2={height} stroke="var(--hairline)" />
              <text
                x={x(at)}
                y={12}
                textAnchor={x(at) < 24 ? 'start' : x(at) > width - 24 ? 'end' : 'middle'}
                className="fill-ink-soft text-[12px]"
              >
                {nights.includes(at)
                  ? weekday(new Date(asked.midnight + at * 1000))
                  : timeOfDay(asked.midnight + at * 1000)}
              </text>
            </g>
          ))}
          {nights.map((at) => (
            <line
              key={at}
              x1={x(at)}
              x2={x(at)}
              y1={top - 6}
              y2={height}
              stroke="var(--ink-soft)"
              strokeDasharray="6 4"
            />
          ))}
          {rows.map(({ piece, bars }, i) => (
            <g key={piece} transform={`translate(0 ${top + i * row})`}>
              <text x={0} y={tight ? 13 : 21} className="fill-ink text-[13px] font-semibold">
                {(piece === 'mix' ? 'The mix' : (asked.names.get(piece) ?? '')).slice(0, 22)}
              </text>
              {bars.map(({ kind, from: a, to: b, coat }) => (
                <g key={`${kind}${a}`} transform={tight ? 'translate(0 18)' : undefined}>
                  <rect
                    x={x(a)}
                    y={kind === 'coat' || kind === 'work' ? 3 : 9}
                    width={Math.max(x(b) - x(a), kind === 'coat' || kind === 'work' ? 2 : 0)}
                    height={kind === 'coat' || kind === 'work' ? 27 : 15}
                    className={looks[kind]}
                  />
                  {kind === 'coat' && x(b) - x(a) > 14 && (
                    <text
                      x={(x(a) + x(b)) / 2}
                      y={21}
                      textAnchor="middle"
                      className="fill-on-act text-[12px] font-bold"
                    >
                      {numberOf(coat)}
                    </text>
                  )}
                </g>
              ))}
            </g>
          ))}
          <line x1={x(from)} x2={x(from)} y1={top - 6} y2={height} stroke="var(--ink)" strokeWidth={2} />
        </svg>
      </div>
      <figcaption className="mt-1 flex flex-wrap gap-x-4 text-sm text-ink-soft">
        {(Object.keys(legend) as Bar['kind'][])
          .filter((kind) => used.has(kind))
          .map((kind) => (
            <span key={kind} className="flex items-center gap-1.5">
              <svg aria-hidden className="size-3">
                <rect width={12} height={12} className={looks[kind]} />
              </svg>
              {legend[kind]}
            </span>
          ))}
      </figcaption>
    </figure>
  );
}

/** What a step is called: the coat, or the sanding before it. */
function stepName({ steps }: DayQuestion, at: number): string {
  const step = steps[at];
  if (!step) return 'Coat';
  const done = step.work.map(({ what }) => workWords[what].todo);
  return step.kind === 'coat' ? [...done, step.coat.coat.name].join(', ') : done.join(', ');
}

function calendarFile(plan: OrderOfWork, asked: DayQuestion, job: string): string {
  return calendarOf(
    planEntries(
      plan.tasks.map(({ id, piece, coat, start, end }) => ({
        id,
        step: stepName(asked, coat),
        piece: asked.names.get(piece) ?? '',
        start: asked.midnight + start * 1000,
        end: asked.midnight + end * 1000,
      })),
      `${job}. Planned: the touch test decides.`,
    ),
  );
}

/** The mix of the coats on the axis: the one in the pot, or one mixed as the plan begins. */
function mixSpan({ mix, plan, work }: JobView, { midnight, question }: DayQuestion): MixSpan {
  const { induction = 0 } = plan.sheet.times;
  const on = (moment: number) => (moment - midnight) / 1000;
  const mixed = mix.batch ? on(mix.batch.mixedAt) : question.start;
  const here = lifeOf(work.layer, plan.climate?.air);
  const useBefore = mix.batch?.useBefore === undefined ? here && mixed + here : on(mix.batch.useBefore);
  return { mixed, rested: mixed + induction, ...(useBefore === undefined ? {} : { useBefore }) };
}
