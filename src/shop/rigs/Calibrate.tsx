'use client';

import { useState } from 'react';
import { drivingFrom, type FlowMeasure } from '@/core/airgun';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { useRecorded } from '@/ui/recorded';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** How each feed is measured: a jet and a timed pot only where the feed itself pushes. */
const ways: Record<Rig['feed'], readonly FlowMeasure['kind'][]> = {
  gravity: ['weighed'],
  suction: ['weighed'],
  'pressure-cup': ['weighed'],
  'pressure-pot': ['delivery', 'stream'],
  pump: ['delivery', 'stream'],
};

const wayWords: Record<FlowMeasure['kind'], string> = {
  weighed:
    'Weigh the gun before and after a timed spray at working pressure. With the air off its own suction or cup pressure would be missed.',
  delivery: 'Atomising air off, pot pressure on: a timed delivery into a graduated pot.',
  stream:
    'Air off, gun level: how far the jet reaches while it falls. An upper bound, since the jet contracts.',
};

/** Driving pressure of a rig from a measured flow: what the nozzle finder then goes by. */
export function Calibrate({ rig }: { readonly rig: Rig }) {
  const store = useStore();
  const recorded = useRecorded();
  const units = useUnits();
  const [kind, setKind] = useState(ways[rig.feed][0] ?? 'weighed');
  const [n, setN] = useState<Record<string, number | undefined>>({
    bore: rig.sets[0]?.bore,
    viscosity: 0.07,
    density: 1100,
    fall: 0.03,
  });
  const set = (name: string) => (value: number | undefined) => setN({ ...n, [name]: value });
  const {
    before = 0,
    after = 0,
    seconds = 0,
    volume = 0,
    reach = 0,
    fall = 0,
    bore = 0,
    viscosity = 0,
    density = 0,
  } = n;
  const measure: FlowMeasure =
    kind === 'weighed'
      ? { kind, before, after, seconds }
      : kind === 'delivery'
        ? { kind, volume, seconds }
        : { kind, reach, fall, bore };
  const whole =
    kind === 'weighed' ? before && seconds : kind === 'delivery' ? volume && seconds : reach && fall;
  const found = whole ? drivingFrom(measure, bore, { viscosity, density }) : undefined;
  const save = () => {
    if (!found || isRefusal(found)) return;
    store.put({ ...rig, driving: found.pressure }, 'rig calibrated');
    recorded(`${rig.name} is calibrated.`);
  };
  return (
    <Panel title="Calibrate the fluid">
      <div className="mb-3 flex flex-wrap gap-2">
        {ways[rig.feed].map((way) => (
          <Button key={way} aria-pressed={kind === way} onClick={() => setKind(way)}>
            {way === 'weighed' ? 'Weighed gun' : way === 'delivery' ? 'Timed delivery' : 'Stream'}
          </Button>
        ))}
      </div>
      <p className="mb-3 max-w-2xl text-sm text-ink-soft">{wayWords[kind]}</p>
      <div className="grid grid-cols-2 items-start gap-4 sm:grid-cols-4">
        {kind === 'weighed' && (
          <>
            <NumberField label="Gun before" quantity="mass" value={n.before} onChange={set('before')} />
            <NumberField label="Gun after" quantity="mass" value={n.after} onChange={set('after')} />
          </>
        )}
        {kind === 'delivery' && (
          <NumberField label="Delivered" quantity="dose" value={n.volume} onChange={set('volume')} />
        )}
        {kind === 'stream' && (
          <>
            <NumberField label="Reach" quantity="distance" value={n.reach} onChange={set('reach')} />
            <NumberField label="Fall" quantity="distance" value={n.fall} onChange={set('fall')} />
          </>
        )}
        {kind !== 'stream' && (
          <NumberField
            label="In"
            quantity="time"
            value={n.seconds}
            onChange={set('seconds')}
            expects={[5, 300]}
          />
        )}
        <NumberField label="Nozzle fitted" quantity="bore" value={n.bore} onChange={set('bore')} />
        <NumberField
          label="Viscosity of the mix"
          quantity="dynamicViscosity"
          value={n.viscosity}
          onChange={set('viscosity')}
        />
        <NumberField
          label="Density of the mix"
          quantity="density"
          value={n.density}
          onChange={set('density')}
        />
      </div>
      {found && (
        <div className="mt-3 space-y-3" data-calibrated>
          {isRefusal(found) ? (
            <Notice tone="stop">{units.says(found)}</Notice>
          ) : (
            <>
              <Notice tone="good">
                <Printed figure={amount('fluidFlow', found.flow.flow)} /> ±{' '}
                <Printed figure={amount('share', found.flow.error)} digits={0} />: driven by{' '}
                <Printed figure={amount('pressure', found.pressure)} digits={3} />.
              </Notice>
              <Button onClick={save}>Use it for this gun</Button>
            </>
          )}
        </div>
      )}
    </Panel>
  );
}
