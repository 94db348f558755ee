'use client';

import { useDeferredValue, useEffect, useState, type ReactNode } from 'react';
import { useShop, useShopState } from '@/store/hooks';
import { StoreProvider } from '@/store/provider';
import { useKeys } from './keys';
import { onFirstNote } from '../notify';
import { Rail } from './Rail';
import { Fence } from '../Fence';
import { StorageBanner } from './StorageBanner';
import { ClockSetBack } from './ClockSetBack';
import { useFirstStart } from './firststart';
import { useHeadingFocus } from './headingfocus';
import { useShopActions } from './undo';
import { fetched } from '@/ui/fetched';
import { deviceDates, writeHereAs, writtenIn } from '@/words/writtenhere';

const SafeStart = fetched(() => import('./SafeStart').then((loaded) => loaded.SafeStart));
const Notes = fetched(() => import('./Notes').then((loaded) => loaded.Notes));
const KeyList = fetched(() => import('./KeyList').then((loaded) => loaded.KeyList));
const Alarms = fetched(() => import('./Alarms').then((loaded) => loaded.Alarms));
const Glossary = fetched(() => import('../glossary/Glossary').then((loaded) => loaded.Glossary));
const CommandList = fetched(() => import('./CommandList').then((loaded) => loaded.CommandList));

const device = deviceDates(typeof navigator === 'undefined' ? undefined : navigator.language);

export function AppFrame({ children }: { readonly children: ReactNode }) {
  return (
    <StoreProvider>
      <Frame>{children}</Frame>
    </StoreProvider>
  );
}

function Frame({ children }: { readonly children: ReactNode }) {
  const { status } = useShopState();
  const shop = useShop();
  const { theme } = shop;
  // Before anything below it is drawn: what is written there is written so.
  writeHereAs(writtenIn(shop, device));
  const starting = useFirstStart();
  const { undo, redo, switchUnits } = useShopActions();
  const [open, setOpen] = useState<'commands' | 'keys' | 'words'>();
  const [noted, setNoted] = useState(false);

  useEffect(() => onFirstNote(() => setNoted(true)), []);

  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);

  useKeys({
    'mod+z': undo,
    'mod+shift+z': redo,
    'mod+k': () => setOpen('commands'),
    u: switchUnits,
    '?': () => setOpen('keys'),
  });

  // Asked once: links drop it, and the shop opens as usual again.
  const [safe] = useState(
    () => typeof location !== 'undefined' && new URLSearchParams(location.search).has('safe'),
  );
  // A step late on purpose: the whole screen is then built in short turns, and a slow phone answers in between.
  const ready = useDeferredValue(status === 'ready' && !starting, false);
  useHeadingFocus(ready);
  useEffect(() => {
    // Only now: what it stores would keep the shop waiting.
    if (ready) void import('./offline').then(({ goOffline }) => goOffline()).catch(() => undefined);
  }, [ready]);
  return (
    <div className="flex min-h-dvh flex-col md:flex-row" data-ready={ready || undefined}>
      <a href="#main" className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-sheet focus:p-3">
        To the content
      </a>
      <Rail />
      <div className="flex min-w-0 flex-1 flex-col">
        <StorageBanner />
        {ready && <ClockSetBack />}
        {ready && !safe && (
          <Fence what="The alarms">
            <Alarms />
          </Fence>
        )}
        {ready ? (
          safe ? (
            <SafeStart />
          ) : (
            <Fence what="This screen">{children}</Fence>
          )
        ) : (
          <p className="p-8 text-ink-soft">Opening the shop</p>
        )}
      </div>
      {open === 'commands' && (
        <CommandList onClose={() => setOpen(undefined)} onWords={() => setOpen('words')} />
      )}
      {open === 'words' && <Glossary onClose={() => setOpen(undefined)} />}
      {open === 'keys' && <KeyList onClose={() => setOpen(undefined)} />}
      {noted && <Notes />}
    </div>
  );
}
