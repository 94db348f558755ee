import { usualHand, type Hand } from '@/core/evenness';
import type { EntryOf, Job, PracticeTry, Shop } from '@/records';
import { liveEntries, ofType } from '../job';
import { namesOf } from './pace';

/** Tries a hand’s spread is taken from, and how many make one. */
const latest = 8;
const enough = 2;

const rms = (values: readonly number[]) =>
  Math.sqrt(values.reduce((sum, each) => sum + each * each, 0) / values.length);

export interface MeasuredHand {
  readonly name: string;
  readonly tries: number;
  /** Faces the phone on the gun felt. */
  readonly faces?: number;
  readonly hand: Hand;
}

/** Faces that were felt make a hand from so many strokes on. */
const enoughStrokes = 12;

/** What the phone on a gun felt of each person over their last faces: how their speed and their tilt spread. */
function feltSpreads(
  jobs: readonly Job[],
  nameNow: (name: string) => string,
): Map<string, { readonly faces: number; speed: number; tilt: number }> {
  const faces = new Map<string, EntryOf<'hand'>[]>();
  for (const entry of jobs.flatMap((job) => ofType(liveEntries(job), 'hand')))
    if (entry.by && !entry.coarse) {
      const name = nameNow(entry.by);
      faces.set(name, [...(faces.get(name) ?? []), entry]);
    }
  return new Map(
    [...faces].flatMap(([name, all]) => {
      const own = [...all].sort((a, b) => a.at.localeCompare(b.at)).slice(-latest);
      const strokes = own.flatMap(({ strokes: felt, planned }) =>
        felt
          .filter(({ doubtful }) => !doubtful)
          .map(({ speed, tilt }) => ({ off: speed / planned - 1, tilt })),
      );
      return strokes.length < enoughStrokes
        ? []
        : [
            [
              name,
              {
                faces: own.length,
                speed: Math.min(rms(strokes.map(({ off }) => off)), 1),
                tilt: Math.min(rms(strokes.map(({ tilt }) => tilt)), 1),
              },
            ] as const,
          ];
    }),
  );
}

/**
 * What practice and faces that were felt say of each person’s hand: from their last tries on a panel, and from the phone on
 * the gun. What neither tells keeps the usual spread: a pointer says nothing of distance and tilt, a phone nothing of where
 * strokes lie. What was done under a former name is of whoever bears another one now.
 */
export function measuredHands(
  tries: readonly PracticeTry[],
  jobs: readonly Job[] = [],
  listed: Shop['people'] = [],
): MeasuredHand[] {
  const nameNow = (name: string) => listed.find((person) => namesOf(person).includes(name))?.name ?? name;
  const felt = feltSpreads(jobs, nameNow);
  const people = [...new Set([...tries.map(({ name }) => nameNow(name)), ...felt.keys()])].sort();
  return people.flatMap((name) => {
    const own = tries
      .filter((each) => nameNow(each.name) === name && each.hand !== undefined)
      .sort((a, b) => a.at.localeCompare(b.at))
      .slice(-latest)
      .flatMap(({ hand }) => (hand && hand.strokes > 2 ? [hand] : []));
    const onGun = felt.get(name);
    if (own.length < enough && !onGun) return [];
    const panels =
      own.length < enough
        ? {}
        : {
            spacing: Math.min(rms(own.map(({ spacingSpread }) => spacingSpread)), 1),
            speed: Math.min(rms(own.map(({ speedSpread }) => speedSpread)), 1),
            lead: Math.min(rms(own.map(({ leadSpread }) => leadSpread)), 0.5),
          };
    const hand: Hand = {
      ...usualHand,
      ...panels,
      // At work it is as it is at work.
      ...(onGun ? { speed: onGun.speed, tilt: onGun.tilt } : {}),
    };
    return [
      { name, tries: own.length < enough ? 0 : own.length, ...(onGun ? { faces: onGun.faces } : {}), hand },
    ];
  });
}

/** The hand a job is reckoned with, and where it comes from. */
export function handFor(
  job: Job,
  shop: Shop,
  measured: readonly MeasuredHand[],
): { readonly hand: Hand; readonly from: 'usual' | 'own' | 'person' } {
  const chosen = job.approach.hand;
  if (chosen?.kind === 'own' && shop.hand) return { hand: shop.hand, from: 'own' };
  // A job says the name it was chosen by; somebody may bear another one now.
  const bearer =
    chosen?.kind === 'person' && shop.people?.find((each) => namesOf(each).includes(chosen.name));
  const named = bearer ? bearer.name : chosen?.kind === 'person' && chosen.name;
  const person = named && measured.find(({ name }) => name === named);
  return person ? { hand: person.hand, from: 'person' } : { hand: usualHand, from: 'usual' };
}
