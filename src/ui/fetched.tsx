'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import { Button } from './Button';
import { Notice } from './Notice';
import { notify } from './notify';

/**
 * A part of a screen that is fetched when it is first shown. Where it cannot be fetched, its place says so: the rest of the
 * screen stands.
 */
export function fetched<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  return dynamic<P>(() => load().catch(() => NotLoaded as ComponentType<P>));
}

/** What a tap needs and is fetched for it; where it does not arrive, a note says so and nothing else happens. */
export const arrived = <T,>(loading: Promise<T>): Promise<T | undefined> =>
  loading.catch(() => {
    notify('This did not arrive. With a network, try again; nothing that was recorded is touched.');
    return undefined;
  });

function NotLoaded() {
  return (
    <div className="p-4">
      <Notice tone="care">
        <p>This part of the screen did not arrive. Nothing that was recorded is touched.</p>
        <Button className="mt-2" onClick={() => location.reload()}>
          Open the page again
        </Button>
      </Notice>
    </div>
  );
}
