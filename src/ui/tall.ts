'use client';

import { useEffect, type RefObject } from 'react';

/** Tells the page, as a CSS variable, how tall something is that others must keep clear of. */
export function useTall(element: RefObject<HTMLElement | null>, name: `--${string}`): void {
  useEffect(() => {
    const { current } = element;
    if (!current) return;
    const seen = new ResizeObserver(() =>
      document.documentElement.style.setProperty(name, `${current.offsetHeight}px`),
    );
    seen.observe(current);
    return () => {
      seen.disconnect();
      document.documentElement.style.removeProperty(name);
    };
  }, [element, name]);
}
