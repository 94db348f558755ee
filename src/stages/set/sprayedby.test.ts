import { aJob, logged, mixedLacquer, reading, seen, setting } from '../../../tests/fixtures/job';
import type { NewEntry } from '@/records';
import { sprayedBy } from './sprayedby';

const at = (says: object): NewEntry => ({ ...(setting() as object), ...says }) as NewEntry;

describe('what the simulated camera sprays', () => {
  it('a gun set as proposed, with paint in the band, is right', () => {
    const { gun } = sprayedBy(seen(aJob()));
    expect(gun).toMatchObject({ pressure: 1, distance: 1 });
  });
  it('follows the setting and the pot', () => {
    const job = logged(
      aJob(),
      [-60, mixedLacquer],
      [-50, reading(45)],
      [-30, at({ pressure: 0.21e5, distance: 0.34, fan: 0.4 })],
    );
    const { gun, fan } = sprayedBy(seen(job));
    expect(gun.pressure).toBeLessThan(0.7);
    expect(gun.viscosity).toBeGreaterThan(1.5);
    expect(gun.distance).toBeGreaterThan(1.5);
    expect(fan * gun.distance).toBeCloseTo(0.4, 9);
  });
});
