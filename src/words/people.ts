import type { PermissionGroup } from '@/core/permission';
import type { Met, Skill, Trained } from '@/core/quality';
import type { Person } from '@/records';
import { fullDay } from './dates';

export const skillWords: Record<Skill, string> = {
  air: 'Sprays with air',
  airless: 'Sprays airless',
  'two-part': 'Mixes two-part',
};

export const groupWords: Record<PermissionGroup, string> = {
  people: 'What keeps people whole',
  room: 'The room',
  part: 'The part',
  mix: 'The mix',
  gun: 'The gun',
};

const shownWords: Record<Met['what'], string> = {
  parts: 'in a row inside their limits',
  drills: 'gun drills in a row solved',
  panel: 'of the last panels inside the film',
};

/** `7 of 10 in a row inside their limits` */
export const shownSays = ({ what, found, wanted }: Met): string =>
  what === 'panel'
    ? `${Math.round(found * 100)} of ${Math.round(wanted * 100)} % ${shownWords.panel}`
    : `${found} of ${wanted} ${shownWords[what]}`;

/** Where somebody stands with a skill, its mark first. */
export function trainedSays({ state, until }: Trained): string {
  const day = until === undefined ? '' : fullDay(until);
  if (state === 'signed') return `✓ signed off until ${day}`;
  if (state === 'expired') return `▲ ran out on ${day}`;
  return state === 'ready' ? '▲ shown, not signed off yet' : '○ not shown yet';
}

/** Who may leave this out, in a sentence; nothing where anybody may. */
export function waiversSay(people: readonly Person[], group: PermissionGroup): string {
  const names = people
    .filter(({ waives, left }) => !left && (waives === undefined || waives.includes(group)))
    .map(({ name }) => name);
  return names.length === 0
    ? 'Nobody here may leave this out.'
    : `${names.length > 1 ? `${names.slice(0, -1).join(', ')} or ${names.at(-1)}` : names[0]} may leave this out.`;
}
