import { readingsPerSpot, type Condition } from '@/core/quality';
import { isRefusal } from '@/core/refusal';
import { cureStageOf, type JobView, type OpenDefects, type Standard, type Unproven } from '@/facts/job';
import { clockTime, timeOfDay } from './clock';
import { jobFigure, reason, sheetFrom } from './figures';
import type { Units } from './units';
import { focus, go, log, plural, type Fact, type NextLine, type Tap } from './line';
import { standardWords } from './work';

const conditionWords: Record<Condition['id'], string> = {
  'mean-in-range': 'Mean inside the range',
  'spots-in-range': 'Thickest spot mean, at most 120 % of the maximum',
  'mean-at-nominal': 'Mean at or above nominal',
  'nothing-far-under': 'Thinnest, at least 80 %',
  'few-under': 'Readings between 80 and 100 %, fewer than a fifth',
  'below-maximum': 'Thickest below the maximum',
  'none-under': 'No reading under your own least',
  'none-over': 'No reading over your own most',
};

/** The rules a film is judged by: their names, and what each asks. */
// prettier-ignore
export const ruleWords = {
  'spot-mean': { name: 'Spot means', says: 'Set mean inside the range, every spot mean between 80 % of its minimum and 120 % of its maximum (as in SSPC-PA 2, level 3).' },
  nominal: { name: 'Nominal film', says: 'Mean at least nominal, nothing under 80 % of it, fewer than a fifth of readings between 80 and 100 % (as in ISO 19840).' },
  own: { name: 'Own limits', says: 'Every reading between your own limits.' },
} as const;

export function conditionFacts(
  conditions: readonly Condition[],
  units: Units,
): (Fact & { holds: boolean })[] {
  return conditions.map(({ id, holds, found, limit }) => {
    const quantity = id === 'few-under' ? 'share' : 'film';
    const digits = quantity === 'film' ? { digits: units.system === 'metric' ? 1 : 2 } : {};
    return {
      label: conditionWords[id],
      value: `${units.show(quantity, found, digits)} / ${units.show(quantity, limit, digits)}`,
      holds,
    };
  });
}

/** A defect comes before the film: a change that waits for its verdict first, then what nobody has traced yet. */
function defectLine({ open, change, waiting }: OpenDefects, because: readonly Fact[]): NextLine | undefined {
  if (change && waiting)
    return {
      big: { number: '1', unit: 'change to judge' },
      says: `${change.text} Then say whether it helped.`,
      ...(change.expects ? { detail: `It should show: ${change.expects}` } : {}),
      tone: 'act',
      because,
      tap: focus('change', 'Say what came of it', 'defects'),
    };
  if (open.length === 0) return undefined;
  const names = [...new Set(open.map(({ name }) => name))];
  return {
    big: { number: `${names.length}`, unit: names.length === 1 ? 'defect' : 'defects' },
    says: `${names.join(', ')}: find the cause, and change one thing.`,
    tone: 'stop',
    because,
    tap: focus('defects', 'Find the cause', 'defects'),
  };
}

/** What a verdict still wants, and what settles it. */
export const unprovenWords: Record<Unproven, { readonly says: string; readonly does: string }> = {
  coats: { says: 'coats are to come', does: 'The coats to come lie on top of it.' },
  parts: {
    says: 'not every part is counted',
    does: 'Count the parts as they are sprayed: what is bare is not measured.',
  },
  brush: {
    says: 'what the brush coats is not coated',
    does: 'Brush the places that were kept free for it, and say so on Spray.',
  },
  spots: { says: 'not every spot is measured', does: 'Measure the spots that are left.' },
  gauge: {
    says: 'the gauge was not checked before its readings',
    does: 'Zero and shim it, then read again: without it nobody knows what it reads.',
  },
  dry: {
    says: 'it was read before it was dry',
    does: 'A soft film gives way under the probe and still shrinks. Read again when it can be handled.',
  },
  simulated: {
    says: 'its readings are simulated',
    does: 'A simulated gauge shows how it goes; the part is measured with a real one.',
  },
  found: {
    says: 'the look round it found something that stands',
    does: 'Put it right, or agree that it stays; then look at that place again.',
  },
  misses: {
    says: 'small misses are still to be touched up',
    does: 'Touch them up, or let them be: Look has the list.',
  },
  standard: {
    says: 'nobody has judged it by its standard',
    does: 'Look round it as it will be looked at, place by place, and say whether it is what was agreed.',
  },
  'off-standard': {
    says: 'it is not what it is judged by',
    does: 'The film may be right and the piece is not. Put right shows what can be done.',
  },
};

/** Says that a piece is what it is judged by, or is not. */
export const standardTap = ({ asks, coatId }: Standard, yes: boolean): Tap =>
  log(yes ? standardWords[asks].yes : standardWords[asks].no, 'judged by its standard', {
    type: 'judged',
    coatId,
    asks,
    yes,
  });

export function checkLine(view: JobView, units: Units): NextLine {
  const { check, job, spray, work, now } = view;
  const { verdict, spec, spots, wanted, taken, coatsOn, coatsMeasured, layersMeasured, standard } = check;
  const because: Fact[] = [
    {
      label: `Range for ${plural(coatsMeasured || spray.coats.length, 'coat')}, dry`,
      value: units.range('film', spec.min, spec.max),
      figure: jobFigure({ work }, 'film.wanted-least', spec.min),
      from: sheetFrom(work.layer.sheet, 'film'),
    },
    reason('Aim', jobFigure({ work }, 'film.wanted', spec.nominal), units, {
      from: sheetFrom(work.layer.sheet, 'film'),
    }),
    {
      label: 'Rule',
      value: ruleWords[job.approach.acceptance].name,
      from: { source: 'chosen' },
    },
    { label: 'Spots measured', value: `${taken} of ${wanted}`, from: { source: 'measured' } },
    ...(layersMeasured
      ? [
          {
            label: 'Over the base reading',
            value: layersMeasured.join(', '),
            from: { source: 'measured' as const },
          },
        ]
      : []),
  ];
  const defect = defectLine(check.defects, because);
  if (defect) return defect;
  const open = spots.find(({ readings }) => readings.length < readingsPerSpot);
  const face = job.part.faces.find(({ id }) => id === open?.faceId);
  if (isRefusal(verdict) && coatsOn === 0)
    return {
      big: units.parts('film', spec.nominal),
      says: units.says(verdict),
      tone: 'plain',
      because,
      tap: go('spray', 'Go to Spray'),
    };
  if (isRefusal(verdict) && taken >= wanted)
    return {
      big: { number: '–', unit: '' },
      says: units.says(verdict),
      detail: 'What the coats aim at lies outside what the sheet asks of them: nothing can be judged by it.',
      tone: 'care',
      because,
      tap: go('plan', 'Put the coats right', 'stack'),
    };
  const { stage, hardens } = cureStageOf(view);
  if (taken === 0 && hardens !== undefined && (stage === 'wet' || stage === 'tacky'))
    return {
      big: { number: timeOfDay(hardens), unit: 'dry' },
      says: `Measure from ${clockTime(hardens, now)}: the film is soft until then.`,
      detail:
        'A gauge sinks into it, reads thin and marks it. By its sheet’s times in this room: an estimate.',
      tone: 'plain',
      because,
      tap: focus('reading', 'Enter readings'),
    };
  if (taken < wanted || isRefusal(verdict))
    return {
      big: { number: `${taken}`, unit: `of ${wanted} spots` },
      says: `Take ${readingsPerSpot} readings at spot ${(open?.spot ?? 0) + 1} of ${face?.name ?? 'the part'}.`,
      detail: 'Zero and shim the gauge first. Stay away from edges.',
      tone: 'act',
      because,
      tap: focus('reading', 'Enter readings'),
    };
  const failed = verdict.conditions.find(({ holds }) => !holds);
  const big = units.parts('film', verdict.mean);
  const [wants] = check.unproven;
  if (!failed && wants)
    return {
      big,
      says: `The film lies in range, and is not passed yet: ${check.unproven.map((each) => unprovenWords[each].says).join(', ')}.`,
      detail: unprovenWords[wants].does,
      tone: wants === 'off-standard' ? 'stop' : 'care',
      because,
      ...(wants === 'standard' && standard ? { otherwise: standardTap(standard, true) } : {}),
      tap:
        wants === 'standard' && standard
          ? focus('look', 'Look round it', 'look')
          : wants === 'off-standard'
            ? focus('rework', 'See what can be done', 'rework')
            : wants === 'found' || wants === 'misses'
              ? focus('look', 'See what was found', 'look')
              : wants === 'coats' || wants === 'parts' || wants === 'brush'
                ? go('spray', 'Go to Spray')
                : wants === 'gauge'
                  ? focus('gauge', 'Check the gauge')
                  : focus('reading', 'Enter readings'),
    };
  if (!failed)
    return {
      big,
      says: 'The film passes.',
      detail: `Mean of ${spots.reduce((sum, { readings }) => sum + readings.length, 0)} readings; thinnest ${units.show('film', verdict.least)}, thickest ${units.show('film', verdict.most)}.`,
      tone: 'good',
      because,
      tap: go('clean', 'Go to Clean'),
    };
  const [fact] = conditionFacts([failed], units);
  const thin = failed.found < failed.limit;
  const worst = [...verdict.spots].sort((a, b) => (thin ? a.mean - b.mean : b.mean - a.mean))[0];
  const [faceId, spot] = worst?.id.split('/') ?? [];
  const where = `${job.part.faces.find(({ id }) => id === faceId)?.name ?? ''}, spot ${Number(spot) + 1}`;
  return {
    big,
    says: `The film fails: ${fact?.label.toLowerCase() ?? ''}.`,
    detail:
      failed.id === 'few-under'
        ? 'Too many readings lie under nominal. Another coat, or slower strokes, would lift them.'
        : `${fact?.value ?? ''}. ${thin ? 'Thinnest' : 'Thickest'} at ${where}. ${thin ? 'Another coat there, inside the recoat window.' : 'Let it cure, sand it back; do not cut through.'}`,
    tone: 'stop',
    because,
    tap: focus('map', 'Show the spots'),
  };
}
