import { useMemo } from 'react';
import { careCalendar } from '@/facts/shop/carecalendar';
import { useNow } from '@/store/clock';
import { useRecords } from '@/store/hooks';
import { kitOf, wearOf } from '@/facts/shop/wear';

/** What wears, what is due and what is on the shelf, worked out once a minute and whenever a record changes. */
export function useCare() {
  const rigs = useRecords('rig');
  const jobs = useRecords('job');
  const now = Math.floor(useNow() / 60_000) * 60_000;
  return useMemo(() => {
    const wear = wearOf(rigs, jobs, now);
    return { rigs, jobs, now, wear, kit: kitOf(wear, rigs), dues: careCalendar(rigs, jobs, now, wear) };
  }, [rigs, jobs, now]);
}
