import { isRefusal } from '@/core/refusal';
import { massAtShare, type Band, type Expected } from '@/core/thinning';
import type { Coating, Thinner } from '@/records';
import {
  pastCap,
  type BandSource,
  type JobView,
  type PastCap,
  type Reading,
  type ThinStep,
} from '@/facts/job';
import type { Units } from './units';
import { sheetFrom } from './figures';
import type { From } from './from';
import { focus, go, inSentence, log, plural, type Fact, type NextLine } from './line';
import { massDigits } from './mix';
import { stickWords } from './stick';

export const secondsOf = (units: Units, seconds: number) => units.show('time', seconds);

/** `21–25 s`, to a tenth where a band is not in whole seconds. */
export const bandWords = ({ min, max }: Band): string =>
  [min, max].map((each) => String(Number(each.toFixed(1)))).join('–') + '\u00a0s';

/** `22.5 s (21.6–23.4)` */
export function expectWords({ seconds, low, high }: Expected, units: Units): string {
  return `${units.show('time', seconds)} (${units.parts('time', low).number}–${units.parts('time', high).number})`;
}

function readingFacts(reading: Reading, view: JobView, units: Units): Fact[] {
  const count =
    ['', 'One timing', 'Mean of two', 'Best two of three'][Math.min(reading.entries.length, 3)] ?? '';
  const { choice, asItIs } = view.thin;
  const sprayed = asItIs && choice?.temperature === asItIs.temperature;
  const at = (temperature: number) =>
    `At the band’s ${units.show('temperature', temperature)}, ${choice?.band.cup.name}`;
  return [
    {
      label: `${count}, ${reading.cup.name} at ${units.show('temperature', reading.temperature)}`,
      value: secondsOf(units, reading.seconds),
      from: { source: 'measured', spread: spreadOf(reading.sd, units) },
    },
    ...(choice
      ? [
          {
            label: at(sprayed ? asItIs.bandFor : choice.temperature),
            value: secondsOf(units, sprayed ? asItIs.atBand : reading.atSheet),
            from: {
              source: 'estimate' as const,
              spread: spreadOf(Math.hypot(reading.sd, reading.bias), units),
            },
          },
        ]
      : []),
  ];
}

/** Within this lies what is true in nine of ten, for an error of so much. */
export const spreadOf = (sd: number, units: Units): string => units.show('share', 1.645 * sd, { digits: 0 });

const sourceWords: Record<BandSource, string> = {
  sheet: 'from the sheet',
  maker: 'from the gun’s maker',
  physics: 'from nozzle and feed',
  own: 'the shop’s own',
};

/** Whose a band is. What nobody has read from the paper is the class’s, not the sheet’s. */
export const bandSource = (from: BandSource, { assumed }: Pick<Coating, 'assumed'>): string =>
  from === 'sheet' && assumed.includes('target') ? 'a class default' : sourceWords[from];

export const bandFrom = (from: BandSource, sheet: Pick<Coating, 'assumed'>): From =>
  from === 'sheet' ? sheetFrom(sheet, 'target') : { source: from === 'physics' ? 'estimate' : 'chosen' };

/** How an addition is measured: a running total, a scale tared each time, or the marks of a pot. */
function measureWords(view: JobView, mass: number, name: string, units: Units) {
  const { batch } = view.thin;
  const { measure = 'total' } = view.work.approach;
  const thinner = view.thin.thinner;
  const grams = (kilograms: number) => units.show('mass', kilograms, massDigits(view, units));
  const volume = mass / (thinner?.density ?? 1000);
  if (measure === 'pot')
    return {
      says: `Fill up with ${units.show('dose', volume)} ${name}, to the ${units.show('volume', (batch?.applied.volume ?? 0) + volume, { digits: 3 })} mark.`,
      did: `Added ${units.show('dose', volume)}`,
      big: units.parts('dose', volume),
    };
  return {
    says:
      measure === 'tare'
        ? `Tare the scale, then add ${grams(mass)} ${name}.`
        : `Add ${grams(mass)} ${name}. Scale reads ${grams((batch?.applied.mass ?? 0) + mass)}.`,
    did: `Added ${grams(mass)}`,
    big: units.parts('mass', mass, massDigits(view, units)),
  };
}

/** What an addition does to the mix, beside its seconds: solids, VOC, the wet film it then needs, gloss. */
function effectFacts(view: JobView, mass: number, thinner: Thinner, units: Units): Fact[] {
  const { batch, sheet } = view.thin;
  if (!batch) return [];
  const { applied } = batch;
  const volume = applied.volume + mass / thinner.density;
  const solids = (applied.volumeSolids * applied.volume) / volume;
  const voc = (applied.voc * applied.volume + (mass / thinner.density) * thinner.voc) / volume;
  const share = view.thin.share + mass / Math.max(massPerShare(view), 1e-9);
  const gloss = sheet.thinning.glossFrom;
  return [
    {
      label: 'Solids after it, by volume',
      value: units.show('share', solids),
      from: sheetFrom(sheet, 'components'),
    },
    {
      label: 'VOC after it, as applied',
      value: units.show('voc', voc),
      from: sheetFrom(sheet, 'components'),
    },
    {
      label: 'Wet film then for the aim',
      value: units.show('film', (view.set.wet * applied.volumeSolids) / solids),
      from: { source: 'reckoned' as const },
    },
    {
      label: 'Thinner still allowed',
      value: units.show('share', Math.max(sheet.thinning.maximum - share, 0)),
      from: sheetFrom(sheet, 'thinning'),
    },
    ...(gloss === undefined ? [] : [{ label: 'Gloss', value: share > gloss ? '▲ may drop' : 'not touched' }]),
  ];
}

/** kg of thinner that are the whole of the sheet's percent. */
const massPerShare = ({ thin: { question } }: JobView): number =>
  question ? massAtShare(1, question.thinnerDensity, question.batch, question.basis) : 1;

export function thinLine(view: JobView, units: Units): NextLine {
  const { thin, shop } = view;
  const { step, sheet, thinner, band, choice, readings, batch } = thin;
  const grams = (kilograms: number) => units.show('mass', kilograms, massDigits(view, units));
  const reading = readings.at(-1);
  const because: Fact[] = [
    ...(reading ? readingFacts(reading, view, units) : []),
    ...(band && choice && step.kind !== 'by-stick'
      ? [
          {
            label:
              choice.from === 'sheet'
                ? `Band, ${band.cup.name}`
                : `Band, ${band.cup.name}, ${bandSource(choice.from, sheet)}`,
            value: bandWords(band),
            from: bandFrom(choice.from, sheet),
          },
        ]
      : []),
    ...(batch
      ? [
          {
            label: `Thinned so far, by ${sheet.thinning.by} of ${sheet.thinning.of === 'mix' ? 'the mix' : 'the first part'}`,
            value: `${units.show('share', thin.share)} of ${units.show('share', sheet.thinning.maximum, { digits: 0 })}`,
            from: { source: 'measured' as const },
          },
        ]
      : []),
  ];
  const plain = { tone: 'act' as const, because };
  const bandNumber = band ? { number: bandWords(band).slice(0, -2), unit: 's' } : { number: '–', unit: '' };

  if (view.spray.layerOn && step.kind !== 'expired' && step.kind !== 'doubled')
    return {
      big: reading ? units.parts('time', reading.atSheet) : { number: '–', unit: '' },
      says: 'All coats of this layer are on: nothing is left to thin.',
      ...(reading ? { detail: 'So it was last timed.' } : {}),
      tone: 'good',
      because,
      tap: go('clean', 'Go to Clean'),
    };

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
    case 'by-stick':
      return stickLine(view, step, because, units);
    case 'mix-first':
      return {
        ...plain,
        big: bandNumber,
        says: 'Mix first. There is nothing in the pot to thin.',
        tap: go('mix', 'Go to Mix'),
      };
    case 'neat':
      return {
        ...plain,
        big: { number: 'Neat', unit: '' },
        says: 'This coat goes on unthinned. Strain it and fill the gun.',
        detail: 'Its own recipe says so. Time the cup all the same: the next coat starts from there.',
        tone: 'good',
        tap: go('set', 'Go to Set'),
      };
    case 'doubled':
      return {
        ...plain,
        big: { number: step.by.toFixed(1), unit: '×' },
        says: 'Do not thin this mix. It is curing: discard it.',
        detail: `It reads ${step.by.toFixed(1)} times as thick as its own readings lead to expect. Thinner makes it run through the cup, not cure right.`,
        tone: 'stop',
        ...(batch
          ? {
              tap: log('Discarded', 'mix discarded', {
                type: 'discard',
                batchId: batch.id,
                why: 'Thickened to twice its viscosity',
              }),
            }
          : {}),
      };
    case 'extra': {
      const { extra } = step;
      const name = inSentence(extra.thinner.name);
      if (!batch) return { ...plain, big: bandNumber, says: 'Mix first.' };
      const measured = measureWords(view, extra.mass, name, units);
      const facts = [
        ...because,
        {
          label: `${extra.coat.name}, extra`,
          value: units.show('share', extra.coat.thinning?.extra),
          from: { source: 'chosen' as const },
        },
        {
          label: 'This brings it to',
          value: units.show('share', extra.share),
          from: { source: 'reckoned' as const },
        },
        ...effectFacts(view, extra.mass, extra.thinner, units),
      ];
      if (extra.offSheet && !extra.tried)
        return {
          ...plain,
          because: facts,
          tone: 'stop',
          big: { number: 'Trial', unit: '' },
          says: `Off the sheet: spray a trial piece before ${extra.coat.name.toLowerCase()}.`,
          detail:
            extra.offSheet === 'maximum'
              ? `The extra brings it to ${units.show('share', extra.share)}, past the sheet’s ${units.show('share', sheet.thinning.maximum, { digits: 0 })}. The record will say so.`
              : 'The room is outside the air this thinner is named for. The record will say so.',
          tap: log('The trial piece is good', 'trial piece', {
            type: 'trial',
            coatId: extra.coat.id,
            text: 'Sprayed and looked at',
          }),
        };
      return {
        ...plain,
        because: facts,
        tone: extra.offSheet ? 'care' : 'act',
        big: measured.big,
        says: `In the band. Extra for ${extra.coat.name.toLowerCase()}: ${measured.says.charAt(0).toLowerCase()}${measured.says.slice(1)}`,
        detail: `Expect ${expectWords(extra.expect, units)}.`,
        tap: log(measured.did, `${name} added`, {
          type: 'addition',
          batchId: batch.id,
          what: extra.thinner.id,
          mass: extra.mass,
          coatId: extra.coat.id,
          ...(extra.offSheet ? { offSheet: true } : {}),
        }),
      };
    }
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
  const past = pastCap(view, view.spray.next?.coat.id);
  if (past && step.advice.kind !== 'too-thin') return pastLine(view, past, because, units);
  const { advice } = step;
  switch (advice.kind) {
    case 'add': {
      if (!batch || !thinner) return { ...plain, big: bandNumber, says: 'Mix first.' };
      const limits = {
        middle: 'reaches the middle',
        risk: 'stops short for safety',
        maximum: 'stops at the sheet’s limit',
        step: 'one step of the approach',
        fixed: 'the fixed percent',
      };
      const name = inSentence(thinner.name);
      const measured = measureWords(view, advice.mass, name, units);
      return {
        ...plain,
        big: measured.big,
        says: measured.says,
        detail: `Stir, then time the cup again. Expect ${expectWords(advice.expect, units)}.`,
        tap: log(measured.did, `${name} added`, {
          type: 'addition',
          batchId: batch.id,
          what: thinner.id,
          mass: advice.mass,
        }),
        otherwise: focus('added', 'Poured something else'),
        because: [
          ...because,
          {
            label: 'This addition brings it to',
            value: units.show('share', advice.share + batch.doseShare),
            from: { source: 'reckoned' as const },
          },
          {
            label: `Chance of going under ${units.show('time', band?.min)}`,
            value: chance(advice.riskUnder),
            from: { source: 'estimate' as const },
          },
          { label: 'This step', value: limits[advice.limitedBy] },
          ...effectFacts(view, advice.mass, thinner, units),
          ...(thin.lessons > 0
            ? [
                {
                  label: 'Based on',
                  value: plural(thin.lessons, 'earlier batch', 'earlier batches'),
                  from: { source: 'measured' as const },
                },
              ]
            : []),
        ],
      };
    }
    case 'too-thin': {
      if (!batch) return { ...plain, big: bandNumber, says: 'Mix first.' };
      const back = advice.bringBack;
      const finite = Number.isFinite(back);
      return {
        ...plain,
        tone: 'care',
        big: finite ? units.parts('mass', back, massDigits(view, units)) : { number: 'Thin', unit: '' },
        says: finite
          ? `Too thin. Add ${grams(back)} of unthinned mix.`
          : 'Too thin even without thinner. Check the cup, the can and the temperature.',
        detail: finite
          ? `The batch grows to ${grams(batch.applied.mass + back)}. There is no taking thinner out; its pot life does not start again.`
          : 'It may be the wrong cup, a warm pot, or a can that was thinned before.',
        ...(finite
          ? {
              tap: log(`Added ${grams(back)}`, 'unthinned mix added', {
                type: 'addition',
                batchId: batch.id,
                what: 'unthinned',
                mass: back,
              }),
            }
          : {}),
        because: [
          ...because,
          { label: 'Expected now', value: expectWords(advice.now, units), from: { source: 'estimate' } },
        ],
      };
    }
    case 'at-maximum':
      return {
        ...plain,
        tone: 'stop',
        big: units.parts('share', advice.share),
        says: 'The sheet’s maximum is reached, still above the band.',
        detail: thin.warm
          ? `Do not go on. Warm it to ${units.show('temperature', thin.warm.to)}: it then sprays like ${units.show('time', thin.warm.seconds)}. Or fit a larger nozzle, or use a pressure cup.`
          : 'Do not go on. Warm it to the sheet’s temperature, fit a larger nozzle, use a pressure cup, or another thinner the sheet names.',
        because: [
          ...because,
          { label: 'Expected now', value: expectWords(advice.now, units), from: { source: 'estimate' } },
        ],
        tap: go('set', 'Try a larger nozzle'),
      };
    case 'ready':
    case 'near': {
      const seconds = reading?.atSheet ?? advice.now.seconds;
      // What the cup reads outside is not called in, however likely all timings together make it.
      const inside = thin.inBand === 'inside';
      const sure = advice.chanceInBand >= sureFrom;
      const where = inside && elsewhere(view, units);
      if (where)
        return {
          ...plain,
          tone: 'care',
          big: units.parts('time', seconds),
          says: where.says,
          detail: where.detail,
          because: [
            ...because,
            {
              label: 'Chance that it is in the band',
              value: chance(advice.chanceInBand),
              from: { source: 'estimate' },
            },
          ],
          tap: go('set', 'Go to Set'),
          otherwise: focus('judged', where.otherwise, 'how'),
        };
      return {
        ...plain,
        tone: inside && sure ? 'good' : 'care',
        big: units.parts('time', seconds),
        says: inside
          ? sure
            ? 'In the band. Strain it and fill the gun.'
            : `Read in the band, and ${chance(advice.chanceInBand)} sure of it. Strain it and fill the gun, or settle it first.`
          : advice.kind === 'ready'
            ? 'It reads just outside the band, and all timings together say inside. Time it again.'
            : 'Just outside the band, nearer than the scale can weigh. Time it again.',
        detail: `True value about ${expectWords(advice.now, units)}.${inside && !sure ? ` ${settles(view, units)}` : ''}`,
        because: [
          ...because,
          {
            label: 'Chance that it is in the band',
            value: chance(advice.chanceInBand),
            from: { source: 'estimate' },
          },
        ],
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

/** A pot thinned by stick: tried, a little added, tried again. */
function stickLine(
  view: JobView,
  { endPoint, seen, advice }: Extract<ThinStep, { kind: 'by-stick' }>,
  because: readonly Fact[],
  units: Units,
): NextLine {
  const { batch, thinner } = view.thin;
  const wanted = inSentence(stickWords[endPoint]);
  const facts: Fact[] = [
    { label: 'Thinned until', value: wanted, from: { source: 'chosen' } },
    ...(seen
      ? [
          {
            label: 'The stick shows',
            value: inSentence(stickWords[seen]),
            from: { source: 'measured' as const },
          },
        ]
      : []),
    ...because,
  ];
  const plain = { because: facts, tone: 'act' as const, big: { number: 'Stick', unit: '' } };
  const past = pastCap(view, view.spray.next?.coat.id);
  if (past && advice.kind !== 'too-thin') return pastLine(view, past, facts, units);
  switch (advice.kind) {
    case 'try':
      return {
        ...plain,
        says: 'Stir, draw a stick through it, lift it and look.',
        detail: `It is right when: ${wanted}.`,
        tap: focus('stick', 'Say what it shows'),
        ...(batch ? { otherwise: log('Stirred', 'stirred', { type: 'stir', batchId: batch.id }) } : {}),
      };
    case 'add': {
      if (!batch || !thinner) return { ...plain, says: 'Mix first.' };
      const name = inSentence(thinner.name);
      const measured = measureWords(view, advice.mass, name, units);
      return {
        ...plain,
        big: measured.big,
        says: measured.says,
        detail: 'A small step, since a stick foretells nothing. Stir, then draw the stick again.',
        because: [
          ...facts,
          {
            label: 'This addition brings it to',
            value: units.show('share', advice.share + batch.doseShare),
            from: { source: 'reckoned' as const },
          },
          ...effectFacts(view, advice.mass, thinner, units),
        ],
        tap: log(measured.did, `${name} added`, {
          type: 'addition',
          batchId: batch.id,
          what: thinner.id,
          mass: advice.mass,
        }),
        otherwise: focus('added', 'Poured something else'),
      };
    }
    case 'too-thin': {
      const grams = units.show('mass', advice.bringBack, massDigits(view, units));
      return {
        ...plain,
        tone: 'care',
        big: units.parts('mass', advice.bringBack, massDigits(view, units)),
        says: `Too thin. Add ${grams} of unthinned mix, and draw the stick again.`,
        detail: 'There is no taking thinner out. Its pot life does not start again.',
        ...(batch
          ? {
              tap: log(`Added ${grams}`, 'unthinned mix added', {
                type: 'addition',
                batchId: batch.id,
                what: 'unthinned',
                mass: advice.bringBack,
              }),
            }
          : {}),
      };
    }
    case 'at-maximum':
      return {
        ...plain,
        tone: 'stop',
        big: units.parts('share', advice.share),
        says: 'The sheet’s maximum is reached, and the stick still shows it too thick.',
        detail:
          'Do not go on. Warm it, fit a larger nozzle, use a pressure cup, or another thinner the sheet names.',
        tap: go('set', 'Try a larger nozzle'),
      };
    case 'ready':
      return {
        ...plain,
        tone: 'care',
        says: 'The stick shows its end-point. Strain it and fill the gun.',
        detail: 'A stick tells no viscosity: a test card decides.',
        tap: go('set', 'Go to Set'),
      };
  }
}

/** More thinner in it than the sheet bears, whatever the cup says: it is brought back, or a trial piece shows that it works. */
function pastLine(
  view: JobView,
  { share, max, back }: PastCap,
  because: readonly Fact[],
  units: Units,
): NextLine {
  const { batch, thinner } = view.thin;
  const has = `${units.show('share', share)} ${inSentence(thinner?.name ?? 'thinner')} in it, the sheet bears ${units.show('share', max)}`;
  const trial = 'Or a trial piece that shows it works, recorded with its coat.';
  if (!batch || back === undefined)
    return {
      big: units.parts('share', share),
      says: `There is ${has}.`,
      detail: `There is no taking it out. ${trial}`,
      tone: 'stop',
      because,
      tap: go('mix', 'Go to Mix'),
    };
  const grams = units.show('mass', back, massDigits(view, units));
  return {
    big: units.parts('mass', back, massDigits(view, units)),
    says: `Add ${grams} of unthinned mix: there is ${has}.`,
    detail: `Stir, then time the cup again. There is no taking thinner out. ${trial}`,
    tone: 'stop',
    because,
    tap: log(`Added ${grams}`, 'unthinned mix added', {
      type: 'addition',
      batchId: batch.id,
      what: 'unthinned',
      mass: back,
    }),
  };
}

/** A pot that is in its band at one temperature only: the paint’s own, or the one its band is for. */
function elsewhere(
  { thin: { asItIs, choice, band } }: JobView,
  units: Units,
): { readonly says: string; readonly detail: string; readonly otherwise: string } | undefined {
  if (!asItIs || !choice || !band) return undefined;
  const [own, stated] = [asItIs.temperature, asItIs.bandFor].map((each) => units.show('temperature', each));
  const told = `${units.show('time', asItIs.atBand)} at ${stated}`;
  const inThere = asItIs.atBand >= band.min && asItIs.atBand <= band.max;
  if (choice.temperature === asItIs.temperature && !inThere)
    return {
      says: `In the band as it is, at ${own}. Strain it and fill the gun.`,
      detail: `It would read ${told}: warm ${asItIs.atBand > band.max ? 'thin paint is not thinned paint' : 'it no further'}. Time it again when it cools or warms.`,
      otherwise: `Judge it at ${stated}`,
    };
  if (choice.temperature === asItIs.bandFor && !asItIs.inside)
    return asItIs.seconds > band.max
      ? {
          says: `Right for ${stated}, but it is at ${own}: warm it before it is sprayed.`,
          detail: `As it is it reads ${units.show('time', asItIs.seconds)}, thicker than the band. Thinned for the cold it would be too thin later.`,
          otherwise: `Judge it at ${own}`,
        }
      : {
          says: `Right for ${stated}, but it is at ${own}: let it cool before it is sprayed.`,
          detail: `As it is it reads ${units.show('time', asItIs.seconds)}, thinner than the band: it runs sooner.`,
          otherwise: `Judge it at ${own}`,
        };
  return undefined;
}

/** A pot is called in the band without more ado from this chance on. */
const sureFrom = 0.8;

/** What would settle how thick a pot truly is, where more timings of the same kind cannot. */
function settles({ thin }: JobView, units: Units): string {
  const reading = thin.readings.at(-1);
  const { choice } = thin;
  if (!reading || !choice) return 'Time it in a cup.';
  if (reading.cup.id !== choice.band.cup.id)
    return `What is left is the conversion between cups: time it in ${choice.band.cup.name}.`;
  if (Math.abs(reading.temperature - choice.temperature) > 2)
    return `What is left is the temperature: bring it to ${units.show('temperature', choice.temperature)} and time it there.`;
  return 'Time it again, stirred, by another hand; what the thermometer is off stays.';
}

export function chance(share: number): string {
  const percent = share * 100;
  if (percent < 0.5) return 'under 0.5\u00a0%';
  if (percent > 99.5) return 'over 99.5\u00a0%';
  return `${percent.toFixed(percent < 10 ? 1 : 0)}\u00a0%`;
}

/** Caution before anything is added: even the sheet's maximum is not expected to reach the band. */
export function reachWords({ thin }: JobView, units: Units): string | undefined {
  const { reachable, sheet, readings } = thin;
  if (!reachable || reachable.reaches || readings.length === 0 || isRefusal(reachable)) return undefined;
  return `Even ${units.show('share', sheet.thinning.maximum, { digits: 0 })}, the sheet’s maximum, is expected to stop at ${expectWords(reachable.expect, units)}. Warm it, fit a larger nozzle or a pressure cup.`;
}
