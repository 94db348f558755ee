import { diagnose } from '@/core/diagnosis';
import type { NewEntry, Rig } from '@/records';
import {
  aJob,
  airless,
  at,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  seen,
  start,
  turbine,
  wallPaint,
} from '../../../tests/fixtures/job';
import { sure } from '../../../tests/fixtures/gun';
import { cannotBe, evidenceOf } from './index';

const compressor: Rig = { ...turbine, air: 'compressor' };

describe('causes that cannot be', () => {
  it('without air no air, no cap and no water; with it no pump', () => {
    expect(cannotBe(seen(aJob([wallPaint]), { rig: airless }))).toEqual(
      expect.arrayContaining(['air-low', 'air-high', 'cap-blocked', 'horn-blocked', 'line-water']),
    );
    expect(cannotBe(seen(aJob([wallPaint]), { rig: airless }))).not.toContain('pump-low');
    expect(cannotBe(seen(aJob(), { rig: compressor }))).toContain('pump-low');
    expect(cannotBe(seen(aJob(), { rig: compressor }))).not.toContain('line-water');
    // A turbine’s air is dry.
    expect(cannotBe(seen(aJob()))).toContain('line-water');
  });

  it('no band, nothing to thin to; one part, no ratio; no pot life, none that is over', () => {
    const bandless = { ...lacquer, target: undefined };
    expect(cannotBe(seen(aJob([bandless])))).toEqual(expect.arrayContaining(['too-thick', 'over-thinned']));
    expect(cannotBe(seen(aJob()))).not.toContain('too-thick');
    expect(cannotBe(seen(aJob()))).toEqual(expect.arrayContaining(['mix-off', 'pot-old']));
    const two = cannotBe(seen(logged(aJob([colour]), [-9, mixedColour()])));
    expect(two).not.toContain('mix-off');
    expect(two).not.toContain('pot-old');
  });

  it('nothing below, nothing that was recoated too late or attacked', () => {
    const bare = { ...aJob(), part: { ...aJob().part, existing: 'bare' as const } };
    expect(cannotBe(seen(logged(bare, [-9, start('lacquer-1')])))).toContain('recoat-late');
    const keeps = { ...bare, part: { ...bare.part, existing: 'keep' as const } };
    expect(cannotBe(seen(logged(keeps, [-9, start('lacquer-1')])))).not.toContain('attack-below');
    const second = logged(bare, [-90, start('lacquer-1')], [-80, end('lacquer-1')], [-9, start('lacquer-2')]);
    expect(cannotBe(seen(second))).not.toContain('flash-short');
  });

  it('they drop out of the suspects, the rest make one; where nothing else were left they stay', () => {
    const { suspects } = sure(diagnose(['fish-eyes'], [], { cannot: ['line-water'] }));
    expect(suspects.map(({ cause }) => cause)).not.toContain('line-water');
    expect(suspects.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
    const all = sure(diagnose(['fish-eyes'], [])).suspects.map(({ cause }) => cause);
    expect(sure(diagnose(['fish-eyes'], [], { cannot: all })).suspects).toHaveLength(all.length);
  });
});

describe('water found in the air', () => {
  const found = (where: 'tank' | 'separator' | 'gun', minutes: number, volume = 20e-6): Rig => ({
    ...compressor,
    dryer: true,
    waterFound: [
      { at: at(minutes), where, volume, air: 294, room: 294, humidity: 0.5 },
    ] as unknown as Rig['waterFound'],
  });
  const room: readonly [number, NewEntry] = [-100, fitRoom];
  const says = (rig: Rig) =>
    evidenceOf(seen(logged(aJob(), room), { rig })).find(({ finding }) => finding.startsWith('water:'));

  it('outranks what the weather and a dryer let expect', () => {
    expect(says({ ...compressor, dryer: true })?.finding).toBe('water:ok');
    expect(says(found('gun', -600))).toMatchObject({
      finding: 'water:likely',
      says: 'water was found at the gun',
    });
    expect(says(found('separator', -600))?.finding).toBe('water:likely');
  });

  it('a tank always gathers some; long ago, in time to come, or none tells nothing', () => {
    expect(says(found('tank', -600))?.finding).toBe('water:ok');
    expect(says(found('gun', -8 * 24 * 60))?.finding).toBe('water:ok');
    expect(says(found('gun', 60))?.finding).toBe('water:ok');
    expect(says(found('gun', -600, 0))?.finding).toBe('water:ok');
  });
});
