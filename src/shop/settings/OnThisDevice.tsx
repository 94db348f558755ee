'use client';

import { Button } from '@/ui/Button';
import { install, keep, takeNewer, useOffline, type OfflineState } from '@/ui/frame/offline';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';

const says: Record<OfflineState, { readonly tone: 'good' | 'plain' | 'care'; readonly words: string }> = {
  ready: { tone: 'good', words: 'Stored on this device: it opens and works without a network.' },
  storing: { tone: 'plain', words: 'Being stored on this device. Keep the network until it is done.' },
  failed: {
    tone: 'care',
    words: 'Could not be stored on this device. It is tried again at the next start with a network.',
  },
  cannot: {
    tone: 'care',
    words:
      'Cannot be stored on this device: that needs a current browser, and an address that begins with https or is this machine’s own. Without a network the application will not open; what is recorded stays.',
  },
};

/** How far the application stands on its own feet here, and what would put it on the device. */
export function OnThisDevice() {
  const { state, newer, installable, kept } = useOffline();
  return (
    <Panel title="On this device" place="device">
      <div className="space-y-3" data-offline={state}>
        <Notice tone={says[state].tone}>{says[state].words}</Notice>
        {!window.isSecureContext && (
          <Notice tone="care">
            This page came over an insecure connection. It lacks what browsers give only to a secure one:
            working without a network, the camera, keeping the screen awake, a folder for backups, and writing
            from more than one tab.
          </Notice>
        )}
        {kept !== undefined &&
          (kept ? (
            <Notice tone="good">The browser keeps the records, even when it is short of room.</Notice>
          ) : (
            <Notice tone="care">
              <p>The browser may clear the records when the device is short of room.</p>
              <Button className="mt-2" onClick={() => void keep()}>
                Ask it to keep them
              </Button>
            </Notice>
          ))}
        {newer && (
          <Notice tone="act">
            <p>A newer version is stored. Take it when no coat is running: the page opens again.</p>
            <Button className="mt-2" onClick={takeNewer}>
              Take the newer version
            </Button>
          </Notice>
        )}
        {installable ? (
          <Button onClick={() => void install()}>Put Fluorite on this device</Button>
        ) : (
          <p className="text-sm text-ink-soft">
            To have it among the device’s own applications, choose “Add to home screen” or “Install” in the
            browser’s menu.
          </p>
        )}
      </div>
    </Panel>
  );
}
