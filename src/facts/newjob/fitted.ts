import { airlessFirst, usualFitting, type Coating, type Job, type Rig } from '@/records';
import { coatsBySheet, type JobDraft } from './draft';
import { usualRig } from './usual';

interface Has {
  readonly coatings: readonly Coating[];
  readonly rigs: readonly Rig[];
  readonly jobs: readonly Job[];
}

/** What follows from a product: the gun it is sprayed with, what is fitted in a new one, and its coats. */
export function fitted(
  product: Pick<JobDraft, 'coatingId' | 'class'>,
  { coatings, rigs, jobs }: Has,
): Pick<JobDraft, 'rigId' | 'bore' | 'tip' | 'atomising' | 'coats'> {
  const of = coatings.find(({ id }) => id === product.coatingId)?.class ?? product.class;
  return {
    rigId: usualRig({ sheetId: product.coatingId, of }, jobs, rigs)?.id ?? '',
    ...usualFitting(of),
    atomising: airlessFirst(of) ? 'airless' : 'hvlp',
    coats: coatsBySheet(product, coatings),
  };
}
