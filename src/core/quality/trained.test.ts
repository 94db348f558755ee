import { trained, usualSigning, type TrainingEvidence } from './trained';

const day = 86_400_000;
const all = (n: number) => Array.from({ length: n }, () => true);
const shown: TrainingEvidence = { parts: all(10), drills: all(2), panels: [0.5, 0.82, 0.8, 0.9] };

describe('signing somebody off', () => {
  it('wants parts, drills and panels, the last of them', () => {
    expect(trained('air', shown, usualSigning, 0).state).toBe('ready');
    expect(trained('air', { ...shown, panels: [0.9, 0.9, 0.2] }, usualSigning, 0).state).toBe('short');
    expect(
      trained('air', { ...shown, parts: [...all(12), false, ...all(3)] }, usualSigning, 0),
    ).toMatchObject({
      state: 'short',
      shows: [{ what: 'parts', found: 3, wanted: 10, met: false }, {}, {}],
    });
    expect(trained('air', { parts: [] }, usualSigning, 0).state).toBe('short');
  });

  it('asks of a skill what belongs to it', () => {
    expect(trained('two-part', { parts: all(10) }, usualSigning, 0).state).toBe('ready');
    expect(trained('airless', shown, usualSigning, 0).shows.map(({ what }) => what)).toEqual([
      'parts',
      'panel',
    ]);
  });

  it('runs out', () => {
    const rules = { ...usualSigning, lasts: 30 * 86_400 };
    expect(trained('air', { parts: [] }, rules, 29 * day, 0)).toMatchObject({
      state: 'signed',
      until: 30 * day,
    });
    expect(trained('air', shown, rules, 30 * day, 0).state).toBe('expired');
  });
});
