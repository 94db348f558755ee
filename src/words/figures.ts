import { facts, type Figure, type FactId, type FigureState, type Owner } from '@/facts/figure';
import type { FormatOptions } from '@/core/quantity';
import type { JobView } from '@/facts/job';
import type { Fact } from './line';
import type { Units } from './units';

/** A figure of the layer in hand. */
export const figure = (
  view: Pick<JobView, 'work'>,
  fact: FactId,
  value: number | undefined,
  more: { readonly state?: FigureState; readonly coat?: string } = {},
): Figure => ({
  fact,
  of: { job: view.work.id, layer: view.work.layer.id, ...(more.coat ? { coat: more.coat } : {}) },
  value: value ?? null,
  state: more.state ?? 'open',
});

/** A figure of the whole job. */
export const jobFigure = (
  { work: { id } }: Pick<JobView, 'work'>,
  fact: FactId,
  value: number | undefined,
  state: FigureState = 'open',
): Figure => ({ fact, of: { job: id }, value: value ?? null, state });

/** A figure as it is written: its number and unit as the user reads them. */
export function written({ fact, value }: Figure, units: Units, options?: FormatOptions): string {
  const quantity = facts[fact];
  if (value === null) return '–';
  if (quantity === 'count') return String(value);
  if (quantity === 'moment') return new Date(value * 1000).toISOString();
  // A pump’s pressure is written in other units than a gun’s.
  const shown = quantity === 'pressure' && value > 15e5 ? 'pumpPressure' : quantity;
  return units.show(shown, value, options);
}

/** A reason beside a line that is one figure. */
export const reason = (label: string, of: Figure, units: Units, options?: FormatOptions): Fact => ({
  label,
  value: written(of, units, options),
  figure: of,
});

/** `job/layer/coat`, as a page carries it. */
export const ownerKey = ({ job, layer, coat }: Owner): string => [job, layer, coat].filter(Boolean).join('/');
