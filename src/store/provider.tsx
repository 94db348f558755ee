'use client';

import { useEffect, useState, type ReactNode } from 'react';
import { momentNow } from './clock';
import { browserDisk, memoryDisk } from './disk/disk';
import { exclusive } from './disk/lock';
import { knownOrphans, noteOrphans } from './disk/orphans';
import { browserPictures } from './disk/pictures';
import { takeSeat } from './disk/seat';
import { browserTabs } from './disk/tabs';
import { openJobsSeen, StoreContext } from './hooks';
import { ShopStore } from './shopstore';

const stepsKey = 'fluorite-undo';

/** Opens the shop for everything below it and keeps its undo steps over a reload of this tab. */
export function StoreProvider({ children }: { readonly children: ReactNode }) {
  const [store] = useState(
    () =>
      new ShopStore({
        disk: () => browserDisk(),
        fallback: memoryDisk,
        pictures: () => browserPictures(),
        exclusively: exclusive(),
        tabs: () => browserTabs(),
        seat: takeSeat,
        clock: momentNow,
        conclude: openJobsSeen,
        foldAfter: 1000,
      }),
  );

  useEffect(() => {
    void store.open().then(async () => {
      store.loadSteps(readSteps());
      if (store.getState().trouble === undefined)
        noteOrphans(await store.tidyPictures(knownOrphans(), momentNow()));
    });
    const leave = () => writeSteps(store.saveSteps());
    // A change is on disk within moments; who leaves before that is asked first.
    const ask = (event: BeforeUnloadEvent) => {
      if (store.unwritten()) event.preventDefault();
    };
    const wake = () => {
      if (document.visibilityState === 'visible') void store.catchUp();
    };
    window.addEventListener('pagehide', leave);
    window.addEventListener('beforeunload', ask);
    document.addEventListener('visibilitychange', wake);
    return () => {
      document.removeEventListener('visibilitychange', wake);
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('beforeunload', ask);
    };
  }, [store]);

  return <StoreContext.Provider value={store}>{children}</StoreContext.Provider>;
}

function readSteps(): string | null {
  try {
    return sessionStorage.getItem(stepsKey);
  } catch {
    return null;
  }
}

function writeSteps(steps: string): void {
  try {
    sessionStorage.setItem(stepsKey, steps);
  } catch {
    // No room, or no storage: undo ends with the page, the records do not.
  }
}
