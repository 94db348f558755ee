import { diagnose } from '../src/core/diagnosis';
import { keptApart, seenCases, type Case } from '../src/core/diagnosis/cases.fixture';
import { isRefusal } from '../src/core/refusal';

const rank = ([seen, findings, was]: Case): number => {
  const found = diagnose(seen, findings);
  const at = isRefusal(found) ? -1 : found.suspects.findIndex(({ cause }) => cause === was);
  return at < 0 ? Infinity : at + 1;
};

/** How often the intended cause comes first, and among three, in the cases the weights were looked at with and in the others. */
export const defectsFound = () =>
  (
    [
      ['looked at', seenCases],
      ['kept apart', keptApart],
    ] as const
  ).map(([name, cases]) => {
    const within = (n: number) => cases.filter((each) => rank(each) <= n).length / cases.length;
    return { name, cases: cases.length, first: within(1), three: within(3) };
  });
