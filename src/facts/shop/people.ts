import {
  skills,
  trained,
  usualSigning,
  type SigningRules,
  type Skill,
  type Trained,
  type TrainingEvidence,
} from '@/core/quality';
import type { Job, Person, PracticeTry, Rig, Shop } from '@/records';
import { batchesOf, jobWorked, liveEntries, ofType } from '../job';
import { namesOf, paceOf, type Pace } from './pace';
import { measuredSpots } from './process';

export interface PersonSeen {
  readonly person: Person;
  readonly skills: readonly { readonly skill: Skill; readonly standing: Trained }[];
  readonly pace?: Pace;
  /** Jobs somebody of this name wrote in. */
  readonly jobs: number;
}

/** What is wanted before somebody is signed off here. */
export const signingOf = ({ signing }: Pick<Shop, 'signing'>): SigningRules => signing ?? usualSigning;

/** Drills that show a hand: a panel as a whole, not one trick of it. */
const panelDrill = 'flat';

/** Everybody who works here: what they showed, what they are signed off for, and their pace. */
export function peopleSeen(
  shop: Shop,
  jobs: readonly Job[],
  rigs: readonly Rig[],
  tries: readonly PracticeTry[],
  now: number,
): PersonSeen[] {
  const spots = measuredSpots(jobs);
  const mixes = jobs.flatMap(mixesIn);
  const airless = new Set(rigs.filter(({ atomising }) => atomising === 'airless').map(({ id }) => id));
  return (shop.people ?? []).map((person) => {
    const names = namesOf(person);
    const own = tries.filter(({ name }) => names.includes(name)).sort((a, b) => a.at.localeCompare(b.at));
    const practice = {
      drills: own.flatMap(({ gun }) => (gun ? [gun.solved] : [])),
      panels: own.flatMap(({ drill, film }) => (drill === panelDrill && film ? [film.inside] : [])),
    };
    const measured = (sprayedSo: boolean) =>
      spots
        .filter(({ operator, rig }) => names.includes(operator) && airless.has(rig) === sprayedSo)
        .map(({ inside }) => inside);
    const evidence: Record<Skill, TrainingEvidence> = {
      air: { parts: measured(false), ...practice },
      airless: { parts: measured(true), ...practice },
      'two-part': {
        parts: mixes.filter(({ by }) => names.includes(by)).map(({ passes }) => passes),
      },
    };
    const pace = paceOf(jobs, names);
    return {
      person,
      skills: skills.map((skill) => {
        const signed = person.signed?.findLast(({ what }) => what === skill);
        return {
          skill,
          standing: trained(skill, evidence[skill], signingOf(shop), now, signed && Date.parse(signed.at)),
        };
      }),
      ...(pace ? { pace } : {}),
      jobs: jobs.filter((job) => liveEntries(job).some(({ by }) => by !== undefined && names.includes(by)))
        .length,
    };
  });
}

/** Mixes of a job that had a ratio to keep, by who mixed them. */
function mixesIn(stored: Job): { readonly by: string; readonly passes: boolean }[] {
  const job = jobWorked(stored, () => undefined);
  const mixed = ofType(liveEntries(job), 'mixed');
  return job.layers
    .flatMap((layer) => batchesOf(job, layer))
    .flatMap(({ id, ratio }) => {
      const by = mixed.find(({ batchId }) => batchId === id)?.by;
      return ratio && by ? [{ by, passes: ratio.passes }] : [];
    });
}

/** The names that stand in jobs and practice and belong to nobody listed: those the shop may take up. */
export function unlisted(shop: Shop, jobs: readonly Job[], tries: readonly PracticeTry[]): string[] {
  const listed = new Set((shop.people ?? []).flatMap(namesOf));
  const seen = new Set([
    ...jobs.flatMap((job) => liveEntries(job).flatMap(({ by }) => (by ? [by] : []))),
    ...tries.map(({ name }) => name),
    ...(shop.operator ? [shop.operator] : []),
  ]);
  return [...seen].filter((name) => !listed.has(name)).sort();
}
