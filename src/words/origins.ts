import { isRefusal } from '@/core/refusal';
import type { JobView, Stage } from '@/facts/job';
import {
  amount,
  coatFigure,
  figure,
  jobFigure,
  laidFrom,
  sheetFrom,
  transferFrom,
  written,
  type Printable,
} from './figures';
import type { From } from './from';
import type { Fact } from './line';
import { placeWords } from './pressure';
import { viscosityFrom, viscosityLabel, wetFrom } from './set';
import { guided } from './spray';
import { bandFrom, spreadOf } from './thin';
import type { Units } from './units';

/** A figure of a screen: where it is from, how far off it may be, and by what it was come to. */
export interface Origin extends Fact {
  readonly from: From;
  readonly by: string;
}

/**
 * Every figure of a stage with its origin. Panels draw the same figures; what a figure is come to by is said here and
 * nowhere else.
 */
export function origins(view: JobView, stage: Stage, units: Units): readonly Origin[] {
  switch (stage) {
    case 'thin':
      return ofThin(view, units);
    case 'set':
      return [...ofCoat(view, units), ...ofGun(view, units)];
    case 'spray':
      return [...ofCoat(view, units), ...ofGun(view, units), ...ofRun(view, units)];
    case 'check':
      return ofCheck(view, units);
    default:
      return [];
  }
}

const row = (
  label: string,
  of: Printable,
  from: From,
  by: string,
  units: Units,
  digits?: number,
): readonly Origin[] =>
  of.value === null || of.value === undefined
    ? []
    : [
        {
          label,
          value: written(of, units, digits === undefined ? undefined : { digits }),
          ...('fact' in of ? { figure: of } : {}),
          from,
          by,
        },
      ];

const share = (of: number, units: Units): string => units.show('share', of, { digits: 0 });

function ofThin(view: JobView, units: Units): readonly Origin[] {
  const { thin } = view;
  const { readings, now, choice, sheet, batch, thinner, law } = thin;
  const reading = readings.at(-1);
  const timed = reading && Math.abs(reading.thinner - thin.thinnerMass) <= 1e-9;
  const expected = now && (now.high - now.low) / (2 * now.seconds);
  return [
    ...(reading
      ? row(
          'Last read',
          amount('time', reading.seconds),
          { source: 'measured', spread: spreadOf(reading.sd, units) },
          `${reading.cup.name}; two fillings and two hands never read quite alike`,
          units,
        )
      : []),
    ...(reading
      ? row(
          'The same at the band’s warmth',
          amount('time', reading.atSheet),
          { source: 'estimate', spread: spreadOf(Math.hypot(reading.sd, reading.bias), units) },
          law?.from === 'fitted'
            ? 'how this mix thickens with cold, as two warmths of it were timed'
            : law?.from === 'sheet'
              ? 'how it thickens with cold by its sheet'
              : 'how such paint usually thickens with cold',
          units,
        )
      : []),
    ...(now
      ? row(
          timed ? 'Believed now' : 'Expected now, not timed yet',
          amount('time', now.seconds),
          { source: 'estimate', ...(expected ? { spread: share(expected, units) } : {}) },
          'all readings of the pot, the thinner in it, and how such paints thin',
          units,
        )
      : []),
    ...(choice
      ? row(
          'Middle of the band',
          figure(view, 'thin.aim', (choice.band.min + choice.band.max) / 2),
          bandFrom(choice.from, sheet),
          'half-way between its ends',
          units,
        )
      : []),
    ...(batch && thinner
      ? row(
          `${thinner.name} in the pot`,
          amount('mass', thin.thinnerMass),
          { source: 'measured' },
          'what was recorded as added',
          units,
        )
      : []),
    ...row(
      'Most the sheet takes',
      amount('share', sheet.thinning.maximum),
      sheetFrom(sheet, 'thinning'),
      `by ${sheet.thinning.by}`,
      units,
    ),
  ];
}

/** The film that a coat is to have, and what of the paint makes it. */
function ofCoat(view: JobView, units: Units): readonly Origin[] {
  const { set, work } = view;
  const { coat, sheet } = set;
  const solids = view.plan.asMixed;
  return [
    ...(coat
      ? row(
          'Dry film of the coat',
          coatFigure(view, 'coat.dry', { id: coat.id, layerId: work.layer.id }, coat.dry),
          wetFrom(set),
          'as the coat is planned',
          units,
        )
      : []),
    ...row(
      'Wet film',
      figure(view, 'coat.wet', set.wet, { coat: coat?.id }),
      wetFrom(set),
      'dry film over the solids of the mix by volume, thinner counted',
      units,
    ),
    ...(isRefusal(solids)
      ? []
      : row(
          'Solids by volume, unthinned',
          amount('share', solids.volumeSolids),
          sheetFrom(sheet, 'components'),
          'each part by what it takes up',
          units,
        )),
    ...row(
      viscosityLabel(set),
      figure(view, 'gun.viscosity', set.viscosity),
      viscosityFrom(set, units),
      'seconds of its cup, at the warmth the paint has',
      units,
    ),
    ...row(
      'Transfer',
      figure(view, 'gun.transfer', set.transfer),
      transferFrom(view.plan, units),
      'share of the solids that lands on parts of this shape, at the usual distance and pressure',
      units,
      0,
    ),
  ];
}

function ofGun(view: JobView, units: Units): readonly Origin[] {
  const { set, plan, rig } = view;
  const { point, sheet, liquid } = set;
  const chosen = point.from === 'set';
  const decided: From = { source: chosen ? 'chosen' : 'reckoned' };
  const recorded = 'as the gun is recorded set';
  const needle = liquid.from === 'none' ? {} : { spread: share(liquid.spread, units) };
  return [
    ...row(
      point.pressureAt ? `Pressure ${placeWords[point.pressureAt]}` : 'Pressure',
      figure(view, 'gun.pressure', point.pressure),
      decided,
      chosen ? recorded : 'what breaks this paint up, within what sheet, cap and machine allow',
      units,
    ),
    ...row(
      'Fluid',
      figure(view, 'gun.fluid', point.fluid),
      chosen && rig?.atomising !== 'airless' ? { source: 'chosen' } : { source: 'reckoned', ...needle },
      rig?.atomising === 'airless'
        ? 'the tip at its pressure'
        : chosen
          ? recorded
          : 'what lays the coat at a speed a hand keeps',
      units,
    ),
    ...row(
      rig?.atomising === 'airless' ? 'Most the tip passes' : 'Most it passes, needle open',
      amount('fluidFlow', point.fluidMost),
      { source: 'estimate', ...needle },
      'its opening, what drives the paint, and the viscosity there',
      units,
    ),
    ...row(
      'Transfer as set',
      amount('share', point.transfer),
      { ...laidFrom(plan, units), source: 'estimate' },
      'the usual one, less where the gun stands further off or the pressure is higher',
      units,
      0,
    ),
    ...row(
      'Fan',
      figure(view, 'gun.fan', point.fan),
      { source: point.fanFrom === 'card' ? 'measured' : point.fanFrom === 'tip' ? 'reckoned' : 'default' },
      point.fanFrom === 'card'
        ? 'the last card of this product, in proportion to the distance'
        : point.fanFrom === 'tip'
          ? 'the tip’s number, or its own fan as it was measured'
          : 'as the gun is described, in proportion to the distance; a card tells',
      units,
    ),
    ...row(
      'Distance',
      figure(view, 'gun.distance', point.distance),
      { source: set.setting ? 'chosen' : sheetFrom(sheet, 'guns').source },
      set.setting ? recorded : 'as the sheet has it, or such guns usually are',
      units,
    ),
    ...row(
      'Overlap',
      figure(view, 'gun.overlap', point.overlap),
      { source: 'chosen' },
      'a choice of whoever sprays; a half unless somebody says',
      units,
      0,
    ),
    ...row('Strokes apart', figure(view, 'gun.spacing', point.spacing), guided, 'fan × (1 − overlap)', units),
    ...row(
      'Speed',
      figure(view, 'gun.speed', point.speed),
      laidFrom(plan, units),
      'fluid × transfer as set over wet film × strokes apart',
      units,
    ),
    ...row(
      'Film of one pass',
      amount('film', point.film),
      laidFrom(plan, units),
      'fluid × transfer as set over speed × strokes apart',
      units,
    ),
  ];
}

function ofRun(view: JobView, units: Units): readonly Origin[] {
  const { spray, plan } = view;
  const { climate, dew } = plan;
  const last = spray.coats.filter(({ state }) => state === 'done').at(-1);
  return [
    ...row(
      'A coat takes about',
      figure(view, 'coat.takes', spray.coatTime),
      { source: 'estimate' },
      'length of its strokes over their speed, turns and what is walked',
      units,
    ),
    ...(last
      ? row(
          'Next coat after',
          amount('duration', last.sheet.times.recoatFirst),
          sheetFrom(last.sheet, 'times'),
          'at the sheet’s temperature; longer where the room is colder',
          units,
        )
      : []),
    ...(climate
      ? [
          ...row(
            'Air',
            jobFigure(view, 'room.air', climate.air),
            { source: 'measured' },
            'read in the room',
            units,
          ),
          ...row(
            'Part',
            amount('temperature', climate.part),
            { source: 'measured' },
            'read on the part',
            units,
          ),
          ...row(
            'Humidity',
            jobFigure(view, 'room.humidity', climate.humidity),
            { source: 'measured' },
            'read in the room',
            units,
            0,
          ),
          ...row(
            'Part above the dew point',
            jobFigure(view, 'room.dew-margin', dew),
            { source: 'reckoned' },
            'dew point of air and humidity, taken from the part',
            units,
          ),
        ]
      : []),
  ];
}

function ofCheck(view: JobView, units: Units): readonly Origin[] {
  const { check, work, plan } = view;
  const { spec, verdict, gauge, bases } = check;
  const paper = sheetFrom(work.layer.sheet, 'film');
  return [
    ...row(
      'Least of the coats that are on',
      jobFigure(view, 'film.wanted-least', spec.min),
      paper,
      'what each coat must have at least, together',
      units,
    ),
    ...row('Aim', jobFigure(view, 'film.wanted', spec.nominal), paper, 'what each coat aims at', units),
    ...row(
      'Most',
      jobFigure(view, 'film.wanted-most', spec.max),
      paper,
      'what each coat may have at most, together',
      units,
    ),
    ...row(
      'Stays at the end',
      jobFigure(view, 'film.stays', plan.film.stays),
      { source: 'reckoned' },
      'all coats, less what is sanded away',
      units,
    ),
    ...(isRefusal(verdict)
      ? []
      : row(
          'Mean of the spots',
          jobFigure(view, 'film.measured', verdict.mean),
          { source: 'measured' },
          `${gauge ? 'the gauge’s own error taken off' : 'as the gauge reads, which nobody checked'}${
            bases.size > 0 ? '; what lay below taken off' : ''
          }`,
          units,
        )),
  ];
}
