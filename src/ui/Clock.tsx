import type { Figure } from '@/facts/figure';
import { clockTo } from '@/words/clock';
import { Printed } from './Printed';

interface Props {
  /** The moment it runs to, or ran from, ms. */
  readonly at: number;
  readonly now: number;
  /** The moment as a figure, where it is a fact of a job. */
  readonly figure?: Figure;
}

/** A running clock. Its moment is on record: whatever shows how long there is, or how late it is, shows it through here. */
export function Clock({ at, now, figure }: Props) {
  return <Printed figure={figure}>{clockTo(at, now)}</Printed>;
}
