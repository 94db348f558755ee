import { isRefusal } from '@/core/refusal';
import { classSheet, newShop, workKinds, type AnyRecord } from '.';
import { readRecord } from './readrecord';
import {
  aJob,
  changed,
  coatsChanged,
  ford,
  logged,
  mixedLacquer,
  reading,
  setting,
  turbine,
  water,
} from '../../tests/fixtures/job';

const plain = (record: unknown): AnyRecord => JSON.parse(JSON.stringify(record)) as AnyRecord;
const read = (record: unknown) => {
  const found = readRecord(plain(record));
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};
const sheet = classSheet('two-part-colour', 's', 'Colour', '2026-11-01');

describe('records of before', () => {
  it.each([
    ['a sheet', sheet],
    ['a rig', turbine],
    ['a cup', ford],
    ['a shop', newShop],
    ['a job', logged(aJob(), [-60, mixedLacquer], [-50, reading(33)], [-40, water(0.1)], [-30, setting()])],
  ])('%s without any of the newer fields is read as it was', (_, record) => {
    expect(read(record)).toEqual(plain(record));
  });
});

describe('what is new in them', () => {
  it('a sheet with doses, tables, limits and shelf life', () => {
    const full = {
      ...sheet,
      limits: { ...sheet.limits, dew: 5 },
      tolerance: 0.05,
      additives: [
        {
          id: 'a',
          name: 'Extender',
          density: 900,
          volumeSolids: 0,
          voc: 900,
          water: 0,
          exempt: 0,
          doseBy: 'mass',
          doseOf: 'mix',
          dose: 0.01,
          maximum: 0.05,
          thins: true,
        },
      ],
      components: sheet.components.map((part, i) =>
        i ? { ...part, partsAt: [{ temperature: 295, parts: 2 }] } : part,
      ),
      guns: [
        { ...sheet.guns[0], feed: 'gravity', target: { cupId: 'din-4', min: 18, max: 21, temperature: 293 } },
      ],
      wetFilm: { min: 50e-6, aim: 60e-6, max: 75e-6 },
      shelf: { closed: 700, opened: 90 },
      vocLimit: { value: 420, counts: 'less-water' },
      vapour: { molarMass: 0.106, lowerLimit: 0.01 },
      thinning: { ...sheet.thinning, usual: 0.1 },
    };
    expect(read(full)).toEqual(plain(full));
  });

  it('a revision holds a whole sheet, and not half of one', () => {
    const revision = {
      kind: 'revision',
      version: 2,
      id: 'r',
      coatingId: 's',
      until: '2026-11-23T12:00:00.000Z',
      sheet,
    };
    expect(read(revision)).toEqual(plain(revision));
    const half = { ...sheet, film: undefined };
    expect(readRecord(plain({ ...revision, sheet: half }))).toMatchObject({
      refused: 'invalid',
      says: expect.stringMatching(/^sheet\.film/),
    });
  });

  it('a job with its strokes, openings, fan and hand, and a coat judged by how it flowed', () => {
    const base = logged(aJob(), [
      -5,
      {
        type: 'flowed',
        coatId: 'lacquer-1',
        seen: 'even',
        film: 90e-6,
        viscosity: 0.4,
        density: 1040,
        setting: 90,
        angle: 1.57,
      },
    ]);
    const fanShape = { flatness: 0.4, softness: 1, skew: 0.1, split: 0, tilt: -0.1 };
    const full = changed(
      coatsChanged(base, () => ({ path: { beyond: 0.05, cross: true, shortWay: true } })),
      {
        part: {
          ...base.part,
          faces: base.part.faces.map((face) => ({
            ...face,
            openings: [{ x: 0.1, y: 0, width: 0.2, height: 0.3, round: true }],
          })),
        },
        approach: { fanShape, hand: { kind: 'person', name: 'Ada' } },
      },
    );
    expect(read(full)).toEqual(plain(full));
    expect(
      readRecord(plain(changed(full, { approach: { fanShape: { ...fanShape, split: 2 } } }))),
    ).toMatchObject({ refused: 'invalid' });
  });

  it('a try at practice, and not one of a drill nobody knows', () => {
    const film = {
      inside: 0.8,
      under: 0.1,
      over: 0.1,
      mean: 45e-6,
      cv: 0.2,
      runs: 1,
      sprayed: 1e-4,
      seconds: 20,
    };
    const hand = {
      strokes: 5,
      speed: 0.4,
      speedSpread: 0.1,
      varied: 0.2,
      spacing: 0.12,
      spacingSpread: 0.1,
      lead: -0.02,
      leadSpread: 0.01,
      bow: 0,
    };
    const aTry = {
      kind: 'practice',
      version: 1,
      id: 'p',
      name: 'Ada',
      at: '2026-11-23T12:00:00.000Z',
      drill: 'upright',
      film,
      hand,
    };
    expect(read(aTry)).toEqual(aTry);
    expect(
      read({
        ...aTry,
        drill: 'set-up',
        film: undefined,
        hand: undefined,
        gun: { trouble: 'air-low', cards: 3, solved: true },
      }),
    ).toMatchObject({ gun: { cards: 3 } });
    expect(readRecord(plain({ ...aTry, drill: 'juggling' }))).toMatchObject({ refused: 'invalid' });
    expect(readRecord(plain({ ...aTry, hand: { ...hand, strokes: 0 } }))).toMatchObject({
      refused: 'invalid',
    });
  });

  it('a rig with its care: seals, renewals, kit and water found; and what a shop says of its place and waste', () => {
    const rig = {
      ...turbine,
      seals: 'nitrile',
      wetted: ['stainless', 'aluminium'],
      renewals: [{ id: 'r', part: 'nozzle', which: 's13', on: '2026-11-01', why: 'worn' }],
      intervals: { packing: 90 * 86_400 },
      kit: [{ id: 'k', part: 'gasket', stock: 2, lead: 14, price: 6 }],
      waterFound: [{ at: '2026-11-23T12:00:00.000Z', where: 'tank', volume: 2e-4, air: 290, humidity: 0.6 }],
      airParts: [{ id: 'a', kind: 'drain', since: '2026-11-22', every: 2 }],
    };
    expect(read(rig)).toEqual(rig);
    for (const wrong of [
      { ...rig, seals: 'cheese' },
      { ...rig, renewals: [{ ...rig.renewals[0], on: 'yesterday' }] },
      { ...rig, kit: [{ ...rig.kit[0], stock: -1 }] },
      { ...rig, intervals: { packing: 0 } },
      { ...rig, intervals: { trigger: 5 } },
    ])
      expect(readRecord(plain(wrong))).toMatchObject({ refused: 'invalid' });
    const shop = {
      ...newShop,
      careWords: { 'two-part/gravity/strip/flush': 'Our way.' },
      place: { kind: 'booth', width: 3, airFlow: 3.75, mixing: 3 },
      fluid: {
        counted: { at: '2026-11-20T08:00:00.000Z', volume: 2e-3 },
        drum: { holds: 0.03, emptied: '2026-11-01T08:00:00.000Z' },
      },
      wasteRules: 'Blue drum.',
    };
    expect(read(shop)).toEqual(shop);
    expect(readRecord(plain({ ...shop, place: { kind: 'moon' } }))).toMatchObject({ refused: 'invalid' });
  });

  it('a rig with its lines and the patterns of its cards', () => {
    const pattern = {
      width: 0.25,
      height: 0.07,
      profile: [0.2, 1, 1.4, 1, 0.2],
      centre: 0,
      ends: 1,
      flatness: 0.8,
      middle: 1.2,
      bend: 0,
      softness: 0.1,
      tails: 1.2,
      spatter: 0,
      speckle: 5e-4,
      fault: 'good',
      confidence: 0.8,
    };
    const rig = {
      ...turbine,
      airHose: { bore: 8e-3, length: 10, couplings: 2 },
      compressor: { delivers: 5e-3, tank: 0.1, high: 9e5, low: 6e5 },
      viscosity: { cupId: 'din-4', min: 16, max: 22 },
      tipsWorn: { '517': { fan: 0.2 } },
      sets: [{ id: 'n13', bore: 1.3e-3, needle: 'N', nozzle: 'F', cap: 'C', since: '2026-01-31' }],
      turbine: { sealed: 5e4, open: 0.04 },
      airParts: [{ id: 'a', kind: 'filter', name: 'coalescing', since: '2026-02-01' }],
      patterns: [{ at: '2026-11-23T12:00:00.000Z', sheetId: 's', pattern }],
    };
    expect(read(rig)).toEqual(plain(rig));
    expect(
      isRefusal(
        readRecord(
          plain({ ...rig, patterns: [{ ...rig.patterns[0], pattern: { ...pattern, profile: [1] } }] }),
        ),
      ),
    ).toBe(true);
  });

  it('a cup is of a standard or the shop’s own, never both and never neither', () => {
    const own = { use: 'stand', liquids: [{ seconds: 20, viscosity: 40e-6 }] };
    const bare = { ...ford, standardId: undefined };
    expect(isRefusal(readRecord({ ...bare, own }))).toBe(false);
    expect(readRecord({ ...ford, own })).toMatchObject({ refused: 'invalid' });
    expect(readRecord(bare)).toMatchObject({ says: expect.stringContaining('either one of the standards’') });
    expect(
      isRefusal(readRecord({ ...bare, own: { ...own, liquids: [{ seconds: 0, viscosity: 40e-6 }] } })),
    ).toBe(true);
  });

  it.each([
    {
      type: 'leftover',
      batchId: 'b',
      layerId: 's',
      volume: 1e-3,
      from: 'Gate',
      mixedAt: '2026-11-23T08:00:00.000Z',
      mass: 0.4,
      thinner: 0,
    },
    { type: 'returned', canId: 'c', mass: 0.4, thinner: 0.1 },
    { type: 'stick', batchId: 'b', sign: 'ribbon-gone', temperature: 293 },
    { type: 'structure', batchId: 'b', cupId: 'cup', fresh: 30, stood: 33 },
    { type: 'trial', coatId: 'lacquer-1', text: 'good' },
    { type: 'card', layerId: 's', verdict: 'crescent', pressure: 2e5, score: 0.6 },
  ])('a log keeps %j', (entry) => {
    const job = aJob();
    const kept = { ...job, log: [{ id: 'e', at: '2026-11-23T12:00:00.000Z', counter: 0, ...entry }] };
    expect(read(kept)).toEqual(plain(kept));
  });

  it('a log refuses what it does not know, and amounts below zero', () => {
    const job = aJob();
    const base = { id: 'e', at: '2026-11-23T12:00:00.000Z', counter: 0 };
    for (const wrong of [
      { ...base, type: 'returned', canId: 'c', mass: -1, thinner: 0 },
      { ...base, type: 'stick', batchId: 'b', sign: 'smells fine', temperature: 293 },
      { ...base, type: 'card', layerId: 's', verdict: 'lovely' },
      { ...base, type: 'telepathy' },
    ])
      expect(isRefusal(readRecord(plain({ ...job, log: [wrong] })))).toBe(true);
  });

  it('a job keeps its approaches, recipes and choices', () => {
    const job = aJob();
    const full = changed(
      coatsChanged(job, () => ({
        thinning: { by: 'extra', extra: 0.05, thinnerId: 'slow' },
        weight: 0.5,
        setting: { pressure: 0.3e5, distance: 0.22, overlap: 0.66 },
      })),
      {
        approach: {
          thinBy: { kind: 'volume-steps', step: 0.05 },
          measure: 'pot',
          judged: 'sprayed',
          endPoint: 'ribbon-gone',
          target: 'own',
          ownBand: { cupId: 'cup', min: 20, max: 24, temperature: 293 },
          pot: 5e-3,
          batch: 2e-3,
          cards: 4,
          reserveWhy: 'one tin only',
        },
        part: {
          ...job.part,
          etched: true,
          absorption: 40e-6,
          faces: job.part.faces.map((face) => ({ ...face, sides: 2, shape: 1.2 })),
        },
        doses: { a: 0.02 },
        cans: ['c1', 'c2'],
        thinnerId: 'water',
      },
    );
    full.layers[0]!.work = workKinds.map((what, i) => ({
      id: `w${i}`,
      what,
      grit: 400,
      takes: 5e-6,
      lasts: 600,
      note: 'wet',
    }));
    expect(read(full)).toEqual(plain(full));
    expect(
      isRefusal(readRecord(plain(changed(full, { approach: { thinBy: { kind: 'by-ear' } as never } })))),
    ).toBe(true);
  });

  it('a shop with people, rates and a store room; a sheet with packs; a photo of a place', () => {
    const shop = {
      ...newShop,
      people: [
        {
          ...{
            id: 'i',
            name: 'Ida B',
            formerly: ['Ida'],
            left: '2026-11-23T12:00:00.000Z',
            waives: ['part'],
          },
          signed: [{ what: 'air', at: '2026-11-23T12:00:00.000Z', by: 'Ole', on: '10 of 10' }],
        },
      ],
      signing: { parts: 12, drills: 3, panel: 0.85, lasts: 86_400 },
      rates: {
        ...{ labour: 0.0133, thinner: 7000, cleaner: 4000, waste: 1000, masking: 0.15, tax: 0.2 },
        addition: { kind: 'margin', share: 0.3 },
      },
      stock: [{ id: 'g', name: 'Gloves', stock: 2, least: 10, lead: 3, price: 0.2 }],
    };
    expect(read(shop)).toEqual(plain(shop));
    const sold = { ...sheet, packs: [{ componentId: 'base', volume: 1e-3, price: 55 }], lead: 4 };
    expect(read(sold)).toEqual(plain(sold));
    const photo = {
      ...{ kind: 'photo', version: 2, id: 'p', jobId: 'job', at: '2026-11-23T12:00:00.000Z', name: '' },
      ...{ width: 4, height: 3, marks: [], faceId: 'front', zone: 'edges' },
    };
    expect(read(photo)).toEqual(plain(photo));
    expect(isRefusal(readRecord(plain({ ...shop, signing: { ...shop.signing, parts: 0 } })))).toBe(true);
    expect(isRefusal(readRecord(plain({ ...photo, zone: 'attic' })))).toBe(true);
  });

  it('a job outdoors, its faces turned, and what the round found', () => {
    const job = aJob();
    const entry = { at: '2026-11-23T12:00:00.000Z' };
    const full = {
      ...job,
      outdoors: {
        ...{
          latitude: 0.9,
          longitude: -0.1,
          day: '2026-06-21',
          absorptance: 0.8,
          coldest: 284,
          warmest: 297,
        },
        ...{ dawnHumidity: 0.9, wind: 0, gusts: 3, cloud: 0.5, windFrom: 4.7 },
        around: [{ id: 'c', what: 'car', distance: 4, bearing: 1.57, covered: true }],
      },
      part: {
        ...job.part,
        faces: job.part.faces.map((face) => ({ ...face, facing: 3.14, method: 'roller' as const })),
      },
      log: [
        { ...entry, id: 'a', counter: 0, type: 'climate', air: 290, part: 291, humidity: 0.5, gusts: 0 },
        {
          ...{ ...entry, id: 'b', counter: 1, type: 'inspected', faceId: 'front', zone: 'field' },
          ...{ asks: 'dust', found: 'counted', nibs: 3, fibres: 1 },
        },
        { ...entry, id: 'c', counter: 2, type: 'guide', faceId: 'front', highs: [1], lows: [2, 23] },
        {
          ...{ ...entry, id: 'd', counter: 3, type: 'miss', text: 'Bare', how: 'brush', who: 'Ida' },
          due: '2026-11-24T12:00:00.000Z',
        },
        { ...entry, id: 'e', counter: 4, type: 'miss-closed', missId: 'd', did: 'done' },
      ],
    };
    expect(read(full)).toEqual(plain(full));
    for (const wrong of [
      { ...full.log[1], found: 'lovely' },
      { ...full.log[2], lows: [24] },
      { ...full.log[3], text: '' },
      { ...full.log[0], gusts: -1 },
    ])
      expect(isRefusal(readRecord(plain({ ...full, log: [wrong] })))).toBe(true);
  });

  it('a gun that is searched, eased, dropped and warmed up', () => {
    const rig = {
      ...turbine,
      distances: { s: 0.18 },
      misfits: ['515'],
      patterns: [
        {
          ...{ at: '2026-11-20T10:00:00.000Z', sheetId: 's', distance: 0.17, turns: 1.5 },
          pattern: {
            ...{
              width: 0.25,
              height: 0.05,
              profile: [0, 1, 2, 1, 0],
              centre: 0,
              ends: 0,
              flatness: 1,
              middle: 1,
              bend: 0,
            },
            ...{ softness: 0.5, tails: 1, spatter: 0, speckle: 0, fault: 'good', confidence: 0.9 },
          },
        },
      ],
    };
    expect(read(rig)).toEqual(plain(rig));
    expect(isRefusal(readRecord(plain({ ...rig, distances: { s: 0 } })))).toBe(true);
    const entry = { at: '2026-11-23T12:00:00.000Z' };
    const job = aJob();
    const full = {
      ...job,
      log: [
        { ...setting(), ...entry, id: 'a', counter: 0, trigger: 0.6 },
        {
          ...{
            ...entry,
            id: 'b',
            counter: 1,
            type: 'card',
            layerId: 'lacquer',
            verdict: 'dry',
            distance: 0.2,
          },
          arrival: { after: 10, found: 'dry' },
        },
        {
          ...entry,
          id: 'c',
          counter: 2,
          type: 'incident',
          what: 'front-struck',
          rigId: 'rig',
          note: 'on steel',
        },
        { ...entry, id: 'd', counter: 3, type: 'turbine-on', rigId: 'rig' },
        { ...entry, id: 'e', counter: 4, type: 'texture', coatId: 'lacquer-1', found: 'wet-rough' },
      ],
      sprayedIn: 'confined',
    };
    expect(read(full)).toEqual(plain(full));
    for (const wrong of [
      { ...full.log[0], trigger: 0 },
      { ...full.log[0], trigger: 1.1 },
      { ...full.log[1], arrival: { after: 10, found: 'green' } },
      { ...full.log[2], what: 'stolen' },
    ])
      expect(isRefusal(readRecord(plain({ ...full, log: [wrong] })))).toBe(true);
  });
});
