'use client';

import { useEffect, useState } from 'react';
import { answers, everything, type LogQuestion } from '@/facts/shop/logsearch';
import type { Units } from '@/words/units';
import { entryWords, typeWords } from '@/words/entry';
import { paced } from '@/store/pace';
import type { LogRow } from './LogRows';

interface Found {
  readonly of: readonly LogRow[];
  readonly asked: LogQuestion;
  readonly units: Units;
  readonly rows: readonly LogRow[];
}

/**
 * The rows that answer to what is looked for. Ten years of entries are gone through in steps that give way; what was found
 * last stays in sight until the next is found.
 */
export function useFound(
  all: readonly LogRow[],
  asked: LogQuestion,
  units: Units,
): { readonly rows: readonly LogRow[]; readonly looking: boolean } {
  const [found, setFound] = useState<Found>();
  useEffect(() => {
    if (asked === everything) return;
    let gone = false;
    const look = async () => {
      const rows: LogRow[] = [];
      const rest = paced();
      for (const row of all) {
        const says = () => `${typeWords[row.entry.type]} ${entryWords(row.entry, row.job, units)}`;
        if (answers(row, asked, says)) rows.push(row);
        const wait = rest();
        if (wait) await wait;
        if (gone) return;
      }
      setFound({ of: all, asked, units, rows });
    };
    void look();
    return () => {
      gone = true;
    };
  }, [all, asked, units]);
  if (asked === everything) return { rows: all, looking: false };
  const present = found?.of === all && found.asked === asked && found.units === units;
  return { rows: found?.rows ?? all, looking: !present };
}
