import type { UseFormReturn } from 'react-hook-form';
import type { DraftAhead } from '@/facts/newjob/ahead';
import type { JobDraft } from '@/facts/newjob/draft';
import type { Coating, Cup, Job, Rig } from '@/records';

/** What every screen of the conversation is given. */
export interface ScreenProps {
  readonly form: UseFormReturn<JobDraft>;
  readonly draft: JobDraft;
  readonly held: {
    readonly coatings: readonly Coating[];
    readonly rigs: readonly Rig[];
    readonly cups: readonly Cup[];
    readonly jobs: readonly Job[];
  };
  /** What it would come to; none while something of it is missing or wrong. */
  readonly ahead: DraftAhead | undefined;
}
