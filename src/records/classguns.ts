import type { Coating, CoatingClass } from './coating';

type Gun = Coating['guns'][number];

/** How each family of air gun is set to begin with, whatever it sprays: bar, and where it is read; m off the work. */
// prettier-ignore
const airFamilies = [
  { atomising: 'hvlp', bar: [0.35, 0.65], pressureAt: 'cap', off: [0.15, 0.2] },
  { atomising: 'compliant', bar: [1.5, 2.2], pressureAt: 'inlet', off: [0.15, 0.2] },
  { atomising: 'low-volume', bar: [1, 2], pressureAt: 'inlet', off: [0.13, 0.18] },
  { atomising: 'conventional', bar: [2.5, 3.5], pressureAt: 'inlet', off: [0.18, 0.23] },
] as const;

interface Fits {
  /** mm of an air gun’s nozzle. */
  readonly bore: readonly [number, number];
  /** Thousandths of an inch of an airless tip. */
  readonly orifice: readonly [number, number];
  /** bar at the tip. */
  readonly bar: readonly [number, number];
}

/** What fits each class: nozzles as the trade states them; tips by how coarse it is and how thick it goes on. Defaults. */
// prettier-ignore
const fits: Record<CoatingClass, Fits> = {
  'solvent-base': { bore: [1.2, 1.4], orifice: [7, 9], bar: [70, 120] },
  'water-base': { bore: [1.2, 1.3], orifice: [7, 9], bar: [70, 120] },
  'two-part-clear': { bore: [1.2, 1.4], orifice: [9, 11], bar: [80, 140] },
  'two-part-colour': { bore: [1.3, 1.5], orifice: [9, 11], bar: [80, 140] },
  'epoxy-primer': { bore: [1.4, 1.8], orifice: [11, 15], bar: [110, 180] },
  'etch-primer': { bore: [1.2, 1.4], orifice: [7, 9], bar: [70, 120] },
  'filler-primer': { bore: [1.6, 2.0], orifice: [13, 17], bar: [120, 180] },
  'sprayed-filler': { bore: [2.0, 2.5], orifice: [19, 25], bar: [120, 180] },
  'gel-coat': { bore: [2.5, 5.0], orifice: [19, 25], bar: [100, 150] },
  'water-lacquer': { bore: [1.2, 1.5], orifice: [9, 13], bar: [80, 140] },
  'two-part-water': { bore: [1.2, 1.5], orifice: [9, 13], bar: [80, 140] },
  'furniture-paint': { bore: [1.6, 2.2], orifice: [11, 15], bar: [100, 160] },
  'moisture-curing': { bore: [1.4, 1.5], orifice: [11, 13], bar: [100, 160] },
  'quick-enamel': { bore: [1.4, 1.8], orifice: [9, 13], bar: [80, 140] },
  'wall-paint': { bore: [1.8, 2.5], orifice: [13, 19], bar: [110, 180] },
  elastomeric: { bore: [2.5, 3.5], orifice: [21, 35], bar: [140, 200] },
};

/** Classes made for an airless: it comes first, and an air gun is the second choice. */
export const airlessFirst = (of: CoatingClass): boolean => of === 'wall-paint' || of === 'elastomeric';

const span = ([min, max]: readonly [number, number], unit: number) => ({
  min: Number((min * unit).toPrecision(6)),
  max: Number((max * unit).toPrecision(6)),
});

/** How each family of gun is set up for a class, the usual one first: defaults, until a sheet says otherwise. */
export function classGuns(of: CoatingClass): Gun[] {
  const { bore, orifice, bar } = fits[of];
  const air = airFamilies.map(({ atomising, bar: own, pressureAt, off }): Gun => ({
    atomising,
    bore: span(bore, 1e-3),
    pressure: span(own, 1e5),
    pressureAt,
    distance: span(off, 1),
  }));
  const airless: Gun = {
    atomising: 'airless',
    orifice: span(orifice, 0.0254e-3),
    pressure: span(bar, 1e5),
    pressureAt: 'tip',
    distance: { min: 0.28, max: 0.33 },
  };
  return airlessFirst(of) ? [airless, ...air] : [...air, airless];
}

/** What a new gun for a class is fitted with: the middle nozzle, or a tip with a fan a hand of usual speed can follow. */
export function usualFitting(of: CoatingClass): { readonly bore: number; readonly tip: string } {
  const { bore, orifice } = fits[of];
  const middle = (bore[0] + bore[1]) / 2;
  const thousandths = 2 * Math.floor((orifice[0] + orifice[1]) / 4) + 1;
  return {
    bore: Number((Math.round(middle * 10) * 1e-4).toPrecision(3)),
    tip: `${airlessFirst(of) ? 5 : 4}${String(thousandths).padStart(2, '0')}`,
  };
}
