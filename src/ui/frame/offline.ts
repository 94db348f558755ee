'use client';

import { useSyncExternalStore } from 'react';

/** Can this device go on without its server? */
export type OfflineState =
  /** The browser has no service worker, or the page did not come over a connection it trusts. */
  | 'cannot'
  /** Its files are being stored. */
  | 'storing'
  | 'ready'
  /** Storing its files failed: it is tried again at the next start. */
  | 'failed';

export interface Offline {
  readonly state: OfflineState;
  /** A newer version is stored and waits to be taken. */
  readonly newer: boolean;
  /** The system can put it on the device. */
  readonly installable: boolean;
  /** The browser has promised to keep the records, come what may; undefined until it has said. */
  readonly kept?: boolean;
}

interface InstallPrompt extends Event {
  prompt(): Promise<unknown>;
}

let now: Offline = { state: 'storing', newer: false, installable: false };
let registration: ServiceWorkerRegistration | undefined;
let prompting: InstallPrompt | undefined;
const watching = new Set<() => void>();

function become(change: Partial<Offline>): void {
  now = { ...now, ...change };
  for (const tell of watching) tell();
}

/** Once the shop is open: stores the application on this device and watches for newer versions. */
export async function goOffline(): Promise<void> {
  void askKept();
  if (!('serviceWorker' in navigator) || !window.isSecureContext) {
    become({ state: 'cannot' });
    return;
  }
  addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    prompting = event as InstallPrompt;
    become({ installable: true });
  });
  addEventListener('appinstalled', () => become({ installable: false }));
  try {
    registration = await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' });
    watch(registration);
    // Back on the page after a while: is there a newer one? Without a network there is no answer, and none is needed.
    document.addEventListener('visibilitychange', () => {
      if (document.visibilityState === 'visible') void registration?.update().catch(() => undefined);
    });
    await navigator.serviceWorker.ready;
    become({ state: 'ready' });
  } catch {
    // A server that was taken away meanwhile is no fault: what was stored before goes on.
    become({ state: navigator.serviceWorker.controller ? 'ready' : 'failed' });
  }
}

function watch(of: ServiceWorkerRegistration): void {
  const noteWaiting = () => {
    // The first one of all takes over at once; only a later one waits.
    if (of.waiting && navigator.serviceWorker.controller) become({ newer: true });
  };
  noteWaiting();
  of.addEventListener('updatefound', () => {
    const coming = of.installing;
    coming?.addEventListener('statechange', () => {
      noteWaiting();
      if (coming.state === 'redundant' && !of.active) become({ state: 'failed' });
    });
  });
}

/** Does the browser keep the records even when it is short of room? */
async function askKept(): Promise<void> {
  const kept = await navigator.storage?.persisted?.().catch(() => undefined);
  if (kept !== undefined) become({ kept });
}

/** Asks the browser to keep them; some ask the person in turn, so it is done at a tap. */
export async function keep(): Promise<void> {
  const kept = await navigator.storage?.persist?.().catch(() => false);
  become({ kept: kept ?? false });
}

/** Takes the newer version, and the page with it. */
export function takeNewer(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
  registration?.waiting?.postMessage({ type: 'SKIP_WAITING' });
}

/** Asks the system to put the application on the device. */
export async function install(): Promise<void> {
  const asked = prompting;
  prompting = undefined;
  become({ installable: false });
  await asked?.prompt();
}

const subscribe = (tell: () => void) => {
  watching.add(tell);
  return () => void watching.delete(tell);
};

export const useOffline = (): Offline =>
  useSyncExternalStore(
    subscribe,
    () => now,
    () => now,
  );
