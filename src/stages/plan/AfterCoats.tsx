'use client';

import { useStore } from '@/store/hooks';
import { type DayQuestion, slowness, withApproach } from '@/facts/job';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Props {
  readonly asked: DayQuestion;
  /** s on the question’s scale when the last coat is on. */
  readonly end: number;
  readonly clock: (s: number) => string;
}

/** After the last coat: touch, turn or handle, cured; and force drying where the sheet allows it. */
export function AfterCoats({ asked, end, clock }: Props) {
  const { view } = useJob();
  const store = useStore();
  const { work, plan } = view;
  const sheet = asked.coats.at(-1)?.sheet ?? plan.sheet;
  const { touch, handle, cure, flash, forced } = sheet.times;
  const drying = forced && work.approach.drying === 'forced' ? forced : undefined;
  const factor = slowness(sheet, plan.climate);
  const said = (
    [
      ['Touch dry', touch],
      ['Turn or handle', handle],
      ['Cured', cure],
    ] as const
  ).filter(([, seconds]) => seconds !== undefined);
  return (
    <div className="space-y-2 text-sm" data-after>
      {drying ? (
        <p>
          Force dried at{' '}
          <b>
            <Printed figure={amount('temperature', drying.temperature)} />
          </b>{' '}
          for <Printed figure={amount('duration', drying.duration)} /> after{' '}
          <Printed figure={amount('duration', flash * factor)} /> of flash: out at{' '}
          <b>{clock(end + flash * factor + drying.duration)}</b>. The part must reach it, not the air.
        </p>
      ) : (
        said.length > 0 && (
          <p>
            {said.map(([name, seconds]) => `${name} ${clock(end + (seconds ?? 0) * factor)}`).join(' · ')}.
            Moving air helps once the film has set to dust, not before.
          </p>
        )
      )}
      {forced && (
        <Choice
          label="Drying"
          value={work.approach.drying ?? 'room'}
          onChange={(value) => store.put(withApproach(work, { drying: value }), 'drying')}
          options={[
            { value: 'room', label: 'In the room' },
            { value: 'forced', label: 'Forced, as the sheet allows' },
          ]}
        />
      )}
    </div>
  );
}
