import fc from 'fast-check';
import { defectIds, defects, lateDefects, looksAfter, type Defect, type FinishedWork } from '.';

const plain: FinishedWork = {
  waterBorne: false,
  cures: false,
  filled: false,
  over: false,
  iron: false,
  blended: false,
};
const work: fc.Arbitrary<FinishedWork> = fc.record({
  waterBorne: fc.boolean(),
  cures: fc.boolean(),
  filled: fc.boolean(),
  over: fc.boolean(),
  iron: fc.boolean(),
  blended: fc.boolean(),
});
const day = 86_400;

describe('what may still come on finished work', () => {
  it.each([
    ['waterBorne', 'cloudiness'],
    ['cures', 'soft-cure'],
    ['filled', 'shrinkage'],
    ['filled', 'scratch-swelling'],
    ['over', 'alligatoring'],
    ['iron', 'flash-rust'],
    ['blended', 'blend-edge'],
  ] as const)('%s brings %s, and nothing else does', (fact, defect) => {
    expect(lateDefects(plain)).not.toContain(defect);
    expect(lateDefects({ ...plain, [fact]: true })).toContain(defect);
  });

  it('solvent leaves late and dulls; water does not', () => {
    expect(lateDefects(plain)).toEqual(expect.arrayContaining(['die-back', 'solvent-pop']));
    const wet = lateDefects({ ...plain, waterBorne: true });
    expect(wet).not.toContain('die-back');
    expect(wet).not.toContain('solvent-pop');
  });

  it('peeling and cracking may come on any work, and only what shows late is looked for', () => {
    fc.assert(
      fc.property(work, (facts) => {
        const late = lateDefects(facts);
        expect(late).toEqual(expect.arrayContaining(['peeling', 'cracking']));
        for (const id of late) expect((defects[id] as Defect).lookAgain?.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('when to look again', () => {
  it('one look serves all that may show by then, the first first', () => {
    expect(looksAfter(['die-back', 'soft-cure', 'peeling'])).toEqual([
      { after: 2 * day, for: ['die-back', 'soft-cure'] },
      { after: 7 * day, for: ['die-back', 'soft-cure'] },
      { after: 30 * day, for: ['die-back', 'peeling'] },
      { after: 365 * day, for: ['peeling'] },
    ]);
    expect(looksAfter(['runs', 'orange-peel'])).toEqual([]);
  });

  it('every late time of every defect is in exactly one look, however often it is named', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...defectIds), { maxLength: 12 }), (named) => {
        const looks = looksAfter(named);
        const times = looks.map(({ after }) => after);
        expect(times).toEqual([...new Set(times)].sort((a, b) => a - b));
        for (const id of named)
          for (const after of (defects[id] as Defect).lookAgain ?? [])
            expect(looks.find((look) => look.after === after)?.for.filter((each) => each === id)).toEqual([
              id,
            ]);
      }),
    );
  });
});
