'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState, type ReactNode } from 'react';
import { Toaster } from 'sonner';
import { useShop, useShopState } from '@/store/hooks';
import { StoreProvider } from '@/store/provider';
import { useKeys } from './keys';
import { Rail } from './Rail';
import { StorageBanner } from './StorageBanner';
import { useFirstStart } from './firststart';
import { useShopActions } from './undo';

const KeyList = dynamic(() => import('./KeyList').then((loaded) => loaded.KeyList));
const CommandList = dynamic(() => import('./CommandList').then((loaded) => loaded.CommandList));

export function AppFrame({ children }: { readonly children: ReactNode }) {
  return (
    <StoreProvider>
      <Frame>{children}</Frame>
    </StoreProvider>
  );
}

function Frame({ children }: { readonly children: ReactNode }) {
  const { status } = useShopState();
  const { theme } = useShop();
  const starting = useFirstStart();
  const { undo, redo, switchUnits } = useShopActions();
  const [open, setOpen] = useState<'commands' | 'keys'>();

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

  const ready = status === 'ready' && !starting;
  return (
    <div className="flex min-h-dvh flex-col md:flex-row" data-ready={ready || undefined}>
      <a href="#main" className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-sheet focus:p-3">
        To the content
      </a>
      <Rail />
      <div className="flex min-w-0 flex-1 flex-col">
        <StorageBanner />
        {ready ? children : <p className="p-8 text-ink-soft">Opening the shop</p>}
      </div>
      {open === 'commands' && <CommandList onClose={() => setOpen(undefined)} />}
      {open === 'keys' && <KeyList onClose={() => setOpen(undefined)} />}
      <Toaster
        position="top-center"
        mobileOffset={{ top: 50 }}
        toastOptions={{
          style: {
            background: 'var(--ink)',
            color: 'var(--on-ink)',
            border: 'none',
            borderRadius: 2,
            font: 'inherit',
          },
          actionButtonStyle: {
            minHeight: 44,
            padding: '0 16px',
            font: 'inherit',
            fontWeight: 600,
            borderRadius: 2,
            background: 'var(--act)',
            color: 'var(--on-act)',
          },
          duration: 4000,
        }}
      />
    </div>
  );
}
