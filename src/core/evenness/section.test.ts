import fc from 'fast-check';
import { parabola, sectionAcross, shapedProfile, shapeProfile, type Profile } from './index';

const profile = shapedProfile(parabola) as Profile;

describe('a section across the strokes', () => {
  it('has a mean of one, and is the same from stroke to stroke', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.5, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (fan, overlap) => {
          const found = sectionAcross(profile, fan, fan * (1 - overlap), 300);
          expect(found.reduce((sum, each) => sum + each, 0) / 300).toBeCloseTo(1, 2);
          for (let i = 0; i < 100; i += 7) expect(found[i]).toBeCloseTo(found[i + 100]!, 6);
        },
      ),
    );
  });

  it('of a parabola at half overlap is 0.75 under a stroke’s middle and 1.125 between two', () => {
    const found = sectionAcross(profile, 0.2, 0.1, 600);
    expect(Math.min(...found)).toBeCloseTo(0.75, 2);
    expect(Math.max(...found)).toBeCloseTo(1.125, 2);
    expect(found[0]).toBeCloseTo(0.75, 2);
  });

  it('is flatter with more overlap, and nothing of a pattern that lays none', () => {
    const rough = (overlap: number) => {
      const found = sectionAcross(shapeProfile(1.5), 0.2, 0.2 * (1 - overlap), 300);
      return Math.max(...found) - Math.min(...found);
    };
    expect(rough(0.75)).toBeLessThan(rough(0.5));
    expect(sectionAcross(() => 0, 0.2, 0.1, 30)).toEqual([]);
    expect(sectionAcross(profile, 0.2, 0, 30)).toEqual([]);
  });
});
