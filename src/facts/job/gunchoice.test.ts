import { isRefusal } from '@/core/refusal';
import { classSheet, type Coating, type Rig } from '@/records';
import {
  aJob,
  airless,
  changed,
  colour,
  ford,
  lacquer,
  mixedLacquer,
  logged,
  readyToSpray,
  seen,
  turbine,
  wallPaint,
} from '../../../tests/fixtures/job';
import { fansByFace } from './byface';
import { gunChoices, savesOver } from './gunchoice';

const small: Rig = { ...turbine, id: 'small', name: 'Small', sets: [{ id: 's', bore: 0.8e-3 }] };
const pump: Rig = { ...airless, id: 'pump', name: 'Pump' };
const bare: Rig = { ...turbine, id: 'bare', name: 'Bare', sets: [] };
const own: Rig = { ...turbine, id: 'rig' };

describe('which gun of the shop', () => {
  it('each as a job with it would be concluded, the best first, what cannot be told last', () => {
    const view = seen(logged(readyToSpray(), [-3, mixedLacquer]));
    const choices = gunChoices(view, [bare, small, pump, own], [ford]);
    expect(choices.map(({ rig }) => rig.id)[0]).toBe('rig');
    expect(choices.at(-1)).toMatchObject({ rig: { id: 'bare' }, refused: { refused: 'no-nozzles' } });
    expect(choices.filter(({ current }) => current).map(({ rig }) => rig.id)).toEqual(['rig']);
    // A kind of gun the sheet does not name comes after those it does, and what starves is not proposed.
    expect(choices.find(({ rig }) => rig.id === 'pump')?.found?.named).toBe(false);
    expect(choices.find(({ rig }) => rig.id === 'small')?.found?.fitting.verdict.grade).toBe('no');
    // With its own gun, what the job itself proposes from nothing.
    const fresh = seen(aJob());
    const same = gunChoices(fresh, [own], [ford])[0]!.found!;
    expect(same.point).toEqual(fresh.set.point);
    expect(same.mix).toBe(isRefusal(fresh.plan.needed) ? undefined : fresh.plan.needed.total);
  });

  it('a kind the sheet does not name is never a first choice; a sheet that names none rules none out', () => {
    const rated = { ...own, maxPressure: 0.6e5 };
    const gradeOn = (sheet: Coating) => {
      const job = readyToSpray();
      const on = { ...job, layers: job.layers.map((layer) => ({ ...layer, sheet })) };
      return gunChoices(seen(on), [rated], [ford])[0]!.found!.fitting.verdict;
    };
    const onlyAirless = classSheet('water-lacquer', 'l', 'L', '2026-11-01').guns.filter(
      ({ atomising }) => atomising === 'airless',
    );
    expect(gradeOn({ ...lacquer, guns: onlyAirless }).grade).not.toBe('first');
    expect(gradeOn({ ...lacquer, guns: onlyAirless }).costs).toContain('off-sheet');
    expect(gradeOn({ ...lacquer, guns: [] }).costs).not.toContain('off-sheet');
    expect(gradeOn(lacquer)).toMatchObject({ grade: 'first' });
  });

  it('is set beside its own gun by what a job like this costs', () => {
    const choices = gunChoices(seen(readyToSpray()), [pump, own], [ford]);
    const mine = choices.find(({ current }) => current)!;
    const other = choices.find(({ current }) => !current)!;
    const [a, b] = [mine.found!, other.found!];
    if (isRefusal(a.mix) || isRefusal(b.mix)) throw new Error('no mix');
    expect(savesOver(mine, other, 2, { paint: 20_000, labour: undefined })).toBeCloseTo(
      (a.mix - b.mix) * 20_000,
      9,
    );
    expect(savesOver(mine, other, 2, { paint: undefined, labour: 0.01 })).toBeCloseTo(
      (a.time - b.time) * 0.02,
      9,
    );
    expect(savesOver(mine, mine, 2, { paint: 1, labour: 1 })).toBe(0);
    expect(savesOver(mine, other, 2, { paint: undefined, labour: undefined })).toBeUndefined();
    expect(savesOver(undefined, other, 2, { paint: 1, labour: 1 })).toBeUndefined();
  });

  it('is asked for the layer in hand alone', () => {
    const two = seen(aJob([colour, wallPaint]));
    const [choice] = gunChoices(two, [{ ...pump, id: 'rig' }], [ford]);
    expect(choice!.found?.fitting.tip).toBeDefined();
  });
});

describe('a fan for each face', () => {
  const faces = (job = aJob([wallPaint])) =>
    changed(job, {
      part: {
        ...job.part,
        faces: [
          { id: 'wall', name: 'Wall', width: 6, height: 3, count: 1, lies: 'upright' },
          { id: 'gutter', name: 'Gutter', width: 6, height: 0.15, count: 2, lies: 'upright' },
        ],
      },
    });
  const rig: Rig = { ...airless, tips: ['517', '311', '315'] };

  it('a gutter wants a narrower tip than the wall, and what it saves stands beside the change', () => {
    const [wall, gutter] = fansByFace(seen(faces(), { rig }));
    expect(wall!.better).toBeUndefined();
    expect(gutter!.better).toMatchObject({ tip: expect.stringMatching(/^31/) });
    expect(gutter!.now.lands).toBeLessThan(gutter!.better!.lands);
    expect(gutter!.saves).toBeCloseTo(gutter!.now.paint - gutter!.better!.paint, 12);
    expect(gutter!.saves).toBeGreaterThan(0);
  });

  it('of a gun with a fan knob the fan is turned in', () => {
    const [, gutter] = fansByFace(seen(faces(aJob())));
    expect(gutter!.better!.fan).toBeLessThan(gutter!.now.fan);
    expect(gutter!.better!.tip).toBeUndefined();
  });

  it('proposes no tip that cannot lay the coat', () => {
    const flooding: Rig = { ...airless, tips: ['517', '331'] };
    const [, gutter] = fansByFace(seen(faces(), { rig: flooding }));
    expect(gutter!.better).toBeUndefined();
  });
});
