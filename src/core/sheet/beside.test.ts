import { paperOfText, readSheet, type SheetFact } from '.';
import { C, F, min } from '../../../tests/fixtures/sentence';

const read = (text: string, fact: SheetFact) => readSheet(paperOfText(`Name of it\n\n${text}\n`)).facts[fact];

/** What a line states beside the facts a job cannot do without; nothing where it states none. */
// prettier-ignore
const said: readonly (readonly [text: string, fact: SheetFact, value: unknown])[] = [
  ['Force dry: 30 min at 60 °C', 'forced', { temperature: C(60), seconds: 30 * min }],
  ['Oven drying 20-30 minutes at 140 °F after 10 min flash off', 'forced', { temperature: F(140), seconds: 30 * min }],
  ['Baking: flash 10 min, then 25 min at 65°C', 'forced', { temperature: C(65), seconds: 25 * min }],
  ['Withstands 80 °C for 30 min', 'forced', undefined],
  ['Pot life 30 min at 40 °C', 'forced', undefined],
  ['Surface at least 3 °C above the dew point', 'dewMargin', 3],
  ['The surface must be between 5 °C and 40 °C and 4 °C above the dew point', 'dewMargin', 4],
  ['Substrate temperature minimum 5°F above dew point', 'dewMargin', 2.78],
  ['Keep above dew point plus 3 °C', 'dewMargin', 3],
  ['Dew point: 12 °C', 'dewMargin', undefined],
  ['Stir every 20 minutes during use', 'stirEvery', 20 * min],
  ['Agitate the pot every 15 min', 'stirEvery', 15 * min],
  ['Stir well for 5 minutes', 'stirEvery', undefined],
  ['Viscosity as supplied 55 - 65 s DIN cup 4', 'supplied', { cup: 'din-4', min: 55, max: 65 }],
  ['Viscosity: 60 s DIN 4 as delivered, 25 s for spraying', 'supplied', { cup: 'din-4', min: 60, max: 60 }],
  ['Viscosity: 60 s DIN 4 as delivered, 25 s for spraying', 'band', { cup: 'din-4', min: 25, max: 25 }],
  // What is only said of the can is nothing to spray at.
  ['Viscosity as supplied 55 - 65 s DIN cup 4', 'band', undefined],
  ['Spraying viscosity 20-25 s Ford 4', 'supplied', undefined],
  ['Retarder R-20: up to 5 % by volume', 'additives', [{ name: 'Retarder R-20', does: 'slows', max: 0.05, by: 'volume' }]],
  ['Extender EX2 5 to 10 % of the mix', 'additives', [{ name: 'Extender EX2', does: 'slows', min: 0.05, max: 0.1, of: 'mix' }]],
  ['Accelerator: 1 % by weight of the base', 'additives', [{ name: 'Accelerator', does: 'quickens', max: 0.01, by: 'mass', of: 'base' }]],
  ['Flexible additive FA-9 max. 15 %', 'additives', [{ name: 'Flexible additive FA-9', does: 'flexes', max: 0.15 }]],
  ['Do not use retarder. Thinning 10 %', 'additives', undefined],
  ['A retarder is available on request', 'additives', undefined],
  ['Two-component polyurethane enamel', 'chemistry', 'two-part'],
  ['Water-borne alkyd for wood', 'chemistry', 'water-borne'],
  ['Moisture-curing coating', 'chemistry', 'moisture-curing'],
  ['Nitrocellulose lacquer', 'chemistry', 'lacquer'],
  ['Long-oil alkyd', 'chemistry', 'oil-based'],
  // Of another product nothing is read.
  ['Apply over two-pack primer', 'chemistry', undefined],
];

it.each(said)('%s: %s', (text, fact, value) => {
  const found = read(text, fact);
  if (typeof value === 'number') expect(found).toBeCloseTo(value, 2);
  else if (value === undefined) expect(found).toBeUndefined();
  else expect(found).toEqual(value);
});
