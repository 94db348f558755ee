import type { Can, Cup, Rig } from '@/records';

const mm = 1e-3;
const bar = 1e5;
/** The caps of the smaller sets are one and the same. */
const set = (bore: number) => ({
  id: `n${bore * 10}`,
  bore: bore * mm,
  needle: `N ${bore}`,
  nozzle: `F ${bore}`,
  cap: bore < 1.6 ? 'C 1' : 'C 2',
});

const rig = (id: string, name: string, says: Partial<Rig>): Rig => ({
  kind: 'rig',
  version: 2,
  id,
  name,
  atomising: 'hvlp',
  feed: 'gravity',
  air: 'compressor',
  sets: [],
  tips: [],
  dead: 40e-6,
  fan: 0.25,
  distance: 0.18,
  ...says,
});

export const turbine = rig('demo-turbine', 'Four-stage turbine, cup gun', {
  feed: 'pressure-cup',
  air: 'turbine',
  stages: 4,
  turbine: { sealed: 0.56 * bar, open: 2300e-3 / 60 },
  airDemand: 620e-3 / 60,
  airHose: { bore: 19e-3, length: 6 },
  sets: [set(1.0), set(1.3), set(1.5), set(1.8)],
  maxPressure: 0.52 * bar,
  driving: 15e3,
  cup: 1e-3,
  dead: 60e-6,
  fan: 0.23,
  distance: 0.17,
  handSpeed: 0.22,
});

export const gravityGun = rig('demo-gravity', 'Bay 2 gravity gun', {
  atomising: 'compliant',
  sets: [set(1.2), set(1.3), set(1.4)],
  maxPressure: 3 * bar,
  driving: 10e3,
  cup: 0.6e-3,
  fan: 0.26,
  handSpeed: 0.25,
  airDemand: 290e-3 / 60,
  airHose: { bore: 8e-3, length: 10, couplings: 2 },
  compressor: { delivers: 330e-3 / 60, tank: 0.1, high: 9 * bar, low: 6 * bar },
  airParts: [
    { id: 'a1', kind: 'regulator', name: 'bay 2 wall' },
    { id: 'a2', kind: 'separator', name: 'under the regulator', since: '2026-10-02' },
    { id: 'a3', kind: 'filter', name: 'coalescing', since: '2026-07-14' },
  ],
  viscosity: { cupId: 'din-4', min: 16, max: 22 },
});

export const pressurePot = rig('demo-pot', 'Casting bay pressure pot', {
  atomising: 'conventional',
  feed: 'pressure-pot',
  sets: [set(1.4), set(1.8)],
  maxPressure: 6 * bar,
  driving: 40e3,
  cup: 10e-3,
  dead: 250e-6,
  fan: 0.28,
  distance: 0.22,
  handSpeed: 0.5,
  airDemand: 420e-3 / 60,
  airHose: { bore: 10e-3, length: 15, couplings: 3 },
  fluidHose: { bore: 9.5e-3, length: 7.5 },
  compressor: { delivers: 330e-3 / 60, tank: 0.1, high: 9 * bar, low: 6 * bar },
});

export const cupGun = rig('demo-cupgun', 'Gel coat cup gun', {
  atomising: 'conventional',
  sets: [set(2.5), set(4.0)],
  maxPressure: 6 * bar,
  cup: 0.9e-3,
  dead: 80e-6,
  fan: 0.3,
  distance: 0.5,
  handSpeed: 0.45,
});

export const wallPump = rig('demo-airless', 'Depot airless pump', {
  atomising: 'airless',
  feed: 'pump',
  air: 'none',
  tips: ['515', '517', '519', '417'],
  maxPressure: 220 * bar,
  dead: 900e-6,
  fan: 0.254,
  distance: 0.305,
  handSpeed: 0.6,
  pump: { flow: 2.1e-3 / 60, guns: 1 },
  fluidHose: { bore: 6.4e-3, length: 15 },
  tipsWorn: { '517': { fan: 0.215 } },
});

export const demoRigs = [turbine, gravityGun, pressurePot, cupGun, wallPump];

const cup = (id: string, name: string, standardId: string): Cup => ({
  kind: 'cup',
  version: 1,
  id,
  name,
  standardId,
  checkedOn: '2026-08-03',
});

export const fordCup = cup('demo-cup-ford4', 'Ford cup 4, bench', 'ford-4');
export const dinCup = cup('demo-cup-din4', 'DIN cup 4, bay 2', 'din-4');
export const isoCup = cup('demo-cup-iso4', 'ISO cup 4, store', 'iso-4');
export const dipCup = cup('demo-cup-dip2', 'Dip cup 2, line', 'dip-2');
/** Its orifice has worn: the check liquid ran through too quickly. */
export const wornDip: Cup = {
  ...cup('demo-cup-dip3', 'Dip cup 3, drawer', 'dip-3'),
  checks: [{ on: '2026-08-03', seconds: 13.9, viscosity: 90e-6 }],
};
/** Drilled in the shop and calibrated on three oils. */
export const shopCup: Cup = {
  kind: 'cup',
  version: 1,
  id: 'demo-cup-shop',
  name: 'Shop cup, brass',
  own: {
    use: 'stand',
    liquids: [
      { name: 'oil A', seconds: 22.1, viscosity: 48e-6 },
      { name: 'oil B', seconds: 38.4, viscosity: 101e-6 },
      { name: 'oil C', seconds: 71.0, viscosity: 205e-6 },
    ],
  },
};
export const demoCups = [fordCup, dinCup, isoCup, dipCup, wornDip, shopCup];

/** Days from today, as a calendar day. */
const dayFrom = (now: number, days: number) => new Date(now + days * 86_400_000).toISOString().slice(0, 10);

/** Cans as they were before the diaries drew from them: id, sheet, part, lot, litres, days to the printed date, days since opening. Made a good while before. */
const cans = [
  ['demo-can-w20', 'demo-satin-lacquer', 'base', 'W20-118', 24, 220, 45],
  ['demo-can-w20b', 'demo-satin-lacquer', 'base', 'W20-121', 5, 330, undefined],
  ['demo-can-c4', 'demo-livery-colour', 'base', 'C4-0441', 1.6, 160, 40],
  ['demo-can-c4b', 'demo-livery-colour', 'base', 'C4-0450', 4, 250, undefined],
  ['demo-can-c4h', 'demo-livery-colour', 'hardener', 'CH-207', 1, 70, 12],
  ['demo-can-c9', 'demo-livery-clear', 'base', 'C9-310', 3, 190, 12],
  ['demo-can-c9h', 'demo-livery-clear', 'hardener', 'CH-198', 1.5, 45, 70],
  ['demo-can-m1', 'demo-frame-primer', 'base', 'M1-077', 7.5, -24, 49],
  ['demo-can-q3', 'demo-bracket-enamel', 'base', 'Q3-902', 15, 280, 30],
  ['demo-can-g7', 'demo-shell-gelcoat', 'resin', 'G7-055', 20, 95, 6],
  ['demo-can-g7c', 'demo-shell-gelcoat', 'catalyst', 'PC-12', 0.5, 50, 20],
  ['demo-can-f5', 'demo-block-filler', 'base', 'F5-031', 6, 210, 20],
  ['demo-can-f5h', 'demo-block-filler', 'hardener', 'FH-118', 1.5, 140, 20],
  ['demo-can-e2', 'demo-sealer-epoxy', 'base', 'E2-209', 3, 260, undefined],
  ['demo-can-e2h', 'demo-sealer-epoxy', 'hardener', 'EH-066', 1, 180, undefined],
  ['demo-can-s7', 'demo-lining-silver', 'base', 'S7-412', 1, 300, 8],
  ['demo-can-d2', 'demo-depot-wall', 'base', 'D2-664', 105, 300, 1],
] as const;

/** Of what comes in brush grade too, these tins say spray. */
const sprayGrade: ReadonlySet<string> = new Set(['demo-can-m1', 'demo-can-q3', 'demo-can-g7']);

export const demoCans = (now: number): Can[] =>
  cans.map(([id, coatingId, componentId, lot, litres, printed, opened]) => ({
    kind: 'can',
    version: 1,
    id,
    coatingId,
    componentId,
    lot,
    left: litres / 1000,
    ...(sprayGrade.has(id) ? { grade: 'spray' as const } : {}),
    made: dayFrom(now, -60),
    useBefore: dayFrom(now, printed),
    ...(opened === undefined ? {} : { opened: dayFrom(now, -opened) }),
  }));
