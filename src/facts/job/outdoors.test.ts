import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import type { Job, Outdoors } from '@/records';
import { aJob, airless, fitRoom, lacquer, logged, seen } from '../../../tests/fixtures/job';
import { outdoorDay, type OutdoorDay } from './outdoors';

const rad = Math.PI / 180;
const weather: Outdoors = {
  ...{ latitude: 50 * rad, longitude: 8 * rad, day: '2026-06-21', absorptance: 0.8 },
  ...{ coldest: celsius(11), warmest: celsius(24), dawnHumidity: 0.9, wind: 2, gusts: 2.5, cloud: 0 },
};
/** A coat that bears 5 to 35 °C, on four walls of a house. */
const house = (outdoors: Outdoors = weather, lies: 'upright' | 'flat' = 'upright'): Job => {
  const job = logged(
    aJob([
      {
        ...lacquer,
        limits: {
          air: { min: celsius(5), max: celsius(30) },
          part: { min: celsius(5), max: celsius(35) },
          humidity: { min: 0, max: 0.85 },
        },
        times: { ...lacquer.times, touch: 3600 },
      },
    ]),
    [-60, fitRoom],
  );
  const [face] = job.part.faces;
  return {
    ...job,
    outdoors,
    part: {
      ...job.part,
      faces: ['north', 'east', 'south', 'west'].map((id, i) => ({
        ...face!,
        ...{ id, name: id, width: 8, height: 3, count: 1, lies, facing: (i * Math.PI) / 2 },
      })),
    },
  };
};
const dayOf = (job: Job): OutdoorDay => {
  const found = outdoorDay(seen(job));
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};
const face = (day: OutdoorDay, id: string) => day.faces.find((each) => each.face.id === id)!;
const hottest = (day: OutdoorDay, id: string) =>
  [...face(day, id).quarters].sort((a, b) => b.surface - a.surface)[0]!;

describe('a day outdoors', () => {
  it('is told only of a place, with weather that can be', () => {
    expect(outdoorDay(seen(aJob()))).toMatchObject({ refused: 'no-place' });
    expect(outdoorDay(seen(house({ ...weather, coldest: celsius(30) })))).toMatchObject({
      refused: 'weather',
    });
    expect(outdoorDay(seen(house({ ...weather, gusts: 1 })))).toMatchObject({ refused: 'wind' });
    const { assumed, weather: used } = dayOf(house({ latitude: 0.9, longitude: 0.1 }));
    expect(assumed).toContain('absorptance');
    expect(used.gusts).toBeGreaterThanOrEqual(used.wind);
  });

  it('has the sun on the east in the morning, on the west in the evening, and the north coolest', () => {
    const day = dayOf(house());
    expect(hottest(day, 'east').at).toBeLessThan(12 * 3600);
    expect(hottest(day, 'west').at).toBeGreaterThan(14 * 3600);
    expect(hottest(day, 'north').surface).toBeLessThan(hottest(day, 'east').surface);
    expect(face(day, 'east').quarters.some(({ reason }) => reason === 'hot')).toBe(true);
    expect(face(day, 'north').quarters.some(({ reason }) => reason === 'hot')).toBe(false);
  });

  it('begins nothing outside the limits, nor so late that dew finds it wet', () => {
    const day = dayOf(house());
    for (const { quarters, spans } of day.faces)
      for (const { from, to } of spans)
        for (const each of quarters.filter(({ at }) => at >= from && at < to))
          expect(each.reason).toBe('fits');
    const dewy = house({ ...weather, dawnHumidity: 1 });
    const late = face(dayOf(dewy), 'north').quarters.filter(({ reason }) => reason === 'late');
    const slow = dayOf({
      ...dewy,
      layers: dewy.layers.map((layer) => ({
        ...layer,
        sheet: { ...layer.sheet, times: { ...layer.sheet.times, touch: 5 * 3600 } },
      })),
    });
    expect(face(slow, 'north').quarters.filter(({ reason }) => reason === 'late').length).toBeGreaterThan(
      late.length,
    );
  });

  it('goes round the building, one face after the other', () => {
    const { order, faces } = dayOf(house());
    expect(order.length).toBeGreaterThan(1);
    order.forEach(({ id, start }, i) => {
      const own = faces.find((each) => each.face.id === id)!;
      expect(own.spans.some(({ from, to }) => start >= from && start < to)).toBe(true);
      const before = order[i - 1];
      if (before) expect(start).toBeGreaterThanOrEqual(before.start + face(dayOf(house()), before.id).lasts);
    });
  });

  it('stops an air gun in wind that an airless one bears', () => {
    const gusty = house({ ...weather, wind: 4, gusts: 6 });
    expect(dayOf(gusty).order).toEqual([]);
    const found = outdoorDay(seen(gusty, { rig: airless }));
    if (isRefusal(found)) throw new Error(found.says);
    expect(found.gusts).toMatchObject({ found: 6, stop: 7 });
    expect(found.faces.some(({ quarters }) => quarters.some(({ reason }) => reason === 'wind'))).toBe(false);
  });

  it('takes a white face cooler than a dark one, and a wall nobody turned as in the sun’s way', () => {
    const white = dayOf(house({ ...weather, absorptance: 0.25 }));
    expect(hottest(white, 'south').surface).toBeLessThan(hottest(dayOf(house()), 'south').surface);
    const job = house();
    const unturned = {
      ...job,
      part: { ...job.part, faces: job.part.faces.map((each) => ({ ...each, facing: undefined })) },
    };
    const day = dayOf(unturned);
    expect(day.faces.every(({ unfaced }) => unfaced)).toBe(true);
    expect(hottest(day, 'north').surface).toBeGreaterThanOrEqual(hottest(dayOf(job), 'east').surface - 1e-9);
    expect(dayOf(house(weather, 'flat')).faces.some(({ unfaced }) => unfaced)).toBe(false);
  });

  it('has no sun where it does not rise', () => {
    const polar = dayOf(house({ ...weather, latitude: 80 * rad, day: '2026-12-21' }));
    expect(polar.order).toEqual([]);
    expect(polar.faces.every(({ quarters }) => quarters.every(({ sun }) => sun === 0))).toBe(true);
  });
});
