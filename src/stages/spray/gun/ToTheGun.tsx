'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { fetched } from '@/ui/fetched';
import { useJob } from '@/ui/job/context';

const AtGun = fetched(() => import('./AtGun').then((found) => found.AtGun));

/** The way to the screen that is read from across the booth, while there is something to spray. */
export function ToTheGun() {
  const { view } = useJob();
  const [there, setThere] = useState(false);
  const { running, next } = view.spray;
  if (!there && !running && !next) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-4 border-b border-hairline px-4 py-2 md:px-5">
      <Button
        data-place="at-gun"
        onClick={() => {
          setThere(true);
          // Where the browser lets it; the screen is filled without it too.
          void document.documentElement.requestFullscreen?.().catch(() => undefined);
        }}
      >
        At the gun
      </Button>
      <p className="min-w-0 flex-1 text-sm text-ink-soft">
        The whole screen for the coat: the pace to follow, and one press of any key or pedal for what is done.
      </p>
      {there && <AtGun onClose={() => setThere(false)} />}
    </div>
  );
}
