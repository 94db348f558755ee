import {
  Rows3,
  BookOpenText,
  Funnel,
  PaintBucket,
  Settings2,
  SprayCan,
  Target,
  Wrench,
  type LucideIcon,
} from 'lucide-react';

export interface Place {
  readonly href: string;
  readonly name: string;
  readonly Icon: LucideIcon;
}

/** The places of the shop, in the order of the rail. */
export const places: readonly Place[] = [
  { href: '/', name: 'Bench', Icon: Rows3 },
  { href: '/coatings', name: 'Coatings', Icon: PaintBucket },
  { href: '/rigs', name: 'Gun set-ups', Icon: SprayCan },
  { href: '/care', name: 'Care', Icon: Wrench },
  { href: '/cups', name: 'Cups', Icon: Funnel },
  { href: '/logbook', name: 'Logbook', Icon: BookOpenText },
  { href: '/practice', name: 'Practice', Icon: Target },
  { href: '/settings', name: 'Settings', Icon: Settings2 },
];

/** Prerendered pages of one thing among many, by the place they belong to. */
const belongs: Readonly<Record<string, string>> = { job: '/', coating: '/coatings', rig: '/rigs' };

/** The bench holds the jobs: a job's stages belong to it. */
export function isAt(path: string, href: string): boolean {
  const [, first, second = ''] = path.split('/');
  if (first === 'of') return belongs[second] === href;
  // A paper is read to become a coating’s sheet.
  if (first === 'sheet') return href === '/coatings';
  return href === '/' ? path === '/' || first === 'job' : path.startsWith(href);
}
