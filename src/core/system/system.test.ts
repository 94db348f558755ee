import { coatRoles, gritFor, layingOf, prepChain, prepStates, substrateKinds, templates } from '.';

describe('templates', () => {
  it('have names of their own, coats with film, and never sand off more than they lay', () => {
    expect(new Set(templates.map(({ id }) => id)).size).toBe(templates.length);
    for (const { coats, says } of templates) {
      expect(says.length).toBeGreaterThan(20);
      expect(coats.length).toBeGreaterThan(0);
      expect(coats.every(({ film }) => film > 0 && film <= 1.3)).toBe(true);
    }
  });
  it('lay a drop coat lighter, from further off; a finer grit goes under a clear than under a primer', () => {
    expect(layingOf('drop').distance).toBeGreaterThan(1.2);
    expect(layingOf('drop').film).toBeLessThan(layingOf('bed').film);
    expect(layingOf(undefined)).toEqual(layingOf('base'));
    expect(gritFor('clear').coarse).toBeGreaterThan(gritFor('primer').fine);
    for (const role of coatRoles) expect(gritFor(role).coarse).toBeLessThan(gritFor(role).fine);
  });
});

describe('the chain of preparation', () => {
  const ids = (more: Partial<Parameters<typeof prepChain>[0]> = {}) =>
    prepChain({ substrate: 'metal', existing: 'bare', next: 'primer', ...more }).map(({ id }) => id);

  it('cleans before it abrades, rinses after it etches, tacks last, on everything', () => {
    for (const substrate of substrateKinds)
      for (const existing of ['bare', 'keep', 'strip'] as const) {
        const chain = ids({ substrate, existing });
        expect(chain.indexOf('clean')).toBeLessThan(chain.indexOf('abrade'));
        if (chain.includes('etch')) expect(chain.indexOf('rinse')).toBe(chain.indexOf('etch') + 1);
        expect(chain.slice(-2)).toEqual(['wipe', 'tack']);
      }
    // Old paint is tested before anything is rubbed off it.
    for (const existing of ['keep', 'strip'] as const) expect(ids({ existing })[0]).toBe('old-paint');
    expect(ids({ existing: 'strip' })[1]).toBe('strip');
    expect(ids()).not.toContain('old-paint');
    expect(ids({ below: 'sanded', existing: 'keep' })).toEqual(['wipe', 'tack']);
    expect(ids({ below: 'other' })).toEqual(['tack']);
    expect(ids({ below: 'own' })).toEqual([]);
    // A waxed mould is dusted, and neither wiped with solvent nor abraded.
    for (const existing of ['bare', 'keep'] as const)
      expect(ids({ substrate: 'composite', mould: true, existing })).toEqual(['dust']);
    expect(ids({ existing: 'keep' })).not.toContain('etch');
  });

  it('lets etch act its time, loses the tack by waiting and the last wipe by a hand', () => {
    const steps = prepChain({ substrate: 'metal', existing: 'bare', next: 'primer' });
    const minutes = (n: number) => n * 60_000;
    const tick = (step: string, at: number) => ({ step, at: minutes(at), done: true });
    const states = (now: number, ...more: ReturnType<typeof tick>[]) =>
      Object.fromEntries(
        prepStates(steps, [tick('etch', 0), tick('wipe', 30), tick('tack', 40), ...more], minutes(now)).map(
          (each) => [each.step.id, each.state],
        ),
      );
    expect(states(3)).toMatchObject({ clean: 'todo', etch: 'acting' });
    expect(states(3, tick('rinse', 2))).toMatchObject({ etch: 'done', rinse: 'acting' });
    expect(states(45)).toMatchObject({ etch: 'done', wipe: 'done', tack: 'done' });
    expect(states(56)).toMatchObject({ wipe: 'done', tack: 'lapsed' });
    expect(states(45, tick('touched', 44))).toMatchObject({ etch: 'done', wipe: 'lapsed', tack: 'lapsed' });
  });
});
