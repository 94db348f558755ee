import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  checkPump,
  compareTips,
  sortTips,
  filterMesh,
  fluidHoseLoss,
  tipCode,
  tipFlow,
  tipFromCode,
  tipSchools,
  wearFromFan,
  wearFromFlow,
  wornWaste,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const tip = (code: string) => value(tipFromCode(code));
const psi = 6894.757;
const question = {
  pressure: 2000 * psi,
  density: 1300,
  distance: 0.305,
  wetFilm: 125e-6,
  transfer: 0.5,
  overlap: 0.5,
  speed: 0.6,
  across: 2,
};

describe('tips side by side', () => {
  it('one orifice on twice the fan lays half the film, at half the speed for the film wanted', () => {
    const [narrow, wide] = value(compareTips([tip('317'), tip('617')], question));
    expect(narrow!.flow).toBeCloseTo(wide!.flow, 12);
    expect(narrow!.film / wide!.film).toBeCloseTo(2, 9);
    expect(narrow!.speed / wide!.speed).toBeCloseTo(2, 9);
    expect(narrow!.coverage).toBeCloseTo(wide!.coverage, 12);
  });

  it('a narrow fan loses less at the edges, and tips are put in order by what is asked', () => {
    const rows = value(compareTips([tip('819'), tip('317'), tip('513')], question));
    const order = (by: Parameters<typeof sortTips>[1]) =>
      sortTips(rows, by, question.wetFilm).map((row) => row.tip.code);
    expect(order('lost')).toEqual(['317', '513', '819']);
    expect(order('flow')).toEqual(['513', '317', '819']);
    // 2 m of face, strokes 76 mm apart, half of the rest drifts off.
    expect(rows[1]!.lost).toBeCloseTo(1 - (0.5 * 2) / 2.0762, 4);
    expect(order('film')[0]).toBe(
      [...rows].sort((a, b) => Math.abs(Math.log(a.film / 125e-6)) - Math.abs(Math.log(b.film / 125e-6)))[0]!
        .tip.code,
    );
  });

  it('codes go both ways', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 7, max: 45 }), (half, thou) => {
        const code = `${half}${String(thou).padStart(2, '0')}`;
        const { orifice, fan } = tip(code);
        expect(tipCode(orifice, fan)).toBe(code);
      }),
    );
  });

  it('the low-pressure kind passes less, in bigger drops, and loses less', () => {
    const [standard, low] = value(tipSchools(tip('517'), 2000 * psi, 1300, 0.5));
    expect(low!.flow).toBeLessThan(standard!.flow);
    expect(low!.drops).toBeGreaterThan(1);
    expect(low!.transfer).toBeGreaterThan(standard!.transfer);
  });
});

describe('pump, hose and filter', () => {
  it('two .015 tips at 2000 psi take 0.48 gal/min together: a pump of 0.54 is tight, of 0.4 too small', () => {
    const gpm = 3.785411784e-3 / 60;
    const check = (delivers: number) =>
      value(checkPump(delivers * gpm, [tip('515'), tip('415')], 2000 * psi, 1000));
    expect(check(1).takes / gpm).toBeCloseTo(0.48, 2);
    expect(check(0.54).state).toBe('tight');
    expect(check(0.4).state).toBe('too-small');
    expect(check(0.7).state).toBe('good');
  });

  it('a fluid hose takes 128µLQ/(πd⁴): 15 m of 6.35 mm, 0.1 Pa·s, 1 L/min is 6.3 bar', () => {
    const loss = value(fluidHoseLoss(1e-3 / 60, 0.1, { bore: 6.35e-3, length: 15 }));
    expect(loss / 1e5).toBeCloseTo(6.26, 1);
    expect(isRefusal(fluidHoseLoss(1e-3, 0.1, { bore: 0, length: 15 }))).toBe(true);
  });

  it('a finer tip wants a finer filter', () => {
    const mesh = ['309', '413', '517', '725'].map((code) => filterMesh(tip(code).orifice));
    expect(mesh).toEqual([200, 100, 60, 30]);
  });
});

describe('tip wear', () => {
  it('a 517 that sprays 7.5 in instead of 10 has lost a quarter: renew, a third more flow', () => {
    const worn = value(wearFromFan(tip('517'), 7.5 * 0.0254));
    expect(worn).toMatchObject({
      fanLost: expect.closeTo(0.25, 9),
      renew: true,
      flowGrowth: expect.closeTo(4 / 3, 9),
    });
    expect(worn.orifice / tip('517').orifice).toBeCloseTo(Math.sqrt(4 / 3), 9);
    expect(wornWaste(worn.flowGrowth, 60e-3, 6500)).toBeCloseTo(130, 6);
  });

  it('the same is told by flow, and a wider fan than new is no wear', () => {
    const fresh = value(tipFlow(tip('517').orifice, 2000 * psi, 1300));
    expect(value(wearFromFlow(tip('517'), fresh * (4 / 3), fresh))).toMatchObject({
      renew: true,
      fanLost: expect.closeTo(0.25, 9),
    });
    expect(wearFromFan(tip('517'), 0.4)).toMatchObject({ refused: 'wider-than-new' });
  });
});
