'use client';

import { useState } from 'react';
import {
  checkPump,
  compareTips,
  filterMesh,
  fluidHoseLoss,
  tipFromCode,
  tipSchools,
  wearFromFan,
  wearFromFlow,
  sortTips,
  tipCode,
  tipFlow,
  tipOrders,
  wornWaste,
  type Tip,
  type TipOrder,
} from '@/core/airless';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Fold } from '@/ui/Fold';
import { Panel } from '@/ui/Panel';
import { tipNow } from '@/facts/job/fittings';
import { useUnits } from '@/ui/units';
import { money } from '@/words/money';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** Airless tips side by side at this pressure and film; pump, hose and filter; what a worn tip costs. */
export function TipBench() {
  const { view } = useJob();
  const units = useUnits();
  const { rig, set, job } = view;
  const [order, setOrder] = useState<TipOrder>('film');
  const [codes, setCodes] = useState(rig?.tips.slice(0, 4).join(', ') ?? '');
  if (rig?.atomising !== 'airless' || isRefusal(set.proposal)) return null;
  const { density, point } = set;
  const pressure = point.pressure ?? set.proposal.pressure;
  const read = codes
    .split(/[,;\s]+/)
    .filter(Boolean)
    .map(tipFromCode);
  const wrong = read.find(isRefusal);
  // A worn tip is compared as it sprays now.
  const tips = read.filter((tip): tip is Tip => !isRefusal(tip)).map((tip) => tipNow(tip, rig.tipsWorn));
  const rows = compareTips(tips, {
    pressure,
    density,
    distance: point.distance,
    wetFilm: set.wet,
    transfer: set.transfer,
    overlap: point.overlap,
    speed: set.hand.usual,
    across: Math.max(...job.part.faces.map(({ width, height }) => Math.min(width, height)), 0.1),
  });
  const sorted = isRefusal(rows) ? [] : sortTips(rows, order, set.wet);
  const inUse = tipFromCode(point.tip ?? '');
  const now = isRefusal(inUse) ? inUse : tipNow(inUse, rig.tipsWorn);
  return (
    <Panel title="Tips">
      <Fold
        title="Side by side"
        says="compared by film, speed, paint and overspray; the pump; wear"
        verb="Show"
      >
        <TextField
          label="Tip codes to compare"
          value={codes}
          onChange={(event) => setCodes(event.target.value)}
          error={wrong ? units.says(wrong) : undefined}
        />
        <CodeFinder
          onFound={(code) => setCodes([...new Set([...tips.map((tip) => tip.code), code])].join(', '))}
        />
        <div className="mt-3">
          <Choice
            label="In order of"
            value={order}
            onChange={setOrder}
            options={tipOrders.map((value) => ({ value, label: orderWords[value] }))}
          />
        </div>
        {sorted.length > 0 && (
          <div className="mt-3 overflow-x-auto">
            <table className="w-full text-right text-sm" data-tips>
              <thead className="text-ink-soft">
                <tr className="border-b border-hairline">
                  {['Tip', 'Fan', 'Flow', 'Film a pass', 'Speed for the film', 'Lost', 'Filter'].map(
                    (head) => (
                      <th key={head} className="px-2 py-1 font-normal first:text-left">
                        {head}
                      </th>
                    ),
                  )}
                </tr>
              </thead>
              <tbody>
                {sorted.map(({ tip, fan, flow, film, speed, lost }) => (
                  <tr key={tip.code} className="border-b border-hairline">
                    <th className="py-1.5 text-left">
                      {tip.code}
                      {rig.tipsWorn?.[tip.code]?.fan !== undefined && (
                        <span className="font-normal text-ink-soft"> as worn</span>
                      )}
                    </th>
                    <td className="px-2">
                      <Printed figure={amount('distance', fan)} />
                    </td>
                    <td className="px-2">
                      <Printed figure={amount('fluidFlow', flow)} />
                    </td>
                    <td className="px-2">
                      <Printed figure={amount('film', film)} />
                    </td>
                    <td className="px-2">
                      <Printed figure={amount('speed', speed)} />
                    </td>
                    <td className="px-2">
                      <Printed figure={amount('share', lost)} digits={0} />
                    </td>
                    <td className="px-2">{filterMesh(tip.orifice)} mesh</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        {!isRefusal(now) && <PumpNotice tip={now} pressure={pressure} density={density} />}
        {!isRefusal(now) && <Schools tip={now} pressure={pressure} density={density} />}
        {!isRefusal(inUse) && <Wear key={inUse.code} tip={inUse} pressure={pressure} density={density} />}
      </Fold>
    </Panel>
  );
}

const orderWords: Record<TipOrder, string> = {
  film: 'Film',
  speed: 'Speed',
  flow: 'Paint',
  lost: 'Overspray',
};

/** A code from what is wanted: orifice and fan at 305 mm. */
function CodeFinder({ onFound }: { readonly onFound: (code: string) => void }) {
  const units = useUnits();
  const [orifice, setOrifice] = useState<number>();
  const [fan, setFan] = useState<number>();
  const found = orifice && fan ? tipFromCode(tipCode(orifice, fan)) : undefined;
  return (
    <details className="mt-2">
      <summary className="flex min-h-11 items-center text-sm font-semibold">
        Find a code from orifice and fan
      </summary>
      <div className="grid items-end gap-3 sm:grid-cols-3">
        <NumberField
          label="Orifice"
          quantity="bore"
          value={orifice}
          onChange={setOrifice}
          expects={[0.15e-3, 1.2e-3]}
        />
        <NumberField
          label={`Fan at ${written(amount('distance', 0.305), units)}`}
          quantity="distance"
          value={fan}
          onChange={setFan}
          expects={[0.05, 0.7]}
        />
        {found && !isRefusal(found) && (
          <Button onClick={() => onFound(found.code)}>
            Compare {found.code}: <Printed figure={amount('distance', found.fan)} />,{' '}
            <Printed figure={amount('bore', found.orifice)} />
          </Button>
        )}
      </div>
      {found && isRefusal(found) && <p className="text-sm font-semibold text-stop">▲ No tip has these.</p>}
    </details>
  );
}

interface TipProps {
  readonly tip: Tip;
  readonly pressure: number;
  readonly density: number;
}

function PumpNotice({ tip, pressure, density }: TipProps) {
  const { view } = useJob();
  const units = useUnits();
  const { rig, set } = view;
  const guns = rig?.pump?.guns ?? 1;
  const check = rig?.pump
    ? checkPump(
        rig.pump.flow,
        Array.from({ length: guns }, () => tip),
        pressure,
        density,
      )
    : undefined;
  const loss =
    rig?.fluidHose && check && !isRefusal(check)
      ? fluidHoseLoss(check.takes / guns, set.viscosity, rig.fluidHose)
      : undefined;
  if (!check || isRefusal(check))
    return (
      <p className="mt-3 text-sm text-ink-soft">
        Enter what the pump delivers on the gun’s page: then it is told whether it keeps up.
      </p>
    );
  const takes = written(amount('fluidFlow', check.takes), units);
  const words = {
    good: `The pump keeps up: ${takes} taken.`,
    tight: `Tight: ${takes} taken leaves ${written(amount('share', check.margin), units, { digits: 0 })} to spare. Pressure will pulse.`,
    'too-small': `The pump is too small: ${takes} taken. A smaller tip, or fewer guns.`,
  };
  return (
    <div className="mt-3 space-y-2">
      <Notice tone={check.state === 'good' ? 'good' : check.state === 'tight' ? 'care' : 'stop'}>
        {words[check.state]}
        {loss !== undefined && !isRefusal(loss)
          ? ` The hose takes ${written(amount('pumpPressure', loss), units)}: set the pump to ${written(amount('pumpPressure', pressure + loss), units)}.`
          : ''}
      </Notice>
    </div>
  );
}

function Schools({ tip, pressure, density }: TipProps) {
  const { view } = useJob();
  const schools = tipSchools(tip, pressure, density, view.set.transfer);
  if (isRefusal(schools)) return null;
  return (
    <ul className="mt-3 text-sm">
      {schools.map(({ kind, pressure: own, flow, drops, transfer }) => (
        <li key={kind} className="flex flex-wrap justify-between gap-x-3 border-b border-hairline py-1.5">
          <b>{kind === 'standard' ? 'Standard tip' : 'Low-pressure tip, estimate'}</b>
          <span>
            <Printed figure={amount('pumpPressure', own)} />, <Printed figure={amount('fluidFlow', flow)} />,
            drops {drops.toFixed(1)} ×, transfer <Printed figure={amount('share', transfer)} digits={0} />
          </span>
        </li>
      ))}
    </ul>
  );
}

function Wear({ tip, pressure, density }: TipProps) {
  const { view } = useJob();
  const units = useUnits();
  const [volume, setVolume] = useState<number>();
  const [seconds, setSeconds] = useState<number>();
  const fresh = tipFlow(tip.orifice, pressure, density);
  const [fan, setFan] = useState<number | undefined>(view.rig?.tipsWorn?.[tip.code]?.fan);
  // A timed flow tells more than the width of the fan.
  const timed =
    volume && seconds && !isRefusal(fresh) ? wearFromFlow(tip, volume / seconds, fresh) : undefined;
  const worn = timed ?? (fan === undefined ? undefined : wearFromFan(tip, fan));
  const { needed, sheet } = view.plan;
  const { rig } = view;
  const store = useStore();
  const width = worn && !isRefusal(worn) ? tip.fan * (1 - worn.fanLost) : undefined;
  const held = rig?.tipsWorn?.[tip.code];
  const kept = width !== undefined && held?.fan !== undefined && Math.abs(held.fan - width) < 1e-6;
  // Care forecasts the tip’s end from it.
  const keep = () =>
    rig &&
    store.put({ ...rig, tipsWorn: { ...rig.tipsWorn, [tip.code]: { ...held, fan: width } } }, 'tip measured');
  const waste =
    worn && !isRefusal(worn) && !isRefusal(needed) && sheet.pricePerVolume
      ? wornWaste(worn.flowGrowth, needed.total, sheet.pricePerVolume)
      : undefined;
  return (
    <div className="mt-3 grid items-start gap-3 sm:grid-cols-2">
      <NumberField
        label={`Fan of ${tip.code} now, at ${written(amount('distance', 0.305), units)}`}
        quantity="distance"
        value={fan}
        onChange={setFan}
        expects={[tip.fan * 0.5, tip.fan * 1.1]}
        error={!timed && isRefusal(worn) ? units.says(worn) : undefined}
      />
      <div className="grid grid-cols-2 items-start gap-3">
        <NumberField
          label="Or timed: caught"
          quantity="volume"
          value={volume}
          onChange={setVolume}
          expects={[0.2e-3, 20e-3]}
        />
        <NumberField label="In" quantity="time" value={seconds} onChange={setSeconds} expects={[10, 120]} />
      </div>
      {worn && !isRefusal(worn) && (
        <Notice tone={worn.renew ? 'care' : 'good'}>
          Fan <Printed figure={amount('share', worn.fanLost)} digits={0} /> narrower, flow{' '}
          {worn.flowGrowth.toFixed(2)} × {timed ? 'of a new tip, timed' : '(an estimate)'}.{' '}
          {worn.renew ? 'Renew it: a quarter is gone.' : 'Still good.'}
          {waste ? ` Run on, this job wastes ${money(waste)} of paint.` : ''}
        </Notice>
      )}
      {worn && !isRefusal(worn) && (
        <div>
          <Button disabled={kept} onClick={keep}>
            {kept ? 'Kept with the tip' : 'Keep it with the tip'}
          </Button>
        </div>
      )}
    </div>
  );
}
