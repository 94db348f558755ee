'use client';

import { asApplied, judgeVoc, type AppliedMix as Figures } from '@/core/mixing';
import { isRefusal } from '@/core/refusal';
import { massAtShare } from '@/core/thinning';
import type { JobView } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** What the mix became: unthinned, as it stands, and at the most the sheet lets it be thinned. */
export function AsApplied() {
  const { view } = useJob();
  const units = useUnits();
  const { sheet } = view.mix;
  const states = statesOf(view);
  if (states.length === 0) return null;
  const limit = sheet.vocLimit;
  return (
    <Panel title="As applied">
      <div className="overflow-x-auto">
        <table className="w-full text-right text-sm">
          <thead className="text-ink-soft">
            <tr className="border-b border-hairline">
              <th className="py-1 text-left font-normal">Figure</th>
              {states.map(({ name }) => (
                <th key={name} className="px-2 font-normal">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ label, show }) => (
              <tr key={label} className="border-b border-hairline">
                <th className="py-1.5 text-left font-normal">{label}</th>
                {states.map(({ name, figures }) => (
                  <td key={name} className={`px-2 ${name === 'now' ? 'text-base font-bold' : ''}`}>
                    {show(figures, units)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {limit ? (
        states
          .map(({ name, figures }) => ({ name, ...judgeVoc(figures, limit) }))
          .filter(({ name, passes }) => name === 'now' || !passes)
          .map(({ name, found, passes }) => (
            <div key={name} className="mt-2">
              <Notice tone={passes ? 'good' : 'stop'}>
                VOC {limit.counts === 'less-water' ? 'less water and exempt' : 'with water'}, {name}:{' '}
                <Printed figure={amount('voc', found)} /> {passes ? 'keeps' : 'is over'} the limit of{' '}
                <Printed figure={amount('voc', limit.value)} />.
              </Notice>
            </div>
          ))
      ) : (
        <p className="mt-2 text-sm text-ink-soft">
          Some rules count VOC with water, some without. Enter the limit that holds for you on the sheet.
        </p>
      )}
    </Panel>
  );
}

const rows: readonly { label: string; show: (figures: Figures, units: Units) => string }[] = [
  {
    label: 'Volume solids',
    show: ({ volumeSolids }, units) => written(amount('share', volumeSolids), units),
  },
  { label: 'Density', show: ({ density }, units) => written(amount('density', density), units) },
  { label: 'VOC, with water', show: ({ voc }, units) => written(amount('voc', voc), units) },
  {
    label: 'VOC, less water and exempt',
    show: ({ vocLess }, units) => written(amount('voc', vocLess), units),
  },
  { label: 'Mass', show: ({ mass }, units) => written(amount('mass', mass), units) },
  { label: 'Volume', show: ({ volume }, units) => written(amount('volume', volume), units) },
];

function statesOf({ mix, thin }: JobView): { name: string; figures: Figures }[] {
  const { batch, ladder, sheet } = mix;
  const { thinner } = thin;
  const poured = batch
    ? batch.poured
    : isRefusal(ladder)
      ? []
      : ladder.map(({ part, mass }) => ({ part, mass }));
  const parts = poured.map(({ part, mass }) => ({ part, mass, volume: mass / part.density }));
  const unthinned = asApplied(parts);
  if (isRefusal(unthinned)) return [];
  const [base] = parts;
  const states = [{ name: 'unthinned', figures: unthinned }];
  if (batch) states.push({ name: 'now', figures: batch.applied });
  if (thinner && base) {
    const most = massAtShare(
      Math.max(sheet.thinning.maximum - (batch?.doseShare ?? 0), 0),
      thinner.density,
      {
        mass: unthinned.mass,
        density: unthinned.density,
        base: { mass: base.mass, density: base.part.density },
      },
      sheet.thinning,
    );
    const part = { ...thinner, parts: 1, volumeSolids: 0 };
    const figures = asApplied([...parts, { part, mass: most, volume: most / thinner.density }]);
    if (!isRefusal(figures)) states.push({ name: 'at the maximum', figures });
  }
  return states;
}
