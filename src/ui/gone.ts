'use client';

import { useEffect, useState } from 'react';
import type { Job } from '@/records';
import { sprayedIn, type Kit } from '@/facts/shop/uses';
import { paced } from '@/store/pace';

/**
 * Have these jobs been gone through? Hundreds of them are, in steps that give way; what was found of each is kept, so that
 * what is then asked of all of them is answered at once.
 */
export function useGone(jobs: readonly Job[], kit: Kit): { readonly ready: boolean; readonly share: number } {
  const [gone, setGone] = useState<{
    readonly of?: readonly Job[];
    readonly with?: Kit;
    readonly share: number;
  }>({ share: 0 });
  useEffect(() => {
    let left = false;
    const go = async () => {
      const rest = paced();
      for (const [i, job] of jobs.entries()) {
        try {
          sprayedIn(job, kit);
        } catch {
          // A job that cannot be gone through says so in its own place.
        }
        const wait = rest();
        if (!wait) continue;
        await wait;
        if (left) return;
        if (i % 20 === 0) setGone({ share: i / jobs.length });
      }
      if (!left) setGone({ of: jobs, with: kit, share: 1 });
    };
    void go();
    return () => {
      left = true;
    };
  }, [jobs, kit]);
  return { ready: gone.of === jobs && gone.with === kit, share: gone.share };
}
