'use client';

import { useMemo } from 'react';
import { wayFacts } from '@/core/elements';
import { methodOrder, methodsOf, type FaceWays, type Method } from '@/facts/job/methods';
import type { Job } from '@/records';
import { useStore } from '@/store/hooks';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';
import { timeOfDay } from '@/words/clock';
import { amount } from '@/words/figures';
import { methodAdvice, toolWords, wayWords } from '@/words/methods';
import { plural } from '@/words/line';
import { money } from '@/words/money';

/** By what each face is coated: spray, roller or brush, each reckoned, and the order that a day of it takes. */
export function Methods() {
  const { view } = useJob();
  const store = useStore();
  const minute = Math.floor(view.now / 60_000);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from the job, the shop and the minute
  const faces = useMemo(() => methodsOf(view), [view.job, view.shop, view.rig, minute]);
  const sprayed = faces.filter(({ now }) => now === 'spray').length;
  const set = (id: string, by: Method) =>
    store.put(
      {
        ...view.job,
        part: {
          ...view.job.part,
          faces: view.job.part.faces.map((face) =>
            face.id === id ? { ...face, method: by === 'spray' ? undefined : by } : face,
          ),
        },
      } satisfies Job,
      'coated by',
    );
  return (
    <>
      <Panel title="By what each face is coated" place="methods">
        <ul className="divide-y divide-hairline border-y border-hairline" data-methods>
          {faces.map((each) => (
            <FaceRow key={each.face.id} ways={each} last={sprayed === 1} onSet={set} />
          ))}
        </ul>
        <p className="mt-2 max-w-3xl text-xs text-ink-soft">
          All coats of the layer in hand. Sprayed as the gun is set, with masking on and off; by roller{' '}
          <Printed figure={amount('area', 3600 / wayFacts.roller.area)} /> an hour and by brush{' '}
          <Printed figure={amount('area', 3600 / wayFacts.brush.area)} />, edges cut in besides: defaults.
          What is lost misses the part, or stays in roller and brush.
        </p>
      </Panel>
      <Order faces={faces} />
    </>
  );
}

interface RowProps {
  readonly ways: FaceWays;
  /** It is the only face that is sprayed still. */
  readonly last: boolean;
  readonly onSet: (id: string, by: Method) => void;
}

function FaceRow({ ways: found, last, onSet }: RowProps) {
  const { face, now, ways, tip } = found;
  const units = useUnits();
  const advice = methodAdvice(found, units);
  const held = now === 'spray' && last;
  return (
    <li className="py-3">
      <div
        role="group"
        aria-label={`${face.name}, coated by`}
        className="grid gap-2 sm:grid-cols-3 lg:grid-cols-[9rem_repeat(3,minmax(0,1fr))]"
      >
        <p className="font-bold sm:max-lg:col-span-full lg:self-center">
          {face.name}
          {tip && now === 'spray' && (
            <span className="block text-sm font-normal text-ink-soft">tip {tip} loses less of it</span>
          )}
        </p>
        {ways.map(({ by, seconds, coats, paint, lost, cost, spread }) => {
          const on = by === now;
          return (
            <button
              key={by}
              type="button"
              aria-pressed={on}
              disabled={held && !on}
              onClick={() => onSet(face.id, by)}
              className={`flex min-h-11 flex-col border-2 px-3 py-2 text-left text-sm disabled:cursor-not-allowed ${on ? 'border-act bg-sheet' : 'border-hairline'}`}
            >
              <span className="flex w-full items-baseline justify-between gap-2">
                <b className="text-base">
                  {on ? '● ' : '○ '}
                  {wayWords[by].name}
                </b>
                <b>{cost === undefined ? <Printed figure={amount('duration', seconds)} /> : money(cost)}</b>
              </span>
              <span className="block text-ink-soft">
                {cost !== undefined && (
                  <>
                    <Printed figure={amount('duration', seconds)} />,{' '}
                  </>
                )}
                {plural(coats, 'coat')}, <Printed figure={amount('volume', paint)} />, lost{' '}
                <Printed figure={amount('share', paint > 0 ? lost / paint : 0)} digits={0} />
                {spread !== undefined && (
                  <>
                    ; film ± <Printed figure={amount('share', spread)} digits={0} />
                  </>
                )}
              </span>
              <span className="block text-ink-soft">{wayWords[by].leaves}</span>
            </button>
          );
        })}
      </div>
      {advice && <p className="mt-1 text-sm text-ink-soft md:pl-[9.5rem]">{advice}</p>}
      {held && (
        <p className="mt-1 text-sm text-ink-soft md:pl-[9.5rem]">
          The last face the gun coats: a job has one at least.
        </p>
      )}
    </li>
  );
}

/** The order of one coat over the faces, with what is changed between. */
function Order({ faces }: { readonly faces: readonly FaceWays[] }) {
  const { view } = useJob();
  const order = methodOrder(view, faces);
  const clock = (s: number) => timeOfDay(order.midnight + s * 1000);
  const day = (s: number) => Math.floor(s / 86_400);
  if (faces.length < 2) return null;
  return (
    <Panel title="One coat, in this order" place="order">
      <ol className="max-w-3xl divide-y divide-hairline border-y border-hairline text-sm" data-method-order>
        {order.placed.map(({ id, face, by, tip, change, begins, ends }) => (
          <li key={id} className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
            <span>
              <b>
                {day(begins) > 0 && 'Next day '}
                {clock(begins)}–{clock(ends)}
              </b>{' '}
              {face.name}: {toolWords(by, tip)}
            </span>
            {change > 0 && (
              <span className="text-ink-soft">
                <Printed figure={amount('duration', change)} /> to change before
              </span>
            )}
          </li>
        ))}
      </ol>
      {order.never.length > 0 && (
        <div className="mt-2">
          <Notice tone="stop">
            The weather lets nobody begin {order.never.map(({ name }) => name).join(', ')} on that day.
          </Notice>
        </div>
      )}
      <p className="mt-2 max-w-3xl text-xs text-ink-soft">
        What one tool does is done in one go, tools in the order that is done soonest, and so that{' '}
        {order.changing > 0 ? (
          <>
            changing takes <Printed figure={amount('duration', order.changing)} /> in all
          </>
        ) : (
          'nothing is changed'
        )}
        . Masking comes before. Times to change are defaults.
      </p>
    </Panel>
  );
}
