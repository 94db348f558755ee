import { celsius, curveThrough, dayCurve, pressureAt, rightTimes, roomFits, saturation } from '.';

const question = { coldest: celsius(8), warmest: celsius(24), dawnHumidity: 0.95, lag: 0 };
const limits = {
  air: { min: celsius(15), max: celsius(30) },
  part: { min: celsius(12), max: celsius(30) },
  humidity: { min: 0, max: 0.8 },
  dew: 3,
};

describe('a day’s course of the room', () => {
  it('is coldest before dawn, warmest at three, its water the same all day', () => {
    const curve = dayCurve(question);
    const warmest = [...curve].sort((a, b) => b.air - a.air)[0]!;
    expect(warmest.at).toBe(15 * 3600);
    expect(warmest.air).toBeCloseTo(celsius(24), 9);
    const water = curve.map(({ air, humidity }) => humidity * saturation(air));
    expect(Math.max(...water) - Math.min(...water)).toBeLessThan(1e-6);
  });

  it('a heavy part lags behind, and swings less', () => {
    const heavy = dayCurve({ ...question, lag: 4 * 3600 });
    const warmest = [...heavy].sort((a, b) => b.part - a.part)[0]!;
    expect(warmest.at).toBeGreaterThan(16 * 3600);
    expect(warmest.part).toBeLessThan(celsius(22));
  });

  it('says when the room is right', () => {
    const curve = dayCurve(question);
    const spans = rightTimes(curve, limits);
    expect(spans).toHaveLength(1);
    const [{ from, to }] = spans as [{ from: number; to: number }];
    for (const room of curve) expect(roomFits(room, limits)).toBe(room.at >= from && room.at < to);
    expect(from).toBeGreaterThan(8 * 3600);
    expect(rightTimes(curve, { ...limits, air: { min: celsius(26), max: celsius(30) } })).toEqual([]);
  });

  it('runs through what was entered, round midnight, and asks for two times', () => {
    const room = (hour: number, air: number) => ({
      at: hour * 3600,
      air: celsius(air),
      part: celsius(air - 1),
      humidity: 0.5,
    });
    const curve = curveThrough([room(18, 20), room(6, 10)]);
    if ('refused' in curve) throw new Error(curve.says);
    expect(curve[24]!.air).toBeCloseTo(celsius(10), 9);
    expect(curve[48]!.air).toBeCloseTo(celsius(15), 9);
    // Midnight lies half way back.
    expect(curve[0]!.air).toBeCloseTo(celsius(15), 9);
    expect(curveThrough([room(6, 10)])).toMatchObject({ refused: 'day-readings' });
    expect(curveThrough([room(6, 10), room(6, 12)])).toMatchObject({ refused: 'day-readings' });
  });

  it('air at 1,000 m has 898.7 hPa', () => expect(pressureAt(1000) / 100).toBeCloseTo(898.7, 1));
});
