import { boothDay, boothSensor } from './boothsensor';
import { readGauge } from './filmgauge';
import { streamAt } from './flowcup';

describe('simulated flow cup', () => {
  it('runs from full to broken, narrowing all the way', () => {
    expect(streamAt(0, 30)).toEqual({ width: 0, level: 1, broken: false });
    const moments = [1, 8, 15, 22, 27, 29, 29.8].map((t) => streamAt(t, 30));
    for (let i = 1; i < moments.length; i += 1) {
      expect(moments[i]!.width).toBeLessThan(moments[i - 1]!.width);
      expect(moments[i]!.level).toBeLessThan(moments[i - 1]!.level);
      expect(moments[i]!.broken).toBe(false);
    }
    expect(streamAt(30, 30)).toMatchObject({ broken: true, level: 0 });
    expect(streamAt(60, 30).width).toBe(0);
  });
});

describe('simulated gauge', () => {
  const question = { jobId: 'j', faceId: 'f', dry: 87e-6, x: 0.5, y: 0.5, taken: 0 };

  it('repeats nearly, never exactly, and knows its place', () => {
    const first = readGauge(question);
    expect(readGauge(question)).toBe(first);
    expect(readGauge({ ...question, taken: 1 })).not.toBe(first);
    expect(Math.abs(readGauge({ ...question, taken: 1 }) - first)).toBeLessThan(12e-6);
  });
});

describe('booth sensor', () => {
  it('goes round a day: warmer and drier in the afternoon, the same when asked again', () => {
    for (const day of ['2026-11-23', '2026-11-24', '2026-06-01']) {
      const dawn = boothSensor(5 * 3600, day);
      const noon = boothSensor(15 * 3600, day);
      expect(noon.air).toBeGreaterThan(dawn.air + 3);
      expect(noon.humidity).toBeLessThan(dawn.humidity);
      expect(boothSensor(5 * 3600, day)).toEqual(dawn);
      for (const { humidity } of boothDay(day)) expect(humidity > 0 && humidity <= 1).toBe(true);
    }
    expect(boothSensor(0, '2026-11-23')).not.toEqual(boothSensor(0, '2026-11-24'));
  });
});
