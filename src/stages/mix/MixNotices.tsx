'use client';

import { assumedVapour, dilutionAir } from '@/core/safety';
import { isRefusal } from '@/core/refusal';
import { solventOfBatch } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { PeroxideDoubt } from '@/ui/PeroxideDoubt';
import { useUnits } from '@/ui/units';
import { massDigits } from '@/words/mix';
import { pigmentWords } from '@/words/stock';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** m³ of a reacting mix from which its own heat counts. A default. */
const largePot = 2e-3;

/** What must be seen before anything is poured: cans, doses, windows, air. */
export function MixNotices() {
  const { view } = useJob();
  const units = useUnits();
  const { mix, spray } = view;
  // What a syringe or drops measure the next line says itself.
  const measured = new Set(
    (isRefusal(mix.ladder) ? [] : mix.ladder).filter(({ measure }) => measure).map(({ part }) => part.id),
  );
  const grams = (mass: number) => written(amount('mass', mass), units, massDigits(view, units));
  return (
    <div className="space-y-2">
      {mix.sources.flatMap(({ part, otherLots, cans, short }) => [
        ...(otherLots.length > 0
          ? [
              <Notice key={`${part.id}lots`} tone="care">
                An earlier batch of this job was lot {otherLots.join(', ')}; this one is{' '}
                {cans.map(({ can }) => can.lot).join(', ')}. Lots differ in colour: box them together, or
                spray a card of each side by side.
              </Notice>,
            ]
          : []),
        ...(short > 0 && !mix.opening
          ? [
              <Notice key={`${part.id}short`} tone="care">
                {part.name}: the can is <Printed figure={amount('volume', short)} /> short of this batch.
                Choose a second one to box with it.
              </Notice>,
            ]
          : []),
      ])}
      {!mix.batch &&
        mix.small
          .filter(({ part }) => !measured.has(part.id))
          .map(({ part, mass, error, enough }) => (
            <Notice key={part.id} tone="care">
              {grams(mass)} {part.name}: this scale weighs it to ±{' '}
              <Printed figure={amount('share', error)} digits={0} />. From{' '}
              <Printed figure={amount('volume', enough)} /> of mix on it weighs well.
            </Notice>
          ))}
      {mix.sheet.pigment && <Notice tone="care">{pigmentWords[mix.sheet.pigment]}</Notice>}
      <PeroxideDoubt sheet={mix.sheet} />
      {spray.recoat?.state === 'closed' && (
        <Notice tone="stop">
          The recoat window of the coat below is closed. Scuff and clean before the next coat goes on.
        </Notice>
      )}
      {mix.sheet.times.potLife !== undefined && !isRefusal(mix.volume) && mix.volume > largePot && (
        <Notice tone="plain">
          A large pot warms itself and lives shorter than the sheet says. Mix less at a time, or keep it in a
          wide, flat pot.
        </Notice>
      )}
      <Notice tone="plain">
        {mix.sheet.components.length > 1
          ? 'Stir settled material fully first, then the parts together past the last streak. Strain.'
          : 'Stir settled material to the bottom until nothing clings to the stick. Strain.'}
      </Notice>
      <DilutionAir />
    </div>
  );
}

/** Air that keeps this batch’s solvent at a quarter of its lower explosive limit. */
function DilutionAir() {
  const { view } = useJob();
  const { sheet } = view.mix;
  if (!sheet.hazards.includes('flammable')) return null;
  const solvent = solventOfBatch(view);
  const air = dilutionAir(solvent, sheet.vapour ?? assumedVapour, view.plan.climate?.air);
  if (isRefusal(air) || solvent <= 0) return null;
  return (
    <Notice tone="care">
      Solvent of this batch: <Printed figure={amount('mass', solvent)} digits={0} />. As it dries it wants{' '}
      <Printed figure={amount('airVolume', air)} /> of air to stay at a quarter of the lower explosive limit
      {sheet.vapour ? '' : ' (xylene assumed, a default)'}. That is a fire figure; it does not make the air
      fit to breathe.
    </Notice>
  );
}
