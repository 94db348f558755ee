'use client';

import {
  airSupply,
  capSpread,
  hoseFixes,
  hoseOutlet,
  turbineAtGun,
  turbinePressure,
  wantedMargin,
  waterInLine,
} from '@/core/airline';
import type { Rig } from '@/records';
import { isRefusal } from '@/core/refusal';
import { turbineHeld } from '@/facts/job/turbineleaves';
import { airChainOf } from '@/facts/job/airchain';
import { hvlpCapLimit } from '@/facts/job/levers';
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
  const from = set.setting ?? (isRefusal(set.proposal) ? undefined : set.proposal);
  const chain = from && airChainOf(rig, from.pressure, from.pressureAt);
  const { airHose, compressor } = rig;
  const airDemand = chain && !isRefusal(chain) ? chain.air : rig.airDemand;
  const wall = chain && !isRefusal(chain) ? chain.wall : chain;
  if (!airHose || !airDemand || !chain || wall === undefined)
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
  const wanted = isRefusal(chain) ? from.pressure : chain.inlet;
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
          </b>{' '}
          at its inlet
          {!isRefusal(chain) && chain.cap !== undefined && (
            <>
              {' '}
              and about{' '}
              <b>
                <Printed figure={amount('pressure', chain.cap)} />
              </b>{' '}
              at its cap
            </>
          )}
          .
        </p>
      )}
      {!isRefusal(chain) && chain.cap !== undefined && (
        <div className="my-2">
          <Notice tone={chain.cap > hvlpCapLimit ? 'care' : 'plain'}>
            {chain.cap > hvlpCapLimit
              ? `That is over the ${written(amount('pressure', hvlpCapLimit), units)} an HVLP cap may have: turn the wall down. `
              : ''}
            What the gun loses inside is a default, ±{' '}
            {written(amount('share', capSpread), units, { digits: 0 })}, and certifies nothing: read a cap
            gauge, or its maker’s chart.
          </Notice>
        </div>
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

/** From the turbine through its hose: what is left at the gun while it flows. */
function TurbineLine({ rig }: { readonly rig: Rig }) {
  const units = useUnits();
  const held = turbineHeld(rig);
  if (!held) return null;
  const { turbine, takes, hose, assumed } = held;
  const atGun = turbineAtGun(turbine, takes, hose);
  const gives = turbinePressure(turbine, takes);
  const half = turbineAtGun(turbine, takes, { ...hose, length: hose.length / 2 });
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
