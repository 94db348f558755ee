'use client';

import {
  airSupply,
  hoseFixes,
  hoseOutlet,
  turbineAtGun,
  turbineOf,
  turbinePressure,
  wallPressure,
  wantedMargin,
  waterInLine,
} from '@/core/airline';
import type { Rig } from '@/records';
import { isRefusal } from '@/core/refusal';
import { ButtonLink } from '@/ui/Button';
import { Facts } from '@/ui/Facts';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const fixWords = { wider: 'a hose of', shorter: 'half the length', 'fewer-couplings': 'one coupling only' };
/** The tank stands this much warmer than the room. A default. */
const tankWarmer = 7;

/** Air from the wall to the gun: what the hose takes, whether the compressor keeps up, how much water comes along. */
export function AirLine() {
  const { view } = useJob();
  const units = useUnits();
  const { rig, set, plan } = view;
  if (!rig || rig.air === 'none') return null;
  if (rig.air === 'turbine') return <TurbineLine rig={rig} />;
  const wanted = set.setting?.pressure ?? (isRefusal(set.proposal) ? undefined : set.proposal.pressure);
  const { airHose, airDemand, compressor } = rig;
  if (!airHose || !airDemand || wanted === undefined)
    return (
      <Panel title="Air line">
        <p className="text-sm text-ink-soft">
          Enter the hose and the air this gun takes: then the wall gauge, the tank and the water can be told.
        </p>
        <ButtonLink look="quiet" href={`/rigs/${rig.id}`}>
          To the rig
        </ButtonLink>
      </Panel>
    );
  const wall = wallPressure(airDemand, wanted, airHose);
  const supply = compressor && airSupply(compressor, airDemand);
  const { climate } = plan;
  const water =
    compressor && climate
      ? waterInLine(airDemand, climate.air, climate.humidity, {
          pressure: compressor.high,
          temperature: climate.air + tankWarmer,
        })
      : undefined;
  const inlet = isRefusal(wall) ? (compressor?.low ?? wanted * 2) : wall;
  const fixes = hoseFixes(airDemand, inlet, airHose).filter(({ gains }) => gains > 2000);
  const outlet = hoseOutlet(airDemand, inlet, airHose);
  return (
    <Panel title="Air line">
      {isRefusal(wall) ? (
        <Notice tone="stop">{units.says(wall)}</Notice>
      ) : (
        <p className="text-lg" data-wall>
          Set the wall to{' '}
          <b>
            <Printed figure={amount('pressure', wall)} />
          </b>{' '}
          with the trigger pulled: the gun then has{' '}
          <b>
            <Printed figure={amount('pressure', wanted)} />
          </b>
          .
        </p>
      )}
      <Facts
        title="Of this line"
        facts={[
          {
            label: `Hose ${written(amount('bore', airHose.bore), units)}, ${written(amount('length', airHose.length), units)} takes`,
            value: isRefusal(outlet) ? '–' : written(amount('pressure', inlet - outlet), units),
          },
          { label: 'The gun takes', value: written(amount('airFlow', airDemand), units) },
          ...(supply && !isRefusal(supply)
            ? [
                {
                  label: 'Compressor to spare',
                  value: written(amount('share', supply.margin), units, { digits: 0 }),
                },
                {
                  label: 'A full tank lasts',
                  value: Number.isFinite(supply.lasts)
                    ? written(amount('duration', supply.lasts), units)
                    : 'it keeps up',
                },
                { label: 'It runs', value: written(amount('share', supply.duty), units, { digits: 0 }) },
              ]
            : []),
          ...(water !== undefined && !isRefusal(water)
            ? [
                {
                  label: `Water an hour${rig.dryer ? ', before the dryer' : ''}`,
                  value: written(amount('mass', water * 3600), units, { digits: 0 }),
                },
              ]
            : []),
        ]}
      />
      <div className="mt-3 space-y-2">
        {supply && !isRefusal(supply) && supply.margin < wantedMargin && (
          <Notice tone="care">
            {supply.margin < 0
              ? `The compressor gives less than the gun takes: pause every ${written(amount('duration', supply.lasts), units)}, or use a gun that takes less.`
              : 'Little to spare: pressure will sag in long strokes.'}
          </Notice>
        )}
        {water !== undefined && !isRefusal(water) && water * 3600 > 0.02 && !rig.dryer && (
          <Notice tone="care">
            Water falls out in the line and gives fish-eyes, blush and rust: slope the pipe back, drain it,
            separate it, dry it.
          </Notice>
        )}
        {fixes.slice(0, 3).map(({ id, hose, gains }) => (
          <p key={id} className="text-sm">
            {fixWords[id]}
            {id === 'wider' ? ` ${written(amount('bore', hose.bore), units)}` : ''}:{' '}
            <b>
              +<Printed figure={amount('pressure', gains)} />
            </b>{' '}
            at the gun.
          </p>
        ))}
      </div>
    </Panel>
  );
}

/** A turbine’s hose when the rig says nothing. Defaults. */
const turbineHose = { bore: 19e-3, length: 6 };
const turbineTakes = 12e-3;

/** From the turbine through its hose: what is left at the gun while it flows. */
function TurbineLine({ rig }: { readonly rig: Rig }) {
  const units = useUnits();
  const turbine = rig.turbine ?? turbineOf(rig.stages ?? 4);
  const takes = rig.airDemand ?? turbineTakes;
  const hose = rig.airHose ?? turbineHose;
  const atGun = turbineAtGun(turbine, takes, hose);
  const gives = turbinePressure(turbine, takes);
  const half = turbineAtGun(turbine, takes, { ...hose, length: hose.length / 2 });
  const assumed = !rig.turbine || !rig.airDemand || !rig.airHose;
  return (
    <Panel title="Air line">
      {isRefusal(atGun) ? (
        <Notice tone="stop">{units.says(atGun)}</Notice>
      ) : (
        <p className="text-lg" data-turbine>
          The turbine leaves{' '}
          <b>
            <Printed figure={amount('pressure', atGun)} />
          </b>{' '}
          at the gun, of <Printed figure={amount('pressure', turbine.sealed)} /> with nothing flowing.
        </p>
      )}
      <Facts
        title="Of this line"
        facts={[
          { label: 'The gun takes', value: written(amount('airFlow', takes), units) },
          { label: 'The turbine gives then', value: written(amount('pressure', gives), units) },
          ...(isRefusal(atGun)
            ? []
            : [
                {
                  label: `Hose ${written(amount('bore', hose.bore), units)}, ${written(amount('length', hose.length), units)} takes`,
                  value: written(amount('pressure', gives - atGun), units),
                },
              ]),
          ...(isRefusal(atGun) || isRefusal(half)
            ? []
            : [
                {
                  label: 'Half the hose would gain',
                  value: written(amount('pressure', half - atGun), units),
                },
              ]),
        ]}
      />
      <p className="mt-2 text-sm text-ink-soft">
        {assumed ? 'Estimated from usual turbines: enter what its maker states on the rig. ' : ''}
        Its air is warm and dry: slower thinner, and a hose long enough to cool.
      </p>
    </Panel>
  );
}
