import { refuse, type Outcome } from '../refusal';
import { causes, type Cause, type CauseId } from './causes';
import { defects, type Defect, type DefectId } from './defects';
import { askedGroups, findingGroups, groupOf, type AskedGroup, type Finding } from './findings';

/** One finding and how it weighs for a cause: above 1 for it, below 1 against it. */
export interface Weighed {
  readonly finding: Finding;
  readonly weight: number;
}

export interface Suspect {
  readonly cause: CauseId;
  /** 0–1 among the causes that these defects have. */
  readonly probability: number;
  /** What speaks for it and against it, the heaviest first. */
  readonly evidence: readonly Weighed[];
}

export interface Question {
  readonly group: AskedGroup;
  readonly answers: readonly Finding[];
  /** Bits of doubt an answer is expected to take away. */
  readonly gain: number;
}

export interface Diagnosis {
  readonly suspects: readonly Suspect[];
  /** What would tell them apart best, unless enough is known. */
  readonly question?: Question;
}

/** A cause that should show in a group where something else was found: so much less likely. */
const lookedForNotFound = 0.35;
/** A cause that none of the trade names for a defect is not ruled out when several defects stand together. */
const unnamed = 0.05;
/** Asked at most so often, and only while an answer would tell something. */
export const mostQuestions = 3;
const worthAsking = 0.08;

export interface DiagnosisOptions {
  /** Questions answered or passed over already. */
  readonly asked?: number;
  /** Nobody could tell: not asked again. */
  readonly skipped?: readonly AskedGroup[];
  /** How often changing for a cause has helped in this shop, and how often not. */
  readonly learnt?: Partial<Record<CauseId, { readonly helped: number; readonly not: number }>>;
  /** Causes that cannot be: no air line where there is no air. They drop out, unless nothing else were left. */
  readonly cannot?: readonly CauseId[];
}

/** Outcomes before the shop’s own count as much as the trade’s. */
const trust = 4;

const learned = (odds: Map<CauseId, number>, learnt: DiagnosisOptions['learnt'] = {}): Map<CauseId, number> =>
  new Map(
    [...odds].map(([id, each]) => [
      id,
      (each * (trust + (learnt[id]?.helped ?? 0))) / (trust + (learnt[id]?.not ?? 0)),
    ]),
  );

const causeIds = Object.keys(causes) as CauseId[];
const shows = (id: CauseId): Partial<Record<Finding, number>> => (causes[id] as Cause).shows;
const priorsOf = (id: DefectId): Partial<Record<CauseId, number>> => (defects[id] as Defect).causes;

/**
 * How a finding weighs for a cause: as its table says, and less than one where the cause shows otherwise.
 *
 * Source: Bayes’ rule over causes, weights defaults
 * @example weigh('lot', 'mix:ok') → 1
 */
export function weigh(cause: CauseId, finding: Finding): number {
  const own = shows(cause)[finding];
  if (own !== undefined) return own;
  const group = groupOf(finding);
  const elsewhere = Object.entries(shows(cause)).some(
    ([other, weight]) => groupOf(other as Finding) === group && (weight as number) >= 2,
  );
  return elsewhere ? lookedForNotFound : 1;
}

/** Causes of one or several defects at once: those that explain all of them come first. */
function priors(found: readonly DefectId[]): Map<CauseId, number> {
  const named = causeIds.filter((id) => found.some((defect) => priorsOf(defect)[id] !== undefined));
  return new Map(
    named.map((id) => [
      id,
      found.reduce((product, defect) => {
        const own = priorsOf(defect);
        const sum = Object.values(own).reduce((total, each) => total + each, 0);
        return product * ((own[id] ?? unnamed * sum * 0.1) / sum);
      }, 1),
    ]),
  );
}

const normal = (odds: Map<CauseId, number>): Map<CauseId, number> => {
  const sum = [...odds.values()].reduce((total, each) => total + each, 0);
  return new Map([...odds].map(([id, each]) => [id, each / sum]));
};

const after = (odds: Map<CauseId, number>, finding: Finding): Map<CauseId, number> =>
  normal(new Map([...odds].map(([id, each]) => [id, each * weigh(id, finding)])));

const doubt = (odds: Map<CauseId, number>): number =>
  [...odds.values()].reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);

/**
 * Ranks what may be behind the defects found, and says what to ask next.
 *
 * Bayes: how often each cause is behind each defect, times the weight of every finding. The weights are the table in
 * `causes`; several defects at once multiply, so that shared causes rise.
 *
 * @returns refuses when no defect is named, and findings that contradict each other
 * Source: Bayes’ rule over causes, weights defaults
 */
export function diagnose(
  found: readonly DefectId[],
  findings: readonly Finding[],
  { asked = 0, skipped = [], learnt = {}, cannot = [] }: DiagnosisOptions = {},
): Outcome<Diagnosis> {
  if (found.length === 0) return refuse('no-defect', 'Say first what is seen.');
  const twice = findings.find((each, i) =>
    findings.some((other, k) => k < i && groupOf(other) === groupOf(each) && other !== each),
  );
  if (twice)
    return refuse('contradiction', `Two different findings about ${groupOf(twice)} cannot both hold.`);
  const kept = [...new Set(findings)];
  const named = priors(found);
  const possible = new Map([...named].filter(([id]) => !cannot.includes(id)));
  const odds = kept.reduce(after, normal(learned(possible.size > 0 ? possible : named, learnt)));
  const suspects = [...odds]
    .map(([cause, probability]): Suspect => ({
      cause,
      probability,
      evidence: kept
        .map((finding) => ({ finding, weight: weigh(cause, finding) }))
        .filter(({ weight }) => weight !== 1)
        .sort((a, b) => Math.abs(Math.log(b.weight)) - Math.abs(Math.log(a.weight))),
    }))
    .sort((a, b) => b.probability - a.probability);
  const known = new Set(kept.map(groupOf));
  const open = askedGroups.filter((group) => !known.has(group) && !skipped.includes(group));
  const questions =
    asked >= mostQuestions
      ? []
      : open.map((group) => questionOf(group, odds)).sort((a, b) => b.gain - a.gain);
  const [best] = questions;
  return { suspects, ...(best && best.gain > worthAsking ? { question: best } : {}) };
}

/** What an answer is worth: the doubt now, less the doubt expected after it. Texture comes first where it is close. */
function questionOf(group: AskedGroup, odds: Map<CauseId, number>): Question {
  const answers = findingGroups[group].map((state) => `${group}:${state}` as Finding);
  // How likely each answer is under each cause, in proportion to its weight there.
  const likely = new Map(
    [...odds.keys()].map((id) => {
      const weights = answers.map((finding) => weigh(id, finding));
      const sum = weights.reduce((total, each) => total + each, 0);
      return [id, weights.map((each) => each / sum)] as const;
    }),
  );
  const expected = answers.reduce((sum, _, i) => {
    const share = [...odds].reduce((total, [id, p]) => total + p * (likely.get(id)?.[i] ?? 0), 0);
    if (share <= 0) return sum;
    const then = new Map([...odds].map(([id, p]) => [id, (p * (likely.get(id)?.[i] ?? 0)) / share]));
    return sum + share * doubt(then);
  }, 0);
  return { group, answers, gain: (doubt(odds) - expected) * (group === 'feel' ? 1.5 : 1) };
}
