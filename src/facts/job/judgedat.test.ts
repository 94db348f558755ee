import { celsius } from '@/core/climate';
import type { Job } from '@/records';
import {
  aJob,
  changed,
  fitRoom,
  lacquer,
  logged,
  mixedLacquer,
  reading,
  seen,
} from '../../../tests/fixtures/job';

/** The lacquer’s band is 21 to 25 s at 23 °C. */
const mixed = logged(aJob(), [-60, fitRoom], [-55, mixedLacquer]);
const timed = (seconds: number, degrees: number, job: Job = mixed): Job =>
  logged(job, [-50, reading(seconds, degrees)], [-49, reading(seconds, degrees)]);
const band = lacquer.target!;

describe('a pot that is right where it is', () => {
  it('is not thinned while it is warm: it is in the band as it will be sprayed', () => {
    const { thin } = seen(timed(23.5, 30));
    expect(thin.asItIs).toMatchObject({ inside: true });
    expect(thin.asItIs!.seconds).toBeCloseTo(23.5, 1);
    expect(thin.asItIs!.atBand).toBeGreaterThan(band.max);
    expect(thin.choice!.temperature).toBe(celsius(30));
    expect(thin.inBand).toBe('inside');
    expect(thin.step).toMatchObject({ kind: 'advice', advice: { kind: 'ready' } });
    expect(thin.now!.seconds).toBeCloseTo(23.5, 0);
  });

  it('is thinned for the sheet’s temperature where the shop judges so', () => {
    const { thin } = seen(changed(timed(23.5, 30), { approach: { judged: 'sheet' } }));
    expect(thin.choice!.temperature).toBe(celsius(23));
    expect(thin.inBand).toBe('above');
    expect(thin.step).toMatchObject({ kind: 'advice', advice: { kind: 'add' } });
  });

  it('a cold pot is not thinned either: it is right for the sheet, and the screen says that it is not as it is', () => {
    const cold = timed(29.5, 14);
    const { thin } = seen(cold);
    expect(thin.inBand).toBe('inside');
    expect(thin.asItIs).toMatchObject({ inside: false, temperature: celsius(14), bandFor: celsius(23) });
    expect(thin.asItIs!.seconds).toBeGreaterThan(band.max);
    const sprayed = seen(changed(cold, { approach: { judged: 'sprayed' } })).thin;
    expect(sprayed.inBand).toBe('above');
    expect(sprayed.step).toMatchObject({ kind: 'advice', advice: { kind: 'add' } });
  });

  it('too warm for its sheet it is judged where the band is', () => {
    const { thin } = seen(timed(22.5, 37));
    expect(thin.choice!.temperature).toBe(celsius(23));
  });

  it('the same paint is as thick for the gun whichever way it is judged', () => {
    const own = seen(timed(23.5, 30)).set.liquid;
    const sheet = seen(changed(timed(23.5, 30), { approach: { judged: 'sheet' } })).set.liquid;
    expect(own.viscosity / sheet.viscosity).toBeGreaterThan(0.97);
    expect(own.viscosity / sheet.viscosity).toBeLessThan(1.03);
  });
});
