'use client';

import { useState } from 'react';
import { defects, type CureStage, type DefectId, type WaySeen } from '@/core/diagnosis';
import { isRefusal } from '@/core/refusal';
import { leftOut } from '@/facts/shop/prevention';
import { plannedWays, usualSpot, waysTold, withWay } from '@/facts/shop/reworkways';
import { careCalendarFile } from '@/exchange/carecalendar';
import { fileName } from '@/exchange/filename';
import { cureStageOf } from '@/facts/job';
import { newId, usualWorkday } from '@/records';
import { download } from '@/ui/download';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { useJob } from '@/ui/job/context';
import { useShopActions } from '@/ui/frame/undo';
import { useRecorded } from '@/ui/recorded';
import { useUnits } from '@/ui/units';
import { clockTime } from '@/words/clock';
import { amount, written } from '@/words/figures';
import { money } from '@/words/money';
import { preventionSays, riskWords, shutWords, wayWords } from '@/words/ways';

interface Props {
  readonly defect: DefectId;
  readonly stage: CureStage;
}

/** Every way to put a defect right, side by side: film, hands, date, paint, money, risk. One becomes the next steps of the job. */
export function Ways({ defect, stage }: Props) {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { undo } = useShopActions();
  const recorded = useRecorded();
  const [spot, setSpot] = useState<number | undefined>(usualSpot);
  const found = waysTold(view, defect, stage, spot ?? usualSpot);
  if (isRefusal(found)) return <p className="text-sm text-ink-soft">{units.says(found)}</p>;
  const open = found.filter(({ shut }) => shut === undefined);
  const shut = found.filter((each) => each.shut !== undefined);
  const prevented = preventionSays(
    leftOut(view),
    open.find(({ hands }) => hands > 0),
    units,
  );
  const plan = () => {
    store.put(withWay(view.job, view, defect, newId), 'rework planned');
    recorded('Planned: flatting, then one coat. Spray leads through it.', undo);
  };
  return (
    <div data-ways>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard */}
      <div className="relative overflow-x-auto" role="region" aria-label="Ways compared" tabIndex={0}>
        <table className="w-full border-collapse text-sm">
          <thead>
            <tr className="border-b-2 border-ink text-left align-bottom">
              {['Way', 'Film then', 'Hands on', 'Done and hard', 'Paint', 'Money', 'Risk', ''].map((head) => (
                <th key={head} scope="col" className="py-1 pr-4 font-semibold">
                  {head || <span className="sr-only">Do it</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {open.map((each, i) => (
              <Row key={each.way} way={each} first={i === 0} onPlan={plan} />
            ))}
          </tbody>
        </table>
      </div>
      {prevented && (
        <p className="my-2 text-sm" data-left-out>
          {prevented}
        </p>
      )}
      {shut.length > 0 && (
        <Fold
          title="Not open"
          says={shut.map(({ way }) => wayWords[way].split(/[:,]/)[0]).join(' · ')}
          verb="Why"
        >
          <ul className="list-disc pl-5 text-sm text-ink-soft">
            {shut.map(({ way, shut: why }) => (
              <li key={way}>
                {wayWords[way]}: {why && shutWords[why]}.{' '}
                <Opens defect={defect} way={way} why={why} stage={stage} />
              </li>
            ))}
          </ul>
        </Fold>
      )}
      <div className="mt-2 max-w-48">
        <NumberField
          label="How large is it?"
          quantity="area"
          value={spot}
          onChange={setSpot}
          expects={[0.0005, 2]}
          hint="A hand is assumed"
        />
      </div>
    </div>
  );
}

interface OpensProps {
  readonly defect: DefectId;
  readonly way: WaySeen['way'];
  readonly why: WaySeen['shut'];
  readonly stage: CureStage;
}

/** From when a way that only waits for the film is open, and that day for the calendar. */
function Opens({ defect, way, why, stage }: OpensProps) {
  const { view } = useJob();
  const { hardens, cures } = cureStageOf(view);
  const at = way === 'polish' ? cures?.at : hardens;
  if ((why !== 'not-hard' && why !== 'still-wet') || at === undefined || at <= view.now || stage === 'cured')
    return null;
  const save = () =>
    download(
      fileName(`${view.job.name} ${way}`, new Date(view.now).toISOString().slice(0, 10), 'ics'),
      careCalendarFile(
        [
          {
            id: `${view.job.id}-${way}-${defect}`,
            title: `${wayWords[way]}: ${view.job.name}`,
            note: `${defects[defect].name}. A fingernail on a hidden place decides whether it is ready.`,
            due: at,
          },
        ],
        view.shop.workday?.begins ?? usualWorkday.begins,
        view.now,
      ),
    );
  return (
    <span className="inline-flex flex-wrap items-center gap-x-2">
      From {clockTime(at, view.now)}
      {way === 'polish' && cures?.assumed ? ', as is usual for its kind' : ''}.
      <Button look="quiet" onClick={save} aria-label={`Into the calendar: ${wayWords[way]}`}>
        Into the calendar
      </Button>
    </span>
  );
}

interface RowProps {
  readonly way: WaySeen;
  readonly first: boolean;
  readonly onPlan: () => void;
}

function Row({ way: each, first, onPlan }: RowProps) {
  const { view } = useJob();
  const units = useUnits();
  const { way, film, hands, calendar, mix, cost, unpriced, risk, papers } = each;
  return (
    <tr className={`border-b border-hairline align-top ${first ? 'bg-good-wash' : ''}`}>
      <th scope="row" className="min-w-48 py-1.5 pr-4 text-left font-normal">
        <b>
          {first && '✓ '}
          {wayWords[way]}
        </b>
        {papers.length > 0 && <span className="block text-xs text-ink-soft">{papers.join(' → ')}</span>}
      </th>
      <td className="py-1.5 pr-4 whitespace-nowrap">{written(amount('film', film), units)}</td>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        {hands > 0 ? written(amount('duration', hands), units) : 'none'}
      </td>
      <td className="py-1.5 pr-4">{clockTime(view.now + calendar * 1000, view.now)}</td>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        {mix > 0 ? written(amount('dose', mix), units) : 'none'}
      </td>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        {cost === undefined || unpriced.length === 2 ? '–' : money(cost)}
        {unpriced.length > 0 && (
          <span className="block text-xs text-ink-soft">{unpriced.join(' and ')} not priced</span>
        )}
      </td>
      <td className="py-1.5 pr-4">{riskWords(risk)}</td>
      <td className="py-1">
        {plannedWays.includes(way) && (
          <Button onClick={onPlan} aria-label={`Plan it: ${wayWords[way]}`}>
            Plan it
          </Button>
        )}
      </td>
    </tr>
  );
}
