'use client';

import { useState } from 'react';
import { guideCells, guideGrid } from '@/core/inspection';
import { sandMaps, type FaceSand } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { Printed } from '@/ui/Printed';
import { useJob } from '@/ui/job/context';
import { amount } from '@/words/figures';
import { sandNextWords } from '@/words/inspection';
import { plural } from '@/words/line';

/** Highs and lows as a guide coat shows them, face by face, and what another round would do. */
export function GuideCoat() {
  const { view } = useJob();
  const maps = sandMaps(view);
  const read = maps.filter(({ reads }) => reads.length > 0);
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      place="guide"
      title="Highs and lows by guide coat"
      says={
        read.length === 0
          ? 'after a sanding: where it lies still, where it is cut through'
          : read
              .map(
                ({ face, advice }) =>
                  `${face.name}: ${advice ? sandNextWords[advice.next].says.toLowerCase() : ''}`,
              )
              .join(' ')
      }
      verb="Show"
    >
      <div className="grid gap-6 lg:grid-cols-2">
        {maps.map((each) => (
          <FaceMap key={each.face.id} sand={each} />
        ))}
      </div>
    </Fold>
  );
}

const turn = { level: 'low', low: 'high', high: 'level' } as const;
const marks = { level: '', low: '▼', high: '▲' } as const;

function FaceMap({ sand: { face, reads, advice } }: { readonly sand: FaceSand }) {
  const { log } = useJob();
  const [cells, setCells] = useState<readonly (keyof typeof turn)[]>(() =>
    Array.from({ length: guideCells }, () => 'level' as const),
  );
  const at = (state: keyof typeof turn) => cells.flatMap((each, i) => (each === state ? [i] : []));
  const keep = () => {
    log(`guide coat, ${face.name}`, {
      type: 'guide',
      faceId: face.id,
      highs: at('high'),
      lows: at('low'),
    });
    setCells(cells.map(() => 'level'));
  };
  return (
    <section aria-label={`Guide coat, ${face.name}`} data-guide={face.id}>
      <h3 className="mb-2 font-bold">{face.name}</h3>
      <div
        className="grid border-2 border-ink"
        style={{ gridTemplateColumns: `repeat(${guideGrid.columns}, minmax(0, 1fr))` }}
      >
        {cells.map((state, i) => (
          <button
            key={i}
            type="button"
            aria-label={`Row ${Math.floor(i / guideGrid.columns) + 1}, column ${(i % guideGrid.columns) + 1}: ${state === 'high' ? 'cut through' : state}`}
            onClick={() => setCells(cells.map((each, k) => (k === i ? turn[each] : each)))}
            className={`min-h-11 border border-hairline text-sm font-bold ${state === 'low' ? 'bg-care-wash text-care' : state === 'high' ? 'bg-stop-wash text-stop' : 'bg-sheet'}`}
          >
            {marks[state]}
          </button>
        ))}
      </div>
      <p className="mt-1 text-xs text-ink-soft">
        Tap once where the guide still lies (▼ low), twice where it is cut through (▲ high).
      </p>
      <Button className="mt-2" onClick={keep}>
        Record round {reads.length + 1}
      </Button>
      {advice && (
        <div className="mt-3 text-sm" data-sand-next>
          <b className={advice.next === 'level' ? 'text-good' : 'text-care'}>
            {advice.next === 'level' ? '✓' : '▲'} {sandNextWords[advice.next].says}
          </b>{' '}
          {sandNextWords[advice.next].does}
          <span className="block text-ink-soft">
            After {plural(advice.cycles, 'round')}:{' '}
            <Printed figure={amount('share', advice.low)} digits={0} /> low,{' '}
            <Printed figure={amount('share', advice.high)} digits={0} /> cut through
            {advice.left === undefined ? (
              '. Nobody measured the film: what a round may still take is not known.'
            ) : advice.left < 0 ? (
              '. Another round would leave less than the least film.'
            ) : (
              <>
                . Another round leaves <Printed figure={amount('film', advice.left)} /> above the least.
              </>
            )}
          </span>
        </div>
      )}
    </section>
  );
}
