import { airlessFirst, usualFitting, type Coating, type Job, type Rig } from '@/records';
import { coatsBySheet, type JobDraft } from './draft';
import { sheetNames, usualRig } from './usual';

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
  const sheet = coatings.find(({ id }) => id === product.coatingId);
  const of = sheet?.class ?? product.class;
  const usual = usualFitting(of);
  const usually = airlessFirst(of) ? 'airless' : 'hvlp';
  // The usual kind where the sheet names it; else the first it names.
  const kinds = [usually, ...(sheet?.guns ?? []).map(({ atomising }) => atomising)] as const;
  return {
    rigId: usualRig({ sheet, of }, jobs, rigs)?.id ?? '',
    bore: byPaper(sheet, 'bore', 1e-4) ?? usual.bore,
    tip: tipByPaper(sheet, usual.tip) ?? usual.tip,
    atomising: kinds.find((atomising) => sheetNames(sheet, of)({ atomising })) ?? usually,
    coats: coatsBySheet(product, coatings),
  };
}

/** The middle of what a sheet names for the nozzle or the tip, to the step they are made in; none where it names none. */
function byPaper(sheet: Coating | undefined, what: 'bore' | 'orifice', step: number): number | undefined {
  // A gun made new has a cup above it.
  const guns = sheet?.guns.filter((gun) => gun[what] !== undefined) ?? [];
  const named = (guns.find(({ feed }) => feed === 'gravity') ?? guns[0])?.[what];
  return named && Number((Math.round((named.min + named.max) / 2 / step) * step).toPrecision(6));
}

const thousandth = 25.4e-6;

/** A tip with the fan that is usual for the product, and the orifice of its paper: they are made in odd thousandths of an inch. */
function tipByPaper(sheet: Coating | undefined, usual: string): string | undefined {
  const orifice = byPaper(sheet, 'orifice', thousandth);
  if (orifice === undefined) return undefined;
  const odd = 2 * Math.floor(Math.round(orifice / thousandth) / 2) + 1;
  return `${usual.slice(0, -2)}${String(odd).padStart(2, '0')}`;
}
