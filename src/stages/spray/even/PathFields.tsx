'use client';

import { Plus, Trash2 } from 'lucide-react';
import { canCross } from '@/core/evenness';
import type { Face, PlannedCoat } from '@/records';
import { useStore } from '@/store/hooks';
import { type EvenSetup, withCoat } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** How this coat’s strokes go over the face, and what is cut out of it. */
export function PathFields({ setup }: { readonly setup: EvenSetup }) {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const { face, coat, passes } = setup;
  const path = coat.coat.path ?? { beyond: 0 };
  const flat = canCross(passes.kind);
  const setPath = (said: Partial<NonNullable<PlannedCoat['path']>>) =>
    store.put(withCoat(job, coat.coat.id, { path: { ...path, ...said } }), 'strokes');
  const openings = face.openings ?? [];
  const setOpenings = (next: NonNullable<Face['openings']>) =>
    store.put(
      {
        ...job,
        part: {
          ...job.part,
          faces: job.part.faces.map((each) =>
            each.id === face.id ? { ...each, openings: next.length > 0 ? next : undefined } : each,
          ),
        },
      },
      'openings',
    );
  return (
    <Panel title={`Strokes of ${coat.coat.name}`}>
      <p className="mb-3 text-sm text-ink-soft">
        <Printed figure={amount('distance', passes.spacing)} /> apart at{' '}
        <Printed figure={amount('speed', passes.speed)} />,{' '}
        <Printed figure={amount('distance', passes.distance)} /> off,{' '}
        <Printed figure={amount('fluidFlow', setup.gun.flow)} />: from Set. Each ends{' '}
        <Printed figure={amount('distance', passes.lead)} /> beyond the part.
      </p>
      <div className="grid gap-3 sm:grid-cols-3">
        <NumberField
          label="Outermost strokes beyond the edges"
          quantity="distance"
          value={path.beyond}
          onChange={(beyond) => beyond !== undefined && beyond >= 0 && beyond < 1 && setPath({ beyond })}
          expects={[0.005, 0.3]}
          lazily
          hint={flat ? undefined : 'On flat work only.'}
        />
        {flat && (
          <>
            <Check
              label="Cross coat: both ways"
              checked={path.cross ?? false}
              onChange={(cross) => setPath({ cross })}
              className="self-center"
            />
            <Check
              label="Strokes the short way"
              checked={path.shortWay ?? false}
              onChange={(shortWay) => setPath({ shortWay })}
              className="self-center"
            />
          </>
        )}
      </div>
      {flat && (
        <div className="mt-4">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <h3 className="font-bold">Holes and openings in {face.name}</h3>
            <Button
              onClick={() =>
                setOpenings([
                  ...openings,
                  {
                    x: face.width * 0.3,
                    y: face.height * 0.3,
                    width: face.width * 0.4,
                    height: face.height * 0.4,
                  },
                ])
              }
            >
              <Plus aria-hidden className="size-4" /> Add an opening
            </Button>
          </div>
          {openings.length === 0 && (
            <p className="text-sm text-ink-soft">None. What goes through one is counted as lost.</p>
          )}
          <ul className="divide-y divide-hairline">
            {openings.map((opening, i) => {
              const set = (said: Partial<(typeof openings)[number]>) =>
                setOpenings(openings.map((each, k) => (k === i ? { ...each, ...said } : each)));
              return (
                <li
                  key={i}
                  className="grid grid-cols-2 items-end gap-3 py-3 sm:grid-cols-[1fr_1fr_1fr_1fr_6rem_2.75rem]"
                >
                  {(['x', 'y', 'width', 'height'] as const).map((side) => (
                    <NumberField
                      key={side}
                      label={{ x: 'From the left', y: 'From the top', width: 'Wide', height: 'High' }[side]}
                      quantity="length"
                      value={opening[side]}
                      onChange={(value) =>
                        value !== undefined &&
                        (side === 'x' || side === 'y' ? value >= 0 : value > 0) &&
                        set({ [side]: value })
                      }
                      expects={[0.005, side === 'x' || side === 'width' ? face.width : face.height]}
                      error={insideFace(side, opening, face) ? undefined : 'Reaches past the face.'}
                      lazily
                    />
                  ))}
                  <Check
                    label="Round"
                    checked={opening.round ?? false}
                    onChange={(round) => set({ round })}
                  />
                  <button
                    type="button"
                    aria-label={`Remove opening ${i + 1}`}
                    className="flex size-11 items-center justify-center"
                    onClick={() => setOpenings(openings.filter((_, k) => k !== i))}
                  >
                    <Trash2 aria-hidden className="size-5" />
                  </button>
                </li>
              );
            })}
          </ul>
        </div>
      )}
    </Panel>
  );
}

/** Says of the size, not of the place, that an opening reaches past its face. */
const insideFace = (
  side: 'x' | 'y' | 'width' | 'height',
  { x, y, width, height }: Readonly<Record<'x' | 'y' | 'width' | 'height', number>>,
  face: Face,
): boolean =>
  side === 'width'
    ? x + width <= face.width + 1e-9
    : side === 'height'
      ? y + height <= face.height + 1e-9
      : true;
