import { celsius } from '../climate/temperature';

/**
 * How a cup turns seconds into kinematic viscosity, t in s and ν in mm²/s:
 * `inverse` ν = A·t − B/t; `offset` ν = A·(t − t₀).
 */
export type CupFormula =
  | { readonly kind: 'inverse'; readonly A: number; readonly B: number }
  | { readonly kind: 'offset'; readonly A: number; readonly t0: number };

export interface FlowCup {
  readonly id: string;
  readonly name: string;
  readonly standard: string;
  /** A stand cup is timed from opening its orifice; a dip cup from its rim leaving the surface. */
  readonly use: 'stand' | 'dip';
  readonly formula: CupFormula;
  /** Seconds between which the standard lets the cup be read. */
  readonly valid: { readonly min: number; readonly max: number };
  /** K, the temperature of the standard. */
  readonly temperature: number;
  /** Its seconds compare only with its own: there is no viscosity behind them. */
  readonly relative?: true;
}

type Row = readonly [id: string, A: number, second: number, min: number, max: number];

const family = (
  standard: string,
  name: string,
  use: FlowCup['use'],
  kind: CupFormula['kind'],
  degrees: number,
  rows: readonly Row[],
): FlowCup[] =>
  rows.map(([id, A, second, min, max]) => ({
    id,
    name: `${name} ${id.split('-')[1]}`,
    standard,
    use,
    formula: kind === 'inverse' ? { kind, A, B: second } : { kind, A, t0: second },
    valid: { min, max },
    temperature: celsius(degrees),
  }));

/** The standards' cups. Sources: ISO 2431, ASTM D1200, ASTM D4212, DIN 53211 (withdrawn). */
export const flowCups: readonly FlowCup[] = [
  ...family('ISO 2431', 'ISO cup', 'stand', 'inverse', 23, [
    ['iso-3', 0.443, 200, 30, 100],
    ['iso-4', 1.37, 200, 30, 100],
    ['iso-5', 3.28, 220, 30, 100],
    ['iso-6', 6.9, 570, 30, 100],
  ]),
  ...family('ASTM D1200', 'Ford cup', 'stand', 'offset', 25, [
    ['ford-1', 0.49, 35.0, 55, 100],
    ['ford-2', 1.44, 18.0, 40, 100],
    ['ford-3', 2.31, 6.58, 20, 100],
    ['ford-4', 3.85, 4.49, 20, 100],
    ['ford-5', 12.1, 2.0, 20, 100],
  ]),
  ...family('ASTM D4212', 'Dip cup', 'dip', 'offset', 25, [
    ['dip-1', 1.1, 29, 35, 80],
    ['dip-2', 3.5, 14, 20, 80],
    ['dip-3', 11.7, 7.5, 20, 80],
    ['dip-4', 14.8, 5, 20, 80],
    ['dip-5', 23, 0, 20, 80],
  ]),
  ...family('DIN 53211 (withdrawn)', 'DIN cup', 'stand', 'inverse', 20, [['din-4', 4.57, 452, 25, 150]]),
];

/**
 * A shop cup without papers. Its seconds stand for themselves: one second is taken as one mm²/s, which serves to
 * compare it with itself and for nothing else.
 *
 * Source: ISO 2431, ASTM D1200, ASTM D4212, DIN 53211
 * @example relativeCup('shop', 'Shop cup', 'dip') → { id: 'shop', name: 'Shop cup', standard: 'own, not calibrated', use: 'dip', formula: { kind: 'offset', A: 1, t0: 0 }, valid: { min: 10, max: 120 }, temperature: 293.15, relative: true }
 */
export const relativeCup = (id: string, name: string, use: FlowCup['use']): FlowCup => ({
  id,
  name,
  standard: 'own, not calibrated',
  use,
  formula: { kind: 'offset', A: 1, t0: 0 },
  valid: { min: 10, max: 120 },
  temperature: celsius(20),
  relative: true,
});

/**
 * A standard cup by its id.
 *
 * Source: ISO 2431, ASTM D1200, ASTM D4212, DIN 53211
 * @example flowCup('iso-4') → { id: 'iso-4', name: 'ISO cup 4', standard: 'ISO 2431', use: 'stand', formula: { kind: 'inverse', A: 1.37, B: 200 }, valid: { min: 30, max: 100 }, temperature: 296.15 }
 */
export const flowCup = (id: string): FlowCup | undefined => flowCups.find((cup) => cup.id === id);
