import type { ReactNode } from 'react';
import type { FormatOptions } from '@/core/quantity';
import { isFigure, ownerKey, rangeOptions, type Printable, written, writtenParts } from '@/words/figures';
import { useUnits } from './units';

interface Props extends FormatOptions {
  readonly figure: Printable | undefined;
  /** The other end, where this is where a range begins. */
  readonly to?: Printable;
  /** The figure in words, where its number and unit are not all there is to say: a clock, a verdict. */
  readonly children?: ReactNode;
  readonly className?: string;
  /** In a drawing text is made of other elements. */
  readonly as?: 'span' | 'tspan';
}

/**
 * A figure on the page: its words, and what it is of, so that two places can be held against each other. Whatever a screen
 * shows of a quantity is shown through here.
 */
export function Printed({ figure, to, children, className, as: Tag = 'span', ...options }: Props) {
  const units = useUnits();
  const own = Object.keys(options).length > 0 ? options : undefined;
  const asked = figure && to ? rangeOptions(figure, to, units, own) : own;
  // A range whose ends read alike is one number.
  const ends = figure && to && written(figure, units, asked) !== written(to, units, asked);
  const says =
    children ??
    (figure && (ends ? writtenParts(figure, units, asked).number : written(figure, units, asked)));
  const first = (
    <Tag className={className} {...marks(figure)}>
      {says}
    </Tag>
  );
  if (!to || !ends) return first;
  return (
    <Tag className="whitespace-nowrap">
      {first}–
      <Tag className={className} {...marks(to)}>
        {written(to, units, asked)}
      </Tag>
    </Tag>
  );
}

const marks = (of: Printable | undefined) =>
  of && isFigure(of)
    ? {
        'data-fact': of.fact,
        'data-of': ownerKey(of.of),
        'data-value': of.value ?? '',
        'data-state': of.state,
      }
    : of
      ? { 'data-value': of.value ?? '' }
      : {};
