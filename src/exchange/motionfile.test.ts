import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { motionCsv, motionJson, readMotion } from './motionfile';

const number = fc.double({ min: -1e3, max: 1e3, noNaN: true });
const three = fc.tuple(number, number, number);
const sample = fc.record({ t: number, a: three, w: three });

test('a recording comes back as it went, as a table and as JSON', () => {
  fc.assert(
    fc.property(fc.array(sample, { minLength: 1, maxLength: 40 }), (samples) => {
      // Nought has no sign in a file.
      const plain = JSON.parse(JSON.stringify(samples).replace(/-0(?=[,\]}])/g, '0')) as typeof samples;
      expect(readMotion(motionCsv(plain))).toEqual(plain);
      expect(readMotion(motionJson(plain))).toEqual(plain);
    }),
  );
});

test('columns may stand in another order, beside others, with a row cut off', () => {
  const rows = Array.from({ length: 20 }, (_, i) => `9,${i / 60},0,0,9.8,0.1,0.2,0.3`);
  const read = readMotion(['note,T,ax,ay,az,wx,wy,wz', ...rows, '9,0.4,1'].join('\r\n'));
  expect(Array.isArray(read) && read).toHaveLength(20);
});

test.each(['', 'hello', '{"format":"x"}', '{', 't,ax,ay\n1,2,3', 'a,b\n1,2', '[1,2]'])(
  '%j is refused',
  (text) => expect(isRefusal(readMotion(text))).toBe(true),
);

test('whatever a file says is read or refused', () => {
  fc.assert(fc.property(fc.string({ maxLength: 400 }), (text) => void readMotion(text)));
});
