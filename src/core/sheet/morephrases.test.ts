import {
  C,
  F,
  day,
  hour,
  min,
  month,
  readSentence,
  rounded,
  um,
  year,
} from '../../../tests/fixtures/sentence';

const mm = (a: number, b = a) => ({ min: a * 1e-3, max: b * 1e-3 });
const inch = (a: number, b = a) => ({ min: a * 0.0254, max: b * 0.0254 });
const bar = (a: number, b = a) => ({ min: a * 1e5, max: b * 1e5 });
const psi = (a: number, b = a) => ({ min: a * 6894.757, max: b * 6894.757 });
const gun = (atomising: string | null, own: object) => [
  { atomising, bore: null, orifice: null, pressure: null, pressureAt: null, distance: null, ...own },
];

// prettier-ignore
const said: readonly (readonly [text: string, fact: string, value: unknown])[] = [
  // guns
  ['HVLP: 1.3-1.4mm, 0.7 bar at the cap, 15 cm', 'guns', gun('hvlp', { bore: mm(1.3, 1.4), pressure: bar(0.7), pressureAt: 'cap', distance: mm(150) })],
  ['Conventional gun: fluid nozzle 1.6 mm; inlet pressure 2-3 bar', 'guns', gun('conventional', { bore: mm(1.6), pressure: bar(2, 3), pressureAt: 'inlet' })],
  ['Airless: tip 0.015", 2000 psi', 'guns', gun('airless', { orifice: inch(0.015), pressure: psi(2000) })],
  ['Airless spray: nozzle 0.33-0.38 mm, nozzle pressure 150 bar, angle 40°', 'guns', gun('airless', { orifice: mm(0.33, 0.38), pressure: bar(150), pressureAt: 'tip' })],
  ['Airless: 415-519 tip at 180-200 bar', 'guns', gun('airless', { orifice: inch(0.015, 0.019), pressure: bar(180, 200) })],
  ['Airless: .017–.021 tip, 14-17 MPa', 'guns', gun('airless', { orifice: inch(0.017, 0.021), pressure: bar(140, 170) })],
  ['LVLP gravity gun, needle 1.4 mm, 1.5 bar at the gun inlet, 5-6 inches', 'guns', gun('low-volume', { bore: mm(1.4), pressure: bar(1.5), pressureAt: 'inlet', distance: inch(5, 6) })],
  ['High-efficiency (compliant) gun 1.3 mm, 29 psi inlet', 'guns', gun('compliant', { bore: mm(1.3), pressure: psi(29), pressureAt: 'inlet' })],
  ['Air spray: 1.8-2.2 mm nozzle, 300-400 kPa', 'guns', gun('conventional', { bore: mm(1.8, 2.2), pressure: bar(3, 4) })],
  ['HVLP air cap pressure 10 psi, fluid tip 0.055 in, hold the gun 6 to 8 inches from the surface', 'guns', gun('hvlp', { bore: inch(0.055), pressure: psi(10), pressureAt: 'cap', distance: inch(6, 8) })],
  ['Spray with a turbine (HVLP), 1.5 mm set, 0.35 bar cap pressure', 'guns', gun('hvlp', { bore: mm(1.5), pressure: bar(0.35), pressureAt: 'cap' })],
  ['Fluid hose 3/8", filter 60 mesh, airless tip 17-21 thou', 'guns', gun('airless', { orifice: inch(0.017, 0.021) })],
  // issue
  ['Issue date: 12 March 2025', 'issue', '2025-03-12'],
  ['Rev. 2025-06-01, supersedes 2023-01-15', 'issue', '2025-06-01'],
  ['Revision date 31.12.2024', 'issue', '2024-12-31'],
  ['Date of issue: June 2025', 'issue', '2025-06'],
  ['Version 3, November 14th, 2025', 'issue', '2025-11-14'],
  ['Printed 3 May 2026. Edition of 2 April 2026.', 'issue', '2026-04-02'],
  ['Issued 07/2025', 'issue', '2025-07'],
  // hazards
  ['Hardener contains isocyanate.', 'hazards', ['isocyanate']],
  ['Isocyanate-free hardener. Non-flammable.', 'hazards', null],
  ['Warning: highly flammable liquid and vapour.', 'hazards', ['flammable']],
  ['Contains styrene. Harmful by inhalation.', 'hazards', ['styrene']],
  ['May cause an allergic skin reaction.', 'hazards', ['skin']],
  ['Avoid breathing sanding dust.', 'hazards', ['dust']],
  ['Organic peroxides are dangerous to the eyes.', 'hazards', ['peroxide']],
  ['Contains organic solvents, ventilate well.', 'hazards', ['solvent']],
  ['Dust free after 20 min. Flash point 23 °C.', 'hazards', null],
  // more wordings
  ['Application: pot life after mixing approx. 4 hrs.', 'potLife', { seconds: 4 * hour, temperature: null }],
  ['Mixed material should be applied within 2 hours.', 'potLife', { seconds: 2 * hour, temperature: null }],
  ['Keeps usable for 90 minutes after mixing', 'potLife', { seconds: 90 * min, temperature: null }],
  ['Time between coats: 10–15 min', 'flash', { min: 10 * min, max: 15 * min }],
  ['Leave each coat to flash for 5 to 8 minutes', 'flash', { min: 5 * min, max: 8 * min }],
  ['Ready for recoating in 2 - 4 hours', 'recoatFirst', 2 * hour],
  ['Second coat: after 60 minutes', 'recoatFirst', hour],
  ['Can be recoated the same day from 3 h', 'recoatFirst', 3 * hour],
  ['Recoat within 24 h', 'recoatLast', 24 * hour],
  ['Recoat within 24 h', 'recoatFirst', null],
  ['Overcoat: 4 h / 5 d (min/max)', 'recoatLast', 5 * day],
  ['Overcoating time: 6 hours minimum – unlimited maximum', 'recoatFirst', 6 * hour],
  ['Surface dry 20 min; touch dry 50 min', 'touch', 50 * min],
  ['Dust dry 30 min. Touch dry 60 min. Recoat after 3 h.', 'touch', 60 * min],
  ['Dry to the touch in about 40 minutes', 'touch', 40 * min],
  ['May be moved and handled next day (18 h)', 'handle', 18 * hour],
  ['Hardens fully in 7 days', 'cure', 7 * day],
  ['Through-cured: 6 days', 'cure', 6 * day],
  ['Best used within 12 months of manufacture', 'shelfLife', 12 * month],
  ['Two years if unopened', 'shelfLife', 2 * year],
  ['Storage: cool and dry, 24 months', 'shelfLife', 24 * month],
  ['Dry film (per coat): 1-1/2 to 2 mils', 'dry', um(38.1, 50.8)],
  ['Film build, dry: 0,05-0,08 mm', 'dry', um(50, 80)],
  ['60 µm DFT equals 120 µm WFT', 'wet', um(120)],
  ['Target 25 microns dry (60 microns wet)', 'dry', um(25)],
  ['Spray 2 coats of 50 µm each', 'coats', { min: 2, max: 2 }],
  ['2 to 3 light coats are better than one heavy coat', 'coats', { min: 2, max: 3 }],
  ['Mix: 2 parts lacquer, 1 part hardener (vol.)', 'ratio', { by: 'volume', parts: [2, 1] }],
  ['Component A : Component B = 100 : 30 parts by weight', 'ratio', { by: 'mass', parts: [100, 30] }],
  ['Mix 10:1 with activator, by volume, then add 10 % reducer', 'ratio', { by: 'volume', parts: [10, 1] }],
  ['Volume mixing ratio 3:1', 'ratio', { by: 'volume', parts: [3, 1] }],
  ['Hardener: 25 % by weight of the base', 'ratio', { by: 'mass', parts: [100, 25] }],
  ['2:1:0.5 (clear : hardener : thinner) by volume', 'ratio', { by: 'volume', parts: [2, 1] }],
  ['Reducer: 10% max. v/v', 'thinner', { min: null, max: 0.1, by: 'volume', of: null }],
  ['Water may be added up to 5 % by volume', 'thinner', { min: null, max: 0.05, by: 'volume', of: null }],
  ['Supplied ready for use; do not dilute', 'thinner', { min: null, max: 0, by: null, of: null }],
  ['No thinning allowed', 'thinner', { min: null, max: 0, by: null, of: null }],
  ['Thinning is not normally needed.', 'thinner', null],
  ['Reduce up to 1 quart per gallon', 'thinner', { min: null, max: 0.25, by: 'volume', of: 'base' }],
  ['Clean tools with thinner T4.', 'thinner', null],
  ['Set to 16-18 seconds in the 4 mm DIN cup', 'band', { cup: 'din-4', min: 16, max: 18, temperature: null }],
  ['Spray viscosity at 20 °C: DIN4 = 20 - 25 s', 'band', { cup: 'din-4', min: 20, max: 25, temperature: C(20) }],
  ['Efflux time ISO cup 4 mm: 45-55 s at 23 °C', 'band', { cup: 'iso-4', min: 45, max: 55, temperature: C(23) }],
  ['Ford 4 spraying 18–20 s @ 77 °F', 'band', { cup: 'ford-4', min: 18, max: 20, temperature: F(77) }],
  ['Solids, vol.: 38 %', 'volumeSolids', 0.38],
  ['Solids by weight 60 %', 'volumeSolids', null],
  ['SG 1.15', 'density', 1150],
  ['Density 10.2 lb/US gal', 'density', 1222.2],
  ['Mass density: 1180 kg/m³', 'density', 1180],
  ['V.O.C. as supplied 3.4 lb/gal, as applied 3.9 lb/gal', 'voc', 407.4],
  ['VOC 0 g/l', 'voc', 0],
  ['Spray in rooms of 18 to 25 °C', 'air', { min: C(18), max: C(25) }],
  ['Air and substrate temperature: 12–30 °C', 'air', { min: C(12), max: C(30) }],
  ['Application temperature 59–86 °F', 'air', { min: F(59), max: F(86) }],
  ['Not above 35 °C in the air', 'air', { min: null, max: C(35) }],
  ['Best results at 45 to 65% relative humidity', 'humidityMax', 0.65],
  ['RH less than 75%', 'humidityMax', 0.75],
];

describe('guns, dates, warnings and rarer words', () => {
  it.each(said)('%s → %s', (text, fact, value) => {
    expect(rounded(readSentence(text)[fact])).toEqual(rounded(value));
  });
});
