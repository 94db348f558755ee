'use client';

import { useSyncExternalStore } from 'react';

const listen = (changed: () => void) => {
  window.addEventListener('hashchange', changed);
  window.addEventListener('popstate', changed);
  return () => {
    window.removeEventListener('hashchange', changed);
    window.removeEventListener('popstate', changed);
  };
};

/** Which part of a screen is shown, kept in the address, so that it can be linked to and Back works. */
export function usePart<T extends string>(parts: Readonly<Record<T, string>>): T {
  const said = useSyncExternalStore(
    listen,
    () => window.location.hash.slice(1),
    () => '',
  );
  const names = Object.keys(parts) as T[];
  return names.find((each) => each === said) ?? (names[0] as T);
}
