'use client';

import { useState } from 'react';
import { tipFromCode, wearFromFan } from '@/core/airless';
import { partFacts } from '@/core/care';
import { isRefusal } from '@/core/refusal';
import { newId, type Rig } from '@/records';
import { furthest, lookedAfter } from '@/facts/shop/carecalendar';
import { useStore } from '@/store/hooks';
import type { WearItem } from '@/facts/shop/wear';
import { Button, ButtonLink } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { EmptyState } from '@/ui/EmptyState';
import { SelectField, TextField } from '@/ui/Field';
import { useRecorded } from '@/ui/recorded';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import { renewalWords, wearWords } from '@/words/care';
import { countWords, dayWords, spanWords, whichWords } from '@/words/caredue';
import { wearCosts } from '@/words/wearcosts';
import { Kit } from './Kit';
import { LifeBar } from './LifeBar';
import { useCare } from './usecare';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const basisWords = {
  default: 'Life, a default',
  interval: 'Life by the maker',
  history: 'Life learnt here',
} as const;

/** Every wearing part with what it has done, what is left of it, and how sure that is. */
export function WearPart() {
  const care = useCare();
  const [renewing, setRenewing] = useState<WearItem>();
  if (care.rigs.length === 0)
    return (
      <EmptyState title="No guns yet">
        <ButtonLink href="/rigs">To the guns</ButtonLink>
      </EmptyState>
    );
  // The gun whose part is due first stands open.
  const first = [...care.wear].sort((a, b) => (a.due?.middle ?? Infinity) - (b.due?.middle ?? Infinity))[0]
    ?.rig.id;
  return (
    <div className="border-t border-hairline">
      {care.rigs.map((rig) => (
        <Fold
          key={rig.id}
          className="border-b border-hairline px-4 md:px-5"
          title={rig.name}
          says={soonest(
            care.wear.filter((item) => item.rig.id === rig.id),
            care.now,
          )}
          open={rig.id === first}
          verb="Show"
        >
          <ul className="divide-y divide-hairline border-y border-hairline" data-wear={rig.id}>
            {care.wear
              .filter((item) => item.rig.id === rig.id)
              .map((item) => (
                <WearRow
                  key={item.part + (item.which ?? '')}
                  item={item}
                  now={care.now}
                  onRenew={() => setRenewing(item)}
                />
              ))}
          </ul>
          <Kit rig={rig} items={care.kit.filter((item) => item.rig.id === rig.id)} />
          <div className="mt-3">
            <ButtonLink href={`/rigs/${rig.id}`}>Its rig</ButtonLink>
          </div>
        </Fold>
      ))}
      <p className="mt-3 px-4 text-xs text-ink-soft">
        Hours are those its coats took, litres the mix made for them, weighted by how the coating rubs. Lives
        are defaults of ours until the maker’s is entered or parts were renewed here because they were worn.
        What is left is for a part that has lasted so far: the middle, and where four in five fall.
      </p>
      {renewing && <Renewal item={renewing} now={care.now} onClose={() => setRenewing(undefined)} />}
    </div>
  );
}

/** The part of a gun that is due first, in a line. */
function soonest(items: readonly WearItem[], now: number): string {
  const [next] = items
    .filter(({ due }) => due !== undefined && due.middle < now + furthest * 86_400_000)
    .sort((a, b) => (a.due?.middle ?? 0) - (b.due?.middle ?? 0));
  return next?.due
    ? `${items.length} parts, ${wearWords[next.part].toLowerCase()} first: ${dayWords(next.due.middle)}`
    : `${items.length} parts, none due at this use`;
}

function WearRow({
  item,
  now,
  onRenew,
}: {
  readonly item: WearItem;
  readonly now: number;
  readonly onRenew: () => void;
}) {
  const units = useUnits();
  const { part, since, used, counts, belief, forecast, due, measured } = item;
  const dated = since !== undefined || counts !== 'days';
  const left =
    measured && !isRefusal(measured.left) ? measured.left : isRefusal(forecast) ? undefined : forecast.left;
  return (
    <li className="grid items-center gap-x-5 gap-y-1 py-2.5 md:grid-cols-[15rem_minmax(0,1fr)_auto]">
      <span>
        <b>
          {wearWords[part]}
          {whichWords(item, units)}
        </b>
        <span className="block text-sm text-ink-soft">
          {dated
            ? `${countWords(item, used, units)}${since ? ` since ${dayWords(since)}` : ' on record'}`
            : 'nobody has said since when'}
        </span>
      </span>
      <span className="min-w-0 text-sm">
        {dated && !isRefusal(forecast) && (
          <LifeBar
            used={used}
            belief={belief}
            left={left}
            label={`${wearWords[part]}: ${Math.round(forecast.used * 100)} % of the usual life used`}
          />
        )}
        <span className="text-ink-soft">
          {measured && (
            <b className="text-ink">
              Fan lost <Printed figure={amount('share', measured.lost)} digits={0} />.{' '}
            </b>
          )}
          {dated && left && `About ${countWords(item, left.middle, units)} left`}
          {due
            ? due.middle > now + furthest * 86_400_000
              ? ', not for years at this use. '
              : `: ${dayWords(due.middle)}${spanWords(due, now) ? `, ${spanWords(due, now)}` : ''}. `
            : dated && left
              ? ', not used of late. '
              : ''}
          {measured
            ? 'By the measured fan.'
            : `${basisWords[belief.basis]}${belief.renewals ? ` from ${belief.renewals}` : ''}: ${countWords(item, belief.median, units)}.`}
          {wearCosts(item, units)}
        </span>
      </span>
      <Button onClick={onRenew} aria-label={`Renewed: ${wearWords[part]}${whichWords(item, units)}`}>
        Renewed
      </Button>
    </li>
  );
}

/** When a part was renewed and why, and the maker's own word on how long it lasts. */
function Renewal({
  item,
  now,
  onClose,
}: {
  readonly item: WearItem;
  readonly now: number;
  readonly onClose: () => void;
}) {
  const store = useStore();
  const recorded = useRecorded();
  const units = useUnits();
  const { part, which, counts } = item;
  const today = new Date(now).toISOString().slice(0, 10);
  const [on, setOn] = useState(today);
  const [why, setWhy] = useState<NonNullable<Rig['renewals']>[number]['why']>(
    item.since === undefined && counts === 'days' ? 'new-gun' : 'worn',
  );
  const wrong = !/^\d{4}-\d\d-\d\d$/.test(on)
    ? 'Give the day.'
    : on > today
      ? 'That day is still to come.'
      : item.since !== undefined && on < new Date(item.since).toISOString().slice(0, 10)
        ? `It was renewed on ${dayWords(item.since)} already.`
        : undefined;
  const current = (): Rig | undefined => {
    const held = store.getState().records.get(`rig/${item.rig.id}`);
    return held?.kind === 'rig' ? held : undefined;
  };
  const keep = () => {
    const rig = current();
    if (!rig || wrong) return;
    store.put(lookedAfter(rig, { kind: 'wear', id: '', part, which }, on, newId(), why), 'part renewed');
    recorded(`On record: ${wearWords[part].toLowerCase()} renewed.`);
    onClose();
  };
  const rig = current();
  const tip = part === 'tip' && which ? tipFromCode(which) : undefined;
  const [fan, setFan] = useState(which ? item.rig.tipsWorn?.[which]?.fan : undefined);
  const worn = tip && !isRefusal(tip) && fan !== undefined ? wearFromFan(tip, fan) : undefined;
  const measure = (width: number | undefined) => {
    setFan(width);
    if (
      !rig ||
      !which ||
      !tip ||
      isRefusal(tip) ||
      (width !== undefined && isRefusal(wearFromFan(tip, width)))
    )
      return;
    const { [which]: held, ...others } = rig.tipsWorn ?? {};
    store.put({ ...rig, tipsWorn: { ...others, [which]: { ...held, fan: width } } }, 'tip measured');
  };
  const setInterval = (life: number | undefined) => {
    if (!rig) return;
    const others = Object.entries(rig.intervals ?? {}).filter(([each]) => each !== part);
    store.put(
      { ...rig, intervals: Object.fromEntries([...others, ...(life ? [[part, life]] : [])]) },
      'maker’s interval',
    );
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title={`${wearWords[part]}${whichWords(item, units)}`}
      says={item.rig.name}
    >
      <form
        className="space-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            label="Renewed on"
            type="date"
            value={on}
            max={today}
            onChange={(event) => setOn(event.target.value)}
            error={wrong}
          />
          <SelectField
            label="Because"
            value={why}
            onChange={(event) => setWhy(event.target.value as typeof why)}
            options={Object.entries(renewalWords).map(([value, label]) => ({ value, label }))}
            hint="Only what was worn says how long one lasts."
          />
        </div>
        <Button type="submit" look="main" disabled={wrong !== undefined}>
          Put on record
        </Button>
      </form>
      {tip && !isRefusal(tip) && (
        <div className="mt-5 border-t border-hairline pt-4">
          <NumberField
            label="Fan as it sprays now"
            quantity="distance"
            value={fan}
            onChange={measure}
            expects={[tip.fan * 0.5, tip.fan * 1.1]}
            error={isRefusal(worn) ? units.says(worn) : undefined}
            lazily
            hint={`Measured at ${written(amount('distance', 0.305), units)}; new it sprays ${written(amount('distance', tip.fan), units)}. A timed flow is entered at Set, under Tips side by side.`}
          />
        </div>
      )}
      <div className="mt-5 border-t border-hairline pt-4">
        {counts === 'days' ? (
          <NumberField
            label="Lasts by the maker’s word"
            quantity="days"
            value={rig?.intervals?.[part] === undefined ? undefined : rig.intervals[part] / 86_400}
            onChange={(days) => setInterval(days === undefined ? undefined : days * 86_400)}
            expects={[5, 1500]}
            lazily
            hint={`A default without it: ${written(amount('days', partFacts[part].life / 86_400), units)}`}
          />
        ) : (
          <NumberField
            label="Lasts by the maker’s word"
            quantity={counts === 'hours' ? 'runTime' : 'volume'}
            value={rig?.intervals?.[part]}
            onChange={setInterval}
            expects={counts === 'hours' ? [10 * 3600, 5000 * 3600] : [0.02, 50]}
            lazily
            hint={`A default without it: ${countWords(item, partFacts[part].life, units)}`}
          />
        )}
      </div>
    </Dialog>
  );
}
