'use client';

import Link from 'next/link';
import { useOffline } from '@/ui/frame/offline';
import { Notice } from '@/ui/Notice';

/** A newer version waits; whether to take it now is for whoever is at the bench. */
export function NewerVersion() {
  const { newer } = useOffline();
  if (!newer) return null;
  return (
    <div className="mb-4">
      <Notice tone="act">
        A newer version of Fluorite is stored on this device.{' '}
        <Link
          href="/settings"
          prefetch={false}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          Take it in Settings
        </Link>
        , when no coat is running.
      </Notice>
    </div>
  );
}
