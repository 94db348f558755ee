'use client';

import type { ThinningApproach } from '@/core/thinning';
import { useStore } from '@/store/hooks';
import { type BandSource, thinnersOf, withApproach, withLayer, type Worked } from '@/facts/job';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { RefusedDiluents } from '@/ui/RefusedDiluents';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { bandSource, bandWords } from '@/words/thin';
import { EndPoint } from './EndPoint';
import { OwnBand } from './OwnBand';
import { amount, written, writtenRange } from '@/words/figures';

/** The school of thinning, whose band, which thinner, and how it is measured. */
export function HowToThin() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, work, thin } = view;
  const { approach, choices, choice, sheet, thinner, asItIs } = thin;
  const set = (change: Partial<Worked['approach']>, label: string) =>
    store.put(withApproach(work, change), label);
  const take = (kind: ThinningApproach['kind']) => set({ thinBy: firstOf(kind, sheet.thinning) }, 'approach');
  return (
    <section aria-label="Approach" className="space-y-3">
      <h2 className="text-sm font-bold">Approach</h2>
      <EndPoint />
      {work.approach.endPoint === undefined && (
        <SelectField
          label="Next addition by"
          value={approach.kind}
          onChange={(event) => take(event.target.value as ThinningApproach['kind'])}
          options={[
            { value: 'model', label: 'The model: as few as possible' },
            { value: 'mass-steps', label: 'Equal steps by mass' },
            { value: 'volume-steps', label: 'Equal steps by volume' },
            { value: 'fixed', label: 'A fixed percent, then a check' },
          ]}
        />
      )}
      {(approach.kind === 'mass-steps' || approach.kind === 'volume-steps') && (
        <NumberField
          label="One step"
          quantity="share"
          value={approach.step}
          onChange={(step) => step && set({ thinBy: { ...approach, step } }, 'step')}
          expects={[0.002, 0.1]}
          lazily
        />
      )}
      {approach.kind === 'fixed' && (
        <NumberField
          label={`Fixed, by ${sheet.thinning.by} of ${sheet.thinning.of === 'mix' ? 'the mix' : 'the first part'}`}
          quantity="share"
          value={approach.share}
          onChange={(share) =>
            share !== undefined && set({ thinBy: { ...approach, share } }, 'fixed percent')
          }
          expects={[0, sheet.thinning.maximum]}
          lazily
          error={
            approach.share > sheet.thinning.maximum + 1e-9
              ? `The sheet allows ${written(amount('share', sheet.thinning.maximum), units, { digits: 0 })}.`
              : undefined
          }
        />
      )}
      <Choice
        label="Measured by"
        value={work.approach.measure ?? 'total'}
        onChange={(measure) => set({ measure }, 'measured by')}
        options={[
          { value: 'total', label: 'Scale' },
          { value: 'tare', label: 'Tared' },
          { value: 'pot', label: 'Pot marks' },
        ]}
      />
      <RefusedDiluents refused={thin.refused} />
      {thinnersOf(sheet).length > 1 && (
        <SelectField
          label="Thinner"
          value={thinner?.id ?? ''}
          onChange={(event) =>
            store.put(withLayer(job, work.layer.id, { thinnerId: event.target.value }), 'thinner')
          }
          options={thinnersOf(sheet).map(({ id, name, air }) => ({
            value: id,
            label: air
              ? `${name}, ${writtenRange(amount('temperature', air.min), amount('temperature', air.max), units)}`
              : name,
          }))}
          hint={thinnerHint(view.plan.climate?.air, thinner, units)}
        />
      )}
      {choices.length > 0 && work.approach.endPoint === undefined && (
        <SelectField
          label="Band"
          value={choice?.from ?? ''}
          onChange={(event) => set({ target: event.target.value as BandSource }, 'band')}
          options={choices.map(({ from, band }) => ({
            value: from,
            label: `${bandWords(band)} ${band.cup.name}, ${bandSource(from, sheet)}`,
          }))}
          hint={
            choice
              ? `The aim is the middle, ${written(amount('viscosity', choice.middle), units)}`
              : undefined
          }
        />
      )}
      {asItIs && (
        <div data-place="judged" tabIndex={-1}>
          <Choice
            label="The cup is judged at"
            value={choice?.temperature === asItIs.temperature ? 'sprayed' : 'sheet'}
            onChange={(judged) => set({ judged }, 'judged at')}
            options={[
              {
                value: 'sheet',
                label: `The band’s ${written(amount('temperature', asItIs.bandFor), units)}`,
              },
              {
                value: 'sprayed',
                label: `Its own ${written(amount('temperature', asItIs.temperature), units)}`,
              },
            ]}
          />
        </div>
      )}
      {work.approach.endPoint === undefined && <OwnBand />}
    </section>
  );
}

function firstOf(
  kind: ThinningApproach['kind'],
  { usual, maximum }: { usual?: number; maximum: number },
): ThinningApproach {
  if (kind === 'mass-steps') return { kind, step: 0.01 };
  if (kind === 'volume-steps') return { kind, step: 0.05 };
  if (kind === 'fixed') return { kind, share: usual ?? maximum / 2 };
  return { kind: 'model' };
}

function thinnerHint(
  air: number | undefined,
  thinner: { readonly air?: { readonly min: number; readonly max: number } } | undefined,
  units: Units,
): string | undefined {
  if (air === undefined || !thinner?.air) return undefined;
  const inside = air >= thinner.air.min && air <= thinner.air.max;
  return inside
    ? undefined
    : `▲ The room is at ${written(amount('temperature', air), units)}: not what this one is named for`;
}
