import type { Chemistry } from '@/core/care';
import { celsius } from '@/core/climate';
import { cupsThatRead, flowCup, secondsFromViscosity, type FlowCup } from '@/core/cups';
import type { Hazard } from '@/core/safety';
import { classGuns } from './classguns';
import type { Coating, CoatingClass } from './coating';

/** Typical values of a class, in the units the trade states them in. */
interface Typical {
  readonly words: string;
  readonly chemistry: Chemistry;
  /** kg/L, volume share. */
  readonly density: number;
  readonly solids: number;
  /** mm²/s; none where no cup applies. */
  readonly band?: readonly [number, number];
  /** µm wet, one coat. */
  readonly wet: number;
  /** min at 20–23 °C: flash, first recoat, and last where there is one. */
  readonly flash: number;
  readonly recoat: number;
  readonly recoatLast?: number;
  readonly potLife?: number;
  /** min until it is hard enough to abrade. */
  readonly sandable: number;
  /** Share a kelvin. */
  readonly slope: number;
  readonly hazards: readonly Hazard[];
  readonly twoPart?: boolean;
  /** The most thinner, a share of the mix by volume, where it is less than usual. */
  readonly thins?: number;
  /** Parts of peroxide by mass to 100 of resin: a polyester is never 4 : 1. */
  readonly peroxide?: number;
}

/** The most thinner without a sheet’s word: where one says more, it says so. */
const usualMost = 0.1;

const solventborne: readonly Hazard[] = ['flammable', 'solvent', 'dust'];
const waterborne: readonly Hazard[] = ['dust'];
const isocyanate: readonly Hazard[] = ['isocyanate', 'flammable', 'solvent', 'dust'];

/** Typical values by class: defaults, shown as such until a sheet confirms them. */
// prettier-ignore
const typical: Record<CoatingClass, Typical> = {
  'solvent-base': { words: 'Solvent-borne base', chemistry: 'solvent-borne', density: 0.95, solids: 0.18, band: [35, 55], wet: 45, flash: 5, recoat: 10, sandable: 60, slope: 0.03, hazards: solventborne },
  'water-base': { words: 'Water-borne base', chemistry: 'water-borne', density: 1.02, solids: 0.16, band: [60, 100], wet: 45, flash: 15, recoat: 20, sandable: 60, slope: 0.025, hazards: waterborne },
  'two-part-clear': { words: 'Two-part clear', chemistry: 'two-part', density: 0.98, solids: 0.48, band: [40, 70], wet: 60, flash: 8, recoat: 15, recoatLast: 1440, potLife: 120, sandable: 720, slope: 0.03, hazards: isocyanate, twoPart: true },
  'two-part-colour': { words: 'Two-part colour', chemistry: 'two-part', density: 1.15, solids: 0.5, band: [50, 80], wet: 60, flash: 10, recoat: 15, recoatLast: 1440, potLife: 180, sandable: 720, slope: 0.03, hazards: isocyanate, twoPart: true },
  'epoxy-primer': { words: 'Epoxy primer', chemistry: 'two-part', density: 1.35, solids: 0.5, band: [70, 120], wet: 90, flash: 15, recoat: 30, recoatLast: 4320, potLife: 240, sandable: 720, slope: 0.06, hazards: [...solventborne, 'sensitiser'], twoPart: true },
  'etch-primer': { words: 'Acid etch primer', chemistry: 'solvent-borne', density: 0.92, solids: 0.09, band: [25, 40], wet: 90, flash: 10, recoat: 20, recoatLast: 480, potLife: 480, sandable: 1440, slope: 0.03, hazards: solventborne, twoPart: true },
  'filler-primer': { words: 'Filler primer', chemistry: 'two-part', density: 1.45, solids: 0.5, band: [90, 150], wet: 130, flash: 10, recoat: 20, potLife: 60, sandable: 180, slope: 0.03, hazards: isocyanate, twoPart: true },
  'sprayed-filler': { words: 'Sprayed polyester filler', chemistry: 'polyester', density: 1.5, solids: 0.88, band: [250, 500], wet: 250, flash: 10, recoat: 15, potLife: 30, sandable: 150, slope: 0.04, hazards: ['styrene', 'peroxide', 'flammable', 'dust'], twoPart: true, peroxide: 3, thins: 0 },
  'gel-coat': { words: 'Gel coat', chemistry: 'polyester', density: 1.2, solids: 0.88, wet: 180, flash: 1, recoat: 3, recoatLast: 10, potLife: 15, sandable: 240, slope: 0.04, hazards: ['styrene', 'peroxide', 'flammable'], twoPart: true, peroxide: 2, thins: 0 },
  'water-lacquer': { words: 'Water-borne lacquer', chemistry: 'water-borne', density: 1.04, solids: 0.32, band: [60, 130], wet: 90, flash: 40, recoat: 60, sandable: 60, slope: 0.025, hazards: waterborne },
  'two-part-water': { words: 'Two-part water-borne', chemistry: 'water-borne', density: 1.05, solids: 0.36, band: [40, 80], wet: 110, flash: 60, recoat: 120, recoatLast: 1440, potLife: 120, sandable: 480, slope: 0.025, hazards: ['isocyanate', 'dust'], twoPart: true, thins: 0.05 },
  'furniture-paint': { words: 'Decorative furniture paint', chemistry: 'water-borne', density: 1.35, solids: 0.4, band: [150, 300], wet: 100, flash: 60, recoat: 60, sandable: 120, slope: 0.025, hazards: waterborne },
  'moisture-curing': { words: 'Moisture-curing coating', chemistry: 'moisture-curing', density: 1.2, solids: 0.52, band: [40, 80], wet: 65, flash: 60, recoat: 120, recoatLast: 480, sandable: 480, slope: 0.03, hazards: isocyanate, thins: 0.05 },
  'quick-enamel': { words: 'Quick-dry enamel', chemistry: 'oil-based', density: 1.15, solids: 0.4, band: [45, 70], wet: 75, flash: 10, recoat: 20, sandable: 240, slope: 0.03, hazards: [...solventborne, 'oxidising-oil'] },
  'wall-paint': { words: 'Wall paint', chemistry: 'water-borne', density: 1.32, solids: 0.38, wet: 125, flash: 120, recoat: 240, sandable: 240, slope: 0.025, hazards: waterborne, thins: 0.05 },
  elastomeric: { words: 'Elastomeric wall coating', chemistry: 'water-borne', density: 1.35, solids: 0.5, wet: 350, flash: 240, recoat: 1440, sandable: 1440, slope: 0.025, hazards: waterborne, thins: 0.02 },
};

export const classWords = (of: CoatingClass): string => typical[of].words;

/** Everything a class sheet takes from the table rather than from paper. */
const assumed = [
  'components',
  'thinning',
  'target',
  'temperatureSlope',
  'guns',
  'film',
  'times',
  'limits',
  'intervals',
  'hazards',
];

/**
 * A new sheet filled with the typical values of its class, every one marked as assumed.
 *
 * @param today calendar day, ISO
 */
export function classSheet(of: CoatingClass, id: string, name: string, today: string): Coating {
  const t = typical[of];
  const um = 1e-6;
  const minutes = 60;
  const water = t.chemistry === 'water-borne';
  const dry = t.wet * t.solids * um;
  const voc = water ? 60 : 420;
  const base = {
    id: 'base',
    name: t.twoPart ? 'Base' : name,
    parts: t.peroxide ? 100 : t.twoPart ? 4 : 1,
    density: t.density * 1000,
    volumeSolids: t.solids,
    voc,
    water: water ? 0.55 : 0,
    exempt: 0,
  };
  const hardener = {
    id: 'hardener',
    name: t.peroxide ? 'Peroxide catalyst' : 'Hardener',
    parts: t.peroxide ?? 1,
    density: t.peroxide ? 1150 : 1050,
    volumeSolids: t.peroxide ? 0 : t.solids,
    voc: water || t.peroxide ? 0 : 350,
    water: 0,
    exempt: 0,
  };
  const thinner = water
    ? { id: 'water', name: 'Water', density: 998, viscosity: 1e-6, voc: 0, water: 1, exempt: 0 }
    : t.peroxide
      ? // As supplied, until the sheet allows some: nothing else goes into a polyester.
        { id: 'styrene', name: 'Styrene', density: 906, viscosity: 0.8e-6, voc: 906, water: 0, exempt: 0 }
      : {
          id: 'thinner',
          name: 'Standard thinner',
          density: 870,
          viscosity: 0.9e-6,
          voc: 870,
          water: 0,
          exempt: 0,
        };
  return {
    kind: 'coating',
    version: 2,
    id,
    name,
    class: of,
    chemistry: t.chemistry,
    sheetRevision: '',
    checkedOn: today,
    components: t.twoPart ? [base, hardener] : [base],
    ratioBy: t.peroxide ? 'mass' : 'volume',
    thinning: { thinners: [thinner], maximum: t.thins ?? usualMost, by: 'volume', of: 'mix' },
    ...(t.band ? { target: bandInCup(t.band) } : {}),
    temperatureSlope: t.slope,
    guns: classGuns(of),
    film: { min: dry * 0.85, aim: dry, max: dry * 1.2 },
    coats: 2,
    times: {
      temperature: celsius(20),
      ...(t.potLife ? { potLife: t.potLife * minutes } : {}),
      flash: t.flash * minutes,
      recoatFirst: t.recoat * minutes,
      ...(t.recoatLast ? { recoatLast: t.recoatLast * minutes } : {}),
      sandable: t.sandable * minutes,
    },
    limits: {
      air: { min: celsius(15), max: celsius(30) },
      part: { min: celsius(12), max: celsius(35) },
      humidity: { min: 0.3, max: 0.75 },
    },
    intervals: { stir: 20 * minutes, retime: 60 * minutes },
    hazards: [...t.hazards],
    blendable: of !== 'water-lacquer' && of !== 'gel-coat' && of !== 'two-part-water',
    assumed: [...assumed],
  };
}

/** The class band in whole seconds of a stand cup that reads it inside its range. */
function bandInCup([min, max]: readonly [number, number]): NonNullable<Coating['target']> {
  const middle = ((min + max) / 2) * 1e-6;
  const cup =
    cupsThatRead(middle).find(({ standard }) => standard === 'ISO 2431') ?? (flowCup('iso-4') as FlowCup);
  const seconds = (nu: number) => Math.round(secondsFromViscosity(cup, nu * 1e-6) as number);
  return { cupId: cup.id, min: seconds(min), max: seconds(max), temperature: cup.temperature };
}
