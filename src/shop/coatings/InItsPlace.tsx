'use client';

import Link from 'next/link';
import { useState } from 'react';
import { substitutesFor, type Substitute } from '@/facts/shop/substitutes';
import { classWords, type Coating } from '@/records';
import { gunWords } from '@/records/rigwords';
import { useRecords, useShelf } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { amount } from '@/words/figures';
import { hazardWords } from '@/words/hazards';
import { plural } from '@/words/line';
import { differences } from '@/words/sheetfacts';
import { Compare } from './Compare';

/** Products of the shop that could go on where this one is out of supply, and what each does differently. */
export function InItsPlace({ sheet }: { readonly sheet: Coating }) {
  const found = substitutesFor(sheet, useRecords('coating'), useShelf());
  const [comparing, setComparing] = useState<Coating>();
  if (found.length === 0) return null;
  return (
    <Fold title="In its place" says={plural(found.length, 'product')} verb="Show">
      <p className="mb-1 text-sm text-ink-soft">
        Should it run out. Never half and half: nothing of one goes into the other.
      </p>
      <ul className="border-t border-hairline">
        {found.slice(0, 4).map((each) => (
          <Row key={each.sheet.id} each={each} of={sheet} onCompare={() => setComparing(each.sheet)} />
        ))}
      </ul>
      {comparing && (
        <Compare
          sides={[
            { name: comparing.name, sheet: comparing },
            { name: sheet.name, sheet },
          ]}
          title="What differs"
          onClose={() => setComparing(undefined)}
        />
      )}
    </Fold>
  );
}

interface RowProps {
  readonly each: Substitute;
  readonly of: Coating;
  readonly onCompare: () => void;
}

function Row({ each: { sheet, left, other, moreHazards, guns }, of, onCompare }: RowProps) {
  const units = useUnits();
  const differs = differences(of, sheet, units).length;
  return (
    <li className="border-b border-hairline py-1.5 text-sm">
      <div className="flex justify-between gap-3">
        <Link
          prefetch={false}
          className="min-h-11 content-center font-bold underline underline-offset-4"
          href={`/coatings/${sheet.id}`}
        >
          {sheet.name}
        </Link>
        <span className="content-center text-right text-ink-soft">
          {left > 0 ? (
            <>
              <Printed figure={amount('volume', left)} /> on the shelf
            </>
          ) : (
            'none on the shelf'
          )}
        </span>
      </div>
      <p className="text-ink-soft">{classWords(sheet.class)}</p>
      {other && (
        <p className="text-care">
          ▲ Another chemistry: its hardener, thinner, cleaner and what fits over it are its own.
        </p>
      )}
      {moreHazards.length > 0 && (
        <p className="text-care">
          ▲ Also warns of {moreHazards.map((hazard) => hazardWords[hazard].toLowerCase()).join(', ')}.
        </p>
      )}
      {guns.length > 0 && (
        <p className="text-care">
          ▲ Its sheet advises no {guns.map((family) => gunWords[family]).join(', ')} gun.
        </p>
      )}
      <Button look="quiet" onClick={onCompare}>
        {plural(differs, 'fact differs', 'facts differ')}
      </Button>
    </li>
  );
}
