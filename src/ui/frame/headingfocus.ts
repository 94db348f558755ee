'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';

const tries = 40;
const pause = 50;

/** Gives the focus to the heading of a page just gone to, so that keyboard and screen reader begin there and not where the last page ended. */
export function useHeadingFocus(ready: boolean): void {
  const path = usePathname();
  const last = useRef<string>(undefined);
  useEffect(() => {
    if (!ready) return;
    const before = last.current;
    last.current = path;
    if (before === undefined || before === path) return;
    let left = tries;
    let timer: ReturnType<typeof setTimeout>;
    const again = () => {
      // Whoever has begun to type, or has a dialog open, is not taken away from it.
      const { activeElement } = document;
      if (activeElement?.matches('input, textarea, select') || document.querySelector('[role="dialog"]'))
        return;
      const heading = document.querySelector<HTMLElement>('h1');
      if (heading) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
        return;
      }
      left -= 1;
      if (left > 0) timer = setTimeout(again, pause);
    };
    timer = setTimeout(again, pause);
    return () => clearTimeout(timer);
  }, [path, ready]);
}
