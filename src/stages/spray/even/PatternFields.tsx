'use client';

import { parabola } from '@/core/evenness';
import { useStore } from '@/store/hooks';
import { type EvenSetup, withApproach } from '@/facts/job';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';

const fields = [
  ['flatness', 'Flat top', 0, 0.9, 0.05],
  ['softness', 'Soft edges', 0.2, 3, 0.1],
  ['skew', 'Heavy to one end', -0.9, 0.9, 0.1],
  ['split', 'Split in the middle', 0, 0.9, 0.05],
  ['tilt', 'Gun tilted', -0.5, 0.5, 0.02],
] as const;

/** The pattern the map is laid with: the card’s own, or a shape pulled into form. */
export function PatternFields({ setup }: { readonly setup: EvenSetup }) {
  const { view } = useJob();
  const store = useStore();
  const { work, rig } = view;
  const shape = work.approach.fanShape;
  const set = (fanShape: typeof shape) => store.put(withApproach(work, { fanShape }), 'pattern');
  const carded = (rig?.patterns ?? []).length > 0;
  const points = Array.from({ length: 61 }, (_, i) => i / 30 - 1);
  const film = points.map(setup.gun.profile);
  const top = Math.max(...film, 1e-9);
  const line = points
    .map((u, i) => `${i === 0 ? 'M' : 'L'}${(u + 1) * 100} ${62 - ((film[i] ?? 0) / top) * 56}`)
    .join('');
  return (
    <Panel
      title="Pattern"
      tools={
        <Choice
          label="Pattern from"
          hideLabel
          value={shape ? 'shape' : 'card'}
          onChange={(from) => set(from === 'shape' ? { ...parabola, tilt: 0 } : undefined)}
          options={[
            { value: 'card', label: carded ? 'Last card' : 'Default' },
            { value: 'shape', label: 'A shape' },
          ]}
        />
      }
    >
      <div className="grid items-center gap-5 sm:grid-cols-[14rem_minmax(0,1fr)]">
        <svg
          viewBox="0 0 200 68"
          className="w-full border border-hairline bg-sheet"
          role="img"
          aria-label="Film across the fan"
        >
          <path d={`${line}L200 62L0 62Z`} fill="var(--act-wash)" stroke="var(--act)" strokeWidth={1.5} />
        </svg>
        {shape ? (
          <div className="grid gap-x-5 sm:grid-cols-2">
            {fields.map(([name, label, min, max, step]) => (
              <label key={name} className="flex min-h-11 items-center gap-3 text-sm">
                <span className="w-36 shrink-0">
                  {label}{' '}
                  <b>
                    {name === 'tilt'
                      ? `${Math.round((shape.tilt * 180) / Math.PI)}°`
                      : shape[name].toFixed(2)}
                  </b>
                </span>
                <input
                  type="range"
                  min={min}
                  max={max}
                  step={step}
                  value={shape[name]}
                  onChange={(event) => set({ ...shape, [name]: Number(event.target.value) })}
                  className="min-h-11 w-full accent-[var(--act)]"
                />
              </label>
            ))}
          </div>
        ) : (
          <p className="text-sm text-ink-soft">
            {carded
              ? 'As the last card of this gun was read in Set.'
              : 'A parabola until a card is read in Set. Give it a shape to see what a flatter, split or lopsided fan would lay.'}
          </p>
        )}
      </div>
    </Panel>
  );
}
