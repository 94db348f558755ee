import type { ReactNode } from 'react';
import { JobFrame } from '@/ui/job/JobFrame';

interface Props {
  readonly params: Promise<{ id: string }>;
  readonly children: ReactNode;
}

export default async function JobLayout({ params, children }: Props) {
  return <JobFrame id={decodeURIComponent((await params).id)}>{children}</JobFrame>;
}
