'use client';

import { useCallback, useEffect, useState } from 'react';

let asked = false;
const waiting = new Set<() => void>();

/** Asks the report of a job to be printed, wherever that is shown next. */
export function askPrint(): void {
  asked = true;
  for (const each of waiting) each();
}

/** Prints when somebody asked for it elsewhere, once. */
export function usePrintAsked(print: () => void): void {
  useEffect(() => {
    const take = () => {
      if (!asked) return;
      asked = false;
      print();
    };
    take();
    waiting.add(take);
    return () => void waiting.delete(take);
  }, [print]);
}

/** Prints what is put on paper while `printing` holds, and puts it away again. */
export function usePrint(): { readonly printing: boolean; readonly print: () => void } {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!printing) return;
    const over = () => setPrinting(false);
    window.addEventListener('afterprint', over, { once: true });
    window.print();
    return () => window.removeEventListener('afterprint', over);
  }, [printing]);
  const print = useCallback(() => setPrinting(true), []);
  return { printing, print };
}
