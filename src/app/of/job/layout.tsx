'use client';

import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { namedBy } from '@/offline/pages';
import { JobFrame } from '@/ui/job/JobFrame';

export default function JobLayout({ children }: { readonly children: ReactNode }) {
  const { id } = namedBy(usePathname());
  // Another job is another frame: nothing half-typed goes over from one to the next.
  return (
    <JobFrame key={id} id={id}>
      {children}
    </JobFrame>
  );
}
