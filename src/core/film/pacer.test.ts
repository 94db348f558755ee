import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { handGuide } from './handguide';
import { paceAt } from './pacer';

const guide = handGuide({
  kind: 'flat',
  along: 1.8,
  across: 0.5,
  spacing: 0.125,
  speed: 0.5,
  fan: 0.25,
  lead: 0.1,
});
if (isRefusal(guide)) throw new Error(guide.says);

test('a stroke of two metres at half a metre a second takes four seconds, five of them twenty', () => {
  expect(guide.strokes).toHaveLength(5);
  expect(paceAt(guide, 0)).toEqual({ stroke: 0, share: 0, way: 1, turnIn: 4, left: 20, over: 0 });
  expect(paceAt(guide, 3)).toMatchObject({ stroke: 0, share: 0.75, way: 1, turnIn: 1, left: 17 });
  expect(paceAt(guide, 6)).toMatchObject({ stroke: 1, share: 0.5, way: -1, turnIn: 2, left: 14 });
  expect(paceAt(guide, 23)).toMatchObject({ stroke: 4, share: 1, left: 0, over: 3 });
});

test('before it begins the gun stands at the first end', () => {
  expect(paceAt(guide, -2)).toMatchObject({ stroke: 0, share: 0, left: 20, over: 0 });
});

test('the gun never jumps: between two moments it goes as far as its speed', () => {
  const placeAt = (t: number) => {
    const { stroke, share } = paceAt(guide, t);
    const { from, to } = guide.strokes[stroke]!;
    return from[0] + (to[0] - from[0]) * share;
  };
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (t, step) => {
        expect(Math.abs(placeAt(t + step) - placeAt(t))).toBeLessThanOrEqual(0.5 * step + 1e-6);
        const { left, over } = paceAt(guide, t);
        expect(left + Math.min(t, 20)).toBeCloseTo(20, 9);
        expect(over === 0 || left === 0).toBe(true);
      },
    ),
  );
});
