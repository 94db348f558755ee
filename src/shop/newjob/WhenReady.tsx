'use client';

import { isRefusal } from '@/core/refusal';
import { usualWorkday } from '@/records';
import { endBy, handledAfter, midnightOf } from '@/facts/job';
import type { DraftAhead } from '@/facts/newjob/ahead';
import { useNow } from '@/store/clock';
import { useShop } from '@/store/hooks';
import { FormText } from '@/ui/form';
import { MomentField } from '@/ui/MomentField';
import { usePlanned } from '@/ui/planned';
import { Tiles, type Tile } from '@/ui/Tiles';
import { clockTime } from '@/words/clock';
import { Answer } from './Answer';
import type { ScreenProps } from './conversation';

interface Props extends ScreenProps {
  /** What it is called while nobody calls it otherwise. */
  readonly called: string;
}

const day = 86_400_000;

/** When it must be ready to handle; the latest start follows. */
export function WhenReady({ form, draft, ahead, called }: Props) {
  const { control, setValue } = form;
  const now = useNow();
  const { workday = usualWorkday } = useShop();
  const { due } = draft;
  const endOf = (days: number) =>
    new Date(midnightOf(now + days * day) + (workday.ends > workday.begins ? workday.ends : 86_399) * 1000);
  const tiles: Tile<string>[] = [
    { value: '', label: 'As soon as it can' },
    ...[0, 1, 2, 7]
      .map((days) => ({ days, at: endOf(days) }))
      .filter(({ at }) => at.getTime() > now)
      .map(({ days, at }) => ({
        value: at.toISOString(),
        label: days === 0 ? 'Today' : days === 1 ? 'Tomorrow' : days === 7 ? 'In a week' : 'In two days',
        says: `by ${clockTime(at.getTime(), now)}`,
      })),
  ];
  return (
    <>
      <Tiles<string>
        label="When must it be ready to handle?"
        value={due ?? ''}
        groups={[{ tiles }]}
        onChange={(moment) => setValue('due', moment || undefined)}
      />
      <div className="mb-4 max-w-xs">
        <MomentField label="Or another time" value={due} onCommit={(moment) => setValue('due', moment)} />
      </div>
      {ahead && <StartBy ahead={ahead} due={due} />}
      <div className="max-w-md">
        <FormText
          control={control}
          name="name"
          label="What the job is called"
          placeholder={called}
          maxLength={120}
        />
      </div>
    </>
  );
}

/** The latest start, or how soon it can be ready, by the plan of the day that its Plan shows too. */
function StartBy({
  ahead: { day: asked, view },
  due,
}: {
  readonly ahead: DraftAhead;
  readonly due: string | undefined;
}) {
  const moment = due === undefined ? undefined : Date.parse(due);
  const { planned } = usePlanned(asked.question, moment === undefined ? 86_400 : endBy(view, asked, moment));
  const clock = (s: number) => clockTime(asked.midnight + s * 1000);
  if (!planned || isRefusal(planned.plan)) return <Answer>Working out the day.</Answer>;
  const soonest = planned.plan.end + handledAfter(view, asked);
  if (moment !== undefined && isRefusal(planned.latest))
    return (
      <div role="status" className="my-4 bg-care-wash px-4 py-3" data-answer>
        <b>▲ It cannot be ready by {clockTime(moment)}.</b> Begun now it can be handled {clock(soonest)}.
      </div>
    );
  return (
    <Answer>
      {moment !== undefined && !isRefusal(planned.latest) ? (
        <>
          First coat by <b className="text-2xl">{clock(planned.latest)}</b>: all coats on, and ready to handle{' '}
          {clockTime(moment)}.
        </>
      ) : (
        <>
          Begun now: ready to handle <b className="text-2xl">{clock(soonest)}</b>, all coats on by{' '}
          {clock(planned.plan.end)}.
        </>
      )}
      <span className="block text-sm text-ink-soft">
        Coats and waiting, inside the hours of work; preparing the ground comes before. Estimates until the
        room is read.
      </span>
    </Answer>
  );
}
