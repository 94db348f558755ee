import { substrateKinds, statesOn } from '@/core/system';
import { classSheet, coatingClasses, type Job } from '@/records';
import { emptyDraft, jobFromDraft, type JobDraft } from './draft';
import { newRig } from './newrig';
import { jobsBefore, offersFor, suiting } from './offers';
import { knownSystems } from './systems';
import { suits } from './suits';

let made = 0;
const sheets = [
  classSheet('two-part-clear', 'clear', 'Clear', '2026-11-01'),
  classSheet('wall-paint', 'wall', 'Wall', '2026-11-01'),
  classSheet('quick-enamel', 'enamel', 'Enamel', '2026-11-01'),
];
const rigs = [newRig('gun', 'hvlp')];
const job = (name: string, begun: string, says: Partial<JobDraft>): Job => {
  const draft = { ...emptyDraft(), name, ground: 'metal', class: 'two-part-clear', rigId: 'gun', ...says };
  const filled = { ...draft, faces: [{ width: 1, height: 1, count: 1, both: false }] } as JobDraft;
  const held = { coatings: sheets, rigs, cups: [] };
  return jobFromDraft(filled, held, `2026-11-${begun}T08:00:00.000Z`, () => `j${(made += 1)}`).job;
};

describe('what is offered for a ground', () => {
  const jobs = [
    job('First', '01', { coatingId: 'clear' }),
    job('Again', '03', { coatingId: 'clear' }),
    job('Other', '02', { coatingId: 'enamel' }),
    job('Wall', '04', { coatingId: 'wall', ground: 'plaster' }),
  ];

  it('what the shop used on it last comes first, each set of products and guns once', () => {
    const offers = offersFor('metal', 'base', { jobs, coatings: sheets });
    expect(offers.jobs.map(({ name }) => name)).toEqual(['Again', 'Other']);
    expect(jobsBefore(jobs).map(({ name }) => name)).toEqual(['Wall', 'Again', 'Other']);
    expect(offersFor('wood', 'bare', { jobs, coatings: sheets }).jobs).toEqual([]);
  });

  it('sheets, kinds and systems that suit it come before the others, and none is left out', () => {
    const offers = offersFor('plaster', 'bare', { jobs, coatings: sheets });
    expect(offers.sheets[0]!.id).toBe('wall');
    expect(offers.classes[0]).toBe('wall-paint');
    expect(offers.systems[0]!.id).toBe('primer-wall');
    expect([...offers.sheets].map(({ id }) => id).sort()).toEqual(['clear', 'enamel', 'wall']);
    expect([...offers.classes].sort()).toEqual([...coatingClasses].sort());
    expect(offers.systems).toHaveLength(knownSystems.length);
  });

  it('a base in its window takes a clear; of two sheets of a kind the one used last leads', () => {
    expect(offersFor('metal', 'base', { jobs: [], coatings: [] }).classes[0]).toBe('two-part-clear');
    const twin = classSheet('two-part-clear', 'twin', 'A twin', '2026-11-01');
    const offers = offersFor('metal', 'base', { jobs, coatings: [twin, ...sheets] });
    expect(offers.sheets.slice(0, 2).map(({ id }) => id)).toEqual(['clear', 'twin']);
  });

  it('every ground in every state has kinds that suit it, each once', () => {
    for (const ground of substrateKinds)
      for (const state of [undefined, ...statesOn(ground)]) {
        const found = suits(ground, state);
        expect(suiting(ground, state)).toBe(found.length);
        expect(found.length).toBeGreaterThan(0);
        expect(new Set(found).size).toBe(found.length);
      }
  });
});
