import type { PermissionGroup } from '@/core/permission';
import type { Met, Skill, Trained } from '@/core/quality';
import type { Person } from '@/records';
import { fullDay } from './dates';
import { plural } from './line';

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

/** `7 of 10 in a row inside their limits` */
export const shownSays = ({ what, found, wanted }: Met): string =>
  what === 'panel'
    ? `practice panels ${Math.round(found * 100)} % inside the film, ${Math.round(wanted * 100)} % wanted`
    : what === 'parts'
      ? `${found} of ${wanted} in a row inside their limits`
      : `${found} of ${plural(wanted, 'gun drill')} solved in a row`;

/** Where somebody stands with a skill, its mark first. */
export function trainedSays({ state, until, shows }: Trained): string {
  const day = until === undefined ? '' : fullDay(until);
  if (state === 'signed') return `✓ signed off until ${day}`;
  if (state === 'expired') return `▲ ran out on ${day}`;
  if (state === 'ready') return '▲ shown, not signed off yet';
  return shows.some(({ found }) => found > 0) ? '○ not all shown yet' : '○ nothing shown yet';
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
