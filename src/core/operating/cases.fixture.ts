/**
 * What a finisher says of a nozzle or a tip for one paint and one coat, written down by hand before there was a line of
 * code to agree with.
 */
export interface VerdictCase {
  readonly says: string;
  readonly gun: {
    readonly kind: 'hvlp' | 'compliant' | 'conventional' | 'airless';
    readonly feed?: 'gravity' | 'suction' | 'pressure-cup' | 'pressure-pot';
    /** mm of the nozzle, and those the sheet names. */
    readonly bore?: number;
    readonly sheet?: readonly [number, number];
    /** Code of the tip, the thousandths of an inch the sheet names, bar at the tip and the bar it may have. */
    readonly tip?: string;
    readonly orifices?: readonly [number, number];
    readonly bar?: number;
    readonly bars?: readonly [number, number];
    /** mL/min of the pump. */
    readonly pump?: number;
    /** mm; of air guns. */
    readonly fan?: number;
    /** m/s that the hand was measured at; nobody measured it where it is left out. */
    readonly hand?: number;
    /** mPa·s the maker of the gun allows. */
    readonly maker?: readonly [number, number];
  };
  readonly paint: {
    /** mPa·s now, and the thin and thick end it may be thinned to; without them it is sprayed as supplied. */
    readonly now: number;
    readonly band?: readonly [number, number];
    /** kg/m³ */
    readonly density?: number;
  };
  /** µm wet */
  readonly wet: number;
  readonly verdict: 'first' | 'usable' | 'thin' | 'no';
}

type Gun = VerdictCase['gun'];
type Paint = VerdictCase['paint'];

const base: Paint = { now: 43, band: [34, 52], density: 950 };
const clear: Paint = { now: 55, band: [39, 69], density: 980 };
const colour: Paint = { now: 74, band: [58, 92], density: 1150 };
const epoxy: Paint = { now: 123, band: [95, 162], density: 1350 };
const filler: Paint = { now: 200, band: [130, 218], density: 1450 };
const sprayFiller: Paint = { now: 559, band: [375, 750], density: 1500 };
const gel: Paint = { now: 600, density: 1200 };
const lacquer: Paint = { now: 99, band: [62, 135], density: 1040 };
const waterTwo: Paint = { now: 64, band: [42, 84], density: 1050 };
const furniture: Paint = { now: 303, band: [203, 405], density: 1350 };
const moisture: Paint = { now: 73, band: [48, 96], density: 1200 };
const enamel: Paint = { now: 67, band: [52, 80], density: 1150 };
const stain: Paint = { now: 15, density: 900 };
const wall: Paint = { now: 130, density: 1320 };
const elastomeric: Paint = { now: 135, density: 1350 };

const gravity = (bore: number, more: Partial<Gun> = {}): Gun => ({
  kind: 'hvlp',
  feed: 'gravity',
  bore,
  ...more,
});
const tip = (code: string, bar: number, more: Partial<Gun> = {}): Gun => ({
  kind: 'airless',
  tip: code,
  bar,
  ...more,
});
const row = (
  says: string,
  gun: Gun,
  paint: Paint,
  wet: number,
  verdict: VerdictCase['verdict'],
): VerdictCase => ({ says, gun, paint, wet, verdict });

const bases = { sheet: [1.2, 1.4] } as const;
const clears = { sheet: [1.2, 1.4] } as const;
const colours = { sheet: [1.3, 1.5] } as const;
const epoxies = { sheet: [1.4, 1.8] } as const;
const fillers = { sheet: [1.6, 2.0] } as const;
const sprayFillers = { sheet: [2.0, 2.5] } as const;
const gels = { sheet: [2.5, 5.0] } as const;
const lacquers = { sheet: [1.2, 1.5] } as const;
const furnitures = { sheet: [1.6, 2.2] } as const;
const moistures = { sheet: [1.4, 1.5] } as const;
const enamels = { sheet: [1.4, 1.8] } as const;
const walls = { orifices: [13, 19], bars: [110, 180] } as const;
const elastomerics = { orifices: [21, 35], bars: [140, 200] } as const;
const fines = { orifices: [9, 11], bars: [80, 140] } as const;

// prettier-ignore
export const verdictCases: readonly VerdictCase[] = [
  row('thin base, the nozzle of the sheet, a hand nobody measured', gravity(1.3, bases), base, 45, 'first'),
  row('the same in a hand of 0.40 m/s: it would have to go slower', gravity(1.3, { ...bases, hand: 0.4 }), base, 45, 'usable'),
  row('the same in a slow hand', gravity(1.3, { ...bases, hand: 0.3 }), base, 45, 'first'),
  row('base from a filler nozzle: it passes, but nobody wrote that down', gravity(1.8, bases), base, 45, 'usable'),
  row('base from a 2.5: off the sheet, and the needle barely opens', gravity(2.5, bases), base, 45, 'no'),
  row('base from a 0.8', gravity(0.8, bases), base, 45, 'no'),
  row('a wet coat of clear over a wide fan: slowly', gravity(1.3, clears), clear, 60, 'usable'),
  row('the same over a fan of 200 mm', gravity(1.3, { ...clears, fan: 200 }), clear, 60, 'first'),
  row('clear in a hand of 0.25 m/s: a little slower than it likes', gravity(1.3, { ...clears, hand: 0.25 }), clear, 60, 'usable'),
  row('clear pushed by a pressure cup', gravity(1.3, { ...clears, feed: 'pressure-cup' }), clear, 60, 'first'),
  row('clear from a 1.0: it starves, whatever is done to it', gravity(1.0, clears), clear, 60, 'no'),
  row('a drop coat of clear at half the film', gravity(1.3, clears), clear, 30, 'first'),
  row('clear straight from the tin, the sheet has it thinned', gravity(1.3, clears), { ...clear, now: 150 }, 60, 'thin'),
  row('colour, the nozzle of the sheet', gravity(1.4, colours), colour, 60, 'usable'),
  row('colour over a fan of 200 mm', gravity(1.4, { ...colours, fan: 200 }), colour, 60, 'first'),
  row('colour from a 1.8', gravity(1.8, colours), colour, 60, 'usable'),
  row('colour from a pot at 1.0: the pot pushes enough, but off the sheet', gravity(1.0, { ...colours, feed: 'pressure-pot' }), colour, 60, 'usable'),
  row('colour from a pot at 1.3', gravity(1.3, { ...colours, feed: 'pressure-pot' }), colour, 60, 'first'),
  row('epoxy from a 1.6 by gravity: slowly', gravity(1.6, epoxies), epoxy, 90, 'usable'),
  row('epoxy from a 1.8 with a pressure cup', gravity(1.8, { ...epoxies, feed: 'pressure-cup' }), epoxy, 90, 'first'),
  row('epoxy from a clear’s nozzle', gravity(1.3, epoxies), epoxy, 90, 'no'),
  row('epoxy nobody has thinned yet', gravity(1.6, epoxies), { ...epoxy, now: 300 }, 90, 'thin'),
  row('a heavy filler by gravity: with the fan drawn in', gravity(1.8, fillers), filler, 130, 'usable'),
  row('filler from a 2.0 with a pressure cup', gravity(2.0, { ...fillers, feed: 'pressure-cup' }), filler, 130, 'first'),
  row('filler from a clear’s nozzle', gravity(1.3, fillers), filler, 130, 'no'),
  row('filler as thick as it comes', gravity(1.8, fillers), { ...filler, now: 600 }, 130, 'thin'),
  row('sprayed filler from the widest the sheet names', gravity(2.5, sprayFillers), sprayFiller, 260, 'usable'),
  row('sprayed filler from a 1.8', gravity(1.8, sprayFillers), sprayFiller, 260, 'no'),
  row('gel coat from a 4.0 cup gun', gravity(4.0, gels), gel, 184, 'first'),
  row('gel coat from the narrowest the sheet names: slowly, never thinner', gravity(2.5, gels), gel, 184, 'usable'),
  row('gel coat from a 1.8: no thinner helps, for it takes none', gravity(1.8, gels), gel, 184, 'no'),
  row('gel coat from a pot at 2.5', gravity(2.5, { ...gels, feed: 'pressure-pot' }), gel, 184, 'first'),
  row('lacquer in one heavy coat by gravity: with the fan drawn in', gravity(1.4, lacquers), lacquer, 90, 'usable'),
  row('lacquer in a pressure cup at 1.5: slowly', gravity(1.5, { ...lacquers, feed: 'pressure-cup' }), lacquer, 90, 'usable'),
  row('lacquer at half the film, a bed coat', gravity(1.4, lacquers), lacquer, 45, 'first'),
  row('lacquer as thick as it comes', gravity(1.4, lacquers), { ...lacquer, now: 250 }, 90, 'thin'),
  row('two-part water-borne from a pot', gravity(1.5, { ...lacquers, feed: 'pressure-pot' }), waterTwo, 110, 'first'),
  row('two-part water-borne from a 1.0 by gravity', gravity(1.0, lacquers), waterTwo, 110, 'no'),
  row('furniture paint by gravity: with the fan drawn in', gravity(1.8, furnitures), furniture, 100, 'usable'),
  row('furniture paint from a 2.2 with a pressure cup', gravity(2.2, { ...furnitures, feed: 'pressure-cup' }), furniture, 100, 'first'),
  row('furniture paint from a clear’s nozzle', gravity(1.3, furnitures), furniture, 100, 'no'),
  row('furniture paint unthinned from a clear’s nozzle: thinning does not save it', gravity(1.3, furnitures), { ...furniture, now: 800 }, 100, 'no'),
  row('moisture-curing over a fan of 220 mm', gravity(1.5, { ...moistures, fan: 220 }), moisture, 65, 'first'),
  row('moisture-curing from a 1.2: it takes hardly any thinner', gravity(1.2, moistures), moisture, 65, 'no'),
  row('enamel, the nozzle of the sheet', gravity(1.6, enamels), enamel, 75, 'first'),
  row('enamel from a 2.0', gravity(2.0, enamels), enamel, 75, 'usable'),
  row('enamel in a fast hand', gravity(1.6, { ...enamels, hand: 0.6 }), enamel, 75, 'usable'),
  row('enamel in a slow hand', gravity(1.6, { ...enamels, hand: 0.2 }), enamel, 75, 'first'),
  row('enamel from a suction gun that loses two thirds', gravity(1.6, { ...enamels, kind: 'conventional', feed: 'suction' }), enamel, 75, 'usable'),
  row('base from a conventional gun on a pot', gravity(1.2, { ...bases, kind: 'conventional', feed: 'pressure-pot' }), base, 45, 'first'),
  row('a stain from a 2.0: the needle is hard to hold so far shut', gravity(2.0), stain, 30, 'usable'),
  row('a stain from a 3.0', gravity(3.0), stain, 30, 'no'),
  row('a gun whose maker allows less than the sheet’s thinnest', gravity(1.4, { ...colours, maker: [15, 40] }), colour, 60, 'no'),
  row('a gun whose maker asks for it thinner, within the sheet', gravity(1.3, { ...clears, fan: 200, maker: [20, 50] }), clear, 60, 'thin'),
  row('wall paint from a 517', tip('517', 150, walls), wall, 125, 'first'),
  row('wall paint from a 513: slower', tip('513', 150, walls), wall, 125, 'first'),
  row('wall paint from a 531: nobody runs that fast', tip('531', 150, walls), wall, 125, 'no'),
  row('wall paint from a fine-finish tip', tip('509', 150, walls), wall, 125, 'no'),
  row('a 517 in a hand of 0.38 m/s: faster than it likes, or softer', tip('517', 150, { ...walls, hand: 0.38 }), wall, 125, 'usable'),
  row('a 517 on a pump for half of it', tip('517', 150, { ...walls, pump: 600 }), wall, 125, 'no'),
  row('elastomeric from a 529', tip('529', 170, elastomerics), elastomeric, 350, 'first'),
  row('elastomeric from a wall tip', tip('517', 170, elastomerics), elastomeric, 350, 'no'),
  row('clear from a 411', tip('411', 110, fines), clear, 60, 'first'),
  row('clear from a 310', tip('310', 110, fines), clear, 60, 'first'),
  row('clear from a 515: it floods', tip('515', 110, fines), clear, 60, 'no'),
  row('lacquer from a 311', tip('311', 110, { orifices: [9, 13], bars: [80, 140] }), lacquer, 90, 'first'),
];
