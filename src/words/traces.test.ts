import type { HandTraces, Term } from '@/core/evenness';
import { unitsOf } from './units';
import { traceWords } from './traces';

const units = unitsOf('metric');
const none: Term = { value: 0.02, sd: 0.05, sure: false };
const sure = (value: number): Term => ({ value, sd: 0.02, sure: true });
const traces: HandTraces = {
  level: { ...none, value: 1.02 },
  right: none,
  far: none,
  ends: none,
  left: 0.05,
};
const say = (part: Partial<HandTraces>, turned = false) =>
  traceWords({ ...traces, ...part }, turned, 0.6, units)
    .join(' ')
    .replace(/\u00a0/g, ' ');

describe('what the readings say of the hand', () => {
  it('claims nothing that is not sure', () => expect(say({})).toContain('as far as so many can tell'));

  it('says how much quicker the thinner side was, by how the face hangs', () => {
    expect(say({ right: sure(0.107) })).toContain('The left edge was sprayed 12 % quicker');
    expect(say({ right: sure(-0.107) })).toContain('The right edge was sprayed 12 % quicker');
    expect(say({ right: sure(0.107) }, true)).toContain('The top was sprayed');
    expect(say({ far: sure(-0.1) }, true)).toContain('The right edge was sprayed');
  });

  it('gives the transfer that would explain the level, and names arcs and slow turns', () => {
    expect(say({ level: sure(0.8) })).toMatch(/20 % less film.*transfer nearer 48 %.*25 % quicker/);
    expect(say({ ends: sure(-0.15) })).toContain('15 % thinner');
    expect(say({ ends: sure(0.15) })).toContain('slowed at the turns');
  });
});
