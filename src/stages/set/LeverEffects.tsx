'use client';

import { dropIndex, dropSize } from '@/core/airgun';
import { isRefusal } from '@/core/refusal';
import { showDuration } from '@/core/quantity';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';

interface Props {
  readonly levers: {
    readonly flow: number;
    readonly speed: number;
    readonly fan: number;
    readonly overlap: number;
  };
  readonly pressure: number | undefined;
  readonly bore: number | undefined;
  readonly transfer: number;
  /** Pa: what drops are compared with. */
  readonly usual: number | undefined;
}

/** Air a gun takes whose rig says nothing, m³/s. A default. */
const usualAir = 350e-3 / 60;

/** What the levers do beside the film: drops, transfer and overspray, air, time. */
export function LeverEffects({ levers, pressure, bore, transfer, usual }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const { set, rig, spray, plan } = view;
  const density = isRefusal(plan.asMixed) ? 1000 : plan.asMixed.density;
  const liquid = { viscosity: set.viscosity, density };
  const air = rig?.airDemand ?? usualAir;
  const taken = pressure && usual ? air * (pressure / usual) : air;
  const size = (at: number | undefined, flow: number, takes: number) =>
    dropSize({ pressure: at ?? 0, air: takes, fluid: flow, bore: bore ?? 0 }, liquid);
  const now = size(pressure, levers.flow, taken);
  const reference = isRefusal(set.proposal)
    ? undefined
    : size(set.proposal.pressure, set.proposal.fitting.flow, air);
  const drops =
    isRefusal(now) || reference === undefined || isRefusal(reference) ? undefined : dropIndex(now, reference);
  const airless = rig?.atomising === 'airless';
  const coat = (spray.coatTime * spray.speed) / Math.max(levers.speed, 0.01);
  const facts = [
    ...(airless || drops === undefined
      ? []
      : [
          [
            'Drops beside the sheet’s set-up',
            `${Math.round(drops)} of 100${drops > 108 ? ', coarser' : drops < 92 ? ', finer' : ''}`,
          ],
        ]),
    ['Transfer, estimate', units.show('share', transfer, { digits: 0 })],
    ['Overspray of what leaves', units.show('fluidFlow', levers.flow * (1 - transfer))],
    ...(airless ? [] : [[`Air taken${rig?.airDemand ? '' : ', default'}`, units.show('airFlow', taken)]]),
    ['A coat takes about', showDuration(coat)],
  ];
  return (
    <dl className="mt-3 grid gap-x-6 text-sm sm:grid-cols-2" data-effects>
      {facts.map(([label, value]) => (
        <div key={label} className="flex justify-between border-b border-hairline py-1.5">
          <dt className="text-ink-soft">{label}</dt>
          <dd className="font-bold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
