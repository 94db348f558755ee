import { format, parseISO } from 'date-fns';

/** A moment as a field of day and time shows it, by the clock on the wall; empty for none. */
export const localMoment = (moment: string | undefined): string =>
  moment === undefined ? '' : format(parseISO(moment), "yyyy-MM-dd'T'HH:mm");

/** What such a field says as a moment, ISO 8601; none while it says none. */
export function momentOf(said: string): string | undefined {
  const at = new Date(said);
  return said === '' || Number.isNaN(at.getTime()) ? undefined : at.toISOString();
}
