'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { evenSetup, sprayedFaces } from '@/facts/job';
import { Fold } from '@/ui/Fold';
import { plural } from '@/words/line';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { EvenMap } from './EvenMap';
import { Optimiser } from './Optimiser';
import { OverlapChart } from './OverlapChart';
import { PathFields } from './PathFields';
import { PatternFields } from './PatternFields';
import { amount, written } from '@/words/figures';

/** The film before it is sprayed: what this pattern, path, pace and hand leave on a face. */
export function EvenView({ shows }: { readonly shows: 'film' | 'overlap' | 'best' }) {
  const { view } = useJob();
  const units = useUnits();
  const { job, spray } = view;
  const first = spray.running ?? spray.next ?? spray.coats.at(-1);
  const [faceId, setFaceId] = useState(sprayedFaces(job.part)[0]?.id ?? '');
  const [coatId, setCoatId] = useState(first?.coat.id ?? '');
  const setup = evenSetup(view, faceId, coatId);
  return (
    <>
      <section aria-label="Which film" className="border-b border-hairline px-4 py-3 md:px-5">
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="Face"
            value={faceId}
            onChange={(event) => setFaceId(event.target.value)}
            options={sprayedFaces(job.part).map(({ id, name, width, height }) => ({
              value: id,
              label: `${name}, ${written(amount('length', width), units)} by ${written(amount('length', height), units)}`,
            }))}
          />
          <SelectField
            label="Coat"
            value={coatId}
            onChange={(event) => setCoatId(event.target.value)}
            options={[
              ...spray.coats.map(({ coat }, i) => ({ value: coat.id, label: `${i + 1}. ${coat.name}` })),
              ...(spray.coats.length > 1 ? [{ value: 'all', label: 'All coats, dry' }] : []),
            ]}
          />
        </div>
      </section>
      {isRefusal(setup) ? (
        <Panel title="Film on the face">
          <Notice tone="care">{units.says(setup)}</Notice>
        </Panel>
      ) : (
        <>
          {shows === 'film' && (
            <>
              <EvenMap setup={setup} all={coatId === 'all'} />
              <Fold
                className="border-b border-hairline px-4 md:px-5"
                title="Strokes and openings"
                says={`${setup.coat.coat.name}, ${plural(setup.face.openings?.length ?? 0, 'opening')}`}
              >
                <PathFields setup={setup} />
              </Fold>
            </>
          )}
          {shows === 'overlap' && (
            <>
              <PatternFields setup={setup} />
              <OverlapChart setup={setup} />
            </>
          )}
          {shows === 'best' && <Optimiser setup={setup} />}
        </>
      )}
    </>
  );
}
