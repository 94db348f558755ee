import {
  coatRoles,
  gritFor,
  layingOf,
  prepChain,
  prepStates,
  statesOn,
  prepReason,
  substrateKinds,
  templates,
  type CoatRole,
  type GroundState,
  type SubstrateKind,
} from '.';

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

  /** Ground × state, as a finisher would do it, written by hand. */
  // prettier-ignore
  const chains: readonly (readonly [SubstrateKind, GroundState, string])[] = [
    ['metal', 'bare', 'clean abrade wipe tack'],
    ['metal', 'rust', 'clean derust abrade wipe tack'],
    ['metal', 'mill-scale', 'clean descale abrade wipe tack'],
    ['metal', 'oil', 'degrease clean abrade wipe tack'],
    ['metal', 'keep', 'old-paint clean abrade wipe tack'],
    ['metal', 'strip', 'old-paint strip clean abrade wipe tack'],
    ['metal', 'primer', 'clean abrade wipe tack'],
    ['metal', 'base', 'tack'],
    ['metal', 'filler', 'clean filler wipe tack'],
    ['blasted', 'bare', 'blast blow'],
    ['blasted', 'oil', 'degrease blast blow'],
    ['galvanised', 'rust', 'clean derust abrade clean-again etch rinse wipe tack'],
    ['aluminium', 'bare', 'clean abrade clean-again etch rinse wipe tack'],
    ['cast-iron', 'rust', 'clean derust abrade wipe tack'],
    ['wood', 'bare', 'clean abrade wipe tack'],
    ['wood', 'stain', 'clean block abrade wipe tack'],
    ['board', 'bare', 'clean edges abrade wipe tack'],
    ['plaster', 'bare', 'clean dry alkali abrade tack'],
    ['masonry', 'stain', 'clean dry alkali block abrade tack'],
    ['concrete', 'bare', 'clean dry alkali open abrade tack'],
    ['plastic', 'bare', 'clean abrade wipe adhesion static tack'],
    ['plastic', 'primer', 'clean abrade wipe static tack'],
    ['composite', 'wax', 'dewax clean abrade wipe tack'],
    ['mould', 'wax', 'dust'],
    ['mould', 'keep', 'dust'],
    ['glass', 'bare', 'clean wipe adhesion tack'],
    ['coated', 'keep', 'old-paint clean abrade wipe tack'],
  ];
  it.each(chains)('%s with %s on it: %s', (substrate, existing, chain) => {
    expect(ids({ substrate, existing }).join(' ')).toBe(chain);
  });

  it('tests old paint before anything is rubbed off it, on every ground, and nobody leaves that out', () => {
    for (const substrate of substrateKinds.filter((each) => each !== 'mould'))
      for (const existing of ['keep', 'strip'] as const) {
        const [first] = prepChain({ substrate, existing, next: 'base' });
        expect(first).toMatchObject({ id: 'old-paint', always: true });
      }
  });

  it('cleans before it abrades, rinses after it etches, wipes after the paper, on every ground and state', () => {
    for (const substrate of substrateKinds)
      for (const existing of statesOn(substrate))
        for (const next of coatRoles) {
          const chain = ids({ substrate, existing, next });
          for (const step of prepChain({ substrate, existing, next }))
            expect(prepReason(step)).toMatch(/^[A-Z].{10,}[.]$/s);
          const at = (id: string) => chain.indexOf(id);
          expect(new Set(chain).size).toBe(chain.length);
          if (at('abrade') >= 0) expect(at('clean')).toBeLessThan(at('abrade'));
          if (at('wipe') >= 0 && at('abrade') >= 0) expect(at('wipe')).toBeGreaterThan(at('abrade'));
          if (at('etch') < 0) continue;
          expect(at('rinse')).toBe(at('etch') + 1);
          // Nothing is abraded once it is etched, and no dust is etched.
          expect(at('abrade')).toBeLessThan(at('clean-again'));
          expect(at('clean-again')).toBe(at('etch') - 1);
        }
  });

  it('steel is etched only where that is asked; cast iron, filler and blasted steel never', () => {
    expect(ids({ etched: true })).toEqual([
      'clean',
      'abrade',
      'clean-again',
      'etch',
      'rinse',
      'wipe',
      'tack',
    ]);
    expect(ids({ substrate: 'aluminium', etched: false })).not.toContain('etch');
    for (const each of [
      { substrate: 'cast-iron' },
      { substrate: 'blasted' },
      { existing: 'filler' },
      { existing: 'primer' },
      { substrate: 'wood' },
    ] as const)
      expect(ids({ etched: true, ...each })).not.toContain('etch');
    const lapsing = (etched: boolean) =>
      prepChain({ substrate: 'aluminium', existing: 'bare', next: 'primer', etched })
        .filter(({ lapses }) => lapses === 4 * 3600)
        .map(({ id }) => id);
    expect([lapsing(true), lapsing(false)]).toEqual([['rinse'], ['abrade']]);
  });

  it('over a film in its window nothing is wiped; a sanded one is wiped and tacked', () => {
    expect(ids({ below: 'sanded', existing: 'keep' })).toEqual(['wipe', 'tack']);
    expect(ids({ below: 'other' })).toEqual(['tack']);
    expect(ids({ below: 'own' })).toEqual([]);
  });

  it('grits: metal P80 to 180, raw wood P150 to 180, an old film by the coat that comes', () => {
    const grit = (substrate: SubstrateKind, existing: GroundState, next: CoatRole) =>
      prepChain({ substrate, existing, next }).find(({ id }) => id === 'abrade')?.says;
    expect(grit('metal', 'bare', 'primer')).toContain('P80 to P180');
    expect(grit('wood', 'bare', 'lacquer')).toContain('P150 to P180');
    expect(grit('metal', 'keep', 'metallic')).toContain('P500 to P600');
    expect(grit('metal', 'primer', 'base')).toContain('P400 to P500');
    expect(grit('plastic', 'keep', 'clear')).toContain('P800 to P1000');
  });

  it('only iron and zinc rust, only what can be waxed is, and a mould has its wax', () => {
    expect(statesOn('wood')).not.toContain('rust');
    expect(statesOn('aluminium')).not.toContain('rust');
    expect(statesOn('metal')).toEqual(expect.arrayContaining(['rust', 'mill-scale']));
    expect(statesOn('metal')).not.toContain('stain');
    expect(statesOn('mould')).toEqual(['wax']);
  });

  it('lets etch act its time, loses the tack by waiting and the last wipe by a hand', () => {
    const steps = prepChain({ substrate: 'metal', existing: 'bare', next: 'primer', etched: true });
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
