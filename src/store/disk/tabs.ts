import type { Folds, StoredSet } from './layout';

/** What one tab tells the others: a set that is on disk now, records to be read again, or that everything was taken away. */
export type TabNews =
  | { readonly setKey: string; readonly set: StoredSet }
  | { readonly reread: readonly string[] }
  | { readonly erased: Folds };

/** Says to the other tabs what was written. */
export interface Tabs {
  announce(told: TabNews): void;
  listen(heard: (told: TabNews) => void): void;
  close(): void;
}

export function browserTabs(name = 'fluorite-sets'): Tabs {
  if (typeof BroadcastChannel === 'undefined')
    return { announce: () => undefined, listen: () => undefined, close: () => undefined };
  const channel = new BroadcastChannel(name);
  return {
    announce: (told) => channel.postMessage(told),
    listen: (heard) => {
      channel.onmessage = ({ data }) => heard(data as TabNews);
    },
    close: () => channel.close(),
  };
}
