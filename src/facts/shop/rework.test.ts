import { cureStages, defectIds, endings, reworkOf, takenOff } from '@/core/diagnosis';
import { isRefusal } from '@/core/refusal';
import type { NewEntry } from '@/records';
import { aJob, end, logged, noon, seen, start } from '../../../tests/fixtures/job';
import { openDefects } from '../job';
import { reworkTold, sandedSinceMeasured } from './rework';

const film = (microns: number, spot = 0): NewEntry => ({
  type: 'film',
  faceId: 'front',
  spot,
  reading: microns * 1e-6,
});
const defect = (id: string): NewEntry => ({ type: 'defect', name: id, defect: id });
const rework = (id: string, did: (typeof endings)[number]): NewEntry => ({ type: 'rework', defect: id, did });
/** Two coats of 29 µm on, sheet limits 50 to 70 µm in all, measured at the given thickness. */
const coated = (microns: number) =>
  logged(
    aJob(),
    [-300, start('lacquer-1')],
    [-290, end('lacquer-1')],
    [-200, start('lacquer-2')],
    [-190, end('lacquer-2')],
    ...[0, 1, 2, 3, 4].flatMap((spot) => [0, 1, 2].map(() => [-20, film(microns, spot)] as const)),
  );
const told = (microns: number, id: (typeof defectIds)[number], stage: (typeof cureStages)[number]) =>
  reworkTold(seen(coated(microns)), id, stage);

describe('what putting it right does to the film', () => {
  it('polishing takes its layer off, a run more than a nib, and says when too little is left', () => {
    const [peel] = told(66, 'orange-peel', 'cured');
    expect(peel).toMatchObject({ step: 'nib-polish', ends: 'nib-polish', lies: 'inside' });
    expect(peel!.film!.then).toBeCloseTo(66e-6 - takenOff.texture, 9);
    expect(told(60, 'orange-peel', 'cured')[0]).toMatchObject({ lies: 'under' });
    const off = (id: (typeof defectIds)[number]) =>
      told(66, id, 'cured').find(({ step }) => step === 'nib-polish')!.film!.off;
    expect(off('runs')).toBe(takenOff.run);
    expect(off('dust')).toBe(takenOff.nib);
  });

  it('where there was little room it is flatted further, so that the coat ends at the most', () => {
    const flat = told(60, 'craters', 'cured').find(({ step }) => step === 'flat-recoat')!;
    expect(flat.film!.then).toBeCloseTo(70e-6, 9);
    expect(flat.film!.off).toBeCloseTo(19e-6, 9);
    expect(flat.lies).not.toBe('over');
    expect(told(45, 'craters', 'cured')[0]!.film!.off).toBeCloseTo(takenOff.texture, 9);
  });

  it('another coat names when its window closes, and waiting when it will be hard', () => {
    const view = seen(coated(45), { minutes: -100 });
    const more = reworkTold(view, 'poor-hiding', 'dry').find(({ step }) => step === 'more-coat')!;
    expect(more.film).toMatchObject({ off: 0 });
    const wet = seen(coated(45), { minutes: -189 });
    const wait = reworkTold(wet, 'craters', 'tacky').find(({ step }) => step === 'wait')!;
    expect(wait.hardens).toBeGreaterThan(noon - 189 * 60_000);
    expect(wait.ends).toBeUndefined();
  });

  it('holds for every defect at every stage: a number where there is film, never less than none', () => {
    for (const id of defectIds)
      for (const stage of cureStages) {
        const steps = told(29, id, stage);
        expect(steps.map(({ step }) => step)).toEqual(reworkOf(id, stage));
        for (const { film: after } of steps)
          if (after) {
            expect(Number.isFinite(after.then)).toBe(true);
            expect(after.then).toBeGreaterThanOrEqual(0);
          }
      }
  });

  it('what was never measured is reckoned with its aim', () => {
    const view = seen(aJob());
    expect(isRefusal(view.check.verdict)).toBe(true);
    expect(reworkTold(view, 'orange-peel', 'cured')[0]!.film!.now).toBeCloseTo(58e-6, 9);
  });
});

describe('a defect that is put right on the piece', () => {
  const job = logged(aJob(), [-9, defect('orange-peel')], [-8, defect('runs')]);
  it.each(endings)('is closed by “%s”, and only that one', (did) => {
    expect(openDefects(logged(job, [-5, rework('runs', did)])).open.map(({ name }) => name)).toEqual([
      'orange-peel',
    ]);
  });

  it('stands open again when it is seen again', () => {
    const again = logged(job, [-5, rework('runs', 'gone')], [-2, defect('runs')]);
    expect(openDefects(again).open.map(({ name }) => name)).toEqual(['orange-peel', 'runs']);
  });

  it('leaves the change for its cause to be judged', () => {
    const changed = logged(
      job,
      [-6, { type: 'action', text: 'Slower', cause: 'too-slow', defects: ['runs'] }],
      [-5, rework('runs', 'flat-recoat')],
    );
    expect(openDefects(changed).waiting).toBe(true);
  });
});

describe('film measured before it was sanded', () => {
  it('is called in question until it is measured again, but not by what takes nothing off', () => {
    const job = coated(60);
    expect(sandedSinceMeasured({ job })).toBeUndefined();
    const sanded = logged(job, [-5, rework('runs', 'nib-polish')]);
    expect(sandedSinceMeasured({ job: sanded })?.did).toBe('nib-polish');
    expect(sandedSinceMeasured({ job: logged(sanded, [-1, film(50)]) })).toBeUndefined();
    expect(sandedSinceMeasured({ job: logged(job, [-5, rework('runs', 'accepted')]) })).toBeUndefined();
    expect(sandedSinceMeasured({ job: aJob() })).toBeUndefined();
  });
});
