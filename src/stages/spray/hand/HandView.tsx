'use client';

import { sprayedFaces } from '@/facts/job';
import { useState } from 'react';
import type { HandSeen, MotionPlan } from '@/core/motion';
import { handEntry, handsFelt, motionPlan } from '@/facts/job/handfelt';
import { Button, ButtonLink } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { HandResult } from '@/ui/HandResult';
import { useJob } from '@/ui/job/context';
import { RecordHand } from '@/ui/live/RecordHand';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/words/clock';
import { amount } from '@/words/figures';
import { plural } from '@/words/line';
import { Printed } from '@/ui/Printed';

/** What a hand did over a face, felt by the phone on its gun; kept for the face, it lies on the film map. */
export function HandView() {
  const { view, log } = useJob();
  const { spray, job } = view;
  const [faceId, setFaceId] = useState(sprayedFaces(job.part)[0]?.id ?? '');
  const [found, setFound] = useState<{
    seen: HandSeen;
    simulated: boolean;
    plan: MotionPlan;
    faceId: string;
  }>();
  const coat = spray.running ?? spray.next ?? spray.coats.at(-1);
  const plan = coat && motionPlan(view, coat.coat.id, faceId);
  const face = job.part.faces.find(({ id }) => id === faceId);
  const nameOf = (id: string) => job.part.faces.find((each) => each.id === id)?.name ?? 'a face';
  const felt = handsFelt(view);
  const keep = () => {
    if (!found || !coat) return;
    log(
      'what the hand did',
      handEntry(
        found.seen,
        { coatId: coat.coat.id, faceId: found.faceId, planned: found.plan.speed },
        found.simulated,
      ),
    );
    setFound(undefined);
  };
  return (
    <>
      <Panel title="The hand">
        <div className="mb-3 max-w-md">
          <SelectField
            label="Face"
            value={faceId}
            onChange={(event) => {
              setFaceId(event.target.value);
              setFound(undefined);
            }}
            options={sprayedFaces(job.part).map(({ id, name }) => ({ value: id, label: name }))}
          />
        </div>
        {plan && face ? (
          <>
            <p className="mb-3 text-sm">
              {plural(plan.strokes, 'stroke')} of <Printed figure={amount('length', plan.length)} /> at{' '}
              <Printed figure={amount('speed', plan.speed)} /> are planned for {coat?.coat.name.toLowerCase()}
              .
            </p>
            <RecordHand
              key={faceId}
              plan={plan}
              name={face.name}
              onSeen={(seen, simulated) => setFound({ seen, simulated, plan, faceId })}
            />
          </>
        ) : (
          <p className="text-sm text-ink-soft">
            The strokes of this face cannot be told yet: give it a gun and a film in Plan.
          </p>
        )}
        {found && (
          <div className="mt-4 space-y-3">
            <HandResult {...found} />
            <Button look="main" onClick={keep}>
              Keep it for {nameOf(found.faceId)}
            </Button>
          </div>
        )}
      </Panel>
      <Panel title="Kept">
        {felt.length === 0 ? (
          <p className="text-sm text-ink-soft">
            Nothing is kept yet. What is kept lies on the film map of its face, and counts for this hand.
          </p>
        ) : (
          <ul className="divide-y divide-hairline border-y border-hairline text-sm" data-hands-felt>
            {felt.slice(0, 20).map((entry) => {
              const sure = entry.strokes.filter(({ doubtful }) => !doubtful);
              const mean = sure.reduce((sum, { speed }) => sum + speed / Math.max(sure.length, 1), 0);
              return (
                <li key={entry.id} className="flex flex-wrap items-baseline justify-between gap-x-4 py-2">
                  <span>
                    <b>{nameOf(entry.faceId)}</b>, {plural(entry.strokes.length, 'stroke')} at{' '}
                    <Printed figure={amount('speed', mean)} />,{' '}
                    <Printed figure={amount('speed', entry.planned)} /> planned
                    {entry.simulated && <b className="ml-2 text-care">simulated hand</b>}
                  </span>
                  <span className="text-ink-soft">
                    {clockTime(Date.parse(entry.at), view.now)}
                    {entry.by ? `, ${entry.by}` : ''}
                  </span>
                </li>
              );
            })}
          </ul>
        )}
        {felt.length > 0 && (
          <ButtonLink href={`/job/${job.id}/spray#even`} look="quiet">
            See the film it laid
          </ButtonLink>
        )}
      </Panel>
    </>
  );
}
