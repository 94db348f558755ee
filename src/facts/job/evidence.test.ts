import type { Finding } from '@/core/diagnosis';
import { isRefusal } from '@/core/refusal';
import type { Can, NewEntry } from '@/records';
import {
  aJob,
  card,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  reading,
  seen,
  setting,
  start,
  turbine,
  worked,
} from '../../../tests/fixtures/job';
import { cureStageOf, evidenceOf, filmByCoat } from './index';

type Steps = readonly (readonly [number, NewEntry])[];
const base: Steps = [
  [-100, fitRoom],
  [-90, mixedLacquer],
  [-80, reading(24)],
  [-70, setting()],
  [-60, card()],
];
const found = (...steps: Steps): Finding[] =>
  evidenceOf(seen(logged(aJob(), ...steps))).map(({ finding }) => finding);
const changed = (entry: NewEntry, said: object) => ({ ...entry, ...said }) as NewEntry;
const film = (reading_: number, spot = 0): NewEntry => ({
  type: 'film',
  faceId: 'front',
  spot,
  reading: reading_,
});

describe('what the log says of a defect', () => {
  it('is nothing where nothing was recorded but the plan', () => {
    expect(found()).toEqual(['overlap:ok']);
  });

  it('that all was as it should be', () => {
    const all = found(...base);
    for (const finding of ['viscosity:ok', 'heat:ok', 'damp:ok', 'dew:ok', 'card:ok', 'overlap:ok'] as const)
      expect(all).toContain(finding);
  });

  it.each<[string, Steps, Finding]>([
    [
      'a cup too slow',
      [
        [-50, reading(40)],
        [-49, reading(40.4)],
      ],
      'viscosity:high',
    ],
    [
      'a cup too quick',
      [
        [-50, reading(15)],
        [-49, reading(15.1)],
      ],
      'viscosity:low',
    ],
    ['a cold part', [[-50, changed(fitRoom, { part: 275 })]], 'heat:cold'],
    ['damp air', [[-50, changed(fitRoom, { humidity: 0.95 })]], 'damp:humid'],
    ['a part near the dew point', [[-50, changed(fitRoom, { humidity: 0.95 })]], 'dew:tight'],
    ['a split card', [[-50, card('split')]], 'card:split'],
    [
      'too high a pressure',
      [[-50, changed(setting(), { pressure: 0.9e5, pressureAt: 'cap' })]],
      'pressure:high',
    ],
    ['a gun too far off', [[-50, changed(setting(), { distance: 0.3 })]], 'distance:far'],
    ['a nozzle too large', [[-50, changed(setting(), { bore: 1.8e-3 })]], 'nozzle:large'],
    ['little overlap', [[-50, changed(setting(), { overlap: 0.3 })]], 'overlap:short'],
    ['a hand too quick', [[-50, changed(setting(), { speed: 1.2 })]], 'speed:fast'],
    [
      'thinner off the sheet',
      [[-50, { type: 'addition', batchId: 'b', what: 'water', mass: 0.4, offSheet: true }]],
      'thinner:over',
    ],
    [
      'a thick film',
      [
        [-40, start('lacquer-1')],
        [-30, end('lacquer-1')],
        [-5, film(60e-6)],
      ],
      'film:thick',
    ],
    [
      'a thin film',
      [
        [-40, start('lacquer-1')],
        [-30, end('lacquer-1')],
        [-5, film(12e-6)],
      ],
      'film:thin',
    ],
    [
      'a comb above its range',
      [
        [-40, start('lacquer-1')],
        [-38, { type: 'comb', coatId: 'lacquer-1', wetted: 200e-6, dry: 225e-6 }],
      ],
      'film:thick',
    ],
    [
      'a coat begun too early',
      [
        [-40, start('lacquer-1')],
        [-30, end('lacquer-1')],
        [-25, start('lacquer-2')],
      ],
      'flash:short',
    ],
    ['a tack nobody did', [[-50, { type: 'tick', list: 'ready', step: 'clean', done: true }]], 'tack:late'],
  ])('%s', (_, steps, finding) => {
    const view = seen(logged(aJob(), ...base, ...steps));
    const all = evidenceOf(view);
    expect(all.map((each) => each.finding)).toContain(finding);
  });

  it('gives every finding its source', () => {
    for (const each of evidenceOf(seen(logged(aJob(), ...base))))
      expect(each.entry ?? each.says ?? each.quantity).toBeDefined();
    const line = evidenceOf(
      seen(logged(aJob(), [-50, changed(fitRoom, { humidity: 0.75 })]), {
        rig: { ...turbine, air: 'compressor' },
      }),
    );
    expect(line.find(({ finding }) => finding === 'water:likely')!.says).toContain('nothing dries');
  });

  it('wants a fresh card once a change was made for a cause, and not for any note of one', () => {
    const cardState = (entry: NewEntry) => seen(logged(aJob(), ...base, [-30, entry])).set.cardState;
    expect(cardState({ type: 'action', text: 'Opened the doors' })).toBe('good');
    expect(cardState({ type: 'action', text: 'Raise the air', cause: 'air-low' })).toBe('changed');
  });

  it('knows a two-part mix: its ratio, its rest, its pot life', () => {
    const job = aJob([colour]);
    const sprayed = (minutes: number) =>
      evidenceOf(seen(logged(job, [-200, mixedColour()], [minutes, start('colour-1')]))).map(
        ({ finding }) => finding,
      );
    expect(sprayed(-195)).toEqual(expect.arrayContaining(['rest:skipped', 'pot:ok', 'mix:ok']));
    expect(sprayed(-10)).toEqual(expect.arrayContaining(['rest:ok', 'pot:old']));
  });
});

describe('film by coat, corrected', () => {
  const coats: Steps = [
    [-60, start('lacquer-1')],
    [-50, end('lacquer-1')],
    [-45, film(28e-6)],
    [-30, start('lacquer-2')],
    [-20, end('lacquer-2')],
    [-10, film(60e-6)],
  ];
  it('tells what each coat laid by itself, and judges only what lies there now', () => {
    const job = logged(aJob(), ...coats);
    const [first, second] = filmByCoat(worked(job));
    expect(first).toMatchObject({ coatId: 'lacquer-1', total: 28e-6, own: 28e-6 });
    expect(second!.own).toBeCloseTo(32e-6, 12);
    expect(seen(job).check.spots[0]!.films).toEqual([60e-6]);
  });

  it('takes off what lay below and corrects the gauge, from its check on', () => {
    const check: NewEntry = { type: 'gauge-check', zero: 0, shim: 50e-6, read: 52.5e-6 };
    const view = seen(
      logged(
        aJob(),
        ...coats,
        [-12, check],
        [-11, { type: 'base', faceId: 'front', reading: 10e-6 }],
        [-5, film(52.5e-6, 1)],
      ),
    );
    expect(view.check.gauge).toBeDefined();
    expect(view.check.spots[1]!.films[0]).toBeCloseTo(40e-6, 12);
    const late = seen(logged(aJob(), ...coats, [-2, check]));
    expect(late.check.spots[0]!.films[0]).toBeCloseTo(60e-6, 12);
    const broken = seen(logged(aJob(), ...coats, [-12, { ...check, read: 70e-6 }]));
    expect(broken.check.spots[0]!.films[0]).toBeCloseTo(60e-6, 12);
  });

  it('goes by the user’s own limits, and has a place on the face for every spot there is', () => {
    const job = logged(aJob(), ...coats, [-4, film(55e-6, 17)]);
    const own = {
      ...job,
      approach: { ...job.approach, acceptance: 'own' as const, ownLimits: { min: 50e-6, max: 58e-6 } },
    };
    const { check } = seen(own);
    expect(check.verdict).toMatchObject({ passes: false });
    expect(check.spots).toHaveLength(18);
    for (const { x, y } of check.spots) {
      expect(Math.min(x, y)).toBeGreaterThan(0);
      expect(Math.max(x, y)).toBeLessThan(1);
    }
  });

  it('says how far the coat has come', () => {
    const at = (minutes: number) =>
      cureStageOf(seen(logged(aJob(), [-60, start('lacquer-1')], [-50, end('lacquer-1')]), { minutes }))
        .stage;
    expect([at(-45), at(0), at(24 * 60), at(12 * 24 * 60)]).toEqual(['wet', 'tacky', 'dry', 'cured']);
    expect(lacquer.times.flash).toBe(1800);
  });
});

describe('what nobody did wrong, and what stood too long', () => {
  it('never blames the hand for setting what Set advised', () => {
    const narrow = aJob([
      {
        ...lacquer,
        guns: lacquer.guns.map((gun) => ({ ...gun, distance: { min: 0.3, max: 0.4 } })),
      },
    ]);
    const set = (distance: number) =>
      evidenceOf(seen(logged(narrow, ...base, [-50, { ...setting(), distance } as NewEntry]))).map(
        ({ finding }) => finding,
      );
    const advised = seen(logged(narrow, ...base)).set.proposal;
    if (isRefusal(advised)) throw new Error(advised.says);
    expect(set(advised.distance)).toContain('distance:ok');
    expect(set(0.15)).toContain('distance:near');
  });

  it('knows a can past its date by what was poured', () => {
    const can = (useBefore: string): Can => ({
      ...{ kind: 'can', version: 1, id: 'can', coatingId: 'lacquer', componentId: 'base' },
      ...{ lot: 'L-4', size: 5e-3, left: 4e-3, useBefore },
    });
    const of = (useBefore: string) =>
      evidenceOf(
        seen(
          logged(aJob(), [
            -95,
            {
              type: 'poured',
              ...{ batchId: 'b', layerId: 'lacquer', volume: 1e-3, partId: 'base', mass: 1 },
              from: [{ canId: 'can', mass: 1 }],
            },
          ]),
          { cans: [can(useBefore)] },
        ),
      ).find(({ finding }) => finding.startsWith('can:'));
    expect(of('2026-01-01')).toMatchObject({ finding: 'can:old', says: 'lot L-4, use before 2026-01-01' });
    expect(of('2027-01-01')?.finding).toBe('can:ok');
  });

  it('sees a gun that stood with mix in it, unless its cap was wiped', () => {
    const coats: Steps = [
      [-300, start('lacquer-1')],
      [-290, end('lacquer-1')],
      [-200, start('lacquer-2')],
      [-190, end('lacquer-2')],
    ];
    const wipe: NewEntry = { type: 'tick', list: 'midway', step: 'mid-wipe', done: true };
    expect(found(...coats)).toContain('wiped:late');
    expect(found(...coats, [-250, wipe])).toContain('wiped:ok');
  });

  it('reads the specks counted on the round', () => {
    const count = (zone: 'edges' | 'field', nibs: number, fibres = 0): NewEntry => ({
      type: 'inspected',
      ...{ faceId: 'front', zone, asks: 'dust', found: 'counted', nibs, fibres },
    });
    const on: Steps = [
      [-60, start('lacquer-1')],
      [-50, end('lacquer-1')],
    ];
    expect(found(...on, [-5, count('edges', 9)], [-4, count('field', 1)])).toContain('specks:rim');
    expect(found(...on, [-5, count('edges', 2, 9)], [-4, count('field', 1)])).toContain('specks:fibres');
    expect(found(...on, [-5, count('field', 2)]).some((each) => each.startsWith('specks'))).toBe(false);
  });
});
