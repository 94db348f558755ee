import type { GunRead, SheetFacts } from './reading';

type Json = string | number | null | readonly Json[] | { readonly [key: string]: Json };

const span = (of?: { readonly min?: number; readonly max?: number }): Json =>
  of ? { min: of.min ?? null, max: of.max ?? null } : null;

const gun = ({ atomising, feed, bore, orifice, pressure, pressureAt, distance }: GunRead): Json => ({
  atomising: atomising ?? null,
  ...(feed ? { feed } : {}),
  bore: span(bore),
  orifice: span(orifice),
  pressure: span(pressure),
  pressureAt: pressureAt ?? null,
  distance: span(distance),
});

/**
 * What was read as plain JSON: SI, shares as fractions; what the sheet does not state is null.
 *
 * Source: definition
 */
export function factsAsJson(facts: SheetFacts): { readonly [key: string]: Json } {
  const { ratio, thinner, band, partDensities, potLife } = facts;
  return {
    name: facts.name ?? null,
    issue: facts.issue ?? null,
    ratio: ratio ? { by: ratio.by ?? null, parts: ratio.parts } : null,
    thinner: thinner
      ? { min: thinner.min ?? null, max: thinner.max ?? null, by: thinner.by ?? null, of: thinner.of ?? null }
      : null,
    band: band
      ? { cup: band.cup, min: band.min, max: band.max, temperature: band.temperature ?? null }
      : null,
    volumeSolids: facts.volumeSolids ?? null,
    density: facts.density ?? null,
    partDensities: partDensities
      ? {
          base: partDensities.base ?? null,
          hardener: partDensities.hardener ?? null,
          thinner: partDensities.thinner ?? null,
        }
      : null,
    voc: facts.voc ?? null,
    dry: span(facts.dry),
    wet: span(facts.wet),
    coats: span(facts.coats),
    potLife: potLife ? { seconds: potLife.seconds, temperature: potLife.temperature ?? null } : null,
    induction: facts.induction ?? null,
    flash: span(facts.flash),
    recoatFirst: facts.recoatFirst ?? null,
    recoatLast: facts.recoatLast ?? null,
    touch: facts.touch ?? null,
    handle: facts.handle ?? null,
    cure: facts.cure ?? null,
    guns: facts.guns?.map(gun) ?? null,
    air: span(facts.air),
    part: span(facts.part),
    humidityMin: facts.humidityMin ?? null,
    humidityMax: facts.humidityMax ?? null,
    shelfLife: facts.shelfLife ?? null,
    cleaner: facts.cleaner ?? null,
    hazards: facts.hazards ?? null,
    dewMargin: facts.dewMargin ?? null,
    stirEvery: facts.stirEvery ?? null,
    timesAt: facts.timesAt ?? null,
    forced: facts.forced ? { ...facts.forced } : null,
    supplied: facts.supplied ? { ...facts.supplied } : null,
    chemistry: facts.chemistry ?? null,
    additives:
      facts.additives?.map(({ name, does, min, max, by, of }) => ({
        ...{ name, does, min: min ?? null, max, by: by ?? null, of: of ?? null },
      })) ?? null,
  };
}
