'use client';

import { useMemo, useState } from 'react';
import { walkOf, type Walk } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useJob } from '@/ui/job/context';
import { standardTap } from '@/words/check';
import { clockTime } from '@/words/clock';
import { standardNames, whenWords } from '@/words/inspection';
import { plural } from '@/words/line';
import { Dusted } from './Dusted';
import { FaultsFound } from './FaultsFound';
import { GuideCoat } from './GuideCoat';
import { Misses } from './Misses';
import { Rounds } from './Rounds';
import { StopAsked } from './StopAsked';
import { Touching } from './Touching';

/** The look round a part: place by place, with where the light stands, and what the agreed standard asks. */
export function Look() {
  const { view } = useJob();
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from these
  const walk = useMemo(() => walkOf(view), [view.job, view.shop, view.now]);
  const [chosen, setChosen] = useState<string>();
  const stop = walk.stops.find(({ id }) => id === chosen) ?? walk.next;
  return (
    <>
      <Panel title={whenWords[walk.when]} place="look">
        <p className="mb-3 text-sm" data-walk-standing>
          {asked(walk)} {plural(walk.walked, 'place')} of {walk.stops.length} looked at.
        </p>
        <Rounds walk={walk} at={stop} now={view.now} onChoose={setChosen} />
        {stop ? (
          <StopAsked key={stop.id} stop={stop} walk={walk} onDone={() => setChosen(undefined)} />
        ) : walk.waits === undefined ? (
          <Walked walk={walk} />
        ) : (
          <Notice tone="plain">
            What may be looked at now is looked at. The rest is told from {clockTime(walk.waits, view.now)}{' '}
            on, when the film has come far enough.
          </Notice>
        )}
      </Panel>
      <FaultsFound walk={walk} onChoose={setChosen} />
      {walk.dust && <Dusted walk={walk} />}
      <Misses misses={walk.misses} />
      {walk.when !== 'before' && <Touching walk={walk} />}
      <GuideCoat />
    </>
  );
}

const asked = ({ when, standard }: Walk): string =>
  when === 'before'
    ? 'What comes in is looked at before anything goes on: what is below shows.'
    : when === 'between'
      ? 'What the next coat does not heal is found now.'
      : `Accepted on ${standardNames[standard]}.`;

/** All is looked at: what is left is the one answer that counts. */
function Walked({ walk }: { readonly walk: Walk }) {
  const { view, tap } = useJob();
  const { standard } = view.check;
  const { faults } = walk;
  return (
    <div className="space-y-3" data-walked>
      <Notice tone={faults.length > 0 ? 'care' : 'good'}>
        {faults.length > 0
          ? `Everything is looked at: ${plural(faults.length, 'place')} not as it should be.`
          : 'Everything is looked at, and nothing stands against it.'}
      </Notice>
      {walk.when === 'after' && standard && !standard.entry && (
        <div className="flex flex-wrap items-center gap-3">
          <b>Is it what was agreed?</b>
          {[standardTap(standard, true), standardTap(standard, false)].map((each, i) =>
            // With a fault standing, a yes would say what is not so.
            i === 0 && faults.length > 0 ? null : (
              <Button key={each.says} onClick={() => tap(each)}>
                {each.says}
              </Button>
            ),
          )}
        </div>
      )}
    </div>
  );
}
