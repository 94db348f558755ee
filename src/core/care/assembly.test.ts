import fc from 'fast-check';
import { assemblyReason, assemblySteps, type AssemblyStepId } from '.';

const guns = fc.record({
  atomising: fc.constantFrom('hvlp', 'compliant', 'low-volume', 'conventional', 'airless' as const),
  feed: fc.constantFrom('gravity', 'suction', 'pressure-cup', 'pressure-pot', 'pump' as const),
  sprays: fc.constantFrom('level', 'down', 'up' as const),
  bleeder: fc.boolean(),
});

describe('putting a gun together', () => {
  it('begins without pressure, ends with a card, gives every step once and a reason', () => {
    fc.assert(
      fc.property(guns, (gun) => {
        const steps = assemblySteps(gun);
        expect(steps[0]!.id).toMatch(/^(relief|air-off)$/);
        expect(steps.at(-1)!.says).toMatch(/card/);
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
        for (const { id } of steps) expect(assemblyReason(id, gun.sprays).length).toBeGreaterThan(15);
        const at = (id: AssemblyStepId) => steps.findIndex((step) => step.id === id);
        // A needle drawn over a nozzle that is not there yet has nothing to seat in.
        if (gun.atomising !== 'airless') expect(at('nozzle')).toBeLessThan(at('needle'));
      }),
    );
  });

  it('turns the tube of a cup below the gun to where the paint runs', () => {
    const tube = (sprays: 'down' | 'up' | 'level', feed = 'suction' as const) =>
      assemblySteps({ atomising: 'conventional', feed, sprays }).find(({ id }) => id === 'tube');
    expect(tube('down')?.says).toContain('forward');
    expect(tube('up')?.says).toContain('back');
    expect(new Set((['down', 'up', 'level'] as const).map((way) => assemblyReason('tube', way))).size).toBe(
      3,
    );
    expect(
      assemblySteps({ atomising: 'hvlp', feed: 'gravity', sprays: 'up' }).map(({ id }) => id),
    ).not.toContain('tube');
  });
});
