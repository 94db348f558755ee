import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { holdFilm, solveStroke, type Lever, type Stroke } from '.';

const strokes: fc.Arbitrary<Stroke> = fc.record({
  wetFilm: fc.double({ min: 20e-6, max: 300e-6, noNaN: true }),
  flow: fc.double({ min: 80e-6 / 60, max: 2e-3 / 60, noNaN: true }),
  transfer: fc.double({ min: 0.2, max: 0.9, noNaN: true }),
  speed: fc.double({ min: 0.1, max: 1, noNaN: true }),
  fan: fc.double({ min: 0.1, max: 0.5, noNaN: true }),
  overlap: fc.double({ min: 0, max: 0.9, noNaN: true }),
});
const levers: readonly Lever[] = ['flow', 'speed', 'fan', 'overlap'];

describe('holding the film while a lever moves', () => {
  it('whichever lever gives way, the film stays and nothing else moves', () => {
    fc.assert(
      fc.property(strokes, fc.constantFrom(...levers), (stroke, answer) => {
        const held = holdFilm(stroke, answer);
        if (isRefusal(held)) {
          // Only the overlap can be out of reach.
          expect(answer).toBe('overlap');
          return;
        }
        const film = solveStroke('wetFilm', held);
        expect((film as number) / stroke.wetFilm).toBeCloseTo(1, 6);
        for (const lever of levers.filter((each) => each !== answer)) expect(held[lever]).toBe(stroke[lever]);
      }),
    );
  });

  it('more fluid wants a quicker hand, in proportion', () => {
    fc.assert(
      fc.property(strokes, fc.double({ min: 1.05, max: 3, noNaN: true }), (stroke, factor) => {
        const slow = holdFilm(stroke, 'speed') as Stroke;
        const quick = holdFilm({ ...stroke, flow: stroke.flow * factor }, 'speed') as Stroke;
        expect(quick.speed / slow.speed).toBeCloseTo(factor, 6);
      }),
    );
  });

  it('75 to 90 % of overlap is four to ten layers: the speed follows', () => {
    const stroke: Stroke = {
      wetFilm: 60e-6,
      flow: 250e-6 / 60,
      transfer: 0.6,
      speed: 0.4,
      fan: 0.25,
      overlap: 0,
    };
    const speed = (overlap: number) => (holdFilm({ ...stroke, overlap }, 'speed') as Stroke).speed;
    expect(speed(0.75) / speed(0)).toBeCloseTo(4, 9);
    expect(speed(0.9) / speed(0)).toBeCloseTo(10, 9);
  });
});
