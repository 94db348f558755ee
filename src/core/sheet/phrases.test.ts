import { factsAsJson, paperOfText, readSheet } from '.';

const C = (degrees: number) => degrees + 273.15;
const F = (degrees: number) => ((degrees - 32) * 5) / 9 + 273.15;
const [min, hour, day, month, year] = [60, 3600, 86_400, 30.44 * 86_400, 365.25 * 86_400];
const um = (a: number, b = a) => ({ min: a * 1e-6, max: b * 1e-6 });
const mil = (a: number, b = a) => ({ min: a * 25.4e-6, max: b * 25.4e-6 });
const range = (a: number, b = a) => ({ min: a, max: b });

/** What a sheet says in one line, and what that states. Every line is read by itself, under a name. */
// prettier-ignore
const said: readonly (readonly [text: string, fact: string, value: unknown])[] = [
  // pot life
  ['Pot life: 4 h at 20 °C', 'potLife', { seconds: 4 * hour, temperature: C(20) }],
  ['Potlife (23°C): 90 min', 'potLife', { seconds: 90 * min, temperature: C(23) }],
  ['Working life 2-3 hours @ 77°F', 'potLife', { seconds: 2 * hour, temperature: F(77) }],
  ['Usable life of the mixture: 8 hours', 'potLife', { seconds: 8 * hour, temperature: null }],
  ['Use the mixed material within 45 minutes.', 'potLife', { seconds: 45 * min, temperature: null }],
  ['Once mixed the paint must be used within 5 hours at 20 °C.', 'potLife', { seconds: 5 * hour, temperature: C(20) }],
  ['The mixture remains usable for about 6 h (20 °C).', 'potLife', { seconds: 6 * hour, temperature: C(20) }],
  ['Pot life 1 h 30 min', 'potLife', { seconds: 90 * min, temperature: null }],
  ['Working pot life: approx. 3/4 hour', 'potLife', { seconds: 45 * min, temperature: null }],
  // induction
  ['Induction time: 20 minutes', 'induction', 20 * min],
  ['Let the mixture stand for 15 min before use.', 'induction', 15 * min],
  ['Allow to stand 10-15 minutes after mixing.', 'induction', 10 * min],
  ['Sweat-in: 30 min @ 70 °F', 'induction', 30 * min],
  ['Ripening time 10 min', 'induction', 10 * min],
  // flash
  ['Flash-off time: 5 - 10 min', 'flash', range(5 * min, 10 * min)],
  ['Flash off 10 min between coats, 20 min before baking.', 'flash', range(10 * min)],
  ['Allow 8 to 12 minutes between coats.', 'flash', range(8 * min, 12 * min)],
  ['Interval between wet-on-wet coats: 15 min', 'flash', range(15 * min)],
  ['Intercoat flash 5-7 mins', 'flash', range(5 * min, 7 * min)],
  ['Wait 10 minutes between passes.', 'flash', range(10 * min)],
  ['Flash point: 24 °C. Flash time: 6 min.', 'flash', range(6 * min)],
  // recoat
  ['Recoat: after 4 h', 'recoatFirst', 4 * hour],
  ['Overcoating interval: min. 6 h, max. 7 days', 'recoatFirst', 6 * hour],
  ['Overcoating interval: min. 6 h, max. 7 days', 'recoatLast', 7 * day],
  ['Recoat window 4 - 72 hours', 'recoatLast', 72 * hour],
  ['Recoat window 4 - 72 hours', 'recoatFirst', 4 * hour],
  ['Recoatable from 30 min to 8 h', 'recoatLast', 8 * hour],
  ['Maximum recoat interval: 14 days', 'recoatLast', 14 * day],
  ['Minimum recoat interval: 90 min', 'recoatFirst', 90 * min],
  ['The next coat may be applied after 2 hours and must be applied within 48 hours.', 'recoatFirst', 2 * hour],
  ['The next coat may be applied after 2 hours and must be applied within 48 hours.', 'recoatLast', 48 * hour],
  ['Dry to recoat: 3 hours', 'recoatFirst', 3 * hour],
  ['Topcoat after 1 h, not later than 24 h.', 'recoatLast', 24 * hour],
  ['Can be overcoated with itself after 16 hours', 'recoatFirst', 16 * hour],
  // touch, handle, cure
  ['Touch dry: 30 minutes', 'touch', 30 * min],
  ['Dry to touch 1½ h', 'touch', 1.5 * hour],
  ['Dust dry 10 min, touch dry 40 min, hard dry 6 h', 'touch', 40 * min],
  ['Set-to-touch: 15 min', 'touch', 15 * min],
  ['Dry to handle: 8 h', 'handle', 8 * hour],
  ['Parts can be handled after 12 hours', 'handle', 12 * hour],
  ['Handling: overnight (16 h)', 'handle', 16 * hour],
  ['Full cure: 7 days', 'cure', 7 * day],
  ['Fully cured after 2 weeks at 23 °C', 'cure', 14 * day],
  ['Full chemical resistance is reached after 10 days.', 'cure', 10 * day],
  ['Final hardness: 5 d', 'cure', 5 * day],
  // shelf life
  ['Shelf life: 24 months', 'shelfLife', 24 * month],
  ['Storage stability 1 year in unopened containers', 'shelfLife', year],
  ['Shelf life: at least 18 months when stored between 5 and 30 °C', 'shelfLife', 18 * month],
  ['Can be stored for 6 months', 'shelfLife', 6 * month],
  // film
  ['Dry film thickness: 40-60 µm', 'dry', um(40, 60)],
  ['DFT 2.0 – 3.0 mils', 'dry', mil(2, 3)],
  ['Recommended film build: 3-5 mils DFT (75-125 µm)', 'dry', mil(3, 5)],
  ['Film thickness: 80–120 µm wet, 40–60 µm dry', 'dry', um(40, 60)],
  ['Film thickness: 80–120 µm wet, 40–60 µm dry', 'wet', um(80, 120)],
  ['Wet film thickness: 100 microns', 'wet', um(100)],
  ['Apply 100 µm wet to obtain 45 µm dry.', 'dry', um(45)],
  ['Apply 100 µm wet to obtain 45 µm dry.', 'wet', um(100)],
  ['Theoretical coverage: 8 m²/l at 50 µm dry film. Dry film: 60 µm per coat.', 'dry', um(60)],
  ['Dry film per coat 30 µm, total 90 µm', 'dry', um(30)],
  ['WFT: 4 mil', 'wet', mil(4)],
  // coats
  ['Number of coats: 2 - 3', 'coats', range(2, 3)],
  ['Apply two coats.', 'coats', range(2)],
  ['Coats: 1', 'coats', range(1)],
  ['Spray one to two full coats', 'coats', range(1, 2)],
  ['2-3 wet coats', 'coats', range(2, 3)],
  ['Apply in a single coat.', 'coats', range(1)],
  // ratio
  ['Mixing ratio: 4:1 by volume', 'ratio', { by: 'volume', parts: [4, 1] }],
  ['Mix ratio 4 parts base to 1 part hardener by volume', 'ratio', { by: 'volume', parts: [4, 1] }],
  ['Mixing ratio by weight 100 : 12.5', 'ratio', { by: 'mass', parts: [100, 12.5] }],
  ['Mixing ratio: 100:15 (weight), 4:1 (volume)', 'ratio', { by: 'volume', parts: [4, 1] }],
  ['Mix 3 volumes of component A with 1 volume of component B.', 'ratio', { by: 'volume', parts: [3, 1] }],
  ['Base / hardener = 5 / 1 by volume', 'ratio', { by: 'volume', parts: [5, 1] }],
  ['Add 2 % MEKP by weight.', 'ratio', { by: 'mass', parts: [100, 2] }],
  ['Catalyst: 1.5 - 2.5 % peroxide', 'ratio', { by: 'mass', parts: [100, 2] }],
  ['Mix three parts by volume of lacquer with one part of hardener', 'ratio', { by: 'volume', parts: [3, 1] }],
  ['Ratio A:B 2:1 v/v', 'ratio', { by: 'volume', parts: [2, 1] }],
  ['Pump ratio 45:1', 'ratio', null],
  // thinner
  ['Thinner: 5-10 % by volume', 'thinner', { min: 0.05, max: 0.1, by: 'volume', of: null }],
  ['Thin up to 15 % by volume of the mixed product', 'thinner', { min: null, max: 0.15, by: 'volume', of: 'mix' }],
  ['Dilute with max. 10% water', 'thinner', { min: null, max: 0.1, by: null, of: null }],
  ['Do not thin.', 'thinner', { min: null, max: 0, by: null, of: null }],
  ['Thinning is not permitted.', 'thinner', { min: null, max: 0, by: null, of: null }],
  ['Reduction: up to 8 fl oz per gallon', 'thinner', { min: null, max: 0.0625, by: 'volume', of: 'base' }],
  ['Reduce 10-15% with reducer R4 by weight', 'thinner', { min: 0.1, max: 0.15, by: 'mass', of: null }],
  ['Thinner 100 ml per litre', 'thinner', { min: 0.1, max: 0.1, by: 'volume', of: 'base' }],
  ['Never thin with acetone. Thin with up to 5 % thinner T1.', 'thinner', { min: null, max: 0.05, by: null, of: null }],
  // band
  ['Spraying viscosity: 18-22 s DIN 4, 20 °C', 'band', { cup: 'din-4', min: 18, max: 22, temperature: C(20) }],
  ['Viscosity for spraying 20 ± 2 s (DIN cup 4 mm)', 'band', { cup: 'din-4', min: 18, max: 22, temperature: null }],
  ['Application viscosity: 25-30 sec, Ford Cup No. 4 at 25 °C', 'band', { cup: 'ford-4', min: 25, max: 30, temperature: C(25) }],
  ['Spray viscosity 22-26" #4 Ford', 'band', { cup: 'ford-4', min: 22, max: 26, temperature: null }],
  ['Viscosity (ISO 2431, 4 mm) 40-50 s ready to spray', 'band', { cup: 'iso-4', min: 40, max: 50, temperature: null }],
  ['Viscosity as supplied 80 s DIN 4; for spraying 20-24 s DIN 4', 'band', { cup: 'din-4', min: 20, max: 24, temperature: null }],
  ['Spray at 30-35 s in the ISO 4 cup at 23 °C', 'band', { cup: 'iso-4', min: 30, max: 35, temperature: C(23) }],
  // figures
  ['Solids by volume: 48 ± 2 %', 'volumeSolids', 0.48],
  ['Volume solids (mixed) 55%', 'volumeSolids', 0.55],
  ['Solids content: 62 % by weight, 45 % by volume', 'volumeSolids', 0.45],
  ['Non-volatile content by volume 50%', 'volumeSolids', 0.5],
  ['Density: 1,25 kg/l', 'density', 1250],
  ['Specific gravity 1.32', 'density', 1320],
  ['Weight per gallon: 10.0 lb', 'density', 1198.26],
  ['Density at 20 °C approx. 1.05 g/cm³', 'density', 1050],
  ['VOC: 420 g/l', 'voc', 420],
  ['VOC content 3.5 lbs/gal', 'voc', 419.4],
  ['EU limit value for this product (cat. A/j): 500 g/l. This product contains max. 480 g/l VOC.', 'voc', 480],
  // conditions
  ['Air temperature: 10-30 °C', 'air', range(C(10), C(30))],
  ['Apply between 50 and 90 °F', 'air', range(F(50), F(90))],
  ['Ambient temperature min. 5 °C, max. 40 °C', 'air', range(C(5), C(40))],
  ['Do not apply below 8 °C.', 'air', { min: C(8), max: null }],
  ['Store at 5-30 °C. Surface temperature 3 °C above dew point.', 'air', null],
  ['Relative humidity: max. 85 %', 'humidityMax', 0.85],
  ['Humidity 40 - 70 % RH', 'humidityMax', 0.7],
  ['Touch dry at 20 °C and 50 % RH: 30 min', 'humidityMax', null],
  ['Relative humidity should not exceed 80 %', 'humidityMax', 0.8],
];

const read = (text: string) =>
  factsAsJson(readSheet(paperOfText(`Name of it\n\n${text}\n`)).facts) as Record<string, unknown>;

const near = (value: unknown): unknown => {
  if (typeof value === 'number') return Number(value.toPrecision(4));
  if (Array.isArray(value)) return value.map(near);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, own]) => [key, near(own)]));
};

describe('one line of a sheet', () => {
  it.each(said)('%s → %s', (text, fact, value) => {
    expect(near(read(text)[fact])).toEqual(near(value));
  });
});
