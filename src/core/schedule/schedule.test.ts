import { dryingFactor, dryingIn, dryingOf, potLife, recoatState } from '.';

const minutes = (n: number) => n * 60_000;
const times = { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 3600 };

describe('windows', () => {
  it('flashes, opens, closes', () => {
    expect(recoatState({ ended: 0, times }, minutes(5))).toEqual({
      state: 'flashing',
      opens: minutes(15),
      closes: minutes(60),
    });
    expect(recoatState({ ended: 0, times }, minutes(15)).state).toBe('open');
    expect(recoatState({ ended: 0, times }, minutes(61)).state).toBe('closed');
    expect(recoatState({ ended: 0, times: { ...times, recoatLast: undefined } }, minutes(9999)).state).toBe(
      'open',
    );
  });

  it('shuts in between where a sheet forbids the middle', () => {
    const odd = { ...times, recoatLast: undefined, forbidden: { from: 1800, to: 36_000 } };
    expect(recoatState({ ended: 0, times: odd }, minutes(20)).state).toBe('open');
    expect(recoatState({ ended: 0, times: odd }, minutes(40))).toEqual({
      state: 'between',
      opens: minutes(600),
    });
    expect(recoatState({ ended: 0, times: odd }, minutes(601)).state).toBe('open');
  });

  it('opens later in the cold and never earlier in the warm', () => {
    expect(dryingFactor(293.15, 283.15)).toBeCloseTo(2, 9);
    expect(dryingFactor(293.15, 303.15)).toBe(1);
    expect(recoatState({ ended: 0, times, factor: dryingFactor(293.15, 283.15) }, minutes(20)).state).toBe(
      'flashing',
    );
  });

  it('shortens pot life in the warm and never stretches it', () => {
    expect(potLife(3600, 293.15, 303.15)).toBeCloseTo(1800, 6);
    expect(potLife(3600, 293.15, 283.15)).toBe(3600);
  });
});

describe('drying in a room', () => {
  const room = (air: number, part: number, humidity: number) => ({
    air: air + 273.15,
    part: part + 273.15,
    humidity,
  });
  const at = 293.15;
  it('solvent doubles for ten degrees less and is never shorter than the sheet says', () => {
    expect(dryingIn('solvent', at, room(20, 10, 0.5))).toBeCloseTo(2, 9);
    expect(dryingIn('solvent', at, room(30, 30, 0.1))).toBe(1);
  });
  it('water-borne wants dry air and a warm part, and stops in saturated air', () => {
    expect(dryingIn('water', at, room(20, 20, 0.5))).toBeCloseTo(1, 9);
    // Half the drying power at 75 % instead of 50.
    expect(dryingIn('water', at, room(20, 20, 0.75))).toBeCloseTo(2, 9);
    expect(dryingIn('water', at, room(20, 15, 0.95))).toBe(Infinity);
  });
  it('moisture-curing wants water in the air', () => {
    expect(dryingIn('moisture', at, room(20, 20, 0.25))).toBeCloseTo(2, 9);
    expect(dryingIn('moisture', at, room(20, 20, 0.9))).toBe(1);
    expect(dryingIn('moisture', at, room(20, 10, 0.9))).toBeCloseTo(2, 9);
  });
  it('each chemistry has its law', () => {
    expect(['water-borne', 'moisture-curing', 'two-part', 'lacquer'].map(dryingOf)).toEqual([
      'water',
      'moisture',
      'reactive',
      'solvent',
    ]);
  });
});
