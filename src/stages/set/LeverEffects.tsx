'use client';

import { leverEffects } from '@/core/airgun';
import { restorers, type Lever } from '@/core/film';
import { showDuration } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';
import { restorerWords } from '@/words/fixes';

interface Props {
  readonly levers: Readonly<Record<'flow' | 'speed' | 'fan' | 'overlap', number>>;
  readonly pressure: number | undefined;
  readonly bore: number | undefined;
  readonly transfer: number;
  /** Pa: what drops are compared with. */
  readonly usual: number | undefined;
  /** The film these levers lay is off its aim, and this lever was moved last. */
  readonly off: boolean;
  readonly moved: Lever | undefined;
}

/** Air a gun takes whose rig says nothing, m³/s. A default. */
const usualAir = 350e-3 / 60;

/** What the levers do beside the film: drops, transfer and overspray, air, time, and what would restore the film. */
export function LeverEffects({ levers, pressure, bore, transfer, usual, off, moved }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const { set, rig, spray, plan } = view;
  const airless = rig?.atomising === 'airless';
  const proposed = isRefusal(set.proposal) ? undefined : set.proposal;
  const effects = leverEffects({
    now: { pressure: pressure ?? usual ?? 0, flow: levers.flow, speed: levers.speed },
    usual: { pressure: usual ?? 0, flow: proposed?.fitting.flow ?? levers.flow },
    ...(airless ? {} : { air: rig?.airDemand ?? usualAir, bore }),
    liquid: { viscosity: set.viscosity, density: isRefusal(plan.asMixed) ? 1000 : plan.asMixed.density },
    transfer,
    path: spray.coatTime * spray.speed,
  });
  const { drops } = effects;
  const restore = off
    ? restorerWords(restorers({ ...levers, wetFilm: set.wet, transfer }, moved), units)
    : [];
  const facts = [
    ...(drops === undefined
      ? []
      : [
          [
            'Drops beside the sheet’s set-up',
            `${Math.round(drops)} of 100${drops > 108 ? ', coarser' : drops < 92 ? ', finer' : ''}`,
          ],
        ]),
    ['Transfer, estimate', units.show('share', transfer, { digits: 0 })],
    ['Overspray of what leaves', units.show('fluidFlow', effects.overspray)],
    ...(effects.air === undefined
      ? []
      : [[`Air taken${rig?.airDemand ? '' : ', default'}`, units.show('airFlow', effects.air)]]),
    ['A coat takes about', `${showDuration(effects.seconds)}, ${units.show('volume', effects.mix)}`],
  ];
  return (
    <>
      <dl className="mt-3 grid gap-x-6 text-sm sm:grid-cols-2" data-effects>
        {facts.map(([label, value]) => (
          <div key={label} className="flex justify-between border-b border-hairline py-1.5">
            <dt className="text-ink-soft">{label}</dt>
            <dd className="font-bold">{value}</dd>
          </div>
        ))}
      </dl>
      {restore.length > 0 && (
        <p className="mt-3 text-sm" data-restore>
          To bring the film back: <b>{restore.join(', or ')}</b>.
        </p>
      )}
    </>
  );
}
