'use client';

import { useEffect, useSyncExternalStore, type RefObject } from 'react';

/** What others must keep clear of: the tray at the foot of the page, the bar at its head. */
export type Kept = '--dock' | '--bar';

const heights = new Map<Kept, number>();
const listeners = new Set<() => void>();

/** The root alone reads it as a CSS variable, which is not handed down: a new height would style the whole page again. */
function tell(name: Kept, height: number | undefined): void {
  if (heights.get(name) === height) return;
  const { style } = document.documentElement;
  if (height === undefined) {
    heights.delete(name);
    style.removeProperty(name);
  } else {
    heights.set(name, height);
    style.setProperty(name, `${height}px`);
  }
  for (const listener of listeners) listener();
}

/** Tells the page how tall something is that others must keep clear of. */
export function useTall(element: RefObject<HTMLElement | null>, name: Kept): void {
  useEffect(() => {
    const { current } = element;
    if (!current) return;
    const seen = new ResizeObserver(() => tell(name, current.offsetHeight));
    seen.observe(current);
    return () => {
      seen.disconnect();
      tell(name, undefined);
    };
  }, [element, name]);
}

const listen = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** How tall that is now, px; undefined where it is not on the page. */
export const useHeightOf = (name: Kept): number | undefined =>
  useSyncExternalStore(
    listen,
    () => heights.get(name),
    () => undefined,
  );
