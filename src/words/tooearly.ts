import { showDuration } from '@/core/quantity';
import type { EndDoubt } from '@/facts/job';
import { plural } from './line';

/** What is asked before a coat is ended that hardly was begun. */
export const tooEarlyWords = (
  { sprayed, takes, faces, recorded }: EndDoubt,
  tap: string,
): { readonly asks: string; readonly says: string } => ({
  asks: `${tap} after ${showDuration(sprayed)}?`,
  says: `A coat takes about ${showDuration(takes)}, and ${recorded === 0 ? 'none' : recorded} of ${plural(faces, 'face')} ${recorded > 1 ? 'are' : 'is'} on record.`,
});
