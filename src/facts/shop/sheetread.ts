import { celsius } from '@/core/climate';
import { flowCup, viscosityFromSeconds } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import {
  doubtful,
  type AdditiveRead,
  type FilmRead,
  type SheetFact,
  type SheetFacts,
  type SheetReading,
  type Span,
} from '@/core/sheet';
import type { Hazard } from '@/core/safety';
import { sheetAsMixed } from '../job';
import { dewWanted } from '../job/dewwanted';
import type { Coating, CoatingClass, Component, GunAdvice, Thinner } from '@/records';

const signs: readonly (readonly [CoatingClass, RegExp])[] = [
  ['gel-coat', /gel[\s-]?coat/i],
  ['sprayed-filler', /(?:spray\w*|polyester)[\s\S]{0,24}filler|filler[\s\S]{0,30}polyester|spachtel/i],
  ['etch-primer', /(?:etch|wash)[\s-]?primer|vinyl butyral/i],
  ['moisture-curing', /moisture[\s-]?cur/i],
  ['elastomeric', /elastomer/i],
  ['wall-paint', /(?:wall|masonry|fa[cç]ade|interior|emulsion)[\s-]?(?:paint|matt|coating)/i],
  ['furniture-paint', /furniture paint|chalk paint|decorative/i],
  ['epoxy-primer', /epox/i],
  [
    'filler-primer',
    /(?:filler|surfacer|high[\s-]build)[\s-]?primer|primer[\s-]?(?:filler|surfacer)|f[uü]ller/i,
  ],
];

/** Which class a paper is of, by its words and by its ratio: a guess that somebody confirms. */
export function classGuess(text: string, { ratio }: SheetFacts): CoatingClass {
  const told = signs.find(([, pattern]) => pattern.test(text));
  if (told) return told[0];
  const water = /water[\s-]?(?:borne|based)|aqua|wasser|[aà] l.eau/i.test(text);
  const base = /base[\s-]?coat|\bbase \d|metallic|basislack/i.test(text);
  if (ratio)
    return water
      ? 'two-part-water'
      : /clear|lacquer|varnish|klar|vernis/i.test(text.slice(0, 400))
        ? 'two-part-clear'
        : 'two-part-colour';
  if (base) return water ? 'water-base' : 'solvent-base';
  return water ? 'water-lacquer' : 'quick-enamel';
}

/** Facts nobody takes over without a person who says that the paper reads so. */
export const personal: readonly SheetFact[] = ['ratio', 'hazards'];

/** What is taken over before anybody has looked: what is sure, and needs no person. */
export function takenAtFirst({ facts, evidence }: SheetReading): Set<SheetFact> {
  return new Set(
    (Object.keys(facts) as SheetFact[]).filter(
      (fact) => !personal.includes(fact) && (evidence[fact]?.sure ?? 0) >= doubtful,
    ),
  );
}

const warned: Partial<Record<string, Hazard>> = {
  isocyanate: 'isocyanate',
  peroxide: 'peroxide',
  flammable: 'flammable',
  solvent: 'solvent',
  dust: 'dust',
  oil: 'oxidising-oil',
  styrene: 'styrene',
  skin: 'sensitiser',
};

type Additive = NonNullable<Coating['additives']>[number];

const middle = ({ min, max }: { readonly min: number; readonly max: number }): number => (min + max) / 2;

/**
 * A sheet with what was taken from its paper; the rest stays as it stood.
 *
 * @param sheet a class sheet, or the one the shop holds of this product
 * @param taken the facts somebody lets in
 */
export function withPaper(sheet: Coating, facts: SheetFacts, taken: ReadonlySet<SheetFact>): Coating {
  const own = Object.fromEntries(
    Object.entries(facts).filter(([fact]) => taken.has(fact as SheetFact)),
  ) as SheetFacts;
  const { name, issue, ratio, thinner, band, dry, wet, coats, air, part, shelfLife, hazards } = own;
  const components = partsOf(sheet, own);
  const times = timesOf(sheet.times, own);
  const unthinned = own.supplied && thickness(own.supplied);
  // A group counts as read only where the paper states all of it: what it leaves out would pass for the paper’s.
  const named = own.guns?.every(
    ({ bore, orifice, pressure, pressureAt, distance }) =>
      (bore ?? orifice) && pressure && pressureAt && distance,
  );
  const read = new Set<string>([
    ...(ratio ? ['components', 'ratioBy'] : []),
    ...(!ratio && components.length === 1 && own.density !== undefined && own.volumeSolids !== undefined
      ? ['components']
      : []),
    ...(thinner?.max === 0 || (thinner?.max !== undefined && thinner.by && thinner.of) ? ['thinning'] : []),
    ...(band?.temperature === undefined ? [] : ['target']),
    ...(dry && coats ? ['film'] : []),
    ...(named ? ['guns'] : []),
    // A last recoat that only the class knows must not pass for the paper’s.
    ...(own.flash &&
    own.recoatFirst !== undefined &&
    (own.recoatLast !== undefined || sheet.times.recoatLast === undefined) &&
    (own.potLife || sheet.times.potLife === undefined)
      ? ['times']
      : []),
  ]);
  return {
    ...sheet,
    ...(name ? { name: name.slice(0, 120) } : {}),
    ...(issue ? { sheetRevision: issue } : {}),
    components,
    ...(ratio ? { ratioBy: ratio.by ?? sheet.ratioBy } : {}),
    thinning: thinner
      ? {
          ...sheet.thinning,
          thinners: thinnersOf(sheet, own),
          maximum: thinner.max ?? sheet.thinning.maximum,
          by: thinner.by ?? sheet.thinning.by,
          of: thinner.of ?? sheet.thinning.of,
        }
      : sheet.thinning,
    ...(band
      ? {
          target: wide({
            cupId: band.cup,
            min: band.min,
            max: band.max,
            temperature: band.temperature ?? celsius(20),
          }),
        }
      : {}),
    ...(dry ? { film: { min: dry.min, max: dry.max, aim: dry.aim ?? middle(dry) } } : {}),
    ...(wet ? { wetFilm: wetOf(wet, own) } : {}),
    // Between the ends of a range what is usual for the class.
    ...(coats
      ? { coats: Math.max(1, Math.min(Math.max(sheet.coats, Math.ceil(coats.min)), Math.floor(coats.max))) }
      : {}),
    times,
    limits: {
      ...sheet.limits,
      ...(air ? { air: endsOf(air, sheet.limits.air) } : {}),
      ...(part ? { part: endsOf(part, sheet.limits.part) } : {}),
      ...(own.dewMargin === undefined ? {} : { dew: own.dewMargin }),
      humidity: dampOf(sheet.limits.humidity, own),
    },
    ...(own.stirEvery === undefined ? {} : { intervals: { ...sheet.intervals, stir: own.stirEvery } }),
    ...(own.chemistry ? { chemistry: own.chemistry } : {}),
    ...(unthinned === undefined ? {} : { viscosity: unthinned }),
    ...(own.additives ? { additives: additivesOf(sheet, own.additives) } : {}),
    guns: gunsOf(sheet.guns, own.guns),
    // The paper’s silence is not “none”: what it warns of joins what the class may hold.
    hazards: [...new Set([...sheet.hazards, ...(hazards ?? []).flatMap((each) => warned[each] ?? [])])],
    ...(own.cleaner ? { cleaner: own.cleaner } : {}),
    ...(shelfLife === undefined ? {} : { shelf: { ...sheet.shelf, closed: Math.round(shelfLife / 86_400) } }),
    assumed: [
      ...sheet.assumed.filter((field) => !read.has(field) && field !== 'densities'),
      ...(densitiesUnread(sheet, components, own) ? ['densities'] : []),
      // What an additive weighs and holds is no paper’s: its group waits for somebody.
      ...(own.additives && !sheet.assumed.includes('additives') ? ['additives'] : []),
    ],
  };
}

/** m²/s of what takes so long through a cup; none where the cup does not tell. */
function thickness({ cup, min, max }: NonNullable<SheetFacts['supplied']>): number | undefined {
  const named = flowCup(cup);
  const found = named && viscosityFromSeconds(named, (min + max) / 2);
  return found === undefined || isRefusal(found) ? undefined : found;
}

/** What such additives are like where no paper says: light, without solids, all of it solvent. Defaults. */
const usualAdditive = { density: 900, volumeSolids: 0, voc: 900, water: 0, exempt: 0 };

/** The paper’s additives take the place of those of the same name; none goes in unless somebody asks for it. */
function additivesOf({ additives: held = [] }: Coating, read: readonly AdditiveRead[]): Additive[] {
  const own = read.map(({ name, does, max, by, of }, i): Additive => {
    const before = held.find((each) => each.name.toLowerCase() === name.toLowerCase());
    return {
      ...(before ?? { id: `additive-${i + 1}`, ...usualAdditive, dose: 0 }),
      name,
      doseBy: by ?? before?.doseBy ?? 'volume',
      doseOf: of ?? before?.doseOf ?? 'mix',
      maximum: max,
      thins: before?.thins ?? does === 'slows',
      ...(does === 'slows' || does === 'quickens' ? { movesClocks: true } : {}),
    };
  });
  const names = own.map(({ name }) => name.toLowerCase());
  return [...held.filter(({ name }) => !names.includes(name.toLowerCase())), ...own].slice(0, 8);
}

/** A range of which the paper may state one end: the other stays, where it still lies beyond. */
const endsOf = (read: { readonly min?: number; readonly max?: number }, held: Span): Span => ({
  min: read.min ?? Math.min(held.min, (read.max ?? Infinity) - 1),
  max: read.max ?? Math.max(held.max, (read.min ?? -Infinity) + 1),
});

/** How damp the air may be: an end the paper does not state stays, as far as it leaves room. */
const dampOf = (held: Span, { humidityMin: min, humidityMax: max }: SheetFacts): Span => ({
  min: min ?? Math.min(held.min, (max ?? Infinity) / 2),
  max: max ?? Math.max(held.max, ((min ?? 0) + 1) / 2),
});

/** Do parts of the mix weigh what their class weighs, since the paper says nothing of them? */
function densitiesUnread(
  { assumed }: Coating,
  components: readonly Component[],
  { partDensities }: SheetFacts,
): boolean {
  const open = assumed.includes('components') || assumed.includes('densities');
  return open && components.length > 1 && (components.length > 2 || partDensities?.hardener === undefined);
}

/** The thinner the paper names takes the place of the class’s; those of a sheet that was read stay. */
function thinnersOf({ assumed, thinning }: Coating, { thinner, partDensities }: SheetFacts): Thinner[] {
  const [first, ...others] = thinning.thinners;
  if (!first || !assumed.includes('thinning')) return [...thinning.thinners];
  const own = {
    ...first,
    ...(thinner?.name ? { name: thinner.name } : {}),
    ...(partDensities?.thinner === undefined ? {} : { density: partDensities.thinner }),
  };
  return thinner?.name ? [own] : [own, ...others];
}

/** One number of wet film is the most that may lie; what is aimed at then follows from the dry film. */
function wetOf(wet: FilmRead, { dry, volumeSolids }: SheetFacts): NonNullable<Coating['wetFilm']> {
  if (wet.min < wet.max || !dry || !volumeSolids) return { ...wet, aim: wet.aim ?? middle(wet) };
  const least = Math.min(dry.min / volumeSolids, wet.max);
  return { min: least, aim: Math.min(middle(dry) / volumeSolids, wet.max), max: wet.max };
}

/** A band of one number holds a second to either side: nobody reads a cup closer. */
function wide(target: NonNullable<Coating['target']>): NonNullable<Coating['target']> {
  return target.min < target.max ? target : { ...target, min: target.min - 1, max: target.max + 1 };
}

/** The parts, so that the mix has the density, solids and VOC that the paper states of it. */
function partsOf(
  sheet: Coating,
  { ratio, density, partDensities, volumeSolids, voc }: SheetFacts,
): Component[] {
  const [first, ...others] = sheet.components;
  if (!first) return [...sheet.components];
  const parts = ratio?.parts ?? sheet.components.map((each) => each.parts);
  const by = ratio?.by ?? sheet.ratioBy;
  const list = parts.map((each, i): Component => {
    const own =
      i === 0
        ? first
        : (others[i - 1] ?? {
            ...first,
            id: i === 1 ? 'hardener' : `part-${i + 1}`,
            name: i === 1 ? 'Hardener' : `Part ${i + 1}`,
          });
    const weighs = i === 0 ? partDensities?.base : i === 1 ? partDensities?.hardener : undefined;
    return { ...own, parts: each, ...(weighs === undefined ? {} : { density: weighs }) };
  });
  const named =
    ratio && list.length > 1 && first.name === sheet.name
      ? list.map((each, i) => (i === 0 ? { ...each, name: 'Base' } : each))
      : list;
  const weighed = density === undefined ? named : weighing(named, by, density, partDensities);
  const volumes = weighed.map((each) => (by === 'mass' ? each.parts / each.density : each.parts));
  const whole = volumes.reduce((sum, each) => sum + each, 0);
  const share = volumes.map((each) => each / whole);
  const solved = (of: 'volumeSolids' | 'voc', mixed: number | undefined, most: number): number[] => {
    const own = weighed.map((each) => each[of]);
    if (mixed === undefined) return own;
    const rest = own.slice(1).reduce((sum, each, i) => sum + each * (share[i + 1] ?? 0), 0);
    const base = (mixed - rest) / (share[0] || 1);
    // What no base could make up is the same in every part: the mix is as the paper states it all the same.
    return base >= 0 && base <= most ? [base, ...own.slice(1)] : own.map(() => mixed);
  };
  const [solids, solvent] = [solved('volumeSolids', volumeSolids, 1), solved('voc', voc, 1500)];
  return weighed.map((each, i) => ({
    ...each,
    volumeSolids: solids[i] ?? each.volumeSolids,
    voc: solvent[i] ?? each.voc,
  }));
}

/** What a base may weigh, kg/m³: past these it is another part that the class is wrong about. */
const baseWeighs = { min: 650, max: 3500 };

/** The parts with densities that make the mix weigh what the paper says; one that the paper states stays. */
function weighing(
  parts: readonly Component[],
  by: Coating['ratioBy'],
  mixed: number,
  stated: SheetFacts['partDensities'],
): Component[] {
  const total = parts.reduce((sum, each) => sum + each.parts, 0);
  const [first, ...others] = parts;
  if (!first || stated?.base !== undefined) return [...parts];
  const rest = others.reduce(
    (sum, each) => sum + (by === 'mass' ? each.parts / each.density : each.parts * each.density),
    0,
  );
  const base = by === 'mass' ? first.parts / (total / mixed - rest) : (mixed * total - rest) / first.parts;
  if (base >= baseWeighs.min && base <= baseWeighs.max) return [{ ...first, density: base }, ...others];
  return parts.map((each) => ({ ...each, density: mixed }));
}

function timesOf(times: Coating['times'], facts: SheetFacts): Coating['times'] {
  const { potLife, induction, flash, timesAt, recoatFirst, recoatLast, touch, handle, cure, forced } = facts;
  // The longer end: the touch test shortens it.
  const wait = flash?.max ?? times.flash;
  const first = recoatFirst ?? Math.max(times.recoatFirst, wait);
  const { recoatLast: before, ...rest } = times;
  const last =
    recoatLast ??
    (recoatFirst !== undefined && before !== undefined && before <= recoatFirst ? undefined : before);
  return {
    ...rest,
    ...(potLife
      ? { potLife: potLife.seconds, ...(potLife.temperature ? { temperature: potLife.temperature } : {}) }
      : {}),
    // A pot life outranks it: a warmer moment would let the mix live longer than it does.
    ...(timesAt !== undefined && !potLife?.temperature ? { temperature: timesAt } : {}),
    ...(induction === undefined ? {} : { induction }),
    flash: wait,
    recoatFirst: first,
    ...(last === undefined ? {} : { recoatLast: last }),
    ...(touch === undefined ? {} : { touch }),
    ...(handle === undefined ? {} : { handle }),
    ...(cure === undefined ? {} : { cure }),
    ...(forced ? { forced: { temperature: forced.temperature, duration: forced.seconds } } : {}),
  };
}

/** The guns the paper names, each with its settings; what it leaves out of one stays the class’s. Others it does not advise. */
function gunsOf(guns: readonly GunAdvice[], read: SheetFacts['guns']): GunAdvice[] {
  const named = (read ?? []).flatMap((own) => {
    const gun =
      guns.find(({ atomising, feed }) => atomising === own.atomising && feed === own.feed) ??
      guns.find(({ atomising }) => atomising === own.atomising);
    return gun ? [{ gun, own }] : [];
  });
  if (named.length === 0) return [...guns];
  return named.map(({ gun, own }) => ({
    ...gun,
    ...(own.feed ? { feed: own.feed } : {}),
    ...(own.bore ? { bore: own.bore } : {}),
    ...(own.orifice ? { orifice: own.orifice } : {}),
    ...(own.pressure ? { pressure: own.pressure } : {}),
    ...(own.pressureAt ? { pressureAt: own.pressureAt } : {}),
    ...(own.distance ? { distance: own.distance } : {}),
  }));
}

/** What a sheet holds, as a paper would state it: so a class default can stand beside what a paper leaves out. */
export function factsHeld(sheet: Coating): SheetFacts {
  const { times, limits, film, wetFilm, thinning, target, shelf } = sheet;
  const mixed = sheetAsMixed(sheet);
  return {
    ...(sheet.components.length > 1
      ? { ratio: { by: sheet.ratioBy, parts: sheet.components.map(({ parts }) => parts) } }
      : {}),
    thinner: { max: thinning.maximum, by: thinning.by, of: thinning.of },
    ...(target
      ? { band: { cup: target.cupId, min: target.min, max: target.max, temperature: target.temperature } }
      : {}),
    ...(isRefusal(mixed) ? {} : { volumeSolids: mixed.volumeSolids, density: mixed.density, voc: mixed.voc }),
    dry: film,
    ...(wetFilm ? { wet: { min: wetFilm.min, max: wetFilm.max } } : {}),
    coats: { min: sheet.coats, max: sheet.coats },
    ...(times.potLife === undefined ? {} : { potLife: { seconds: times.potLife } }),
    flash: { min: times.flash, max: times.flash },
    timesAt: times.temperature,
    recoatFirst: times.recoatFirst,
    ...stated({
      induction: times.induction,
      recoatLast: times.recoatLast,
      touch: times.touch,
      handle: times.handle,
      cure: times.cure,
      stirEvery: sheet.intervals.stir,
      shelfLife: shelf?.closed === undefined ? undefined : shelf.closed * 86_400,
      cleaner: sheet.cleaner,
    }),
    air: limits.air,
    part: limits.part,
    humidityMin: limits.humidity.min,
    humidityMax: limits.humidity.max,
    dewMargin: dewWanted(sheet),
    chemistry: sheet.chemistry,
  };
}

/** Without what nobody states. */
const stated = <T extends object>(fields: T): { [K in keyof T]?: NonNullable<T[K]> } =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: NonNullable<T[K]>;
  };
