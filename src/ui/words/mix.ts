import { showClock } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import { newId } from '@/records';
import type { JobView } from '@/store/job';
import type { Units } from '../units';
import { focus, go, log, type Fact, type NextLine, type Tap } from './line';

/** Grams as fine as the shop's scale. */
export const scaleDigits = (scaleStep: number): number =>
  Math.max(0, Math.ceil(-Math.log10(scaleStep * 1000) - 1e-9));

export function mixLine(view: JobView, units: Units): NextLine {
  const { mix, shop, spray, plan } = view;
  const { sheet, volume, ladder, pouring, batch, expired } = mix;
  const grams = (kilograms: number) => units.show('mass', kilograms, massDigits(view, units));
  const ratio = sheet.components.map(({ parts }) => parts).join(' : ');
  const because: Fact[] = [
    { label: `Ratio by ${sheet.ratioBy}`, value: sheet.components.length > 1 ? ratio : 'one part' },
    ...(batch || isRefusal(volume) ? [] : [{ label: 'This batch', value: units.show('volume', volume) }]),
    ...(isRefusal(plan.needed)
      ? []
      : [{ label: 'The plan asks for', value: units.show('volume', plan.needed.total) }]),
    { label: 'Scale reads to', value: grams(shop.scaleStep) },
    ...expired.map(({ lot, useBefore }) => ({ label: `Lot ${lot} past its date`, value: useBefore ?? '' })),
  ];
  if (isRefusal(volume) || isRefusal(ladder))
    return {
      big: { number: '–', unit: '' },
      says: units.says(isRefusal(volume) ? volume : (ladder as never)),
      tone: 'stop',
      because,
    };

  if (batch && view.thin.step.kind === 'expired')
    return {
      big: { number: showClock((view.now - (batch.useBefore ?? 0)) / 1000), unit: 'over' },
      says: 'Discard this mix. Its pot life is over.',
      detail: 'Thinning would hide it, not mend it. Do not spray it; dispose of it as the sheet says.',
      tone: 'stop',
      because,
      tap: log('Discarded', 'mix discarded', {
        type: 'discard',
        batchId: batch.id,
        why: 'Past its pot life',
      }),
    };
  if (batch) {
    const { applied } = batch;
    return {
      big: units.parts('volume', applied.volume),
      says: `${units.show('volume', applied.volume)} in the pot, ${grams(applied.mass)}.`,
      detail: `Solids ${units.show('share', applied.volumeSolids)} by volume, VOC ${units.show('voc', applied.voc)} as applied.`,
      tone: 'good',
      because: [
        ...because,
        { label: 'Density as applied', value: units.show('density', applied.density) },
        { label: 'VOC less water and exempt', value: units.show('voc', applied.vocLess) },
      ],
      tap: go('thin', 'Go to Thin'),
      otherwise: log('Discard this mix', 'mix discarded', {
        type: 'discard',
        batchId: batch.id,
        why: 'Discarded by hand',
      }),
    };
  }
  if (pouring && !isRefusal(pouring.outcome)) {
    const { rest, over } = pouring.outcome;
    const [rung] = rest;
    const facts = over
      ? [...because, { label: `More ${over.name} than planned`, value: 'the others follow' }]
      : because;
    if (!rung)
      return {
        big: units.parts(
          'mass',
          pouring.poured.reduce((sum, each) => sum + each, 0),
          massDigits(view, units),
        ),
        says: 'All parts are in. Stir past the last streak, sides and bottom.',
        detail: sheet.times.potLife
          ? 'The pot-life clock starts when you tap Mixed.'
          : 'Strain it when you fill the gun.',
        tone: 'act',
        because: facts,
        tap: log('Mixed', 'mixed', {
          type: 'mixed',
          batchId: pouring.batchId,
          sheetId: sheet.id,
          poured: sheet.components.map(({ id }, i) => ({ partId: id, mass: pouring.poured[i] ?? 0 })),
        }),
      };
    return pour(rung.part.name, rung.scale, rung.mass, facts, pouring.batchId, pouring.volume);
  }
  const [first] = ladder;
  if (!first)
    return { big: { number: '–', unit: '' }, says: 'The sheet names no parts.', tone: 'stop', because };
  const line = pour(first.part.name, first.scale, first.mass, because, newBatchId(view), volume);
  return spray.recoat?.state === 'closed'
    ? {
        ...line,
        detail: `${line.detail} The recoat window is closed: abrade before the next coat.`,
        tone: 'care',
      }
    : line;

  function pour(
    name: string,
    scale: number,
    mass: number,
    facts: readonly Fact[],
    batchId: string,
    planned: number,
  ): NextLine {
    const part = sheet.components.find((each) => each.name === name);
    const poured: Tap = log(`Poured ${grams(mass)}`, `poured ${name}`, {
      type: 'poured',
      batchId,
      sheetId: sheet.id,
      volume: planned,
      partId: part?.id ?? '',
      mass,
    });
    return {
      big: units.parts('mass', scale, massDigits(view, units)),
      says: `Pour ${name} until the scale reads ${grams(scale)}.`,
      detail: `${grams(mass)} of it, ${units.show('volume', mass / (part?.density ?? 1000))}. Tare the empty pot first.`,
      tone: expired.length > 0 ? 'care' : 'act',
      because: facts,
      tap: poured,
      otherwise: focus('poured', 'Poured something else'),
    };
  }
}

/** Digits for masses on this shop's scale, in grams; ounces keep their own. */
export const massDigits = ({ shop }: Pick<JobView, 'shop'>, units: Units) =>
  units.system === 'metric' ? { digits: scaleDigits(shop.scaleStep) } : {};

/** One id for the batch about to be poured, steady while the log does not change. */
const batchIds = new Map<string, string>();

function newBatchId({ job, mix }: JobView): string {
  const state = `${job.id}/${mix.sheet.id}/${job.log.length}`;
  const held = batchIds.get(state);
  if (held) return held;
  const made = newId();
  batchIds.set(state, made);
  return made;
}
