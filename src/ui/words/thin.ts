import type { Expected } from '@/core/thinning';
import { isRefusal } from '@/core/refusal';
import type { JobView, Reading } from '@/store/job';
import type { Units } from '../units';
import { focus, go, log, type Fact, type NextLine } from './line';
import { massDigits } from './mix';

export const secondsOf = (units: Units, seconds: number) => units.show('time', seconds);

/** `22.5 s (21.6–23.4)` */
export function expectWords({ seconds, low, high }: Expected, units: Units): string {
  return `${units.show('time', seconds)} (${units.parts('time', low).number}–${units.parts('time', high).number})`;
}

function readingFacts(reading: Reading, view: JobView, units: Units): Fact[] {
  const count =
    ['', 'One timing', 'Mean of two', 'Best two of three'][Math.min(reading.entries.length, 3)] ?? '';
  const target = view.thin.sheet.target;
  return [
    { label: `${count}, ${reading.cup.id} at ${units.show('temperature', reading.temperature)}`, value: secondsOf(units, reading.seconds) },
    ...(target ? [{ label: `At the sheet’s ${units.show('temperature', target.temperature)}`, value: secondsOf(units, reading.atSheet) }] : []),
  ]; // prettier-ignore
}

export function thinLine(view: JobView, units: Units): NextLine {
  const { thin, shop, set } = view;
  const { step, sheet, thinner, band, readings, batch } = thin;
  const grams = (kilograms: number) => units.show('mass', kilograms, massDigits(view, units));
  const reading = readings.at(-1);
  const because: Fact[] = [
    ...(reading ? readingFacts(reading, view, units) : []),
    ...(band ? [{ label: `Band, ${band.cup.id}`, value: `${band.min}–${band.max}\u00a0s` }] : []),
    ...(batch
      ? [{ label: `Thinned so far, by ${sheet.thinning.by} of ${sheet.thinning.of === 'mix' ? 'the mix' : 'the first part'}`, value: `${units.show('share', thin.share)} of ${units.show('share', sheet.thinning.maximum, { digits: 0 })}` }]
      : []),
  ]; // prettier-ignore
  const plain = { tone: 'act' as const, because };
  const bandNumber = band ? { number: `${band.min}–${band.max}`, unit: 's' } : { number: '–', unit: '' };

  switch (step.kind) {
    case 'no-cup':
      return {
        ...plain,
        big: { number: 'No', unit: 'cup' },
        says: 'A flow cup cannot judge this coating. Spray it as supplied.',
        detail: `Never past ${units.show('share', sheet.thinning.maximum, { digits: 0 })} ${thinner?.name ?? 'thinner'}, and only if the sheet asks for it.`,
        tone: 'good',
        tap: go('set', 'Go to Set'),
      };
    case 'mix-first':
      return {
        ...plain,
        big: bandNumber,
        says: 'Mix first. There is nothing in the pot to thin.',
        tap: go('mix', 'Go to Mix'),
      };
    case 'expired':
      return {
        ...plain,
        big: { number: 'Over', unit: '' },
        says: 'Do not thin this mix. Its pot life is over: discard it.',
        detail:
          'A two-part mix past its time is curing. Thinner makes it run through the cup, not cure right.',
        tone: 'stop',
        ...(batch
          ? {
              tap: log('Discarded', 'mix discarded', {
                type: 'discard',
                batchId: batch.id,
                why: 'Past its pot life',
              }),
            }
          : {}),
      };
    case 'refused':
      return { ...plain, big: bandNumber, says: units.says(step.refusal), tone: 'stop' };
    case 'time':
      return {
        ...plain,
        big: bandNumber,
        says: step.timings === 0 ? 'Stir, then time the cup.' : 'Time the cup once more.',
        detail:
          step.timings === 0
            ? `The band is ${bandNumber.number} s in ${band?.cup.name ?? 'the cup'}.`
            : 'Two timings must agree within 5 %.',
        tap: focus('watch', 'To the watch'),
        ...(batch && step.timings === 0
          ? { otherwise: log('Stirred', 'stirred', { type: 'stir', batchId: batch.id }) }
          : {}),
      };
    case 'third':
      return {
        ...plain,
        big: { number: '3rd', unit: '' },
        says: 'The two timings differ by more than 5 %. Time a third.',
        detail: 'Same temperature, clean orifice, cup level. The two that lie closest will count.',
        tone: 'care',
        tap: focus('watch', 'To the watch'),
      };
    case 'advice':
      break;
  }
  const { advice } = step;
  switch (advice.kind) {
    case 'add': {
      if (!batch || !thinner) return { ...plain, big: bandNumber, says: 'Mix first.' };
      const scale = batch.applied.mass + advice.mass;
      const limits = {
        middle: 'reaches the middle',
        risk: 'stops short for safety',
        maximum: 'stops at the sheet’s limit',
      };
      const wetNow = set.wet;
      return {
        ...plain,
        big: units.parts('mass', advice.mass, massDigits(view, units)),
        says: `Add ${grams(advice.mass)} ${thinner.name.toLowerCase()}. Scale reads ${grams(scale)}.`,
        detail: `Stir, then time the cup again. Expect ${expectWords(advice.expect, units)}.`,
        tap: log(`Added ${grams(advice.mass)}`, `${thinner.name.toLowerCase()} added`, { type: 'addition', batchId: batch.id, what: thinner.id, mass: advice.mass }),
        otherwise: focus('added', 'Poured something else'),
        because: [
          ...because,
          { label: 'This addition brings it to', value: units.show('share', advice.share) },
          { label: `Chance of going under ${units.show('time', band?.min)}`, value: chance(advice.riskUnder) },
          { label: 'This step', value: limits[advice.limitedBy] },
          { label: 'Wet film now for the aim', value: units.show('film', wetNow) },
        ],
      }; // prettier-ignore
    }
    case 'too-thin': {
      if (!batch) return { ...plain, big: bandNumber, says: 'Mix first.' };
      const back = advice.bringBack;
      const finite = Number.isFinite(back);
      return {
        ...plain,
        tone: 'care',
        big: finite ? units.parts('mass', back, massDigits(view, units)) : { number: 'Thin', unit: '' },
        says: finite ? `Too thin. Add ${grams(back)} of unthinned mix.` : 'Too thin even without thinner. Check the cup, the can and the temperature.',
        detail: finite ? `The batch grows to ${grams(batch.applied.mass + back)}. There is no taking thinner out; its pot life does not start again.` : 'It may be the wrong cup, a warm pot, or a can that was thinned before.',
        ...(finite ? { tap: log(`Added ${grams(back)}`, 'unthinned mix added', { type: 'addition', batchId: batch.id, what: 'unthinned', mass: back }) } : {}),
        because: [...because, { label: 'Expected now', value: expectWords(advice.now, units) }],
      }; // prettier-ignore
    }
    case 'at-maximum':
      return {
        ...plain,
        tone: 'stop',
        big: units.parts('share', advice.share),
        says: 'The sheet’s maximum is reached, still above the band.',
        detail:
          'Do not go on. Warm it to the sheet’s temperature, fit a larger nozzle, use a pressure cup, or another thinner the sheet names.',
        because: [...because, { label: 'Expected now', value: expectWords(advice.now, units) }],
        tap: go('set', 'Try a larger nozzle'),
      };
    case 'ready':
    case 'near': {
      const seconds = reading?.atSheet ?? advice.now.seconds;
      const inside = advice.kind === 'ready' || thin.inBand === 'inside';
      return {
        ...plain,
        tone: inside ? 'good' : 'care',
        big: units.parts('time', seconds),
        says: inside
          ? 'In the band. Strain it and fill the gun.'
          : 'Just outside the band, nearer than the scale can weigh. Time it again.',
        detail: `Truly ${expectWords(advice.now, units)}, as far as the cup can tell.`,
        because: [...because, { label: 'Chance that it is in the band', value: chance(advice.chanceInBand) }],
        tap: inside ? go('set', 'Go to Set') : focus('watch', 'To the watch'),
      };
    }
    default:
      return {
        ...plain,
        big: bandNumber,
        says: shop.timings === 1 ? 'Time the cup.' : 'Time the cup twice.',
        tap: focus('watch', 'To the watch'),
      };
  }
}

export function chance(share: number): string {
  const percent = share * 100;
  if (percent < 0.5) return 'under 0.5 %';
  if (percent > 99.5) return 'over 99.5 %';
  return `${percent.toFixed(percent < 10 ? 1 : 0)} %`;
}

/** Caution before anything is added: even the sheet's maximum is not expected to reach the band. */
export function reachWords({ thin }: JobView, units: Units): string | undefined {
  const { reachable, sheet, readings } = thin;
  if (!reachable || reachable.reaches || readings.length === 0 || isRefusal(reachable)) return undefined;
  return `Even ${units.show('share', sheet.thinning.maximum, { digits: 0 })}, the sheet’s maximum, is expected to stop at ${expectWords(reachable.expect, units)}. Warm it, fit a larger nozzle or a pressure cup.`;
}
