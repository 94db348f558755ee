'use client';

import { useStore } from '@/store/hooks';
import { type Source, withLayer } from '@/facts/job';
import { ButtonLink } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { calendarDay } from '@/words/dates';

/** The cans each part comes out of. Two of one part are boxed: stirred together, so that the colour is one. */
export function Cans() {
  const { view } = useJob();
  const store = useStore();
  const { job, work, mix } = view;
  const choose = ({ choices, cans }: Source, id: string, on: boolean) => {
    const others = (work.layer.cans ?? []).filter((each) => !choices.some(({ can }) => can.id === each));
    const own = cans.map(({ can }) => can.id).filter((each) => each !== id);
    store.put(
      withLayer(job, work.layer.id, { cans: [...others, ...own, ...(on ? [id] : [])] }),
      'cans chosen',
    );
  };
  return (
    <Panel
      title="Cans on the shelf"
      place="cans"
      tools={
        <ButtonLink look="quiet" href={`/coatings/${mix.sheet.id}`}>
          To the shelf
        </ButtonLink>
      }
    >
      {mix.sources.map((source) => (
        <fieldset key={source.part.id} className="mb-3">
          <legend className="text-sm text-ink-soft">
            {source.part.name}
            {source.cans.length > 1 ? ': boxed together' : ''}
          </legend>
          {source.choices.length === 0 && <p className="text-sm">No can is kept of it.</p>}
          <ul className="divide-y divide-hairline border-y border-hairline">
            {source.choices.map((each) => (
              <CanRow
                key={each.can.id}
                {...each}
                chosen={source.cans.includes(each)}
                onChoose={(on) => choose(source, each.can.id, on)}
              />
            ))}
          </ul>
        </fieldset>
      ))}
    </Panel>
  );
}

type Row = Source['choices'][number] & {
  readonly chosen: boolean;
  readonly onChoose: (on: boolean) => void;
};

function CanRow({ can, left, useBefore, expired, thinned, chosen, onChoose }: Row) {
  return (
    <li>
      <label
        className={`flex min-h-11 items-center gap-3 px-2 py-1.5 text-sm ${chosen ? 'bg-act-wash' : ''}`}
      >
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-act"
          checked={chosen}
          onChange={(event) => onChoose(event.target.checked)}
        />
        <span className="min-w-0 flex-1">
          <b>{can.lot}</b>
          {can.grade === 'brush' && <span className="block font-semibold text-care">▲ brush grade</span>}
          {thinned > 0.0005 && (
            <span className="block">
              thinned <Printed figure={amount('share', thinned)} /> by returns
            </span>
          )}
        </span>
        <span className={`text-right ${expired ? 'font-semibold text-care' : 'text-ink-soft'}`}>
          <Printed figure={amount('volume', left)} /> left
          <span className="block">
            {expired ? '▲ past ' : 'before '}
            {useBefore === undefined ? 'no date' : calendarDay(useBefore)}
          </span>
        </span>
      </label>
    </li>
  );
}
