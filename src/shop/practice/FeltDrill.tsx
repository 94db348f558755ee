'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { drillOf, filmFacts } from '@/core/practice';
import type { HandSeen } from '@/core/motion';
import { newId } from '@/records';
import { isoNow } from '@/store/clock';
import { useShop, useStore } from '@/store/hooks';
import { CommitField } from '@/ui/Field';
import { HandResult } from '@/ui/HandResult';
import { RecordHand } from '@/ui/live/RecordHand';
import { useColours } from '@/ui/theme/colours';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { drillPlan, feltPanel } from './feltpanel';
import { paintFilm, shadesOf } from './paintpanel';

const drill = drillOf('flat');
const plan = drillPlan(drill);

/** A panel sprayed in the air with the phone on the gun, or by the simulated hand: the film it would have left, and what to change. */
export function FeltDrill() {
  const store = useStore();
  const shop = useShop();
  const colours = useColours();
  const [who, setWho] = useState(shop.operator || 'Me');
  const [found, setFound] = useState<{ seen: HandSeen; simulated: boolean }>();
  const panel = useMemo(() => found && feltPanel(drill, found.seen), [found]);
  const facts = useMemo(() => panel && filmFacts(panel, drill), [panel]);
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context || !panel) return;
    const image = new ImageData(panel.cols, panel.rows);
    const table = shadesOf(drill, {
      bare: colours.sheet,
      thin: colours['act-wash'],
      good: colours.good,
      over: colours.stop,
    });
    paintFilm(panel, drill, table, new Uint32Array(image.data.buffer));
    context.putImageData(image, 0, 0);
  }, [panel, colours]);
  const judged = (seen: HandSeen, simulated: boolean) => {
    setFound({ seen, simulated });
    if (seen.coarse) return;
    store.put(
      {
        kind: 'practice',
        version: 1,
        id: newId(),
        name: who,
        at: isoNow(),
        drill: 'flat',
        motion: {
          strokes: seen.strokes.length,
          speed: Math.min(seen.speed, 10),
          speedSpread: Math.min(seen.speedSpread, 10),
          varied: Math.min(seen.varied, 10),
          tilt: seen.tilt,
          tiltSpread: Math.min(seen.tiltSpread, 3.2),
          arc: Math.min(seen.arc, 6.3),
          ...(simulated ? { simulated } : {}),
        },
      },
      'practice',
    );
  };
  return (
    <div className="grid gap-6 lg:grid-cols-2" data-felt-drill>
      <div className="space-y-4">
        <p className="text-sm">
          A panel of <Printed figure={amount('length', drill.width)} /> by{' '}
          <Printed figure={amount('length', drill.height)} />: {plan.strokes} strokes at{' '}
          <Printed figure={amount('speed', plan.speed)} />, each from{' '}
          <Printed figure={amount('distance', drill.lead)} /> before it to as far past it. No paint is needed.
        </p>
        <CommitField label="Who sprays" value={who} onCommit={(name) => setWho(name.trim() || 'Me')} />
        <RecordHand plan={plan} name="the panel" onSeen={judged} />
      </div>
      <div className="space-y-4">
        {found && panel && facts && (
          <>
            <canvas
              ref={canvas}
              width={panel.cols}
              height={panel.rows}
              className="w-full border-2 border-ink [image-rendering:auto]"
              role="img"
              aria-label={`The film it left: ${Math.round(facts.inside * 100)} % inside, ${Math.round(facts.under * 100)} % thin, ${Math.round(facts.over * 100)} % heavy`}
            />
            <p className="text-sm" data-felt-inside>
              <b className="text-2xl">
                <Printed figure={amount('share', facts.inside)} digits={0} />
              </b>{' '}
              of the panel inside its film, with strokes where they were planned.
            </p>
            <HandResult seen={found.seen} plan={plan} simulated={found.simulated} />
          </>
        )}
      </div>
    </div>
  );
}
