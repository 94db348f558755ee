import { wayFacts } from '@/core/elements';
import { isRefusal } from '@/core/refusal';
import type { Job, NewEntry } from '@/records';
import { aJob, end, lacquer, logged, mixedLacquer, seen, start, water } from '../../../tests/fixtures/job';
import { transferSeen } from './paintused';

const film = (spot: number): NewEntry => ({ type: 'film', faceId: 'front', spot, reading: 58e-6 });
/** 2 kg mixed, both coats on, 58 µm found everywhere. */
const measured = (job: Job = aJob()) =>
  logged(
    job,
    [-120, mixedLacquer],
    [-90, start('lacquer-1')],
    [-80, end('lacquer-1')],
    [-30, start('lacquer-2')],
    [-20, end('lacquer-2')],
    ...[0, 1, 2, 3, 4].flatMap((spot) => [0, 1, 2].map(() => [-5, film(spot)] as const)),
  );
const density = lacquer.components[0]!.density;
const found = (job: Job) => {
  const view = transferSeen(seen(job))!;
  if (isRefusal(view.transfer)) throw new Error(view.transfer.says);
  return { ...view, transfer: view.transfer };
};

describe('transfer from the paint used and the film found', () => {
  it('is the solids on the part over the solids that left the gun', () => {
    const { used, transfer } = found(measured());
    expect(used).toBeCloseTo(2 / density, 9);
    const area = 0.7 * 2 * 4;
    const solids = lacquer.components[0]!.volumeSolids;
    expect(transfer).toBeCloseTo((58e-6 * area) / (used * solids), 6);
  });

  it('leaves out what roller and brush laid: that never went through the gun', () => {
    const rail = { id: 'rail', name: 'Rail', width: 4, height: 0.1, count: 3, lies: 'upright' as const };
    const with_ = (method?: 'brush') => {
      const job = aJob();
      return measured({
        ...job,
        part: { ...job.part, faces: [...job.part.faces, { ...rail, ...(method ? { method } : {}) }] },
      });
    };
    const solids = lacquer.components[0]!.volumeSolids;
    const { used, transfer } = found(with_('brush'));
    const laid = (1.2 * 58e-6) / (solids * wayFacts.brush.lands);
    expect(transfer).toBeCloseTo((58e-6 * 5.6) / ((used - laid) * solids), 6);
    expect(found(with_()).transfer).toBeCloseTo((58e-6 * 6.8) / (used * solids), 6);
  });

  it('counts thinner in, and takes off what went back into the can or to waste', () => {
    const plain = found(measured()).used;
    expect(found(logged(measured(), [-100, water(0.1)])).used).toBeGreaterThan(plain);
    const back = logged(measured(), [
      -4,
      { type: 'returned', canId: 'can', batchId: 'b', mass: 0.2, thinner: 0 } as NewEntry,
    ]);
    expect(found(back).used).toBeCloseTo(1.8 / density, 9);
    const thrown = logged(measured(), [-4, { type: 'waste', what: 'mix', volume: 0.3e-3 }]);
    expect(found(thrown)).toMatchObject({ leftOver: 0.3e-3 });
    expect(found(thrown).used).toBeCloseTo(plain - 0.3e-3, 9);
    const weighed = logged(measured(), [-4, { type: 'waste', what: 'mix', mass: 0.2 }]);
    expect(found(weighed).used).toBeCloseTo(1.8 / density, 9);
    // Solvent is no mix.
    expect(found(logged(measured(), [-4, { type: 'waste', what: 'used', volume: 1e-3 }])).used).toBe(plain);
  });

  it('is still told when what was left over is gone, and is at least that where nobody said how much it was', () => {
    const gone: NewEntry = { type: 'discard', batchId: 'b', why: 'Left over' };
    expect(found(measured())).toMatchObject({ atLeast: false });
    expect(found(logged(measured(), [-4, gone]))).toMatchObject({ atLeast: true, leftOver: 0 });
    // Used up, nothing of it was thrown away.
    const empty: NewEntry = { type: 'discard', batchId: 'b', why: 'Used up', empty: true };
    expect(found(logged(measured(), [-4, empty]))).toMatchObject({ atLeast: false, leftOver: 0 });
    const said = logged(measured(), [-4, gone], [-3, { type: 'waste', what: 'mix', volume: 0.2e-3 }]);
    expect(found(said)).toMatchObject({ atLeast: false, leftOver: 0.2e-3 });
  });

  it('claims nothing where batches cannot be told apart, or nothing is measured, or coats are missing', () => {
    const two = logged(measured(), [-100, { ...mixedLacquer, batchId: 'b2' } as NewEntry]);
    expect(transferSeen(seen(two))).toBeUndefined();
    expect(transferSeen(seen(aJob()))).toBeUndefined();
    const half = logged(aJob(), [-120, mixedLacquer], [-90, start('lacquer-1')], [-80, end('lacquer-1')]);
    expect(transferSeen(seen(half))).toBeUndefined();
    const all = logged(measured(), [-4, { type: 'waste', what: 'mix', volume: 3e-3 }]);
    expect(transferSeen(seen(all))).toBeUndefined();
  });

  it('refuses more paint on the part than left the gun', () => {
    const thrown = logged(measured(), [-4, { type: 'waste', what: 'mix', volume: 1.2e-3 }]);
    expect(isRefusal(transferSeen(seen(thrown))!.transfer)).toBe(true);
  });
});
