import { fieldFacts, type FieldFacts } from '@/core/evenness';
import type { Face, Job, NewEntry } from '@/records';
import {
  aJob,
  card,
  coatsChanged,
  coatsIn,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedLacquer,
  reading,
  seen,
  setting,
  start,
  turbine,
} from '../../../tests/fixtures/job';
import { angleOf, evenSetup, filmOnFace, flowLimits, laidReadings, landedNow } from './index';
import { sure } from '../../../tests/fixtures/gun';

const sprayedJob = (...more: readonly (readonly [number, NewEntry])[]) =>
  logged(
    aJob(),
    [-100, fitRoom],
    [-90, mixedLacquer],
    [-80, reading(24)],
    [-70, setting()],
    [-60, card()],
    ...more,
  );
const setupOf = (job: Job, coatId?: string) => sure(evenSetup(seen(job), 'front', coatId));
const factsOf = (job: Job): FieldFacts => {
  const view = seen(job);
  const laid = sure(filmOnFace(view, sure(evenSetup(view, 'front')), undefined));
  return sure(fieldFacts(laid.field, laid.limits));
};
const withFace = (job: Job, part: Partial<Face>): Job => ({
  ...job,
  part: { ...job.part, faces: job.part.faces.map((face) => ({ ...face, ...part })) },
});

describe('a coat ready to be laid', () => {
  it('is sprayed as the gun was set, else as is proposed', () => {
    const set = setting();
    const held = setupOf(sprayedJob());
    if (set.type !== 'setting') throw new Error('no setting');
    expect(held.gun).toMatchObject({ fan: set.fan, distance: set.distance, flow: set.fluid });
    expect(held.passes.spacing).toBeCloseTo(set.fan * (1 - set.overlap), 9);
    expect(held.pattern).toBe('default');
    const proposed = setupOf(logged(aJob(), [-90, mixedLacquer]));
    expect(proposed.gun.flow).toBeGreaterThan(0);
    // What is proposed lays about the film that is wanted.
    const { mean } = factsOf(logged(aJob(), [-90, mixedLacquer]));
    expect(mean / proposed.aim).toBeGreaterThan(0.85);
    expect(mean / proposed.aim).toBeLessThan(1.35);
  });

  it('takes its pattern from a shape, else from the last card of its gun', () => {
    const shaped = aJob([lacquer], {
      approach: { fanShape: { flatness: 0.5, softness: 1, skew: 0, split: 0, tilt: 0.1 } },
    });
    expect(setupOf(shaped)).toMatchObject({ pattern: 'shape', passes: { tilt: 0.1 } });
    const film = [0.2, 1, 1.6, 1, 0.2];
    const pattern = {
      width: 0.25,
      height: 0.05,
      profile: film,
      centre: 0,
      ends: 1,
      flatness: 0.8,
      middle: 1,
      bend: 0,
      softness: 0.1,
      tails: 1,
      spatter: 0,
      speckle: 0,
      fault: 'good',
      confidence: 1,
    };
    const rig = { ...turbine, patterns: [{ at: '2026-11-23T10:00:00.000Z', sheetId: 'other', pattern }] };
    const carded = sure(evenSetup(seen(sprayedJob(), { rig }), 'front'));
    expect(carded).toMatchObject({ pattern: 'card', film });
    expect(carded.gun.footprint).toBeCloseTo((carded.gun.fan / 2) * 0.2, 9);
  });

  it('turns openings and strokes with the way they go', () => {
    const cut = withFace(sprayedJob(), { openings: [{ x: 0.1, y: 0.2, width: 0.3, height: 0.4 }] });
    // The face is 0.7 wide and 2 high: strokes go up and down, so the map lies turned.
    expect(setupOf(cut).openings[0]).toMatchObject({ x: 0.2, y: 0.1, width: 0.4, height: 0.3 });
    const short = {
      ...coatsChanged(cut, () => ({ path: { beyond: 0.05, shortWay: true } })),
    };
    expect(setupOf(short).openings[0]).toMatchObject({ x: 0.1, y: 0.2 });
    expect(setupOf(short).passes).toMatchObject({ along: 0.7, across: 2, beyond: 0.05 });
  });

  it('stacks coats dry whichever way each went, and refuses what has no film or face', () => {
    const job = sprayedJob();
    const both = coatsIn(job).map(({ id }) => id);
    const dry = (one: Job) => {
      const view = seen(one);
      const laid = sure(filmOnFace(view, sure(evenSetup(view, 'front')), both));
      return sure(fieldFacts(laid.field, laid.limits)).mean;
    };
    const crossed = {
      ...coatsChanged(job, (_, i) => (i === 1 ? { path: { beyond: 0, shortWay: true } } : {})),
    };
    const solids = setupOf(job).solids;
    expect(dry(job)).toBeCloseTo(2 * solids * factsOf(job).mean, 7);
    expect(dry(crossed) / dry(job)).toBeGreaterThan(0.85);
    expect(dry(crossed) / dry(job)).toBeLessThan(1.15);
    const bare = { ...lacquer, components: lacquer.components.map((part) => ({ ...part, volumeSolids: 0 })) };
    expect(evenSetup(seen(aJob([bare])), 'front')).toMatchObject({ refused: 'no-film' });
    expect(filmOnFace(seen(job), setupOf(job), [])).toMatchObject({ refused: 'no-coat' });
  });
});

describe('flow-out of a job', () => {
  it('lands richer than it was timed, upright by how the face hangs', () => {
    const view = seen(sprayedJob());
    const landed = sure(landedNow(view, sure(evenSetup(view, 'front')).coat));
    expect(landed.viscosity).toBeGreaterThan(view.set.viscosity);
    expect(angleOf({ lies: 'upright' })).toBeCloseTo(Math.PI / 2, 9);
    expect(angleOf({ lies: 'flat' })).toBe(0);
  });

  it('moves its limits by the verdicts of every job', () => {
    const verdict = (seen_: 'peel' | 'even' | 'run', film: number): readonly [number, NewEntry] => [
      -10,
      {
        type: 'flowed',
        coatId: 'lacquer-1',
        seen: seen_,
        film,
        viscosity: 0.4,
        density: 1040,
        setting: 90,
        angle: Math.PI / 2,
      },
    ];
    const none = flowLimits([aJob()]);
    const some = flowLimits([
      logged(aJob(), verdict('run', 50e-6), verdict('run', 55e-6)),
      logged(aJob(), verdict('peel', 60e-6)),
    ]);
    expect(none).toMatchObject({ peels: 0, runs: 0 });
    expect(some).toMatchObject({ peels: 1, runs: 2 });
    expect(some.sag).toBeLessThan(none.sag);
    expect(some.levelling).toBeGreaterThan(none.levelling);
  });
});

describe('readings over the map', () => {
  const films = (of: (spot: number) => number) =>
    [0, 1, 2, 3, 4].flatMap((spot) =>
      [0, 1, 2].map((i): readonly [number, NewEntry] => [
        -5 + i / 10,
        { type: 'film', faceId: 'front', spot, reading: of(spot) },
      ]),
    );
  const coated = (of: (spot: number) => number) =>
    sprayedJob([-40, start('lacquer-1')], [-30, end('lacquer-1')], ...films(of));

  it('stand beside what the strokes should have left, and say that the top was quicker', () => {
    const straight = sure(laidReadings(seen(coated(() => 25e-6)), 'front'));
    expect(straight.turned).toBe(true);
    expect(straight.places).toHaveLength(5);
    // Spots 1 and 2 lie at the top, 3 and 4 at the bottom: the map’s left and right.
    const foretold = straight.places.map((each) => each.foretold);
    const leaning = sure(
      laidReadings(
        seen(coated((spot) => foretold[spot]! * (spot === 0 ? 1 : spot < 3 ? 0.8 : 1.2))),
        'front',
      ),
    );
    const traces = sure(leaning.traces);
    expect(traces.right).toMatchObject({ sure: true });
    expect(traces.right.value).toBeGreaterThan(0.1);
    expect(traces.far.sure).toBe(false);
  });

  it('are asked for where there are none', () => {
    expect(
      laidReadings(seen(sprayedJob([-40, start('lacquer-1')], [-30, end('lacquer-1')])), 'front'),
    ).toMatchObject({ refused: 'no-readings' });
    expect(laidReadings(seen(sprayedJob()), 'front')).toMatchObject({ refused: 'no-coat' });
  });
});
