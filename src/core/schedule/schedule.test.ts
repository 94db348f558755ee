import { dryingFactor, potLife, recoatState } from '.';

const minutes = (n: number) => n * 60_000;
const times = { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 3600 };

describe('windows', () => {
  it('flashes, opens, closes', () => {
    expect(recoatState(0, minutes(5), times)).toEqual({
      state: 'flashing',
      opens: minutes(15),
      closes: minutes(60),
    });
    expect(recoatState(0, minutes(15), times).state).toBe('open');
    expect(recoatState(0, minutes(61), times).state).toBe('closed');
    expect(recoatState(0, minutes(9999), { ...times, recoatLast: undefined }).state).toBe('open');
  });

  it('opens later in the cold and never earlier in the warm', () => {
    expect(dryingFactor(293.15, 283.15)).toBeCloseTo(2, 9);
    expect(dryingFactor(293.15, 303.15)).toBe(1);
    expect(recoatState(0, minutes(20), times, dryingFactor(293.15, 283.15)).state).toBe('flashing');
  });

  it('shortens pot life in the warm and never stretches it', () => {
    expect(potLife(3600, 293.15, 303.15)).toBeCloseTo(1800, 6);
    expect(potLife(3600, 293.15, 283.15)).toBe(3600);
  });
});
