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
      position="top-center"
      // Its own sheet of styles sets another typeface.
      style={{ fontFamily: 'inherit' }}
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
  );
}
