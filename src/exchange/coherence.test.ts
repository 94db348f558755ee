import { coatRoles } from '@/core/system';
import { stages, type JobView } from '@/facts/job';
import { jobViewOf } from '@/facts/records';
import type { Figure } from '@/facts/figure';
import { figure, figuresIn } from '@/words/figures';
import { nextLine } from '@/words/nextline';
import { stripCells } from '@/words/strip';
import { timerFigure } from '@/words/timers';
import { unitsOf } from '@/words/units';
import { anyShop, type AnyShop } from '../../tests/fixtures/anyjob';
import { contradictions, shownAs, unlike, type Shown } from '../../tests/fixtures/contradictions';
import { conclude } from './conclude';
import { jobReport } from './jobreport';
import type { ConcludedJob } from './conclusions';

const metric = unitsOf('metric');
const count = 500;

/** Every figure that words, strip, stack and tray show of a job. */
function shownOf(view: JobView): Shown[] {
  const because = stages.flatMap((stage) =>
    nextLine(view, stage, metric).because.flatMap(({ label, figure: of }) =>
      of ? [shownAs(`${stage}: ${label}`, of)] : [],
    ),
  );
  const strip = stripCells(view, metric).map(({ stage, figure: of }) => shownAs(`strip ${stage}`, of));
  const tray = view.timers.map((timer) => shownAs(`tray ${timer.id}`, timerFigure(view, timer)));
  const stack = view.plan.coats.map(({ coat, dry }): Figure => ({
    fact: 'coat.dry',
    of: { job: view.work.id, layer: coat.layerId, coat: coat.id },
    value: dry.aim,
    state: 'open',
  }));
  const report = jobReport(view, [], [], metric).sections.flatMap(({ facts = [], table = [] }) =>
    [...facts.map(([, value]) => value), ...table.flat()]
      .flatMap(figuresIn)
      .map((of) => shownAs('report', of)),
  );
  return [...report, ...because, ...strip, ...tray, ...stack.map((of) => shownAs('stack', of))];
}

/** The same figures as `conclude` gives them. */
function concludedFigures(job: ConcludedJob): Shown[] {
  const of = (layer?: string, coat?: string) => [job.id, layer, coat].filter(Boolean).join('/');
  const shown = (fact: Figure['fact'], owner: string, value: number | null): Shown => ({
    where: 'conclude',
    figure: { fact, of: owner, value },
  });
  return [
    ...job.layers.flatMap(({ id, coats }) =>
      coats.map((coat) => shown('coat.dry', of(id, coat.id), coat.dry.aim)),
    ),
    ...job.clocks.map(({ what, layer, at }) =>
      shown(`clock.${what}` as Figure['fact'], of(layer), Date.parse(at) / 1000),
    ),
  ];
}

interface Seen extends AnyShop {
  readonly view: JobView;
  readonly concluded: ConcludedJob;
  readonly dead: boolean;
}

function seenShop(seed: number): Seen {
  const shop = anyShop(seed);
  const view = jobViewOf(shop.records, shop.job.id, shop.now)!;
  const [concluded] = conclude(shop.records, { at: shop.now, units: 'metric' }).jobs;
  if (!concluded) throw new Error(`Seed ${seed} was not concluded.`);
  const { useBefore } = view.mix.batch ?? {};
  return { ...shop, view, concluded, dead: useBefore !== undefined && shop.now > useBefore };
}

describe('what is said of a job, in one place and in another', () => {
  const all = Array.from({ length: count }, (_, seed) => seenShop(seed + 1));

  it('the same fact of the same owner has the same value, in words, strip, stack, tray, report and the command', () => {
    const found = all.flatMap(({ job, view, concluded }) =>
      unlike([...shownOf(view), ...concludedFigures(concluded)]).map((each) => `${job.id} ${each}`),
    );
    expect(found).toEqual([]);
  });

  it('the relations between them hold', () => {
    const found = all.flatMap(({ job, concluded, now, dead }) =>
      contradictions(concluded, job, now, dead).map((each) => `${job.id} ${each}`),
    );
    expect(found).toEqual([]);
  });

  it('a stage is as its worst part, and nothing is good over what the hardware cannot do', () => {
    for (const { view, concluded } of all) {
      if (view.plan.fitness.some(({ state }) => state === 'stop'))
        expect(concluded.stages.plan.state).toBe('stop');
      if (view.set.fault) expect(concluded.stages.set.state).toBe('stop');
      if (!view.set.point.feasible) expect(concluded.stages.set.state).not.toBe('good');
      if (view.mix.batch?.ratio?.passes === false) expect(concluded.stages.mix.state).toBe('stop');
      if (view.plan.film.layers.some(({ verdict }) => verdict !== 'inside'))
        expect(concluded.stages.plan.state).toBe('stop');
    }
  });

  it('the jobs it was tried on are of every kind', () => {
    const tally = new Map<string, number>();
    const note = (kind: string) => tally.set(kind, (tally.get(kind) ?? 0) + 1);
    for (const { concluded, job, rigs } of all) {
      for (const [stage, { state }] of Object.entries(concluded.stages)) note(`${stage} ${state}`);
      const coats = concluded.layers.flatMap((layer) => layer.coats);
      for (const state of new Set(coats.map(({ window }) => window.state))) note(`window ${state}`);
      for (const role of new Set(job.layers.flatMap((layer) => layer.coats.map((coat) => coat.role))))
        note(`role ${role ?? 'none'}`);
      for (const feed of new Set(rigs.map((rig) => rig.feed))) note(`feed ${feed}`);
      note(`next ${concluded.next.state}`);
    }
    const rows = [...tally].sort((a, b) => a[1] - b[1]);
    console.log(
      rows.map(([kind, n]) => `${((100 * n) / count).toFixed(1).padStart(5)} %  ${kind}`).join('\n'),
    );
    for (const kind of [
      ...['none', 'waiting', 'open', 'shut', 'missed', 'never'].map((each) => `window ${each}`),
      ...coatRoles.map((role) => `role ${role}`),
      ...['gravity', 'suction', 'pressure-cup', 'pressure-pot', 'pump'].map((feed) => `feed ${feed}`),
      ...['good', 'open', 'care', 'stop'].map((state) => `next ${state}`),
      // Plan and Mix know no care: what is wrong there stops.
      ...['plan', 'mix'].flatMap((stage) => ['good', 'open', 'stop'].map((state) => `${stage} ${state}`)),
      ...['thin', 'set', 'spray', 'check', 'clean'].flatMap((stage) =>
        ['good', 'open', 'care', 'stop'].map((state) => `${stage} ${state}`),
      ),
    ])
      expect([kind, (tally.get(kind) ?? 0) / count >= 0.02]).toEqual([kind, true]);
  });
});

describe('ten contradictions planted, each of them caught', () => {
  const { job, view, concluded, now } = Array.from({ length: 200 }, (_, seed) => seenShop(seed + 1)).find(
    ({ view: { spray, timers, mix }, concluded: { layers, film } }) =>
      spray.next &&
      timers.length > 1 &&
      mix.batch &&
      layers.every((layer) => !layer.film.outside && layer.coats.every(({ dry }) => !dry.outside)) &&
      !film.outside &&
      layers.some(({ coats }) => coats.some(({ window }) => window.state === 'open')),
  )!;
  const planted = (change: (copy: ConcludedJob) => void, dead = false): string[] => {
    const copy = structuredClone(concluded);
    change(copy);
    return contradictions(copy, job, now, dead);
  };
  const [first] = concluded.layers;
  const openCoat = (copy: ConcludedJob) =>
    copy.layers.flatMap(({ coats }) => coats).find(({ window }) => window.state === 'open')!;

  const pointOf = (copy: ConcludedJob) =>
    copy.layers.flatMap(({ coats }) => coats).find(({ point }) => point.feasible)!.point;

  it('is coherent before', () => {
    expect(contradictions(concluded, job, now, false)).toEqual([]);
    expect(unlike(shownOf(view))).toEqual([]);
  });

  it.each<[string, (copy: ConcludedJob) => void, boolean]>([
    ['coat: outside unsaid', (copy) => void (copy.layers[0]!.coats[0]!.dry.max = 1e-9), false],
    ['point: more than what is fitted passes', (copy) => void (pointOf(copy).needle = 1.2), false],
    ['point: strokes apart by another fan', (copy) => void (pointOf(copy).spacing = 1), false],
    ['point: another film than its fluid lays', (copy) => void (pointOf(copy).film = 1e-3), false],
    ['point: paint is not its fluid over its time', (copy) => void (pointOf(copy).paint = 1e-9), false],
    ['point: feasible, and something forbids it', (copy) => void (pointOf(copy).why = 'starves'), false],
    ['layer: less mix than its coats take', (copy) => void (copy.layers[0]!.mix = 1e-9), false],
    ['layer: not its coats less what is sanded', (copy) => void (copy.layers[0]!.film.stays = 1), false],
    ['layer: outside said of what is inside', (copy) => void (copy.layers[0]!.film.outside = true), false],
    ['job: film is not its layers’', (copy) => void (copy.film.stays = 1), false],
    ['job: litres are not its layers’', (copy) => void (copy.paint.mix = 1), false],
    [
      'window: closes before it opens',
      (copy) =>
        void Object.assign(openCoat(copy).window, {
          opens: '2026-11-24T00:00:00Z',
          closes: '2026-11-23T00:00:00Z',
        }),
      false,
    ],
    [
      'next: its state is not that of what it names',
      (copy) => void (copy.next.state = copy.next.state === 'stop' ? 'open' : 'stop'),
      false,
    ],
    [
      'permission: given over a stop',
      (copy) =>
        void Object.assign(copy.layers[0]!.permission, {
          may: true,
          open: [{ id: 'dew', says: 'Dew', weight: 'stop', waivable: false, remedies: ['Dry it.'] }],
        }),
      false,
    ],
    ['clocks: two of one kind for one pot', (copy) => void copy.clocks.push(copy.clocks[0]!), false],
    [
      'thin: good over a dead pot',
      (copy) =>
        void Object.assign(copy.stages, {
          mix: { ...copy.stages.mix, state: 'stop' },
          thin: { ...copy.stages.thin, state: 'good' },
        }),
      true,
    ],
  ])('%s', (what, change, dead) => expect(planted(change, dead)).toContain(what));

  it('the same fact with another value in another place', () => {
    const shown = shownOf(view);
    const other = figure(view, 'gun.overlap', 0.123);
    expect(unlike([...shown, shownAs('planted', other)]).some((each) => each.includes('gun.overlap'))).toBe(
      true,
    );
    const dry = {
      ...other,
      fact: 'coat.dry' as const,
      of: { job: job.id, layer: first!.id, coat: first!.coats[0]!.id },
    };
    expect(unlike([...shown, shownAs('planted', dry)]).some((each) => each.includes('coat.dry'))).toBe(true);
  });
});
