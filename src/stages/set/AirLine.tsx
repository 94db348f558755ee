'use client';

import {
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
import { compressedAir, type CompressedAir } from '@/facts/job/compressed';
import { hvlpCapLimit } from '@/facts/job/levers';
import { ButtonLink } from '@/ui/Button';
import { Facts } from '@/ui/Facts';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { money } from '@/words/money';
import type { Units } from '@/words/units';
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
  if (rig.air === 'turbine') return <TurbineLine rig={rig} left={set.bearings.airLeft} />;
  const { pressure, pressureAt } = set.point;
  const chain =
    pressure === undefined || pressureAt === undefined ? undefined : airChainOf(rig, pressure, pressureAt);
  const { airHose, compressor } = rig;
  const airDemand = set.point.air;
  const wall = chain && !isRefusal(chain) ? chain.wall : chain;
  if (!airHose || !airDemand || !chain || wall === undefined || pressure === undefined)
    return (
      <Panel title="Air line">
        <p className="text-sm text-ink-soft">
          Enter the hose and the air this gun takes: then the wall gauge, the tank and the water can be told.
        </p>
        <ButtonLink look="quiet" href={`/rigs/${rig.id}`}>
          To the gun
        </ButtonLink>
      </Panel>
    );
  const wanted = isRefusal(chain) ? pressure : chain.inlet;
  const supply = compressedAir(view);
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
            {chain.capAssumed
              ? `What the gun loses inside is a default, ± ${written(amount('share', capSpread), units, { digits: 0 })}, and certifies nothing: read a cap gauge, or its maker’s chart.`
              : rig.rated?.by === 'maker'
                ? 'By its maker’s chart.'
                : 'By a cap gauge read on this gun, at its fan and air valve as they stood.'}
          </Notice>
        </div>
      )}
      <Facts
        title="Of this line"
        facts={[
          {
            label: `Hose ${written(amount('hoseBore', airHose.bore), units)}, ${written(amount('length', airHose.length), units)} takes`,
            value: isRefusal(outlet) ? '–' : written(amount('pressure', inlet - outlet), units),
            from: { source: 'estimate' },
          },
          {
            label: 'The gun takes',
            value: written(amount('airFlow', airDemand), units),
            from: { source: 'chosen' },
          },
          ...highSays(set.bearings.airLeft, units),
          ...(supply
            ? [
                { label: 'The compressor', value: supplySays(supply, units) },
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
        {supply && supply.state !== 'ample' && (
          <Notice tone="care">
            {supply.state === 'short'
              ? `It gives less than the gun takes: pause every ${written(amount('duration', supply.lasts), units)}, or use a gun that takes less.${waitSays(supply, units)}`
              : supply.state === 'tank'
                ? 'A full tank carries a coat; the compressor alone does not: let it fill before each.'
                : `Under ${written(amount('share', wantedMargin), units, { digits: 0 })} to spare pressure sags in long strokes: pause between them.`}
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
            {id === 'wider' ? ` ${written(amount('hoseBore', hose.bore), units)}` : ''}:{' '}
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

/** Whether it has enough, in words that agree with the notice under them. */
const supplySays = ({ state, margin, lasts }: CompressedAir, units: Units): string => {
  const share = written(amount('share', Math.abs(margin)), units, { digits: 0 });
  if (state === 'short' || state === 'tank')
    return `${share} short, a full tank lasts ${written(amount('duration', lasts), units)}`;
  return `keeps up, ${state === 'little' ? 'only ' : ''}${share} to spare`;
};

/** What waiting for the tank takes of a coat, to set against a larger compressor. */
const waitSays = ({ waits, costs }: CompressedAir, units: Units): string =>
  waits < 1
    ? ''
    : ` A coat waits ${written(amount('duration', waits), units)} for the tank${costs === undefined ? '' : `, ${money(costs)} of hands: ${money(costs * 100)} over a hundred such coats, to set against a larger one`}.`;

/** Up high there is less air to press: what the sea’s air would give stands beside it. */
const highSays = (left: number, units: Units) =>
  left < 1
    ? [
        {
          label: 'Air up here, of the sea’s',
          value: written(amount('share', left), units, { digits: 0 }),
        },
      ]
    : [];

/** From the turbine through its hose: what is left at the gun while it flows. */
function TurbineLine({ rig, left }: { readonly rig: Rig; readonly left: number }) {
  const units = useUnits();
  const held = turbineHeld(rig, left);
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
          {
            label: 'The gun takes',
            value: written(amount('airFlow', takes), units),
            from: { source: rig.airDemand === undefined ? 'default' : 'chosen' },
          },
          ...highSays(left, units),
          {
            label: 'The turbine gives then',
            value: written(amount('pressure', gives), units),
            from: { source: 'estimate' },
          },
          ...(isRefusal(atGun)
            ? []
            : [
                {
                  label: `Hose ${written(amount('hoseBore', hose.bore), units)}, ${written(amount('length', hose.length), units)} takes`,
                  value: written(amount('pressure', gives - atGun), units),
                  from: { source: 'estimate' as const },
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
        {assumed ? 'Estimated from usual turbines: enter what its maker states on the gun’s page. ' : ''}
        Its air is warm and dry: slower thinner, and a hose long enough to cool.
      </p>
    </Panel>
  );
}
