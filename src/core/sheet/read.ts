import { air, coats, film, humidityMax, humidityMin, ofMix, part, voc, wetBeside, wetOfMass } from './films';
import { additivesIn } from './additives';
import { band } from './band';
import { chemistryOf } from './chemistry';
import type { Found } from './choose';
import { claimsIn, inOne, rowsInOne } from './claims';
import { cleanerOf } from './cleaner';
import { clausesOf } from './clauses';
import { issueOf } from './dates';
import { ofNoPart, partDensities } from './densities';
import { dewMarginOf } from './dew';
import { forced } from './forced';
import { guns } from './guns';
import { hazardsOf } from './hazards';
import type { Paper } from './paper';
import { ratio } from './ratio';
import type { Evidence, SheetFact, SheetFacts, SheetReading } from './reading';
import { suppliedIn } from './supplied';
import { thinning } from './thinner';
import { duration, flash, induction, potLife, recoat, shelfLife, stirEvery, timesAt } from './times';
import { nameOf } from './title';

/**
 * Reads a product sheet: every fact it states, SI, with the words it came from and how sure that is.
 * What is not on the paper is not in the reading.
 *
 * Source: the handbook’s section 28; first principles.
 */
export function readSheet(paper: Paper): SheetReading {
  const spoken = clausesOf(paper);
  const claims = rowsInOne(inOne(spoken.clauses.flatMap(claimsIn)));
  const window = recoat(claims);
  const density = ofMix(ofNoPart(claims), 'density', (value) => value >= 600 && value <= 3500);
  const found: { [K in SheetFact]?: Found<NonNullable<SheetFacts[K]>> | undefined } = {
    name: nameOf(paper, spoken),
    issue: issueOf(spoken),
    ratio: ratio(spoken, claims),
    thinner: thinning(claims, spoken.clauses),
    band: band(spoken, claims),
    volumeSolids: ofMix(claims, 'solids', (value) => value > 0.03 && value <= 1),
    density,
    partDensities: partDensities(claims),
    voc: voc(claims),
    dry: film(claims, 'dry'),
    wet: film(claims, 'wet') ?? wetBeside(spoken) ?? wetOfMass(spoken.clauses, density?.value),
    coats: coats(claims),
    potLife: potLife(claims),
    induction: induction(claims),
    flash: flash(claims),
    recoatFirst: window.first,
    recoatLast: window.last,
    timesAt: timesAt(claims),
    touch: duration(claims, 'touch'),
    handle: duration(claims, 'handle'),
    cure: duration(claims, 'cure'),
    guns: guns(claims, spoken),
    air: air(claims, spoken),
    part: part(claims),
    humidityMin: humidityMin(claims),
    humidityMax: humidityMax(claims),
    dewMargin: dewMarginOf(spoken.clauses),
    stirEvery: stirEvery(spoken.clauses),
    forced: forced(spoken.clauses),
    supplied: suppliedIn(spoken.clauses),
    chemistry: chemistryOf(spoken.clauses),
    additives: additivesIn(spoken.clauses),
    shelfLife: shelfLife(claims),
    cleaner: cleanerOf(spoken.clauses),
    hazards: hazardsOf(spoken),
  };
  const stated = Object.entries(found).filter(([, each]) => each !== undefined);
  return {
    facts: Object.fromEntries(stated.map(([id, each]) => [id, each.value])) as SheetFacts,
    evidence: Object.fromEntries(stated.map(([id, each]) => [id, evidenceOf(each)])),
  };
}

function evidenceOf({ claim: { clause }, sure }: Found<unknown>): Evidence {
  const { label, column, text, line, page } = clause;
  return { words: [label, column, text].filter((each) => each !== '').join(' · '), line, page, sure };
}
