import fc from 'fast-check';
import { solveStroke } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { aJob, airless, logged, readyToSpray, seen, setting } from '../../../tests/fixtures/job';
import { fittedSet, leversBefore, leversJudged, leversMoved, schoolLevers, transferTried } from './levers';

const view = seen(readyToSpray());

describe('levers of a gun', () => {
  it('stand where the one operating point stands, recorded or proposed', () => {
    const { point } = view.set;
    expect(leversBefore(view).levers).toEqual({
      flow: point.fluid,
      speed: point.speed,
      fan: point.fan,
      overlap: point.overlap,
    });
    const proposed = seen(aJob());
    expect(leversBefore(proposed).pressure).toBe(proposed.set.point.pressure);
  });

  it('one moved and another giving way leave the film of the coat', () => {
    const tried = leversBefore(view);
    const transfer = transferTried(view, tried);
    fc.assert(
      fc.property(
        fc.constantFrom('flow' as const, 'speed' as const, 'fan' as const),
        fc.double({ min: 0.8, max: 1.25, noNaN: true }),
        (moved, by) => {
          const gives = moved === 'speed' ? 'flow' : 'speed';
          const found = leversMoved(view, tried, moved, tried.levers[moved] * by, gives);
          if (isRefusal(found)) throw new Error(found.says);
          expect(found[moved]).toBeCloseTo(tried.levers[moved] * by, 12);
          const film = solveStroke('wetFilm', { ...found, transfer });
          expect(film).toBeCloseTo(view.set.wet, 9);
        },
      ),
    );
  });

  it('let the film move where the film is to give way', () => {
    const tried = leversBefore(view);
    const found = leversMoved(view, tried, 'speed', tried.levers.speed * 2, 'film');
    expect(found).toEqual({ ...tried.levers, speed: tried.levers.speed * 2 });
    const judged = leversJudged(
      view,
      { ...tried, levers: found as typeof tried.levers },
      { pressureAt: 'cap', moved: 'speed' },
    );
    const before = leversJudged(view, tried, { pressureAt: 'cap' });
    expect(judged.film).toBeCloseTo((before.film as number) / 2, 9);
    expect(judged.off).toBeLessThan(-0.03);
    expect(judged.restore.length).toBeGreaterThan(0);
  });

  it('the reduced school has less air and fluid, nearer, and lays the same film', () => {
    const textbook = schoolLevers(view, 'textbook', 0.5)!;
    const reduced = schoolLevers(view, 'reduced', 0.5)!;
    expect(reduced.pressure).toBeLessThan(textbook.pressure);
    expect(reduced.distance).toBeLessThan(textbook.distance);
    for (const { levers, ...at } of [textbook, reduced]) {
      if (isRefusal(levers)) throw new Error(levers.says);
      expect(solveStroke('wetFilm', { ...levers, transfer: transferTried(view, at) })).toBeCloseTo(
        view.set.wet,
        9,
      );
    }
  });

  it('say whose limit a pressure is over: the gun’s, or that of an HVLP cap', () => {
    const tried = { ...leversBefore(view), pressure: 0.9e5 };
    expect(leversJudged(view, tried, { pressureAt: 'inlet' }).over).toBeUndefined();
    expect(leversJudged(view, tried, { pressureAt: 'cap' }).over).toEqual({ limit: 68_948, of: 'cap' });
    const weak = seen(readyToSpray(), { rig: { ...view.rig!, maxPressure: 0.5e5 } });
    expect(leversJudged(weak, tried, { pressureAt: 'cap' }).over).toEqual({ limit: 0.5e5, of: 'rig' });
  });

  it('more fluid than the nozzle passes is said before it is recorded, whatever the film', () => {
    const tried = leversBefore(view);
    const at = { pressureAt: 'cap', bore: 1.3e-3 } as const;
    expect(leversJudged(view, tried, at).fault).toBeUndefined();
    const flooded = { ...tried, levers: { ...tried.levers, flow: 900e-6 / 60 } };
    expect(leversJudged(view, flooded, at).fault).toMatchObject({ kind: 'fluid', asked: 900e-6 / 60 });
    expect(leversJudged(view, tried, { ...at, bore: 9e-3 }).fault).toMatchObject({ kind: 'not-here' });
  });

  it('a setting finds its set by id, else by bore', () => {
    const sets = view.rig!.sets;
    expect(fittedSet(sets, { setId: 'n1.5', bore: 1.3e-3 })?.id).toBe('n1.5');
    expect(fittedSet(sets, { bore: 1.3e-3 })?.id).toBe('n1.3');
    expect(fittedSet(sets, { bore: 1.37e-3 })).toBeUndefined();
    expect(fittedSet(sets, undefined)).toBeUndefined();
  });

  it('an airless pump has no air to tell of', () => {
    const pump = seen(logged(aJob(), [-5, setting()]), { rig: airless });
    expect(leversJudged(pump, leversBefore(pump), { pressureAt: 'tip' }).point.air).toBeUndefined();
  });
});
