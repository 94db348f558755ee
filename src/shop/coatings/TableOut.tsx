'use client';

import { useState } from 'react';
import { fileName } from '@/exchange/filename';
import { writeSheetsCsv } from '@/exchange/sheetcsv';
import { sheetColumns, writeSheetTable } from '@/exchange/sheettable';
import type { Coating } from '@/records';
import { isoNow } from '@/store/clock';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Dialog } from '@/ui/Dialog';
import { download } from '@/ui/download';
import { useUnits } from '@/ui/units';

interface Props {
  readonly sheets: readonly Coating[];
  readonly onClose: () => void;
}

const usual = new Set(sheetColumns.filter((each) => each.usual).map(({ id }) => id));
const every = new Set(sheetColumns.map(({ id }) => id));

/** Which columns of the sheets go into a table for a spreadsheet, in the user’s units. */
export function TableOut({ sheets, onClose }: Props) {
  const units = useUnits();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(usual);
  const choose = (id: string, on: boolean) =>
    setChosen(new Set(on ? [...chosen, id] : [...chosen].filter((each) => each !== id)));
  const write = (name: string, table: string) => {
    download(fileName(name, isoNow().slice(0, 10), 'csv'), table, 'text/csv');
    onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title="Table of sheets"
      says="The columns you choose, in your units. Only the whole records can be brought into another shop."
    >
      <div className="mb-2 flex flex-wrap gap-2">
        <Button look="quiet" onClick={() => setChosen(usual)}>
          The usual columns
        </Button>
        <Button look="quiet" onClick={() => setChosen(every)}>
          All of them
        </Button>
      </div>
      <div className="grid max-h-[50vh] grid-cols-1 overflow-y-auto border-y border-hairline py-1 sm:grid-cols-2">
        {sheetColumns.map(({ id, title }) => (
          <Check key={id} label={title} checked={chosen.has(id)} onChange={(on) => choose(id, on)} />
        ))}
      </div>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button
          look="main"
          onClick={() => write('coatings table', writeSheetTable(sheets, chosen, units))}
          disabled={chosen.size === 0}
        >
          Write {chosen.size} columns
        </Button>
        <Button className="min-h-16" onClick={() => write('coatings', writeSheetsCsv(sheets))}>
          Whole records
        </Button>
      </div>
    </Dialog>
  );
}
