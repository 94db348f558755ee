'use client';

import { useState } from 'react';
import { celsius, oilViscosity, type OilRow } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

type Row = Partial<OilRow>;

/** A certified oil’s table: its viscosity at the temperature it was timed at. */
export function OilTable({ onUse }: { readonly onUse: (viscosity: number) => void }) {
  const units = useUnits();
  const [rows, setRows] = useState<readonly Row[]>([
    { temperature: celsius(20) },
    { temperature: celsius(25) },
    { temperature: celsius(40) },
  ]);
  const [at, setAt] = useState<number | undefined>(celsius(21));
  const table = rows.filter(
    (row): row is OilRow => row.temperature !== undefined && (row.viscosity ?? 0) > 0,
  );
  const found = at === undefined ? undefined : oilViscosity(table, at);
  const set = (i: number, change: Row) =>
    setRows(rows.map((row, own) => (own === i ? { ...row, ...change } : row)));
  return (
    <details className="mt-2">
      <summary className="flex min-h-11 items-center text-act underline underline-offset-4">
        From a certified oil’s table
      </summary>
      <div className="space-y-2">
        {rows.map((row, i) => (
          <div key={i} className="grid grid-cols-2 gap-3 sm:max-w-md">
            <NumberField
              label={`Row ${i + 1}, at`}
              quantity="temperature"
              value={row.temperature}
              onChange={(temperature) => set(i, { temperature })}
            />
            <NumberField
              label={`Row ${i + 1}, viscosity`}
              quantity="viscosity"
              value={row.viscosity}
              onChange={(viscosity) => set(i, { viscosity })}
            />
          </div>
        ))}
        <div className="grid grid-cols-2 items-start gap-3 sm:max-w-md">
          <NumberField
            label="Oil timed at"
            quantity="temperature"
            value={at}
            onChange={setAt}
            expects={expects.paint}
            error={table.length > 0 && isRefusal(found) ? units.says(found) : undefined}
          />
          <Button
            className="mt-6"
            disabled={found === undefined || isRefusal(found)}
            onClick={() => typeof found === 'number' && onUse(found)}
          >
            {typeof found === 'number' ? `Use ${written(amount('viscosity', found), units)}` : 'Use it'}
          </Button>
        </div>
      </div>
    </details>
  );
}
