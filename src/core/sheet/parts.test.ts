import { additivesIn } from './additives';
import { band } from './band';
import { chemistryOf } from './chemistry';
import type { Found } from './choose';
import { claimsIn, inOne, rowsInOne, type Claim } from './claims';
import { clausesOf, type Spoken } from './clauses';
import { cleanerOf } from './cleaner';
import { issueOf } from './dates';
import { ofNoPart, partDensities } from './densities';
import { dewMarginOf } from './dew';
import { coats, film, humidityMax, humidityMin, ofMix, voc } from './films';
import { forced } from './forced';
import { hazardsOf } from './hazards';
import { paperOfText, type Paper } from './paper';
import { partsListed } from './partslisted';
import { suppliedIn } from './supplied';
import { rounded } from '../../../tests/fixtures/sentence';
import { thinning } from './thinner';
import { flash, induction, shelfLife, stirEvery, strange } from './times';
import { nameOf } from './title';

/** What each part of the reader makes of some lines. */
const of = (text: string) => {
  const paper = paperOfText(text);
  const spoken = clausesOf(paper);
  return { paper, spoken, clauses: spoken.clauses, claims: inOne(spoken.clauses.flatMap(claimsIn)) };
};
interface Lines {
  readonly paper: Paper;
  readonly spoken: Spoken;
  readonly clauses: Spoken['clauses'];
  readonly claims: readonly Claim[];
}

const parts: Readonly<
  Record<string, readonly [text: string, read: (lines: Lines) => Found<unknown> | undefined, value: unknown]>
> = {
  'a title': [
    'Harbour topcoat 20\n\nTechnical data sheet',
    ({ paper, spoken }) => nameOf(paper, spoken),
    'Harbour topcoat 20',
  ],
  'a title, and not who makes it': [
    'HARBOUR MARINE PRODUCTS\nHarbour topcoat 20, grey\n\nTechnical data sheet',
    ({ paper, spoken }) => nameOf(paper, spoken),
    'Harbour topcoat 20, grey',
  ],
  'a date of issue': [
    'Issued 3 May 2025, replaces 2 April 2023',
    ({ spoken }) => issueOf(spoken),
    '2025-05-03',
  ],
  'solids of the mix': [
    'Volume solids: 52 %',
    ({ claims }) => ofMix(claims, 'solids', (value) => value <= 1),
    0.52,
  ],
  'VOC, and not the limit for it': [
    'VOC content: 320 g/L\nVOC limit 2004/42/EC: 420 g/L',
    ({ claims }) => voc(claims),
    320,
  ],
  'densities by part': [
    'Density part A: 1.32 kg/L\nDensity part B: 1.02 kg/L',
    ({ claims }) => partDensities(claims),
    { base: 1320, hardener: 1020 },
  ],
  'the density of no part': [
    'Density part A: 1.32 kg/L\nDensity, mixed: 1.26 kg/L',
    ({ claims }) => ofMix(ofNoPart(claims), 'density', (value) => value < 1400),
    1260,
  ],
  'how many coats': ['Number of coats: 2', ({ claims }) => coats(claims), { min: 2, max: 2 }],
  'the dampest air': ['Relative humidity: max. 80 %', ({ claims }) => humidityMax(claims), 0.8],
  'the driest air': ['Relative humidity: 45–70 %', ({ claims }) => humidityMin(claims), 0.45],
  'a film told in rows': [
    'Film per coat    Wet      Dry\n  Minimum        75 µm    50 µm\n  Typical        115 µm   75 µm\n  Maximum        135 µm   90 µm',
    ({ claims }) => film(rowsInOne(claims), 'dry'),
    { min: 50e-6, max: 90e-6, aim: 75e-6 },
  ],
  'a film with what is usual in one breath': [
    'Dry film: 100–200 µm (recommended 150 µm)',
    ({ claims }) => film(rowsInOne(claims), 'dry'),
    { min: 100e-6, max: 200e-6, aim: 150e-6 },
  ],
  'how far above the dew point': [
    'The surface must be at least 3 °C above the dew point.',
    ({ clauses }) => dewMarginOf(clauses),
    3,
  ],
  'a dry in an oven': [
    'Force drying: 30 min at 60 °C',
    ({ clauses }) => forced(clauses),
    { temperature: 333.15, seconds: 1800 },
  ],
  'a rest before use': ['Induction time: 15 minutes', ({ claims }) => induction(claims), 900],
  'the wait between coats of one session': [
    'Flash-off between coats: 10–15 min',
    ({ claims }) => flash(claims),
    { min: 600, max: 900 },
  ],
  'how often it is stirred': [
    'Stir every 20 minutes while in use.',
    ({ clauses }) => stirEvery(clauses),
    1200,
  ],
  'how long it keeps': ['Shelf life: 24 months', ({ claims }) => shelfLife(claims), 24 * 2_630_016],
  'what cleans the gun': ['Cleaning: clean water', ({ clauses }) => cleanerOf(clauses), 'clean water'],
  'the band of a cup': [
    'Spraying viscosity: 20–24 s DIN 4 cup at 20 °C',
    ({ spoken, claims }) => band(spoken, claims),
    { cup: 'din-4', min: 20, max: 24, temperature: 293.15 },
  ],
  'viscosity as it comes': [
    'Viscosity as supplied: 60 s DIN 4',
    ({ clauses }) => suppliedIn(clauses),
    { cup: 'din-4', min: 60, max: 60 },
  ],
  'how much thinner': [
    'Thinner: 5–10 % by volume',
    ({ claims, clauses }) => thinning(claims, clauses),
    { by: 'volume', min: 0.05, max: 0.1 },
  ],
  'what it is made of': [
    'Two-component polyurethane topcoat',
    ({ clauses }) => chemistryOf(clauses),
    'two-part',
  ],
  'a retarder': [
    'Retarder: add up to 3 % in hot weather',
    ({ clauses }) => additivesIn(clauses),
    [{ does: 'slows', max: 0.03, name: 'Retarder' }],
  ],
  'what may hurt': [
    'Hazards: contains isocyanates. Flammable liquid and vapour.',
    ({ spoken }) => hazardsOf(spoken),
    ['isocyanate', 'flammable'],
  ],
};

describe('each part of the reader, on its line', () => {
  it.each(Object.entries(parts))('reads %s', (_, [text, read, value]) => {
    expect(rounded(read(of(text))?.value)).toEqual(rounded(value));
  });

  it.each(Object.entries(parts))('finds no %s where the paper is silent', (name, [, read]) => {
    if (name === 'a title') return;
    expect(read(of('Stores dry and cool.\nApply with care.'))).toBeUndefined();
  });

  it('takes parts told a line each for one mix, its thinner apart', () => {
    const listed = (...lines: string[]) => partsListed(of(lines.join('\n')).clauses);
    const [filler, hardener, thinner] = [
      'A: Filler, 100 parts by weight',
      'B: Hardener, 20 parts by weight',
      'C: Thinner 914, 10-20 parts by weight',
    ] as const;
    expect(listed(filler, hardener, thinner)).toMatchObject([
      { by: 'mass', min: 100, max: 100, thins: false },
      { by: 'mass', min: 20, max: 20, thins: false },
      { by: 'mass', min: 10, max: 20, thins: true },
    ]);
    // One alone is no list, and weight and volume make no list together.
    expect(listed(filler)).toBeUndefined();
    expect(listed(filler, 'B: Hardener, 20 parts by volume')).toBeUndefined();
  });

  it('takes a time in a cold or hot column for farther from the usual one', () => {
    const [cold, usual] = ['Flash at 5 °C: 30 min', 'Flash at 23 °C: 10 min'].map((text) =>
      strange(of(text).claims[0]!),
    );
    expect(cold!).toBeGreaterThan(usual!);
  });
});
