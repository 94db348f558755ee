import { flowCup, secondsFromViscosity } from '../src/core/cups';
import { seeded } from '../src/core/random';
import { nextAddition, priorBelief, updateBelief } from '../src/core/thinning';
import { trial } from '../src/core/thinning/titration';
import { parse } from '../src/core/quantity';
import { demoShop } from '../src/demo';
import { newShop, type Can, type Coating, type Cup, type Job, type Rig } from '../src/records';
import { jobView } from '../src/store/job';
import { shelfOf } from '../src/store/shelf';
import { unitsOf } from '../src/ui/units';
import { nextLine } from '../src/ui/words/nextline';
import { stripCells } from '../src/ui/words/strip';

/** Times a task: warmed up, then the mean over many calls. ms */
function time(name: string, limit: string, calls: number, task: (i: number) => unknown): void {
  for (let i = 0; i < calls / 10; i += 1) task(i);
  const began = performance.now();
  for (let i = 0; i < calls; i += 1) task(i);
  const each = (performance.now() - began) / calls;
  console.log(`${name.padEnd(52)} ${each.toFixed(4).padStart(9)} ms   ${limit}`);
}

console.log('Core, one call');
const cup = flowCup('ford-4')!;
const prior = priorBelief(120e-6, 0.25, 1e-6);
const reading = { w: 0.02, viscosity: 105e-6, sd: 0.03 };
const belief = updateBelief(prior, reading);
const batch = { mass: 6.9, density: 1040, base: { mass: 6.9, density: 1040 } };
time('thinning update', 'limit 0.1 ms', 200_000, () => updateBelief(prior, reading));
time('next addition, with risk and spread', 'limit 16 ms', 5_000, () =>
  nextAddition({
    belief,
    batch,
    thinner: 0.14,
    thinnerDensity: 998,
    band: { cup, min: 21, max: 25 },
    maximum: 0.1,
    basis: { by: 'volume', of: 'mix' },
    scaleStep: 0.001,
    readingSd: 0.03,
    timed: true,
  }),
);
time('cup seconds', 'limit 16 ms', 200_000, (i) => secondsFromViscosity(cup, (20 + (i % 200)) * 1e-6));
time('reading a typed amount', 'limit 16 ms', 50_000, () =>
  parse('1 1/2 mil', 'film', { system: 'us', expects: [1e-5, 1e-4] }),
);

console.log('\nInput to shown result, without the browser: a whole job derived and put in words');
const now = Date.now();
const shop = demoShop(now);
const of = <T>(kind: string) => shop.filter((record) => record.kind === kind) as T[];
const units = unitsOf('metric');
const shelf = shelfOf(
  of<Can>('can'),
  of<Coating>('coating'),
  of<Job>('job'),
  new Date(now).toISOString().slice(0, 10),
);
for (const job of of<Job>('job')) {
  const rig = of<Rig>('rig').find(({ id }) => id === job.rigId);
  time(job.name, 'limit 16 ms', 300, () => {
    const view = jobView(job, { rig, cups: of<Cup>('cup'), shelf, shop: newShop, now });
    return [nextLine(view, view.current, units), stripCells(view, units)];
  });
}

console.log('\nThinning 5,000 random paints of every class, two timings a reading');
const schools = [
  ['the model', { kind: 'model' }],
  ['1 % by mass', { kind: 'mass-steps', step: 0.01 }],
  ['5 % by volume', { kind: 'volume-steps', step: 0.05 }],
] as const;
const percent = (share: number) => `${(100 * share).toFixed(2)} %`;
for (const half of [0.1, 0.07])
  for (const [name, approach] of schools) {
    const found = trial(5000, half, approach, seeded(7));
    console.log(
      `band ± ${Math.round(half * 100)} %, ${name}: in band within 1 ${percent(found.within(1))}, 2 ${percent(found.within(2))}, 3 ${percent(found.within(3))}; ends in band ${percent(found.inBand)}, ever under ${percent(found.wentUnder)}; additions ${found.median} in the middle, ${found.worst} at worst; 90 % intervals hold ${percent(found.coverage)}`,
    );
  }
