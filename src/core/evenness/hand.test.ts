import { sure } from '../../../tests/fixtures/gun';
import { tabled, type FieldStroke } from './field';
import { asDone } from './hand';
import { unposted } from './postedgun';
import { massOf, normalised, shapeProfile } from './profile';

const stroke: FieldStroke = { from: -0.1, to: 1.1, y: 0.2, z: 0.2, aim: 0, distance: 0.2, speed: 0.4 };

describe('strokes as they were done', () => {
  it('have the pace that was felt and lean about the spot they aim at', () => {
    const [done] = asDone([stroke, { ...stroke, y: 0.3 }], [{ speed: 0.5, tilt: 0.2 }]);
    expect(done).toMatchObject({ speed: 0.5, aim: 0.2, from: -0.1, to: 1.1 });
    // The spot on the face stays where it was.
    expect(done!.y + done!.distance * Math.sin(done!.aim)).toBeCloseTo(0.2, 12);
    expect(done!.z - done!.distance * Math.cos(done!.aim)).toBeCloseTo(0, 12);
  });

  it('are as many as were done, and no more than were planned', () => {
    const felt = { speed: 0.4, tilt: 0 };
    expect(asDone([stroke], [felt, felt])).toEqual([stroke]);
    expect(asDone([stroke, stroke], [])).toEqual([]);
  });
});

describe('a profile', () => {
  it('has a mass of one once it is normalised, also as a table', () => {
    const one = sure(normalised(shapeProfile(2)));
    expect(massOf(one)).toBeCloseTo(1, 6);
    const table = sure(tabled(shapeProfile(2)));
    const mean = table.reduce((sum, each) => sum + each, 0) / (table.length - 1);
    expect(2 * mean).toBeCloseTo(1, 2);
    // The same profile is tabled once.
    const profile = shapeProfile(1);
    expect(sure(tabled(profile))).toBe(sure(tabled(profile)));
  });

  it('is refused where it lays no film', () => {
    expect(normalised(() => 0)).toMatchObject({ refused: 'no-film' });
    expect(tabled(() => 0)).toMatchObject({ refused: 'no-film' });
  });
});

it('a gun that came through a worker has its profile again', () => {
  const gun = { flow: 3e-6, transfer: 0.6, fan: 0.25, distance: 0.2, footprint: 0.04 };
  const again = sure(unposted({ ...gun, film: [0.2, 0.8, 1, 0.8, 0.2] }));
  expect(again.profile(0)).toBeCloseTo(1, 12);
  expect(again.profile(1)).toBe(0);
  expect(again).toMatchObject(gun);
});
