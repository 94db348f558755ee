'use client';

import { useState } from 'react';
import type { SurfaceKind } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { usualLead, withApproach } from '@/facts/job';
import { Check } from '@/ui/Check';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { StrokePath } from './StrokePath';
import { hornsSay } from '@/words/horns';
import { amount, figure } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** What to mind on each kind of surface. */
const surfaceSays: Record<SurfaceKind, string> = {
  flat: 'First stroke centred on the edge, each one spacing on, the last on or past the far edge; start and trigger before the part, end after it.',
  edge: 'One stroke along each long edge first, then the face: edges are thin where only the face is sprayed.',
  'inside-corner': 'Face each surface, stop half a fan short of the corner, then one light stroke down it.',
  'outside-corner': 'One stroke square onto the corner first, then each face up to it.',
  round: 'Along its length; turn it by one spacing after each stroke.',
  open: 'Half the strokes from the front, the others between them from the back: what goes through is lost.',
};

/** Stroke spacing and speed as something a hand can follow: the path of each face, seconds a stroke, and a pace to move by. */
export function StrokePlan() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { work } = view;
  const { strokes, spacing, speed } = view.spray;
  const [faceId, setFaceId] = useState(strokes[0]?.face.id);
  const [pace, setPace] = useState(false);
  const [tick, setTick] = useState(false);
  const held = strokes.find(({ face }) => face.id === faceId) ?? strokes[0];
  if (!held) return null;
  const { face, guide } = held;
  const lead = work.approach.lead ?? usualLead;
  const [along, across] = [Math.max(face.width, face.height), Math.min(face.width, face.height)];
  const kind = face.surface ?? 'flat';
  return (
    <Panel
      title="Strokes"
      tools={
        <span className="flex gap-4">
          <Check label="Show the pace" checked={pace} onChange={setPace} className="text-sm" />
          {pace && <Check label="Tick" checked={tick} onChange={setTick} className="text-sm" />}
        </span>
      }
    >
      <div className="grid gap-5 md:grid-cols-[minmax(0,1fr)_17rem]">
        {isRefusal(guide) ? (
          <Notice tone="care">{units.says(guide)}</Notice>
        ) : (
          <StrokePath
            guide={guide}
            along={along}
            across={kind === 'round' ? Math.PI * across : across}
            moving={pace}
            tick={pace && tick}
            speed={speed}
            label={`${face.name}: ${guide.strokes.length} strokes, ${guide.stroke.toFixed(1)} seconds each, to and fro.`}
          />
        )}
        <div>
          <ul className="divide-y divide-hairline border-y border-hairline text-sm">
            {strokes.map((each) => (
              <li key={each.face.id}>
                <button
                  type="button"
                  aria-pressed={each === held}
                  onClick={() => setFaceId(each.face.id)}
                  className={`flex min-h-14 w-full items-center justify-between gap-3 px-2 text-left ${each === held ? 'border-l-4 border-act bg-act-wash' : ''}`}
                >
                  <span>
                    <b>{each.face.name}</b>
                    <span className="block text-ink-soft">
                      {each.face.count} × <Printed figure={amount('length', each.face.width)} /> by{' '}
                      <Printed figure={amount('length', each.face.height)} />
                    </span>
                  </span>
                  <span className="text-right">
                    <b>{each.strokes} strokes</b>
                    <span className="block text-ink-soft">
                      <Printed figure={amount('time', each.seconds)} digits={1} /> each
                    </span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <p className="mt-2 text-sm text-ink-soft">
            <Printed figure={figure(view, 'gun.spacing', spacing)} /> apart, {(1 / speed).toFixed(1)} s a
            metre. {surfaceSays[kind]} {hornsSay(face, view.rig)}
            {face.reach === 'stretch' || face.reach === 'steps'
              ? ' Out of easy reach: divide it where a line will not show, and keep the wet edge.'
              : ''}
            {face.lies === 'overhead'
              ? ' Overhead: a cup that feeds upside down, half filled, its vent clear.'
              : ''}
          </p>
          <div className="mt-2">
            <NumberField
              label="Beyond the part, each end"
              quantity="distance"
              value={lead}
              onChange={(value) =>
                value !== undefined && value >= 0 && store.put(withApproach(work, { lead: value }), 'lead')
              }
              expects={[0.02, 0.4]}
              lazily
            />
          </div>
        </div>
      </div>
    </Panel>
  );
}
