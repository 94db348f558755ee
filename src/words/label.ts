import { fullDay } from './dates';
import { canonical } from '@/records/canonical';
import { cautionsFor } from '@/core/safety';
import type { BatchState, JobView } from '@/facts/job';
import { liveEntries, ofType } from '@/facts/job';
import type { Units } from './units';
import { massDigits } from './mix';
import { shortNumber } from './ratio';
import { clockTime, timeOfDay } from './clock';

/** What stands on a pot's label, in words ready to print. */
export interface Label {
  readonly title: string;
  readonly lines: readonly { readonly label: string; readonly value: string }[];
  readonly hazards: readonly string[];
  /** Who decides about safety. */
  readonly foot: string;
  /** The batch's data as text, for the code. */
  readonly data: string;
}

/** The data of a batch as its code carries it. Moments are ISO 8601, masses kg, shares of one. */
export interface LabelData {
  readonly batch: string;
  readonly sheet: string;
  readonly revision: string;
  readonly mixed: string;
  readonly useBefore?: string;
  readonly poured: readonly { readonly part: string; readonly kg: number }[];
  readonly thinned: number;
  readonly lots: readonly string[];
}

export const labelData = (data: LabelData): string =>
  canonical({ fluorite: 'batch', version: 1, ...data }).replace(/\s*\n\s*/g, '');

/** What stands on the pot of a batch. */
export function labelOf(view: JobView, batch: BatchState, units: Units): Label {
  const { sheet } = view.mix;
  const { thin, job, shop } = view;
  const lots = lotsIn(view, batch);
  const reading = thin.readings.at(-1);
  const ratio = sheet.components.map(({ parts }) => shortNumber(parts)).join(' : ');
  const { applied } = batch;
  const lines = [
    { label: 'For', value: job.name },
    {
      label: 'Ratio',
      value: sheet.components.length > 1 ? `${ratio} by ${sheet.ratioBy}` : 'one part',
    },
    {
      label: 'In the pot',
      value: `${units.show('volume', applied.volume)}, ${units.show('mass', applied.mass, massDigits(view, units))}`,
    },
    {
      label: 'Mixed',
      value: `${fullDay(batch.mixedAt)} ${timeOfDay(batch.mixedAt)}${shop.operator ? ` by ${shop.operator}` : ''}`,
    },
    {
      label: 'Use before',
      value:
        batch.useBefore === undefined
          ? 'as the sheet says'
          : `${clockTime(batch.useBefore, batch.mixedAt)}${batch.lifeEstimated ? ', estimate' : ''}`,
    },
    { label: 'Thinned', value: `${units.show('share', thin.share)} by ${sheet.thinning.by}` },
    {
      label: 'Viscosity',
      value: reading
        ? `${units.show('time', reading.atSheet)}${thin.band ? `, ${thin.band.cup.name}` : ''}`
        : 'not timed',
    },
    { label: 'Lots', value: lots.length > 0 ? lots.join(', ') : 'not recorded' },
  ];
  const cautions = cautionsFor(sheet.hazards, 'spray').concat(cautionsFor(sheet.hazards, 'mix'));
  return {
    title: sheet.name,
    lines,
    hazards: [...new Set(cautions.map(({ says }) => says))],
    foot: 'The product’s safety data sheet and local codes decide.',
    data: labelData({
      batch: batch.id,
      sheet: sheet.name,
      revision: sheet.sheetRevision,
      mixed: new Date(batch.mixedAt).toISOString(),
      ...(batch.useBefore === undefined ? {} : { useBefore: new Date(batch.useBefore).toISOString() }),
      poured: batch.poured.map(({ part, mass }) => ({ part: part.name, kg: Number(mass.toFixed(5)) })),
      thinned: Number(thin.share.toFixed(4)),
      lots,
    }),
  };
}

/** The lots that really went into a batch. */
function lotsIn({ job, mix }: JobView, batch: BatchState): string[] {
  const ids = ofType(liveEntries(job), 'poured')
    .filter(({ batchId }) => batchId === batch.id)
    .flatMap(({ from }) => from?.map(({ canId }) => canId) ?? []);
  return mix.sources
    .flatMap(({ choices }) => choices)
    .filter(({ can }) => ids.includes(can.id))
    .map(({ can }) => can.lot);
}
