'use client';

import { Button } from '@/ui/Button';

/** The way to the screen that is read from across the booth: the pace to follow, and one press for what is done. */
export function GunButton({ onGun }: { readonly onGun: () => void }) {
  return (
    <Button
      onClick={() => {
        onGun();
        // Where the browser lets it; the screen is filled without it too.
        void document.documentElement.requestFullscreen?.().catch(() => undefined);
      }}
    >
      At the gun
    </Button>
  );
}
