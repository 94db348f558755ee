import { flowCup, secondsFromViscosity } from '../src/core/cups';
import {
  erring,
  fieldFacts,
  fieldStrokes,
  filmField,
  flatSurface,
  optimise,
  overlapBands,
  shapeProfile,
  usualHand,
  type FieldStroke,
} from '../src/core/evenness';
import { drillOf, newPanel, slide, spray } from '../src/core/practice';
import { isRefusal, type Outcome } from '../src/core/refusal';
import { seeded } from '../src/core/random';
import { nextAddition, priorBelief, updateBelief } from '../src/core/thinning';
import { parse } from '../src/core/quantity';
import { demoShop } from '../src/demo';
import {
  keyOf,
  newShop,
  type AnyRecord,
  type LogEntry,
  type Can,
  type Coating,
  type Cup,
  type Job,
  type Rig,
} from '../src/records';
import { jobViewOf } from '../src/facts/records';
import { careCalendar } from '../src/facts/shop/carecalendar';
import { jobView } from '../src/facts/job';
import { askedOf, bookRows, groupsOf } from '../src/facts/shop/book';
import { looksDue } from '../src/facts/shop/looks';
import { shelfOf } from '../src/facts/shop/shelf';
import { unitsOf } from '../src/words/units';
import { bigShop } from './bigshop';
import { defectsFound } from './defectsfound';
import { longJob, longJobs } from './longjobs';
import { cardsRead } from './card/summary';
import { handsTold } from './motion/summary';
import { poursTold } from './scale/summary';
import { sheetsRead } from './sheets/summary';
import { paintKinds } from './thinning/paints';
import { clean, stressed } from './thinning/pots';
import { thinned, type Summary } from './thinning/summary';
import { nextLine } from '../src/words/nextline';
import { stripCells } from '../src/words/strip';

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
  const rigOf = (id: string) => of<Rig>('rig').find((rig) => rig.id === id);
  time(job.name, 'limit 16 ms', 300, () => {
    const view = jobView(job, { rigOf, cups: of<Cup>('cup'), shelf, shop: newShop, now });
    return [nextLine(view, view.current, units), stripCells(view, units)];
  });
}

console.log('\nThe clock beats: what is concluded of all open jobs, from facts that stand');
const records = new Map(shop.map((record) => [keyOf(record), record]));
const open = of<Job>('job').filter(({ closed }) => !closed);
let beat = 0;
time('a second’s tick of the six demo jobs', 'limit 1 ms', 2000, () => {
  beat += 1;
  return open.map(({ id }) => jobViewOf(records, id, now + (beat % 40) * 1000));
});

const forty = new Map<string, AnyRecord>([...records, ...longJobs([...records.values()])]);
const ids = Array.from({ length: 40 }, (_, i) => `long-${i}`);
time('forty open jobs of 200 entries, first seen', 'limit 1000 ms', 5, () => {
  const anew = new Map(
    [...forty].map(([key, record]) => [key, record.kind === 'job' ? { ...record } : record]),
  );
  return ids.map((id) => jobViewOf(anew, id, now));
});
time('a second’s tick of them', 'limit 5 ms', 500, () => {
  beat += 1;
  return ids.map((id) => jobViewOf(forty, id, now + (beat % 40) * 1000));
});
const model = open.find(({ log }) => log.length > 10) as Job;
for (const entries of [500, 1000, 2000, 10_000]) {
  const job = longJob(model, `of-${entries}`, entries);
  const counter = entries;
  time(
    `one entry more in a log of ${entries.toLocaleString('en')}`,
    entries > 2000 ? 'limit 100 ms' : 'limit 16 ms',
    20,
    (i) => {
      const note = {
        type: 'note',
        id: `n${i}`,
        at: new Date(now).toISOString(),
        counter,
        text: 'x',
      } as LogEntry;
      const after = new Map(forty).set(`job/${job.id}`, { ...job, log: [...job.log, note] });
      return jobViewOf(after, job.id, now);
    },
  );
}

time('the care calendar of the shop', 'limit 16 ms', 300, () =>
  careCalendar(of<Rig>('rig'), of<Job>('job'), now),
);
time('looks due over all jobs', 'limit 16 ms', 300, () => looksDue(of<Job>('job'), now));

console.log(
  '\nThinning paints the method does not share, 1,000 pots each, band ± 10 %, two timings a reading',
);
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
const schools = [
  ['the method', { kind: 'model' }],
  ['1 % by mass', { kind: 'mass-steps', step: 0.01 }],
  ['5 % by volume', { kind: 'volume-steps', step: 0.05 }],
  ['who knows the curve', { kind: 'ideal' }],
] as const;
const potLine = (name: string, found: Summary) => {
  const told = [
    [0.7, 0.85],
    [0.85, 0.93],
    [0.93, 1.01],
  ].flatMap(([from = 0, to = 1]) => {
    const { pots, said, were } = found.told(from, to);
    return pots > 20 ? [`told ${percent(said)}: ${percent(were)} of ${pots}`] : [];
  });
  console.log(
    `${name}: ends in band ${percent(found.inBand)}, ever under ${percent(found.wentUnder)}; within 2 ${percent(found.within(2))}, 3 ${percent(found.within(3))}; 90 % intervals hold ${percent(found.held)}; ${told.join(', ')}`,
  );
};
for (const [how, hardship] of [
  ['clean', clean],
  ['stressed', stressed],
] as const)
  for (const [name, by] of schools) potLine(`${how}, ${name}`, thinned(1000, hardship, by, 7));
for (const kind of paintKinds)
  potLine(`clean, ${kind}`, thinned(400, clean, { kind: 'model' }, 7, { kinds: [kind] }));
for (const steepness of [6, 7, 8, 9, 10, 11, 12])
  potLine(`clean, first slope ${steepness}`, thinned(400, clean, { kind: 'model' }, 7, { steepness }));

console.log('\nThe film on a face, 1.2 × 0.8 m, single-threaded');
const sure = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const gun = {
  profile: shapeProfile(1),
  fan: 0.25,
  distance: 0.2,
  footprint: 0.03,
  flow: 200e-6 / 60,
  transfer: 0.65,
};
const passes = (strokes: number) => ({
  kind: 'flat' as const,
  along: 1.2,
  across: 0.8,
  spacing: 0.8 / (strokes - 1),
  speed: 0.4,
  fan: 0.25,
  distance: 0.2,
  lead: 0.1,
});
const straight = (n: number) => sure(fieldStrokes(passes(n)));
const field = (strokes: readonly FieldStroke[], cell: number) => {
  const [rows, cols] = [Math.round(0.8 / cell), Math.round(1.2 / cell)];
  const surface = flatSurface(0.8, rows);
  return () => sure(filmField({ surface, along: 1.2, cols, gun, strokes }));
};
const hand = (n: number) => erring(straight(n), usualHand, passes(n).spacing, seeded(3));
time('60 strokes at 2 mm', 'limit 10 ms', 100, field(straight(60), 2e-3));
time('60 strokes of an erring hand at 2 mm', 'limit 10 ms', 100, field(hand(60), 2e-3));
const map = field(hand(60), 2e-3)();
time('its mean, scatter, shares and extremes', '', 100, () => fieldFacts(map, { min: 40e-6, max: 60e-6 }));
for (const cell of [8e-3, 4e-3, 2e-3, 1e-3])
  time(
    `  against cells: ${Math.round((0.8 / cell) * (1.2 / cell)).toLocaleString('en')}`,
    '',
    40,
    field(hand(60), cell),
  );
for (const n of [15, 30, 60, 120, 240]) time(`  against strokes: ${n}`, '', 40, field(hand(n), 2e-3));
time('1,000 hands, ten overlaps', 'limit 1000 ms', 3, () =>
  overlapBands(
    {
      gun,
      passes: passes(8),
      hand: usualHand,
      overlaps: [0.3, 0.4, 0.5, 0.6, 0.66, 0.7, 0.75, 0.8, 0.85, 0.9],
      hands: 100,
    },
    seeded(1),
  ),
);
time('the best setting', 'in a worker', 3, () =>
  optimise({
    gun,
    passes: { kind: 'flat', along: 1.2, across: 0.8, lead: 0.1 },
    hand: usualHand,
    aim: 45e-6,
    limits: { min: 36e-6, max: 56e-6 },
    overlap: { min: 0.4, max: 0.85 },
    distance: { min: 0.15, max: 0.25 },
    flow: { min: 2e-6, max: 5e-6 },
    speed: { min: 0.25, max: 0.8 },
    want: 'even',
  }),
);
const upright = drillOf('upright');
const panel = sure(newPanel(upright.width, upright.height, 5e-3, upright.runsAbove));
time('a frame of the practice panel, laying and sliding', 'limit 8 ms', 2_000, (i) => {
  spray(
    panel,
    upright.gun,
    { t: 0, x: (i % 90) / 90, y: 0.3, pull: 1 },
    { t: 1 / 60, x: ((i % 90) + 1) / 90, y: 0.3, pull: 1 },
  );
  slide(panel, 1 / 60);
});

const big = bigShop(now, 60_000, 200);
const bigJobs = big.filter((record): record is Job => record.kind === 'job');
const kit = {
  rigs: big.filter((record): record is Rig => record.kind === 'rig'),
  cups: big.filter((record): record is Cup => record.kind === 'cup'),
};
const from = performance.now();
const book = bookRows(bigJobs, kit);
console.log(
  `${`book of ${bigJobs.length} jobs, 60,000 entries, gone through anew`.padEnd(52)} ${(performance.now() - from).toFixed(0).padStart(9)} ms   limit 1000 ms, in steps`,
);
time('book, one filter and its groups', 'limit 100 ms', 100, () =>
  groupsOf(askedOf(book, { rigId: book[0]?.use.rigId }), 'person', 'film'),
);

console.log('\nCards as people photograph them: turned, aslant, shadowed, of nine papers and paints');
const cards = cardsRead('bench-', 60);
const shareOf = (share: number) => `${(100 * share).toFixed(1)} %`;
console.log(
  `${cards.pictures} readable ones: ${shareOf(cards.read)} read (aim 90), width within 5 % in ${shareOf(cards.width)} (aim 90), ` +
    `the right fault in ${shareOf(cards.fault)} (aim 85), wrong and over 0.8 sure ${shareOf(cards.surelyWrong)} (at most 3)`,
);
console.log(
  `refused: ${
    Object.entries(cards.refused)
      .map(([why, count]) => `${why} ${count}`)
      .join(', ') || 'none'
  }`,
);
for (const { from, count, right } of cards.told)
  if (count > 0) console.log(`  said from ${from}: ${count}, right ${shareOf(right / count)}`);

console.log('\nDefects: the intended cause of made-up cases');
for (const { name, cases: count, first, three } of defectsFound())
  console.log(
    `  ${name}, ${count}: first in ${shareOf(first)} (aim 85), among three in ${shareOf(three)} (aim 98)`,
  );

console.log('\nProduct sheets: every fact of those read while tuning, and of those kept out of it');
const sheetTable = async () => {
  for (const folder of ['tuned', 'kept'] as const)
    for (const as of ['written', 'document'] as const) {
      const { sheets, stated, right, wrong, missed, longest } = await sheetsRead(folder, as);
      console.log(
        `  ${folder}, ${as === 'written' ? 'as written' : 'as PDF'}: ${sheets} sheets, ${stated} facts: ${shareOf(right)} right (aim 90), ` +
          `${shareOf(wrong)} wrong or invented (at most 2), ${shareOf(missed)} missed; the longest took ${Math.round(longest)} ms`,
      );
    }
};
void sheetTable();

console.log('\nHands told from their motion: 40 made-up recordings a row, 95 of 100 within');
for (const { name, counted, strokes, pace, strokePace, tilt, took } of handsTold())
  console.log(
    `${name.padEnd(56)} all strokes counted ${shareOf(counted)}, of strokes ${shareOf(strokes)}; pace ${shareOf(pace)}, a stroke’s ${shareOf(strokePace)}; tilt ${tilt.toFixed(1)}°; ${took.toFixed(3)} ms a sample, limit 1`,
  );
console.log('\nPours by the live scale, 100 to 600 g, the hand doing as it is told');
for (const { name, middle, most, taken, took } of poursTold())
  console.log(
    `${name.padEnd(44)} off the mark ${middle.toFixed(1)} g, 95 of 100 within ${most.toFixed(1)} g${
      Number.isNaN(taken)
        ? ''
        : `; taken within ${taken.toFixed(2)} g of the truth; ${took.toFixed(4)} ms a reading, limit 1`
    }`,
  );
