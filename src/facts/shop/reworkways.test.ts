import { isRefusal } from '@/core/refusal';
import type { Job, NewEntry } from '@/records';
import { aJob, coatsIn, colour, end, lacquer, logged, seen, start } from '../../../tests/fixtures/job';
import { sure } from '../../../tests/fixtures/gun';
import { waysTold, withWay } from './reworkways';

const sprayed = (job: Job, coats = coatsIn(job)): Job =>
  logged(
    job,
    ...coats.flatMap(
      ({ id }, i) =>
        [
          [-200 + i * 60, start(id)],
          [-190 + i * 60, end(id)],
        ] as const,
    ),
  );
const way = (job: Job, name: string, stage: 'wet' | 'cured' = 'cured') =>
  sure(waysTold(seen(job), 'runs', stage)).find((each) => each.way === name)!;

describe('ways to put a job right', () => {
  it('there is nothing to mend before a coat is on', () => {
    expect(isRefusal(waysTold(seen(aJob()), 'runs', 'wet'))).toBe(true);
  });

  it('by what the sheet says: what blends, what is polished, what it costs', () => {
    const blends = (blendable: boolean) => sprayed(aJob([{ ...colour, blendable, pricePerVolume: 20_000 }]));
    expect(way(blends(false), 'spot-blend').shut).toBe('does-not-blend');
    expect(way(blends(true), 'spot-blend').shut).not.toBe('does-not-blend');
    expect(way(blends(true), 'whole-face').cost).toBeGreaterThan(0);
    expect(way(sprayed(aJob([lacquer])), 'whole-face').cost).toBeUndefined();
    // A satin lacquer is no gloss, nor is a flake that lies open.
    expect(way(sprayed(aJob([lacquer])), 'polish').shut).toBe('not-glossy');
    expect(way(sprayed(aJob([{ ...colour, pigment: 'flake' }])), 'polish').shut).toBe('not-glossy');
  });

  it('what was seen to lie dry and rough is not covered by the next coat; wet and rough it may be', () => {
    const [first] = coatsIn(aJob());
    const one = sprayed(aJob(), [first!]);
    const lies = (found: 'wet-rough' | 'dry-rough') =>
      sure(
        waysTold(
          seen(logged(one, [-100, { type: 'texture', coatId: first!.id, found }])),
          'orange-peel',
          'dry',
        ),
      ).find((each) => each.way === 'cover')!;
    expect(lies('dry-rough').shut).toBe('does-not-heal');
    expect(lies('wet-rough').shut).not.toBe('does-not-heal');
  });

  it('over one side of the face it was named on', () => {
    const [front] = aJob().part.faces;
    const small = { ...front!, id: 'small', width: 0.1, height: 0.1 };
    const job = sprayed({ ...aJob(), part: { ...aJob().part, faces: [front!, small] } });
    const named = (faceId: string): NewEntry => ({ type: 'defect', name: 'Runs', defect: 'runs', faceId });
    expect(way(logged(job, [1, named('small')]), 'whole-face').mix).toBeLessThan(
      way(logged(job, [1, named(front!.id)]), 'whole-face').mix / 10,
    );
  });

  it('a way becomes the next steps: flatting is due, then a coat that was not planned', () => {
    const job = sprayed(aJob());
    const before = seen(job);
    expect(before.spray.next).toBeUndefined();
    const after = withWay(job, before, 'runs', () => 'fresh');
    const view = seen(after);
    expect(view.spray.next?.coat).toMatchObject({ id: 'fresh', name: 'Lacquer 2, again' });
    expect(view.spray.work.some(({ what }) => what === 'sand')).toBe(true);
    // A day later, when it is hard.
    expect(seen(after, { minutes: 24 * 60 }).spray.due?.what).toBe('sand');
    expect(job.layers[0]?.coats).toHaveLength(2);
  });

  it('where a coat is to come anyway none is added, and nothing before a coat is on', () => {
    const job = sprayed(aJob(), coatsIn(aJob()).slice(0, 1));
    const after = withWay(job, seen(job), 'runs', () => 'fresh');
    expect(after.layers[0]?.coats.map(({ id }) => id)).toEqual(['lacquer-1', 'lacquer-2']);
    expect(after.layers[0]?.coats[0]?.sandBack).toBeGreaterThan(0);
    expect(withWay(aJob(), seen(aJob()), 'runs', () => 'fresh')).toEqual(aJob());
  });
});
