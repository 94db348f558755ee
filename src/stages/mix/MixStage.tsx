'use client';

import { everyEntry } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { SheetChanged } from '@/shop/coatings/SheetChanged';
import { StageFrame } from '@/ui/job/StageFrame';
import { usePart } from '@/ui/part';
import { Panel } from '@/ui/Panel';
import { AsApplied } from './AsApplied';
import { BatchSize } from './BatchSize';
import { Cans } from './Cans';
import { Doses } from './Doses';
import { Ladder } from './Ladder';
import { Leftovers } from './Leftovers';
import { MixNotices } from './MixNotices';
import { PouredElse } from './PouredElse';
import { RatioCheck } from './RatioCheck';
import { fetched } from '@/ui/fetched';

// Draws a QR code: only where there is a batch to label.
const PotLabel = fetched(() => import('./PotLabel').then((loaded) => loaded.PotLabel));

const parts = { pour: 'Pour', size: 'How much', pot: 'The pot' };

/** The mixing bench: what goes in to which mark, out of which can, and what it became. */
export function MixStage() {
  const { view } = useJob();
  const { mix, job } = view;
  const written = everyEntry(job).length;
  const { batch } = mix;
  const part = usePart(parts);
  return (
    <StageFrame stage="mix" parts={parts} part={part} beside={<MixNotices />}>
      <SheetChanged />
      {part === 'pour' && (
        <>
          <Panel title="Pouring ladder">
            <Ladder />
          </Panel>
          {!batch && <PouredElse key={written} />}
          {mix.sheet.components.length > 1 && <RatioCheck key={`${batch?.id}${written}`} />}
        </>
      )}
      {part === 'size' && (
        <>
          {batch ? <AsApplied /> : <BatchSize />}
          {(mix.sheet.additives?.length ?? 0) > 0 && <Doses />}
          <Cans />
        </>
      )}
      {part === 'pot' && (
        <>
          {!batch && <AsApplied />}
          {batch && <PotLabel batch={batch} />}
          <Leftovers />
        </>
      )}
    </StageFrame>
  );
}
