'use client';

import { isoNow } from '@/store/clock';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { classSheet, classWords, coatingClasses, newId, type CoatingClass } from '@/records';
import { useRecords, useShop, useStore } from '@/store/hooks';
import { ImportFile } from '../importing/ImportFile';
import { recheckDue } from '@/facts/shop/revisions';
import { Button, ButtonLink } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { EmptyState } from '@/ui/EmptyState';
import { SelectField, TextField } from '@/ui/Field';
import { Page } from '@/ui/Page';
import { useUnits } from '@/ui/units';
import { cupName } from '@/words/cup';
import { defaultsLeft } from '@/words/sheetfacts';
import { amount, writtenRange } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { Register } from './Register';
import { TableOut } from './TableOut';

export function Coatings() {
  const coatings = useRecords('coating');
  const units = useUnits();
  const shop = useShop();
  const today = isoNow().slice(0, 10);
  const [adding, setAdding] = useState(false);
  const [table, setTable] = useState(false);
  const [sought, setSought] = useState('');
  const found = coatings.filter((each) =>
    `${each.name} ${classWords(each.class)} ${each.components.map(({ name }) => name).join(' ')} ${each.hazards.join(' ')}`
      .toLowerCase()
      .includes(sought.trim().toLowerCase()),
  );
  return (
    <Page
      title="Coatings"
      says="The product sheets. What a sheet says outranks every default here."
      tools={
        <>
          <ButtonLink href="/sheet">Read a sheet</ButtonLink>
          <Button onClick={() => setAdding(true)}>New sheet</Button>
          <ImportFile says="Import sheets" accept=".json,.csv,application/json,text/csv" />
          <Button disabled={coatings.length === 0} onClick={() => setTable(true)}>
            Export as CSV
          </Button>
        </>
      }
    >
      {coatings.length === 0 ? (
        <EmptyState title="No sheets yet">
          <p>
            Read the product’s paper, or begin from the typical values of its class, each marked as a default
            until you confirm it.
          </p>
          <ButtonLink href="/sheet">Read a sheet</ButtonLink>
          <Button look="main" onClick={() => setAdding(true)}>
            New sheet
          </Button>
        </EmptyState>
      ) : (
        <>
          <div className="mb-4 max-w-sm">
            <TextField
              label="Search"
              type="search"
              value={sought}
              onChange={(event) => setSought(event.target.value)}
            />
          </div>
          <ul className="divide-y divide-hairline border-y border-hairline">
            {found.map((each) => (
              <li key={each.id}>
                <Link
                  prefetch={false}
                  href={`/coatings/${each.id}`}
                  className="grid min-h-16 items-center gap-x-6 gap-y-1 px-2 py-3 hover:bg-act-wash sm:grid-cols-[1.4fr_1.2fr_1fr_1fr_auto]"
                >
                  <b>{each.name}</b>
                  <span className="text-sm text-ink-soft">{classWords(each.class)}</span>
                  <span className="text-sm">
                    {each.target
                      ? `${writtenRange(amount('time', each.target.min), amount('time', each.target.max), units, { digits: 0 })} ${cupName(each.target.cupId)}`
                      : 'no cup'}
                  </span>
                  <span className="text-sm">
                    <Printed figure={amount('film', each.film.min)} to={amount('film', each.film.max)} /> dry
                    a coat
                  </span>
                  <span
                    className={`text-sm ${each.assumed.length ? 'font-semibold text-care' : 'text-good'}`}
                  >
                    {defaultsLeft(each, units) ?? '✓ confirmed'}
                    {recheckDue(each, shop) <= today && (
                      <span className="block font-semibold text-care">▲ recheck due</span>
                    )}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
          {found.length === 0 && <p className="py-6 text-ink-soft">No sheet by that name.</p>}
          <Register />
        </>
      )}
      {table && <TableOut sheets={coatings} onClose={() => setTable(false)} />}
      {adding && <NewSheet onClose={() => setAdding(false)} />}
    </Page>
  );
}

function NewSheet({ onClose }: { readonly onClose: () => void }) {
  const store = useStore();
  const router = useRouter();
  const [of, setOf] = useState<CoatingClass>('water-lacquer');
  const [name, setName] = useState('');
  const [asked, setAsked] = useState(false);
  const add = () => {
    setAsked(true);
    if (name.trim() === '') return;
    const sheet = classSheet(of, newId(), name.trim(), isoNow().slice(0, 10));
    store.put(sheet, 'new sheet');
    router.push(`/coatings/${sheet.id}`);
  };
  return (
    <Dialog open onClose={onClose} title="New sheet" says="It starts from the typical values of its class.">
      <div className="space-y-4">
        <TextField
          label="Name on the can"
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
          error={asked && name.trim() === '' ? 'What does the can say?' : undefined}
        />
        <SelectField
          label="Coating type"
          value={of}
          onChange={(event) => setOf(event.target.value as CoatingClass)}
          options={coatingClasses.map((value) => ({ value, label: classWords(value) }))}
        />
        <Button look="main" onClick={add}>
          Make the sheet
        </Button>
      </div>
    </Dialog>
  );
}
