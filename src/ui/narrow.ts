'use client';

import { useSyncExternalStore } from 'react';

/** A phone, or a laptop enlarged until it has a phone’s room. */
const query = '(max-width: 767px), (max-height: 520px)';

const listen = (changed: () => void) => {
  const media = window.matchMedia(query);
  media.addEventListener('change', changed);
  return () => media.removeEventListener('change', changed);
};

/** Whether there is room for one column only: then the strip and the clocks open from a bar. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    listen,
    () => window.matchMedia(query).matches,
    () => false,
  );
