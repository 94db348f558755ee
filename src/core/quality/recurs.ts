import { refuse, type Outcome } from '../refusal';

/** How often something was so with a thing, and without it. */
export interface Counts {
  /** Times it was so, of so many. */
  readonly withIt: number;
  readonly of: number;
  readonly without: number;
  readonly ofOthers: number;
}

const logFactorials: number[] = [0];
function logFactorial(n: number): number {
  for (let i = logFactorials.length; i <= n; i += 1)
    logFactorials.push((logFactorials[i - 1] as number) + Math.log(i));
  return logFactorials[n] as number;
}
const logChoose = (n: number, k: number): number => logFactorial(n) - logFactorial(k) - logFactorial(n - k);

/**
 * The chance that as many or more of all times would fall to one thing by accident, were it no different from the others.
 *
 * Fisher’s exact test, one-sided: the upper tail of the hypergeometric distribution, which holds for small numbers too.
 *
 * @returns 0–1; refuses counts that are no whole numbers, and more times than there were chances
 * Source: Fisher 1935. The lady tasting tea, 4 of 4 right among 8 cups: 1/70.
 * Formula: upper tail of the hypergeometric distribution
 * @example 4 of 4 among 8, half of them so: 1/70
 */
export function byAccident({ withIt, of, without, ofOthers }: Counts): Outcome<number> {
  const counts = [withIt, of, without, ofOthers];
  if (counts.some((each) => !Number.isInteger(each) || each < 0))
    return refuse('counts', 'Only whole numbers can be counted, from nought up.');
  if (withIt > of || without > ofOthers)
    return refuse('counts', 'It cannot have been so more often than there were jobs.');
  const [all, so] = [of + ofOthers, withIt + without];
  const whole = logChoose(all, so);
  let sum = 0;
  for (let k = withIt; k <= Math.min(of, so); k += 1)
    if (so - k <= ofOthers) sum += Math.exp(logChoose(of, k) + logChoose(ofOthers, so - k) - whole);
  return Math.min(sum, 1);
}
