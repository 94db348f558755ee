'use client';

import { useState } from 'react';
import { useJob } from '@/ui/job/context';
import { SheetChanged } from '@/shop/coatings/SheetChanged';
import { StageFrame } from '@/ui/job/StageFrame';
import { usePart } from '@/ui/part';
import { Panel } from '@/ui/Panel';
import { AsApplied } from './AsApplied';
import { BatchSize } from './BatchSize';
import { Cans } from './Cans';
import { CansToOpen } from './CansToOpen';
import { Doses } from './Doses';
import { Ladder } from './Ladder';
import { Leftovers } from './Leftovers';
import { LiveMix } from './LiveMix';
import { MixNotices } from './MixNotices';
import { PouredElse } from './PouredElse';
import { RatioCheck } from './RatioCheck';
import { fetched } from '@/ui/fetched';
import { ratioUnread } from '@/facts/job';
import { ratioWords } from '@/words/ratio';

// Draws a QR code: only where there is a batch to label.
const PotLabel = fetched(() => import('./PotLabel').then((loaded) => loaded.PotLabel));

const parts = { pour: 'Pour', size: 'How much', pot: 'The pot' };

/** The mixing bench: what goes in to which mark, out of which can, and what it became. */
export function MixStage() {
  const { view } = useJob();
  const { mix } = view;
  const { batch } = mix;
  const { pouring, opening } = mix;
  const inThePot = [
    batch?.id,
    ...(batch?.poured ?? []).map(({ mass }) => mass),
    ...(pouring?.poured ?? []),
  ].join('-');
  const shut = !batch && ratioUnread(mix.sheet);
  const part = usePart(parts);
  const [filling, setFilling] = useState<number>();
  return (
    <StageFrame stage="mix" parts={parts} part={part} beside={<MixNotices />}>
      <SheetChanged />
      {part === 'pour' && (
        <>
          {mix.finished ? (
            <Panel title="Pouring ladder">
              <p className="text-ink-soft">All coats of this layer are on, and nothing is in the pot.</p>
            </Panel>
          ) : opening ? (
            <CansToOpen opening={opening} />
          ) : (
            <Panel title="Pouring ladder">
              {shut ? (
                <p className="text-ink-soft">
                  Shut until somebody says that the paper reads {ratioWords(mix.sheet)}: a wrong ratio cures
                  soft or not at all, and nothing mends it.
                </p>
              ) : (
                <Ladder pouring={filling} />
              )}
            </Panel>
          )}
          {!shut && !opening && !mix.finished && <LiveMix onAdded={setFilling} />}
          {/* Begun anew when something of this pot is poured, and not by whatever else is written meanwhile. */}
          {!batch && !shut && !opening && !mix.finished && (
            <PouredElse key={`${pouring?.batchId}-${pouring?.poured.length}`} />
          )}
          {mix.sheet.components.length > 1 && <RatioCheck key={inThePot} />}
        </>
      )}
      {part === 'size' && (
        <>
          {batch ? <AsApplied /> : <BatchSize />}
          {!batch && <Leftovers />}
          {(mix.sheet.additives?.length ?? 0) > 0 && <Doses />}
          <Cans />
        </>
      )}
      {part === 'pot' && (
        <>
          {batch ? (
            <>
              <PotLabel batch={batch} />
              <Leftovers />
            </>
          ) : (
            <Panel title="The pot">
              <p className="text-sm text-ink-soft">
                Nothing of it is mixed. Its label, and what goes back into the can, stand here once it is.
              </p>
            </Panel>
          )}
        </>
      )}
    </StageFrame>
  );
}
