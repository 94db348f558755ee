import type { Job, NewEntry } from '@/records';
import { aJob, colour, end, lacquer, logged, seen, start } from '../../../tests/fixtures/job';
import { ledgerOf } from './ledger';

const base = (reading: number): NewEntry => ({ type: 'base', faceId: 'front', reading });
const film = (reading: number, spot = 0): NewEntry => ({ type: 'film', faceId: 'front', spot, reading });
const coat = (id: string, minutes: number) =>
  [
    [minutes, start(id)],
    [minutes + 5, end(id)],
  ] as const;
const lacquered: Job = logged(
  aJob([lacquer, colour]),
  ...coat('lacquer-1', -400),
  ...coat('lacquer-2', -300),
);
const whole = logged(lacquered, ...coat('colour-1', -200), ...coat('colour-2', -100));

describe('what the readings of a system are of', () => {
  it('all coats that are on, less what was read before the first of them', () => {
    const view = seen(logged(whole, [-500, base(10e-6)], [-50, film(100e-6)]));
    const { layers } = ledgerOf(view.work);
    expect(view.check).toMatchObject({ coatsOn: 4, coatsMeasured: 4 });
    expect(view.check.layersMeasured).toBeUndefined();
    expect(view.check.spec.nominal).toBeCloseTo(layers[0]!.stays + layers[1]!.stays, 12);
    expect(view.check.spots[0]!.films[0]).toBeCloseTo(90e-6, 12);
  });

  it('the layer over it, where the base was read with the layer below on', () => {
    const view = seen(logged(whole, [-500, base(10e-6)], [-250, base(60e-6)], [-50, film(100e-6)]));
    const [, above] = ledgerOf(view.work).layers;
    expect(view.check).toMatchObject({ coatsOn: 4, coatsMeasured: 2, layersMeasured: ['Colour'] });
    expect(view.check.spec.nominal).toBeCloseTo(above!.stays, 12);
    // The reading of the bare part says nothing of what lies below the colour.
    expect(view.check.spots[0]!.films[0]).toBeCloseTo(40e-6, 12);
  });

  it('all that is on, where nothing went on since: it was read on a bare spot', () => {
    const view = seen(logged(lacquered, [-250, base(60e-6)], [-40, film(100e-6)]));
    expect(view.check).toMatchObject({ coatsOn: 2, coatsMeasured: 2 });
    expect(view.check.layersMeasured).toBeUndefined();
    expect(view.check.spots[0]!.films[0]).toBeCloseTo(40e-6, 12);
    const late = seen(logged(whole, [-500, base(10e-6)], [-60, base(12e-6)], [-40, film(100e-6)]));
    expect(late.check.coatsMeasured).toBe(4);
    expect(late.check.spots[0]!.films[0]).toBeCloseTo(89e-6, 12);
  });
});
