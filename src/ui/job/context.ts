'use client';

import { createContext, useContext } from 'react';
import type { NewEntry } from '@/records';
import type { JobView } from '@/facts/job';
import type { NextLine, Tap } from '@/words/line';

interface JobContextValue {
  readonly view: JobView;
  readonly log: (label: string, ...entries: readonly NewEntry[]) => void;
  /** What follows from an entry waits with it: for what keeps people whole, and is dropped where that is left. */
  readonly logThen: (label: string, entries: readonly NewEntry[], then: () => void) => void;
  readonly tap: (tap: Tap) => void;
  readonly line: NextLine;
}

export const JobContext = createContext<JobContextValue | undefined>(undefined);

/** The job on screen, its next line, and how to write into its log. */
export function useJob(): JobContextValue {
  const value = useContext(JobContext);
  if (!value) throw new Error('There is no job frame above this component.');
  return value;
}
