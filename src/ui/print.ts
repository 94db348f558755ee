'use client';

import { useEffect, useState } from 'react';

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
  return { printing, print: () => setPrinting(true) };
}
