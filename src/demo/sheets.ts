import { celsius } from '@/core/climate';
import { classSheet, type Coating, type SheetAdditive } from '@/records';

const minutes = 60;
const hours = 3600;
const um = 1e-6;
const bar = 1e5;
const checked = '2026-09-14';

/** A made-up sheet: the class defaults with everything the paper says on top, nothing left assumed. */
const sheet = (of: Coating['class'], id: string, name: string, says: Partial<Coating>): Coating => ({
  ...classSheet(of, id, name, checked),
  maker: 'made-up sample',
  sheetRevision: '3',
  assumed: [],
  ...says,
});

const air = (low: number, high: number) => ({ min: celsius(low), max: celsius(high) });
const film = (min: number, aim: number, max: number) => ({ min: min * um, aim: aim * um, max: max * um });
const part = (
  id: string,
  name: string,
  parts: number,
  density: number,
  volumeSolids: number,
  voc: number,
  water = 0,
) => ({ id, name, parts, density, volumeSolids, voc, water, exempt: 0 });
const water = { id: 'water', name: 'Water', density: 998, viscosity: 1e-6, voc: 0, water: 1, exempt: 0 };
const thinner = (
  id: string,
  name: string,
  speed: 'fast' | 'medium' | 'slow',
  density: number,
  viscosity: number,
  low: number,
  high: number,
) => ({ id, name, speed, density, viscosity, voc: density, water: 0, exempt: 0, air: air(low, high) });
const dose = (
  id: string,
  name: string,
  density: number,
  says: Pick<SheetAdditive, 'doseBy' | 'doseOf' | 'dose' | 'maximum' | 'thins'>,
): SheetAdditive => ({
  id,
  name,
  density,
  volumeSolids: 0,
  voc: density * 0.9,
  water: 0,
  exempt: 0,
  ...says,
});
/** Xylene is in most of the made-up thinners: the lowest limit counts. */
const xylene = { molarMass: 0.10617, lowerLimit: 0.01 };

export const satinLacquer = sheet('water-lacquer', 'demo-satin-lacquer', 'Satin lacquer W20', {
  components: [part('base', 'W20 satin lacquer', 1, 1040, 0.32, 48, 0.6)],
  thinning: { thinners: [water], maximum: 0.1, by: 'volume', of: 'mix', glossFrom: 0.06 },
  additives: [
    dose('extender', 'W drying extender', 980, {
      doseBy: 'volume',
      doseOf: 'mix',
      dose: 0,
      maximum: 0.05,
      thins: true,
    }),
  ],
  wetFilm: { min: 80 * um, aim: 92 * um, max: 115 * um },
  shelf: { closed: 540, opened: 180 },
  vocLimit: { value: 130, counts: 'with-water' },
  target: { cupId: 'ford-4', min: 21, max: 25, temperature: celsius(23) },
  viscosity: 118e-6,
  temperatureSlope: 0.025,
  guns: [
    {
      atomising: 'hvlp',
      bore: { min: 1.3e-3, max: 1.5e-3 },
      pressure: { min: 0.36 * bar, max: 0.48 * bar },
      pressureAt: 'cap',
      distance: { min: 0.15, max: 0.2 },
    },
    {
      atomising: 'compliant',
      bore: { min: 1.2e-3, max: 1.4e-3 },
      pressure: { min: 1.6 * bar, max: 2.2 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.18, max: 0.22 },
    },
  ],
  film: film(25, 29, 35),
  coats: 3,
  times: {
    temperature: celsius(23),
    flash: 30 * minutes,
    recoatFirst: 45 * minutes,
    recoatLast: 48 * hours,
    handle: 4 * hours,
    cure: 7 * 24 * hours,
  },
  limits: { air: air(18, 30), part: air(16, 30), humidity: { min: 0.3, max: 0.7 } },
  intervals: { stir: 20 * minutes, retime: 60 * minutes },
  cleaner: 'clean water',
  cleanBy: 40 * minutes,
  pricePerVolume: 21_000,
});

export const liveryColour = sheet('two-part-colour', 'demo-livery-colour', 'Livery green C4', {
  components: [
    part('base', 'C4 livery green', 4, 1180, 0.51, 410),
    part('hardener', 'C4 hardener', 1, 1060, 0.55, 380),
  ],
  ratioBy: 'volume',
  tolerance: 0.05,
  vapour: xylene,
  vocLimit: { value: 500, counts: 'less-water' },
  shelf: { closed: 730, opened: 240 },
  thinning: {
    thinners: [
      thinner('medium', 'C medium thinner', 'medium', 872, 0.85e-6, 15, 24),
      thinner('slow', 'C slow thinner', 'slow', 880, 1.0e-6, 22, 32),
    ],
    maximum: 0.15,
    by: 'volume',
    of: 'mix',
  },
  target: { cupId: 'din-4', min: 18, max: 21, temperature: celsius(20) },
  viscosity: 150e-6,
  temperatureSlope: 0.03,
  guns: [
    {
      atomising: 'hvlp',
      bore: { min: 1.3e-3, max: 1.4e-3 },
      pressure: { min: 0.55 * bar, max: 0.68 * bar },
      pressureAt: 'cap',
      distance: { min: 0.15, max: 0.2 },
    },
    {
      atomising: 'compliant',
      bore: { min: 1.3e-3, max: 1.4e-3 },
      pressure: { min: 1.8 * bar, max: 2.2 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.15, max: 0.2 },
    },
  ],
  film: film(22, 27, 34),
  times: {
    temperature: celsius(20),
    induction: 10 * minutes,
    potLife: 3 * hours,
    flash: 10 * minutes,
    recoatFirst: 15 * minutes,
    recoatLast: 24 * hours,
    touch: 2 * hours,
    handle: 8 * hours,
    forced: { temperature: celsius(60), duration: 30 * minutes },
    cure: 7 * 24 * hours,
  },
  cleaner: 'C cleaning solvent',
  cleanBy: 45 * minutes,
  pricePerVolume: 46_000,
});

export const liveryClear = sheet('two-part-clear', 'demo-livery-clear', 'Livery clear C9', {
  components: [
    part('base', 'C9 clear', 2, 985, 0.47, 440),
    part('hardener', 'C9 hardener', 1, 1040, 0.5, 420),
  ],
  ratioBy: 'volume',
  tolerance: 0.05,
  vapour: xylene,
  vocLimit: { value: 500, counts: 'less-water' },
  shelf: { closed: 730, opened: 120 },
  thinning: {
    thinners: [
      thinner('medium', 'C medium thinner', 'medium', 872, 0.85e-6, 15, 24),
      thinner('slow', 'C slow thinner', 'slow', 880, 1.0e-6, 22, 32),
    ],
    maximum: 0.1,
    by: 'volume',
    of: 'mix',
  },
  target: { cupId: 'din-4', min: 16, max: 18, temperature: celsius(20) },
  viscosity: 95e-6,
  temperatureSlope: 0.03,
  guns: [
    {
      atomising: 'hvlp',
      bore: { min: 1.2e-3, max: 1.3e-3 },
      pressure: { min: 0.55 * bar, max: 0.68 * bar },
      pressureAt: 'cap',
      distance: { min: 0.15, max: 0.2 },
    },
    {
      atomising: 'compliant',
      bore: { min: 1.2e-3, max: 1.3e-3 },
      pressure: { min: 1.8 * bar, max: 2.2 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.15, max: 0.2 },
    },
  ],
  film: film(23, 28, 35),
  times: {
    temperature: celsius(20),
    potLife: 2 * hours,
    flash: 8 * minutes,
    recoatFirst: 12 * minutes,
    recoatLast: 24 * hours,
    touch: 2.5 * hours,
    handle: 10 * hours,
    forced: { temperature: celsius(60), duration: 30 * minutes },
    cure: 7 * 24 * hours,
  },
  cleaner: 'C cleaning solvent',
  cleanBy: 40 * minutes,
  pricePerVolume: 52_000,
});

export const framePrimer = sheet('moisture-curing', 'demo-frame-primer', 'Frame primer M1', {
  components: [part('base', 'M1 moisture-curing primer', 1, 1240, 0.54, 360)],
  thinning: {
    thinners: [thinner('m-thinner', 'M thinner', 'medium', 905, 1.1e-6, 5, 30)],
    maximum: 0.05,
    by: 'volume',
    of: 'mix',
  },
  target: { cupId: 'din-4', min: 17, max: 20, temperature: celsius(20) },
  viscosity: 82e-6,
  guns: [
    {
      atomising: 'conventional',
      bore: { min: 1.4e-3, max: 1.5e-3 },
      pressure: { min: 2.5 * bar, max: 3.2 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.2, max: 0.25 },
    },
  ],
  film: film(30, 36, 45),
  times: {
    temperature: celsius(20),
    flash: 60 * minutes,
    recoatFirst: 2 * hours,
    recoatLast: 8 * hours,
    handle: 6 * hours,
    cure: 5 * 24 * hours,
  },
  limits: { air: air(5, 30), part: air(5, 35), humidity: { min: 0.4, max: 0.9 } },
  cleaner: 'M cleaning solvent',
  pricePerVolume: 30_000,
});

export const bracketEnamel = sheet('quick-enamel', 'demo-bracket-enamel', 'Bracket enamel Q3', {
  components: [part('base', 'Q3 quick-dry enamel', 1, 1160, 0.41, 430)],
  thinning: {
    thinners: [thinner('q-thinner', 'Q thinner', 'fast', 860, 0.8e-6, 10, 28)],
    maximum: 0.15,
    by: 'mass',
    of: 'base',
  },
  target: { cupId: 'ford-4', min: 17, max: 21, temperature: celsius(25) },
  viscosity: 110e-6,
  guns: [
    {
      atomising: 'conventional',
      bore: { min: 1.4e-3, max: 1.8e-3 },
      pressure: { min: 2.8 * bar, max: 3.5 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.18, max: 0.25 },
    },
  ],
  film: film(26, 30, 38),
  times: {
    temperature: celsius(21),
    flash: 10 * minutes,
    recoatFirst: 20 * minutes,
    forbidden: { from: 2 * hours, to: 24 * hours },
    touch: 30 * minutes,
    handle: 60 * minutes,
    cure: 24 * hours,
  },
  intervals: { stir: 30 * minutes, retime: 60 * minutes },
  cleaner: 'paint thinner',
  pricePerVolume: 18_000,
});

export const shellGelCoat = sheet('gel-coat', 'demo-shell-gelcoat', 'Shell gel coat G7', {
  components: [
    part('resin', 'G7 gel coat', 100, 1210, 0.9, 60),
    {
      ...part('catalyst', 'Peroxide catalyst', 2, 1150, 0.6, 300),
      partsAt: [
        { temperature: celsius(18), parts: 2.5 },
        { temperature: celsius(22), parts: 2 },
        { temperature: celsius(26), parts: 1.5 },
      ],
    },
  ],
  ratioBy: 'mass',
  tolerance: 0.1,
  additives: [
    {
      ...dose('accelerator', 'G accelerator', 960, {
        doseBy: 'mass',
        doseOf: 'base',
        dose: 0.003,
        maximum: 0.005,
        thins: false,
      }),
      volumeSolids: 0.1,
    },
  ],
  wetFilm: { min: 160 * um, aim: 180 * um, max: 220 * um },
  vapour: { molarMass: 0.10415, lowerLimit: 0.009 },
  shelf: { closed: 180, opened: 90 },
  thinning: {
    thinners: [
      { id: 'styrene', name: 'Styrene', density: 906, viscosity: 0.8e-6, voc: 906, water: 0, exempt: 0 },
    ],
    maximum: 0.03,
    by: 'mass',
    of: 'base',
  },
  target: undefined,
  guns: [
    {
      atomising: 'conventional',
      bore: { min: 2.5e-3, max: 4e-3 },
      pressure: { min: 3 * bar, max: 4 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.4, max: 0.6 },
    },
  ],
  film: film(140, 160, 190),
  coats: 3,
  times: {
    temperature: celsius(22),
    potLife: 15 * minutes,
    flash: 2 * minutes,
    recoatFirst: 2 * minutes,
    recoatLast: 10 * minutes,
    handle: 90 * minutes,
    cure: 24 * hours,
  },
  limits: { air: air(18, 28), part: air(18, 28), humidity: { min: 0.2, max: 0.75 } },
  intervals: {},
  cleaner: 'acetone',
  cleanBy: 10 * minutes,
  pricePerVolume: 14_000,
});

export const depotWall = sheet('wall-paint', 'demo-depot-wall', 'Depot wall paint D2', {
  components: [part('base', 'D2 wall paint', 1, 1330, 0.38, 18, 0.5)],
  thinning: { thinners: [water], maximum: 0.05, by: 'volume', of: 'mix' },
  guns: [
    {
      atomising: 'airless',
      orifice: { min: 15 * 25.4e-6, max: 19 * 25.4e-6 },
      pressure: { min: 120 * bar, max: 160 * bar },
      pressureAt: 'tip',
      distance: { min: 0.28, max: 0.33 },
    },
  ],
  film: film(40, 48, 65),
  times: {
    temperature: celsius(20),
    flash: 120 * minutes,
    recoatFirst: 4 * hours,
    handle: 6 * hours,
    cure: 14 * 24 * hours,
  },
  limits: { air: air(8, 30), part: air(8, 35), humidity: { min: 0.2, max: 0.8 } },
  intervals: { stir: 60 * minutes },
  cleaner: 'clean water',
  cleanBy: 60 * minutes,
  pricePerVolume: 6_500,
});

export const blockFiller = sheet('filler-primer', 'demo-block-filler', 'Block filler F5', {
  components: [
    part('base', 'F5 filler', 4, 1480, 0.52, 400),
    part('hardener', 'F5 hardener', 1, 1050, 0.5, 390),
  ],
  tolerance: 0.05,
  vapour: xylene,
  thinning: {
    thinners: [thinner('f-thinner', 'F thinner', 'medium', 870, 0.85e-6, 12, 28)],
    maximum: 0.1,
    by: 'volume',
    of: 'mix',
  },
  target: { cupId: 'din-4', min: 25, max: 30, temperature: celsius(20) },
  viscosity: 160e-6,
  guns: [
    {
      atomising: 'conventional',
      bore: { min: 1.6e-3, max: 1.8e-3 },
      pressure: { min: 2.2 * bar, max: 2.8 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.18, max: 0.22 },
    },
  ],
  film: film(50, 65, 80),
  times: {
    temperature: celsius(20),
    potLife: 60 * minutes,
    flash: 10 * minutes,
    recoatFirst: 20 * minutes,
    sandable: 3 * hours,
    sandedFor: 3 * 24 * hours,
    cure: 24 * hours,
  },
  cleaner: 'C cleaning solvent',
  cleanBy: 40 * minutes,
  pricePerVolume: 24_000,
});

export const sealerEpoxy = sheet('epoxy-primer', 'demo-sealer-epoxy', 'Sealer epoxy E2', {
  components: [
    part('base', 'E2 epoxy', 3, 1360, 0.5, 390),
    part('hardener', 'E2 hardener', 1, 1020, 0.46, 420),
  ],
  tolerance: 0.05,
  vapour: xylene,
  thinning: {
    thinners: [thinner('e-thinner', 'E thinner', 'medium', 875, 0.9e-6, 12, 28)],
    maximum: 0.15,
    by: 'volume',
    of: 'mix',
  },
  target: { cupId: 'din-4', min: 19, max: 23, temperature: celsius(20) },
  viscosity: 140e-6,
  guns: [
    {
      atomising: 'compliant',
      bore: { min: 1.3e-3, max: 1.5e-3 },
      pressure: { min: 1.9 * bar, max: 2.3 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.16, max: 0.2 },
    },
  ],
  film: film(30, 40, 50),
  coats: 1,
  times: {
    temperature: celsius(20),
    induction: 15 * minutes,
    potLife: 4 * hours,
    flash: 15 * minutes,
    recoatFirst: 30 * minutes,
    recoatLast: 72 * hours,
    next: { first: 45 * minutes, last: 48 * hours },
    sandable: 12 * hours,
    cure: 7 * 24 * hours,
  },
  cleaner: 'C cleaning solvent',
  cleanBy: 60 * minutes,
  pricePerVolume: 33_000,
});

export const liningSilver = sheet('solvent-base', 'demo-lining-silver', 'Lining silver S7', {
  components: [part('base', 'S7 silver', 1, 940, 0.17, 720)],
  vapour: xylene,
  thinning: {
    thinners: [thinner('s-thinner', 'S thinner', 'medium', 865, 0.75e-6, 15, 28)],
    maximum: 0.6,
    by: 'volume',
    of: 'base',
  },
  target: { cupId: 'din-4', min: 16, max: 19, temperature: celsius(20) },
  viscosity: 90e-6,
  guns: [
    {
      atomising: 'compliant',
      bore: { min: 1.2e-3, max: 1.3e-3 },
      pressure: { min: 1.7 * bar, max: 2.1 * bar },
      pressureAt: 'inlet',
      distance: { min: 0.15, max: 0.2 },
    },
  ],
  film: film(6, 8, 10),
  coats: 2,
  times: {
    temperature: celsius(20),
    flash: 5 * minutes,
    recoatFirst: 10 * minutes,
    next: { first: 20 * minutes, last: 24 * hours },
    sandable: 60 * minutes,
    touch: 15 * minutes,
  },
  cleaner: 'C cleaning solvent',
  cleanBy: 60 * minutes,
  pricePerVolume: 52_000,
});

export const demoSheets = [
  satinLacquer,
  liveryColour,
  liveryClear,
  framePrimer,
  bracketEnamel,
  shellGelCoat,
  depotWall,
  blockFiller,
  sealerEpoxy,
  liningSilver,
];
