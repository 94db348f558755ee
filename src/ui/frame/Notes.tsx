'use client';

import { useEffect, type CSSProperties } from 'react';
import { toast, Toaster } from 'sonner';
import { takeNotes } from '../notify';
import { useHeightOf } from '../tall';

/** Draws the passing notes. */
export function Notes() {
  const dock = useHeightOf('--dock') ?? 0;
  useEffect(
    () =>
      takeNotes(({ says, undo }) => {
        const id = toast(says, undo ? { action: { label: 'Undo', onClick: undo } } : undefined);
        return () => void toast.dismiss(id);
      }),
    [],
  );
  return (
    <Toaster
      // At the foot of the reasons: over neither the next line nor the strip, nor a field of the work.
      position="bottom-right"
      offset={{ bottom: dock + 12, right: 12 }}
      // Its own sheet of styles sets another typeface.
      style={{ fontFamily: 'inherit', '--width': '296px' } as CSSProperties}
      mobileOffset={{ bottom: dock + 8 }}
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
