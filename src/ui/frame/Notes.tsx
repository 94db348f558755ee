'use client';

import { useEffect } from 'react';
import { toast, Toaster } from 'sonner';
import { takeNotes } from '../notify';

/** Draws the passing notes. */
export function Notes() {
  useEffect(
    () =>
      takeNotes(({ says, undo }) =>
        toast(says, undo ? { action: { label: 'Undo', onClick: undo } } : undefined),
      ),
    [],
  );
  return (
    <Toaster
      // Over the clocks, and so over neither the next line nor the strip.
      position="bottom-left"
      offset={{ bottom: 'calc(var(--dock, 0px) + 12px)', left: 100 }}
      // Its own sheet of styles sets another typeface.
      style={{ fontFamily: 'inherit' }}
      mobileOffset={{ bottom: 'calc(var(--dock, 0px) + 8px)' }}
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
  );
}
