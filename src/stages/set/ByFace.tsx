'use client';

import { fansByFace } from '@/facts/job/byface';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { amount } from '@/words/figures';
import { turnsSays } from '@/words/set';

/** Each face with what passes by it, and the tip or fan that would lose less, its change beside what it saves. */
export function ByFace() {
  const { view } = useJob();
  const { set, rig, job } = view;
  if (!rig || set.point.from === 'usual') return null;
  const fans = fansByFace(view);
  const cup = rig.feed === 'gravity' || rig.feed === 'suction';
  const overhead = job.part.faces.some(({ lies }) => lies === 'overhead');
  const flat = job.part.faces.some(({ lies }) => lies === 'flat');
  return (
    <Panel title="By face">
      <ul className="divide-y divide-hairline" data-faces>
        {fans.map(({ face, across, now, better, saves, changing }) => (
          <li key={face.id} className="py-2.5 text-sm">
            <b className="text-base">{face.name}</b>, <Printed figure={amount('length', across)} /> across: of
            a fan of <Printed figure={amount('distance', now.fan)} />{' '}
            <b>
              <Printed figure={amount('share', now.lands)} digits={0} />
            </b>{' '}
            goes over it.{' '}
            {better ? (
              <>
                {better.tip ? (
                  <>
                    Tip <b>{better.tip}</b>, <Printed figure={amount('distance', better.fan)} />
                  </>
                ) : (
                  <>
                    Turned in to <Printed figure={amount('distance', better.fan)} />
                    {better.turns !== undefined && `, fan knob at ${turnsSays(better.turns)} turns`}
                  </>
                )}
                : <Printed figure={amount('share', better.lands)} digits={0} />. Saves{' '}
                <b>
                  <Printed figure={amount('volume', saves)} />
                </b>{' '}
                a coat; there and back takes about <Printed figure={amount('duration', changing)} />, a
                default.
              </>
            ) : (
              <span className="text-ink-soft">Nothing fitted here loses less.</span>
            )}
          </li>
        ))}
      </ul>
      {(overhead || flat) && (
        <p className="mt-2 text-sm">
          {overhead &&
            (cup
              ? 'Overhead: fill the cup half, keep it within 45° unless it is lined or pressurised, vent clear. '
              : 'Overhead: the feed does not mind; the hand does. ')}
          {flat &&
            'Lying flat: it holds more before it moves. Slower, or more overlap by the school, and let it level.'}
        </p>
      )}
    </Panel>
  );
}
