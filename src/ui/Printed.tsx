import type { ReactNode } from 'react';
import type { Figure } from '@/facts/figure';
import { ownerKey } from '@/words/figures';

interface Props {
  readonly figure: Figure | undefined;
  /** The figure in words; what a screen shows of a fact is shown through here. */
  readonly children: ReactNode;
  readonly className?: string;
}

/** A figure on the page: its words, and what it is of, so that two places can be held against each other. */
export function Printed({ figure, children, className }: Props) {
  return (
    <span
      className={className}
      {...(figure
        ? {
            'data-fact': figure.fact,
            'data-of': ownerKey(figure.of),
            'data-value': figure.value ?? '',
            'data-state': figure.state,
          }
        : {})}
    >
      {children}
    </span>
  );
}
