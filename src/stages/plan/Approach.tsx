'use client';

import { strokeSpacing } from '@/core/film';
import { useStore } from '@/store/hooks';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';

const overlaps = ['0.5', '0.66', '0.75', '0.9'] as const;

/** The school of overlap, with what it does to spacing and the number of layers. */
export function Approach() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, set } = view;
  const { overlap } = job.approach;
  const fan = set.setting?.fan ?? view.rig?.fan ?? 0.25;
  const held = overlaps.find((each) => Math.abs(Number(each) - overlap) < 0.005) ?? '0.5';
  return (
    <section aria-label="Approach" className="space-y-2">
      <h2 className="text-sm font-bold">Approach</h2>
      <Choice
        label="Overlap"
        value={held}
        options={overlaps.map((value) => ({
          value,
          label: units.show('share', Number(value), { digits: 0 }),
        }))}
        onChange={(value) =>
          store.put({ ...job, approach: { ...job.approach, overlap: Number(value) } }, 'overlap')
        }
      />
      <p className="text-sm text-ink-soft">
        Strokes {units.show('distance', strokeSpacing(fan, overlap))} apart: {(1 / (1 - overlap)).toFixed(1)}{' '}
        layers of film. More overlap wants a quicker hand.
      </p>
    </section>
  );
}
