import { aJob, changed, fitRoom, logged, mixedLacquer, seen, water } from '../../tests/fixtures/job';
import type { NewEntry } from '@/records';
import { nextLine } from './nextline';
import { stripCells } from './strip';
import { unitsOf } from './units';
import { celsius } from '@/core/climate';

const metric = unitsOf('metric');
const stick = (sign: Extract<NewEntry, { type: 'stick' }>['sign']): NewEntry => ({
  type: 'stick',
  batchId: 'b',
  sign,
  temperature: celsius(23),
});
const said = (view: ReturnType<typeof seen>) => nextLine(view, 'thin', metric).says.replaceAll('\u00a0', ' ');
const pot = changed(logged(aJob(), [-60, fitRoom], [-55, mixedLacquer]), {
  approach: { endPoint: 'ribbon-gone' },
});

describe('thinned by stick', () => {
  it('is tried, gets a little, is tried again, and is done at its end-point, without a second of any cup', () => {
    const steps = [
      pot,
      logged(pot, [-50, stick('ribbon-stays')]),
      logged(pot, [-50, stick('ribbon-stays')], [-45, water(0.04)]),
      logged(pot, [-50, stick('ribbon-stays')], [-45, water(0.04)], [-40, stick('ribbon-gone')]),
    ].map((job) => seen(job));
    expect(steps.map(({ thin }) => thin.step.kind === 'by-stick' && thin.step.advice.kind)).toEqual([
      'try',
      'add',
      'try',
      'ready',
    ]);
    expect(steps.map(({ done }) => done.has('thin'))).toEqual([false, false, false, true]);
    const [, add] = steps;
    expect(said(add!)).toBe('Add 40 g water. Scale reads 2040 g.');
    for (const view of steps) {
      const line = nextLine(view, 'thin', metric);
      const text = JSON.stringify([
        line.says,
        line.detail,
        line.because.map(({ label, value }) => [label, value]),
      ]);
      expect(text).not.toMatch(/\d s\b/);
      expect(stripCells(view, metric)[2]?.number).toBe('by stick');
      expect(view.thin.now).toBeUndefined();
      expect(view.timers.map(({ id }) => id)).not.toContain('retime');
    }
  });

  it('a drop says nothing of a ribbon, and past the sheet’s maximum nothing more goes in', () => {
    expect(seen(logged(pot, [-50, stick('drips-run')])).thin.step).toMatchObject({ advice: { kind: 'try' } });
    const full = logged(pot, [-50, water(0.5)], [-45, stick('ribbon-fades')]);
    expect(seen(full).thin.step).toMatchObject({ advice: { kind: 'at-maximum' } });
  });

  it('thinner than its end-point it wants unthinned mix', () => {
    const job = changed(pot, { approach: { endPoint: 'ribbon-fades' } });
    const { thin } = seen(logged(job, [-50, stick('ribbon-gone')]));
    expect(thin.inBand).toBe('below');
    expect(said(seen(logged(job, [-50, stick('ribbon-gone')])))).toMatch(
      /^Too thin\. Add 100 g of unthinned mix/,
    );
  });
});
