import { facts, type Figure, type FactId, type FigureState, type Owner } from '@/facts/figure';
import {
  showDuration,
  unitIn,
  unitTogether,
  type FormatOptions,
  type QuantityId,
  type Shown,
} from '@/core/quantity';
import type { JobView, LaidCoat } from '@/facts/job';
import type { Coating } from '@/records';
import type { From } from './from';
import type { Fact } from './line';
import type { Units } from './units';

/** A figure of the layer in hand. */
export const figure = (
  view: Pick<JobView, 'work'>,
  fact: FactId,
  value: number | undefined,
  { state = 'open', ...more }: { readonly state?: FigureState } & Pick<Owner, 'coat' | 'item'> = {},
): Figure => ({
  fact,
  of: { job: view.work.id, layer: view.work.layer.id, ...more },
  value: value ?? null,
  state,
});

/** A figure of a coat, whichever layer it belongs to. */
export const coatFigure = (
  { work: { id } }: Pick<JobView, 'work'>,
  fact: FactId,
  { id: coat, layerId }: Pick<LaidCoat, 'id' | 'layerId'>,
  value: number | undefined,
): Figure => ({ fact, of: { job: id, layer: layerId, coat }, value: value ?? null, state: 'open' });

/** A figure of a layer, whichever is in hand. */
export const layerFigure = (
  { work: { id } }: Pick<JobView, 'work'>,
  fact: FactId,
  layer: string,
  value: number | undefined,
): Figure => ({ fact, of: { job: id, layer }, value: value ?? null, state: 'open' });

/** A figure of the whole job. */
export const jobFigure = (
  { work: { id } }: Pick<JobView, 'work'>,
  fact: FactId,
  value: number | undefined,
  { state = 'open', ...more }: { readonly state?: FigureState } & Pick<Owner, 'item'> = {},
): Figure => ({ fact, of: { job: id, ...more }, value: value ?? null, state });

/** An amount that is no fact of a job: what a tool found, a limit, a usual value. */
export interface Amount {
  readonly quantity: QuantityId;
  readonly value: number | undefined;
}

/** What a screen may put in words: a fact of a job, or an amount that is none. */
export type Printable = Figure | Amount;

export const amount = (quantity: QuantityId, value: number | undefined): Amount => ({ quantity, value });

export const isFigure = (of: Printable): of is Figure => 'fact' in of;

/** What a printable is measured in; a pump’s pressure is written in other units than a gun’s. */
function quantityOf(of: Printable): QuantityId | 'count' | 'moment' {
  if (!isFigure(of)) return of.quantity;
  const quantity = facts[of.fact];
  return quantity === 'pressure' && of.value !== null && of.value > 15e5 ? 'pumpPressure' : quantity;
}

/** A figure as it is written, its number and unit apart. */
export function writtenParts(of: Printable, units: Units, options?: FormatOptions): Shown {
  const quantity = quantityOf(of);
  if (of.value === null || of.value === undefined) return { number: '–', unit: '' };
  if (quantity === 'count') return { number: String(of.value), unit: '' };
  if (quantity === 'moment') return { number: new Date(of.value * 1000).toISOString(), unit: '' };
  // A span of time is told as people tell it: seconds, minutes, hours or days.
  if (quantity === 'duration' && !options) return { number: showDuration(of.value), unit: '' };
  return units.parts(quantity, of.value, options);
}

/** A figure as it is written: its number and unit as the user reads them. */
export function written(of: Printable, units: Units, options?: FormatOptions): string {
  const { number, unit } = writtenParts(of, units, options);
  return unit ? `${number}\u00a0${unit}` : number;
}

/** From one figure to another, the unit said once: `18–26 µm`. */
export const writtenRange = (
  from: Printable,
  to: Printable,
  units: Units,
  options?: FormatOptions,
): string => {
  const asked = rangeOptions(from, to, units, options);
  return `${writtenParts(from, units, asked).number}–${written(to, units, asked)}`;
};

/** How both ends of a range are written, so that its unit can be said once. */
export function rangeOptions(
  from: Printable,
  to: Printable,
  units: Units,
  options?: FormatOptions,
): FormatOptions | undefined {
  const quantity = quantityOf(to);
  if (options?.unit !== undefined || quantity === 'count' || quantity === 'moment') return options;
  const unit = unitTogether(quantity, [from.value ?? undefined, to.value ?? undefined], units.system);
  return unit === unitIn(quantity, units.system).id ? options : { unit };
}

/** A figure with its words, as it stands among others in a sentence or a cell. */
export interface Told {
  readonly figure: Figure;
  readonly says: string;
}

/** Words with figures among them. */
export type Wording = string | readonly (string | Told)[];

export const told = (figure: Figure, units: Units, options?: FormatOptions): Told => ({
  figure,
  says: written(figure, units, options),
});

export const plainWords = (of: Wording): string =>
  typeof of === 'string' ? of : of.map((each) => (typeof each === 'string' ? each : each.says)).join('');

export const figuresIn = (of: Wording): readonly Figure[] =>
  typeof of === 'string' ? [] : of.flatMap((each) => (typeof each === 'string' ? [] : [each.figure]));

/** A reason beside a line that is one figure. */
export const reason = (
  label: string,
  of: Figure,
  units: Units,
  { from, ...options }: FormatOptions & { readonly from?: From } = {},
): Fact => ({
  label,
  // With nothing asked a span of time is told as everywhere else.
  value: written(of, units, Object.keys(options).length > 0 ? options : undefined),
  figure: of,
  ...(from ? { from } : {}),
});

/** `job/layer/coat/item`, as a page carries it. */
export const ownerKey = ({ job, layer, coat, item }: Owner): string =>
  [job, layer, coat, item].filter(Boolean).join('/');

/** What a default transfer may be off by: it is rated on flat panels, and less lands on open work. A share; a default. */
const transferOff = 0.18;

const offBy = ({ transferAssumed }: JobView['plan'], units: Units): Pick<From, 'spread'> =>
  transferAssumed ? { spread: units.show('share', transferOff, { digits: 0 }) } : {};

/** Where a transfer efficiency is from, wherever it stands among the reasons. */
export const transferFrom = (plan: JobView['plan'], units: Units): From => ({
  source: plan.transferAssumed ? 'default' : 'chosen',
  ...offBy(plan, units),
});

/** Where a speed or a film of a pass is from: reckoned, and as far off as the transfer is. */
export const laidFrom = (plan: JobView['plan'], units: Units): From => ({
  source: 'reckoned',
  ...offBy(plan, units),
});

/** Where a fact of a sheet is from: its paper, or its class until somebody confirms it. */
export const sheetFrom = ({ assumed }: Pick<Coating, 'assumed'>, field: string): From => ({
  source: assumed.includes(field) ? 'default' : 'sheet',
});
