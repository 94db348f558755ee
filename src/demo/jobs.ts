import type { Coating, Cup, Face, Job, Layer, LogEntry, Rig } from '@/records';
import { cleaned } from './care';
import { diary } from './diary';
import { cupGun, dinCup, fordCup, gravityGun, isoCup, pressurePot, turbine, wallPump } from './equipment';
import {
  blockFiller,
  bracketEnamel,
  depotWall,
  framePrimer,
  liningSilver,
  liveryClear,
  liveryColour,
  satinLacquer,
  sealerEpoxy,
  shellGelCoat,
} from './sheets';

const minutes = 60_000;
const bar = 1e5;
const perMinute = 1e-6 / 60;

const face = (
  id: string,
  name: string,
  width: number,
  height: number,
  count: number,
  lies: Face['lies'] = 'upright',
): Face => ({ id, name, width, height, count, lies });
/** A layer of a demo job: each coat at the sheet’s own aim. */
const layer = (
  sheet: Coating,
  rig: Rig,
  cup: Cup,
  names: readonly string[],
  approach: Partial<Layer['approach']> = {},
): Layer => ({
  id: sheet.id,
  name: sheet.name,
  sheet,
  rigId: rig.id,
  cupId: cup.id,
  approach: { overlap: 0.5, speed: 0.4, reserve: 0.1, ...approach },
  coats: names.map((name, i) => ({ id: `${sheet.id}-${i + 1}`, name, dry: sheet.film.aim })),
});

const job = (
  id: string,
  name: string,
  begun: number,
  says: Pick<Job, 'part' | 'layers'>,
  log: readonly LogEntry[],
): Job => ({
  kind: 'job',
  version: 3,
  id,
  name,
  begun: new Date(begun).toISOString(),
  ...says,
  approach: { acceptance: 'spot-mean' },
  log: inOrder(log),
});

/** A diary is written by topic; a log is in order of time, and counts. */
const inOrder = (log: readonly LogEntry[]): LogEntry[] =>
  [...log].sort((a, b) => a.at.localeCompare(b.at)).map((entry, counter) => ({ ...entry, counter }));

/** Standing at Thin: mixed, timed, thinned once, timed again. */
function saloonDoors(now: number): Job {
  const id = 'demo-saloon-doors';
  const log = diary(id, now, 'Wren');
  const batch = `${id}-mix-1`;
  log.climate(58, 19.5, 18.8, 0.58);
  log.write(52, { type: 'stir' });
  log.mixed(46, batch, satinLacquer, [['base', 6960, 'demo-can-w20']]);
  log.timed(40, batch, satinLacquer, fordCup, 19.5);
  log.timed(38, batch, satinLacquer, fordCup, 19.5);
  log.add(31, batch, 'water', 150);
  log.write(17, { type: 'stir', batchId: batch });
  log.timed(16, batch, satinLacquer, fordCup, 19.5);
  log.timed(14, batch, satinLacquer, fordCup, 19.5);
  return job(
    id,
    'Saloon doors, car 6',
    now - 60 * minutes,
    {
      part: {
        substrate: 'Oak, sealed',
        metal: false,
        kind: 'wood',
        existing: 'primer',
        faces: [face('outer', 'Outer faces', 0.7, 2.0, 4), face('inner', 'Inner faces', 0.7, 2.0, 4)],
      },
      layers: [
        layer(satinLacquer, turbine, fordCup, ['First', 'Second', 'Last'], {
          reserve: 0.2,
          reserveWhy: 'No blending into a dry edge on a door',
          pot: 10e-3,
        }),
      ],
    },
    log.log,
  );
}

/** Standing at Spray: first colour coat on and flashing. */
function liveryPanels(now: number): Job {
  const id = 'demo-livery-panels';
  const log = diary(id, now, 'Rook');
  const batch = `${id}-mix-1`;
  log.climate(62, 21, 20.4, 0.46);
  log.mixed(55, batch, liveryColour, [
    ['base', 1510, 'demo-can-c4'],
    ['hardener', 339, 'demo-can-c4h'],
  ]);
  log.timed(50, batch, liveryColour, dinCup, 20.6);
  log.timed(48, batch, liveryColour, dinCup, 20.6);
  log.add(45, batch, 'medium', 196);
  log.timed(40, batch, liveryColour, dinCup, 20.6);
  log.timed(38, batch, liveryColour, dinCup, 20.6);
  log.write(32, {
    type: 'setting',
    layerId: liveryColour.id,
    bore: 1.3e-3,
    setId: 'n13',
    pressure: 2 * bar,
    pressureAt: 'inlet',
    triggerPulled: true,
    fluid: 190 * perMinute,
    fan: 0.26,
    distance: 0.18,
    overlap: 0.5,
    speed: 0.22,
  });
  log.write(28, { type: 'card', layerId: liveryColour.id, verdict: 'good' });
  log.write(9, { type: 'stir', batchId: batch });
  log.coat(20, 8, `${liveryColour.id}-1`);
  log.write(14, { type: 'comb', coatId: `${liveryColour.id}-1`, wetted: 50e-6, dry: 75e-6 });
  return job(
    id,
    'Livery panels, car 6',
    now - 65 * minutes,
    {
      part: {
        substrate: 'Primed steel, flatted',
        metal: true,
        kind: 'metal',
        existing: 'primer',
        faces: [face('side', 'Side panels', 1.9, 0.8, 4), face('dash', 'Dash panels', 1.2, 0.7, 2)],
      },
      layers: [
        layer(liveryColour, gravityGun, dinCup, ['Colour 1', 'Colour 2']),
        layer(liveryClear, gravityGun, dinCup, ['Clear 1', 'Clear 2']),
      ],
    },
    log.log,
  );
}

/** Gone wrong: the second coat was left overnight and its recoat window closed. Standing at Mix. */
function truckFrames(now: number): Job {
  const id = 'demo-truck-frames';
  const log = diary(id, now, 'Finch');
  const batch = `${id}-mix-1`;
  log.climate(900, 14, 12.5, 0.68);
  log.mixed(880, batch, framePrimer, [['base', 2600, 'demo-can-m1']]);
  log.timed(872, batch, framePrimer, dinCup, 18);
  log.timed(870, batch, framePrimer, dinCup, 18);
  log.write(850, {
    type: 'setting',
    layerId: framePrimer.id,
    bore: 1.4e-3,
    setId: 'n14',
    pressure: 2.8 * bar,
    pressureAt: 'inlet',
    triggerPulled: true,
    fluid: 260 * perMinute,
    fan: 0.28,
    distance: 0.22,
    overlap: 0.5,
    speed: 0.33,
  });
  log.write(845, { type: 'card', layerId: framePrimer.id, verdict: 'good' });
  log.coat(840, 815, `${framePrimer.id}-1`);
  log.write(810, { type: 'note', text: 'Crane needed the frames moved. Second coat left for the morning.' });
  cleaned(log, 790, pressurePot, framePrimer, 0.15e-3);
  log.write(788, { type: 'discard', batchId: batch, why: 'Skinned in the pot, end of the day' });
  log.write(25, {
    type: 'defect',
    name: 'Recoat window missed',
    note: 'Eight hours are over. It will not bond without abrading.',
  });
  return job(
    id,
    'Truck frames, pair 11',
    now - 905 * minutes,
    {
      part: {
        substrate: 'Blasted steel',
        metal: true,
        kind: 'blasted',
        existing: 'bare',
        faces: [face('frame', 'Side frames', 2.4, 0.45, 4), face('bolster', 'Bolsters', 1.6, 0.5, 2)],
      },
      layers: [layer(framePrimer, pressurePot, dinCup, ['First', 'Second'])],
    },
    log.log,
  );
}

/** Standing at Check: sprayed and cleaned, half of the readings taken. */
function seatBrackets(now: number): Job {
  const id = 'demo-seat-brackets';
  const log = diary(id, now, 'Heron');
  const batch = `${id}-mix-1`;
  log.climate(260, 20, 19.5, 0.52);
  log.mixed(250, batch, bracketEnamel, [['base', 3400, 'demo-can-q3']]);
  log.timed(245, batch, bracketEnamel, fordCup, 21);
  log.timed(243, batch, bracketEnamel, fordCup, 21);
  log.add(240, batch, 'q-thinner', 285);
  log.timed(236, batch, bracketEnamel, fordCup, 21);
  log.timed(234, batch, bracketEnamel, fordCup, 21);
  log.write(230, {
    type: 'setting',
    layerId: bracketEnamel.id,
    bore: 1.4e-3,
    setId: 'n14',
    pressure: 3 * bar,
    pressureAt: 'inlet',
    triggerPulled: true,
    fluid: 240 * perMinute,
    fan: 0.28,
    distance: 0.22,
    overlap: 0.5,
    speed: 0.38,
  });
  log.write(226, { type: 'card', layerId: bracketEnamel.id, verdict: 'good' });
  log.coat(220, 190, `${bracketEnamel.id}-1`);
  log.timed(176, batch, bracketEnamel, fordCup, 21);
  log.timed(174, batch, bracketEnamel, fordCup, 21);
  log.coat(165, 135, `${bracketEnamel.id}-2`);
  log.timed(138, batch, bracketEnamel, fordCup, 21);
  log.timed(136, batch, bracketEnamel, fordCup, 21);
  cleaned(log, 110, pressurePot, bracketEnamel, 0.2e-3);
  log.films(20, 'top', 2 * bracketEnamel.film.aim, [
    [0, 0.5, 0.5],
    [1, 0.18, 0.2],
    [2, 0.82, 0.2],
  ]);
  return job(
    id,
    'Seat brackets, shift run',
    now - 265 * minutes,
    {
      part: {
        substrate: 'Cast iron, primed',
        metal: true,
        kind: 'cast-iron',
        existing: 'primer',
        faces: [{ ...face('top', 'Bracket faces', 0.42, 0.28, 48), shape: 1.15 }],
      },
      layers: [layer(bracketEnamel, pressurePot, fordCup, ['First', 'Second'])],
    },
    log.log,
  );
}

/** Standing at Plan: the room has not been read yet. */
function seatShells(now: number): Job {
  return job(
    'demo-seat-shells',
    'Seat-shell moulds, 3 off',
    now - 10 * minutes,
    {
      part: {
        substrate: 'Waxed composite mould',
        metal: false,
        kind: 'mould',
        existing: 'wax',
        faces: [face('shell', 'Shell moulds', 0.9, 0.7, 3, 'flat')],
      },
      layers: [
        layer(shellGelCoat, cupGun, isoCup, ['Pass 1', 'Pass 2', 'Pass 3'], { reserve: 0.15, pot: 5e-3 }),
      ],
    },
    [],
  );
}

/** Standing at Clean: both coats on, the pump still full. */
function depotWalls(now: number): Job {
  const id = 'demo-depot-walls';
  const log = diary(id, now, 'Plover');
  const batch = `${id}-mix-1`;
  log.climate(420, 17, 14, 0.6);
  log.mixed(410, batch, depotWall, [['base', 58_000, 'demo-can-d2']]);
  log.write(400, {
    type: 'setting',
    layerId: depotWall.id,
    tip: '517',
    pressure: 140 * bar,
    pressureAt: 'tip',
    triggerPulled: true,
    fluid: 1050 * perMinute,
    fan: 0.254,
    distance: 0.305,
    overlap: 0.5,
    speed: 0.55,
  });
  log.write(396, { type: 'card', layerId: depotWall.id, verdict: 'good' });
  log.coat(390, 335, `${depotWall.id}-1`);
  log.coat(70, 12, `${depotWall.id}-2`);
  return job(
    id,
    'Depot outside walls, north',
    now - 425 * minutes,
    {
      part: {
        substrate: 'Rendered brick, washed',
        metal: false,
        kind: 'masonry',
        existing: 'bare',
        faces: [face('north', 'North wall', 18, 3.2, 1), face('gable', 'Gable', 6, 4, 1)],
        absorption: 60e-6,
      },
      layers: [layer(depotWall, wallPump, isoCup, ['First', 'Second'])],
    },
    log.log,
  );
}

/** Over days: the filler went on yesterday and is hard. Standing at Spray, at the sanding between filler and epoxy. */
function apron(now: number): Job {
  const id = 'demo-apron';
  const log = diary(id, now, 'Rook');
  const batch = `${id}-mix-1`;
  const yesterday = 20 * 60;
  log.climate(yesterday, 20.5, 19.8, 0.5);
  log.mixed(yesterday - 10, batch, blockFiller, [
    ['base', 1330, 'demo-can-f5'],
    ['hardener', 236, 'demo-can-f5h'],
  ]);
  log.timed(yesterday - 14, batch, blockFiller, dinCup, 20.4);
  log.timed(yesterday - 16, batch, blockFiller, dinCup, 20.4);
  log.write(yesterday - 20, {
    type: 'setting',
    layerId: blockFiller.id,
    bore: 1.8e-3,
    setId: 'n18',
    pressure: 2.5 * bar,
    pressureAt: 'inlet',
    triggerPulled: true,
    fluid: 320 * perMinute,
    fan: 0.26,
    distance: 0.2,
    overlap: 0.5,
    speed: 0.2,
  });
  log.write(yesterday - 22, { type: 'card', layerId: blockFiller.id, verdict: 'good' });
  log.coat(yesterday - 24, yesterday - 28, `${blockFiller.id}-1`);
  log.coat(yesterday - 50, yesterday - 54, `${blockFiller.id}-2`);
  cleaned(log, yesterday - 70, pressurePot, blockFiller, 0.12e-3);
  log.write(yesterday - 72, { type: 'discard', batchId: batch, why: 'Left over after the last coat' });
  log.climate(25, 20, 19.5, 0.52);
  const sanded = (takes: number, grit: number): Layer['work'] => [
    { id: `${id}-sand-${grit}`, what: 'sand', grit, takes },
    { id: `${id}-wipe-${grit}`, what: 'wipe' },
    { id: `${id}-mask-${grit}`, what: 'mask' },
  ];
  return job(
    id,
    'Apron, car 4, blocked flat',
    now - yesterday * minutes,
    {
      part: {
        substrate: 'Pressed steel, repaired',
        metal: true,
        kind: 'metal',
        existing: 'filler',
        faces: [face('apron', 'Apron', 1.6, 0.9, 1)],
      },
      layers: [
        {
          ...layer(blockFiller, pressurePot, dinCup, ['Filler 1', 'Filler 2']),
          name: 'Filler',
          work: sanded(40e-6, 180),
        },
        {
          ...layer(sealerEpoxy, gravityGun, dinCup, ['Epoxy']),
          name: 'Epoxy',
          work: sanded(6e-6, 400),
        },
        {
          ...layer(liveryColour, gravityGun, dinCup, ['Colour 1', 'Colour 2'], {
            hides: { least: 2, most: 3 },
          }),
          name: 'Colour',
        },
      ],
    },
    log.log,
  );
}

/** Standing at Spray: two coats of silver are on and flashed, and it is looked at whether they hide. */
function liningBand(now: number): Job {
  const id = 'demo-lining-band';
  const log = diary(id, now, 'Finch');
  const batch = `${id}-mix-1`;
  log.climate(95, 21, 20.5, 0.47);
  log.mixed(88, batch, liningSilver, [['base', 330, 'demo-can-s7']]);
  log.timed(84, batch, liningSilver, dinCup, 20.5);
  log.timed(82, batch, liningSilver, dinCup, 20.5);
  log.add(80, batch, 's-thinner', 24);
  log.timed(76, batch, liningSilver, dinCup, 20.5);
  log.timed(74, batch, liningSilver, dinCup, 20.5);
  log.write(70, {
    type: 'setting',
    layerId: liningSilver.id,
    bore: 1.3e-3,
    setId: 'n13',
    pressure: 1.9 * bar,
    pressureAt: 'inlet',
    triggerPulled: true,
    fluid: 150 * perMinute,
    fan: 0.24,
    distance: 0.17,
    overlap: 0.66,
    speed: 0.3,
  });
  log.write(66, { type: 'card', layerId: liningSilver.id, verdict: 'good' });
  log.write(45, { type: 'stir', batchId: batch });
  log.coat(42, 39, `${liningSilver.id}-1`);
  log.write(34, { type: 'tick', list: 'midway', step: 'mid-wipe', done: true, rigId: gravityGun.id });
  log.write(29, { type: 'stir', batchId: batch });
  log.coat(27, 24, `${liningSilver.id}-2`);
  const silver = layer(liningSilver, gravityGun, dinCup, ['Full 1', 'Full 2', 'Drop'], {
    hides: { least: 2, most: 4 },
    drops: 3,
    overlap: 0.66,
  });
  return job(
    id,
    'Lining band, car 6',
    now - 98 * minutes,
    {
      part: {
        substrate: 'Livery green, flatted',
        metal: true,
        kind: 'metal',
        existing: 'keep',
        faces: [face('band', 'Band', 2.4, 0.18, 2)],
      },
      layers: [
        {
          ...silver,
          name: 'Silver',
          coats: silver.coats.map((coat, i) =>
            i < 2
              ? { ...coat, role: 'metallic' }
              : { ...coat, role: 'drop', dry: coat.dry * 0.35, weight: 0.35 },
          ),
        },
        { ...layer(liveryClear, turbine, dinCup, ['Clear 1', 'Clear 2']), name: 'Clear' },
      ],
    },
    log.log,
  );
}

/** Put away: earlier cars, whose batches taught what the lacquer does. */
function earlierDoors(now: number, car: number, days: number, additions: readonly number[]): Job {
  const id = `demo-saloon-doors-${car}`;
  const log = diary(id, now, 'Wren');
  const batch = `${id}-mix-1`;
  let ago = days * 1440;
  log.climate(ago, 20, 19.5, 0.52);
  log.mixed((ago -= 10), batch, satinLacquer, [['base', 6900, 'demo-can-w20']]);
  const timeTwice = () => {
    log.timed((ago -= 6), batch, satinLacquer, fordCup, 20.5);
    log.timed((ago -= 2), batch, satinLacquer, fordCup, 20.5);
  };
  timeTwice();
  for (const grams of additions) {
    log.add((ago -= 3), batch, 'water', grams);
    timeTwice();
  }
  const lacquered = layer(satinLacquer, turbine, fordCup, ['First', 'Second', 'Last'], { reserve: 0.2 });
  for (const [i, coat] of lacquered.coats.entries()) log.coat(ago - 20 - 60 * i, ago - 32 - 60 * i, coat.id);
  cleaned(log, ago - 200, turbine, satinLacquer, 0.3e-3);
  return {
    ...job(
      id,
      `Saloon doors, car ${car}`,
      now - days * 86_400_000,
      {
        part: {
          substrate: 'Oak, sealed',
          metal: false,
          kind: 'wood',
          existing: 'primer',
          faces: [face('outer', 'Outer faces', 0.7, 2.0, 4), face('inner', 'Inner faces', 0.7, 2.0, 4)],
        },
        layers: [lacquered],
      },
      log.log,
    ),
    closed: new Date(now - days * 86_400_000 + 8 * 3_600_000).toISOString(),
  };
}

/** The demo jobs, eight open and two put away, their diaries ending at the moment the shop is loaded. */
export const demoJobs = (now: number): Job[] => [
  saloonDoors(now),
  liveryPanels(now),
  truckFrames(now),
  seatBrackets(now),
  seatShells(now),
  depotWalls(now),
  apron(now),
  liningBand(now),
  earlierDoors(now, 4, 41, [180, 190]),
  earlierDoors(now, 5, 20, [220, 150]),
];
