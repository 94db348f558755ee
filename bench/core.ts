import { flowCup, secondsFromViscosity } from '../src/core/cups';
import { isRefusal } from '../src/core/refusal';
import { gaussian, seeded } from '../src/core/random';
import {
  blendViscosity,
  leastInteraction,
  nextAddition,
  priorBelief,
  updateBelief,
} from '../src/core/thinning';
import { titrate } from '../src/core/thinning/titration';
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
const shelf = shelfOf(of<Can>('can'), of<Coating>('coating'), of<Job>('job'), new Date(now).toISOString().slice(0, 10));
for (const job of of<Job>('job')) {
  const rig = of<Rig>('rig').find(({ id }) => id === job.rigId);
  time(job.name, 'limit 16 ms', 300, () => {
    const view = jobView(job, { rig, cups: of<Cup>('cup'), shelf, shop: newShop, now });
    return [nextLine(view, view.current, units), stripCells(view, units)];
  });
}

console.log('\nThinning over 5,000 simulated paints, two timings a reading, 3 % error each');
for (const half of [0.1, 0.07]) {
  const random = seeded(7);
  const counts = [0, 0, 0, 0, 0];
  let inBand = 0;
  let under = 0;
  const runs = 5000;
  for (let i = 0; i < runs; i += 1) {
    const middle = 22 + 14 * random();
    const target = 3.85 * (middle - 4.49) * 1e-6;
    const unthinned = target * Math.exp(0.3 + 1.2 * random());
    const thinner = (0.6 + 2 * random()) * 1e-6;
    let G = -4 + 2 * gaussian(random);
    while (G < leastInteraction(unthinned, thinner)) G = -4 + 2 * gaussian(random);
    const viscosity = (w: number) => {
      const blend = blendViscosity(unthinned, thinner, G, w);
      return isRefusal(blend) ? unthinned : blend;
    };
    const paint = {
      viscosity,
      thinner,
      expects: unthinned * Math.exp(0.3 * gaussian(random)),
      expectsSd: 0.3,
    };
    const run = titrate(
      paint,
      { cup, min: middle * (1 - half), max: middle * (1 + half) },
      1,
      0.001,
      0.03,
      random,
    );
    counts[Math.min(run.additions, 4)]! += 1;
    if (run.inBand) inBand += 1;
    if (run.wentUnder) under += 1;
  }
  const percent = (count: number) => `${((100 * count) / runs).toFixed(2)} %`;
  console.log(
    `band ± ${Math.round(half * 100)} %: additions 1 ${percent(counts[1]!)}, 2 ${percent(counts[2]!)}, 3 ${percent(counts[3]!)}, more ${percent(counts[4]!)}; ends in band ${percent(inBand)}, ever under ${percent(under)}`,
  );
}
