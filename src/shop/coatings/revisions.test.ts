import { coating, classSheet, newShop } from '@/records';
import { readRecord } from '@/records/readrecord';
import { unitsOf } from '@/words/units';
import { aJob, lacquer } from '../../../tests/fixtures/job';
import { withoutEmpty } from '@/ui/formvalues';
import { oddSum } from '@/facts/shop/oddsum';
import {
  changedSheet,
  duplicateOf,
  jobsBehind,
  recheckDue,
  saysTheSame,
  layersBehind,
  takeSheet,
} from '@/facts/shop/revisions';
import { differences, sheetFacts } from '@/words/sheetfacts';

const now = '2026-11-23T12:00:00.000Z';
const thicker = { ...lacquer, sheetRevision: '4', film: { ...lacquer.film, aim: 33e-6 } };

describe('a changed sheet', () => {
  it('leaves what it was behind, unless it says the same', () => {
    const [after, before] = changedSheet(lacquer, thicker, now);
    expect(after).toBe(thicker);
    expect(before).toMatchObject({ kind: 'revision', coatingId: 'lacquer', until: now, sheet: lacquer });
    expect(readRecord(before)).toEqual(before);
    expect(changedSheet(lacquer, { ...lacquer, checkedOn: '2026-11-23' }, now)).toHaveLength(1);
  });

  it('is offered to open jobs that began with another, and taken only when asked', () => {
    const job = aJob();
    expect(jobsBehind([job, { ...job, id: 'put away', closed: now }], thicker).map(({ id }) => id)).toEqual([
      'job',
    ]);
    expect(jobsBehind([job], lacquer)).toEqual([]);
    const took = takeSheet(job, thicker, now);
    expect(saysTheSame(took.layers[0]!.sheet, thicker)).toBe(true);
    expect(took.log.at(-1)).toMatchObject({
      type: 'action',
      text: expect.stringContaining('revision not stated to 4'),
    });
    expect(jobsBehind([took], thicker)).toEqual([]);
  });

  it('is taken by one layer, and the other of the same product keeps its own until it is asked', () => {
    const one = aJob();
    const [bed] = one.layers;
    const job = { ...one, layers: [bed!, { ...bed!, id: 'second', name: 'Second' }] };
    expect(layersBehind(job, thicker)).toHaveLength(2);
    const took = takeSheet(job, thicker, now, 'second');
    expect(layersBehind(took, thicker).map(({ id }) => id)).toEqual([bed!.id]);
    expect(took.log.at(-1)).toMatchObject({ text: expect.stringContaining(', for Second') });
    expect(layersBehind(takeSheet(took, thicker, now), thicker)).toEqual([]);
  });

  it('compares fact by fact, in the user’s units', () => {
    const rows = differences(lacquer, thicker, unitsOf('metric'));
    expect(rows).toEqual(
      [
        {
          title: 'Film, one coat',
          label: 'Dry',
          before: '25–35 µm, aim 29 µm',
          after: '25–35 µm, aim 33 µm',
        },
      ].map((row) => ({
        ...row,
        before: row.before.replace(/ µm/g, '\u00a0µm'),
        after: row.after.replace(/ µm/g, '\u00a0µm'),
      })),
    );
    expect(differences(lacquer, thicker, unitsOf('us'))[0]?.after).toContain('mil');
    expect(differences(lacquer, lacquer, unitsOf('metric'))).toEqual([]);
  });

  it('is due for a check after the interval the shop sets', () => {
    expect(recheckDue({ ...lacquer, checkedOn: '2026-01-01' }, newShop)).toBe('2027-01-01');
    expect(recheckDue({ ...lacquer, checkedOn: '2026-01-01' }, { ...newShop, recheckAfter: 30 })).toBe(
      '2026-01-31',
    );
  });

  it('a duplicate is another sheet that says the same', () => {
    const copy = duplicateOf(lacquer, '2026-11-23');
    expect(copy.id).not.toBe(lacquer.id);
    expect(copy.name).toBe('Lacquer, copy');
    expect(copy.components).toEqual(lacquer.components);
  });

  it('shows every group of every class', () => {
    const facts = sheetFacts(classSheet('gel-coat', 'g', 'Gel', '2026-11-01'), unitsOf('metric'));
    expect(facts.map(({ title }) => title)).toContain('Conventional gun'.replace('Conventional', 'HVLP'));
    expect(
      facts.flatMap((group) => group.facts).every(({ value }) => value !== '' && !value.includes('NaN')),
    ).toBe(true);
  });
});

describe('what a form holds', () => {
  it('leaves out optional parts that nothing was entered in, and keeps those with an amount', () => {
    const form = {
      ...lacquer,
      wetFilm: { min: undefined, aim: undefined, max: undefined },
      vocLimit: { value: undefined, counts: '' },
      vapour: { molarMass: 0.1, lowerLimit: undefined },
      shelf: { closed: undefined },
      additives: [],
      components: [{ ...lacquer.components[0], partsAt: [] }],
      thinning: {
        ...lacquer.thinning,
        thinners: [{ ...lacquer.thinning.thinners[0], speed: '', air: { min: undefined } }],
      },
    };
    const kept = withoutEmpty(coating)(form) as Record<string, unknown>;
    expect(Object.keys(kept)).not.toEqual(expect.arrayContaining(['wetFilm']));
    expect(kept).not.toHaveProperty('vocLimit');
    expect(kept).not.toHaveProperty('shelf');
    expect(kept).not.toHaveProperty('additives');
    expect(kept.components).toEqual(lacquer.components);
    expect(kept).toHaveProperty('vapour.molarMass', 0.1);
    expect(kept).not.toHaveProperty('thinning.thinners.0.air');
    expect(kept).not.toHaveProperty('thinning.thinners.0.speed');
    expect(kept).toHaveProperty('limits.air');
  });

  it('asks about a ratio that looks like percent and does not add up', () => {
    const parts = (...all: number[]) => oddSum(all.map((each) => ({ parts: each })));
    expect(parts(60, 30, 8)).toBe(98);
    expect(parts(60, 30, 10)).toBeUndefined();
    expect(parts(4, 1)).toBeUndefined();
    expect(parts(100, 2)).toBeUndefined();
    expect(parts(98)).toBeUndefined();
  });
});
