import { cleaningSequence } from '@/core/care';
import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import type { Coating, Rig } from '@/records';
import type { diary } from './diary';
import { cupGun, demoRigs, gravityGun, pressurePot, turbine, wallPump } from './equipment';

const day = 86_400_000;
type Renewals = NonNullable<Rig['renewals']>;
type Part = Renewals[number]['part'];

/** What the shop’s rigs have behind them, at days before the moment the demo shop is loaded. */
export function rigsInUse(now: number): Rig[] {
  const on = (ago: number) => new Date(now - ago * day).toISOString().slice(0, 10);
  const renewed = (
    rig: Rig,
    rows: readonly (readonly [part: Part, ago: number, why: Renewals[number]['why'], which?: string])[],
  ): Renewals =>
    rows.map(([part, ago, why, which], i) => ({
      id: `${rig.id}-r${i + 1}`,
      part,
      on: on(ago),
      why,
      ...(which ? { which } : {}),
    }));
  const water = (
    rows: readonly (readonly [
      ago: number,
      where: 'tank' | 'separator' | 'gun',
      millilitres: number,
      air: number,
      humidity: number,
    ])[],
  ) =>
    rows.map(([ago, where, millilitres, air, humidity]) => ({
      at: new Date(now - ago * day).toISOString(),
      where,
      volume: millilitres * 1e-6,
      air: celsius(air),
      humidity,
    }));
  const more: Record<string, Partial<Rig>> = {
    [turbine.id]: {
      seals: 'solvent-proof',
      wetted: ['stainless', 'aluminium'],
      renewals: renewed(turbine, [
        ['check-valve', 240, 'new-gun'],
        ['gasket', 240, 'new-gun'],
        ['packing', 240, 'new-gun'],
        ['check-valve', 171, 'worn'],
        ['gasket', 150, 'worn'],
        ['check-valve', 96, 'worn'],
        ['packing', 90, 'worn'],
        ['gasket', 58, 'worn'],
        ['check-valve', 61, 'early'],
        ['nozzle', 240, 'new-gun', 'n13'],
      ]),
      kit: [
        { id: 'k1', part: 'check-valve', name: 'flap, 8 mm', stock: 1, lead: 14, price: 4 },
        { id: 'k2', part: 'gasket', name: 'cup gasket, 125 mm', stock: 3, lead: 14, price: 6 },
        { id: 'k3', part: 'packing', stock: 1, lead: 14, price: 9 },
      ],
    },
    [gravityGun.id]: {
      seals: 'nitrile',
      wetted: ['stainless', 'aluminium'],
      renewals: renewed(gravityGun, [
        ['packing', 300, 'new-gun'],
        ['packing', 148, 'worn'],
        ['gasket', 110, 'worn'],
        ['nozzle', 300, 'new-gun', 'n13'],
        ['needle', 300, 'new-gun', 'n13'],
      ]),
      airParts: [
        { id: 'a0', kind: 'drain', name: 'tank, valve below', since: on(1) },
        { id: 'a1', kind: 'regulator', name: 'bay 2 wall', since: on(200) },
        { id: 'a2', kind: 'separator', name: 'under the regulator', since: on(9) },
        { id: 'a3', kind: 'filter', name: 'coalescing', since: on(132) },
      ],
      kit: [{ id: 'k1', part: 'packing', stock: 0, lead: 21, price: 8 }],
      waterFound: water([
        [12, 'separator', 38, 17, 0.72],
        [9, 'separator', 55, 19, 0.78],
        [9, 'tank', 420, 19, 0.78],
        [4, 'tank', 260, 12, 0.66],
        [1, 'tank', 210, 11, 0.6],
      ]),
    },
    [pressurePot.id]: {
      renewals: renewed(pressurePot, [
        ['gasket', 210, 'new-gun'],
        ['gasket', 131, 'worn'],
        ['packing', 210, 'worn'],
      ]),
      airParts: [
        { id: 'a1', kind: 'separator', name: 'casting bay', since: on(5) },
        { id: 'a2', kind: 'gauge', name: 'pot gauge', since: on(340) },
      ],
    },
    [wallPump.id]: {
      wetted: ['stainless', 'aluminium'],
      tipsWorn: { '517': { fan: 0.215, litres: 0.31 } },
      renewals: renewed(wallPump, [
        ['gun-filter', 70, 'worn'],
        ['pump-packing', 400, 'new-gun'],
      ]),
      kit: [
        { id: 'k1', part: 'tip', name: '517', stock: 1, lead: 5, price: 34 },
        { id: 'k2', part: 'gun-filter', name: 'mesh 60', stock: 4, lead: 5, price: 7 },
      ],
    },
    [cupGun.id]: { seals: 'solvent-proof', wetted: ['stainless'] },
  };
  return demoRigs.map((rig) => ({ ...rig, ...more[rig.id] }));
}

/** A gun cleaned by its own list, its solvent and sludge put on record. */
export function cleaned(
  log: ReturnType<typeof diary>,
  ago: number,
  rig: Rig,
  sheet: Coating,
  leftover: number,
): void {
  const found = cleaningSequence({
    chemistry: sheet.chemistry,
    atomising: rig.atomising,
    feed: rig.feed,
    dead: rig.dead,
    ...(sheet.cleaner ? { cleaner: sheet.cleaner } : {}),
    sets: sheet.times.potLife !== undefined,
  });
  if (isRefusal(found)) return;
  found.steps.forEach(({ id }, i) =>
    log.write(ago - i / 10, { type: 'tick', list: 'clean', step: id, done: true }),
  );
  const used = Number((found.volume * 1.15).toPrecision(2));
  log.write(ago - 3, { type: 'waste', what: 'used', volume: used });
  log.write(ago - 3.1, { type: 'waste', what: 'recovered', volume: Number((used * 0.6).toPrecision(2)) });
  if (leftover > 0) log.write(ago - 3.2, { type: 'waste', what: 'mix', volume: leftover });
  log.write(ago - 3.3, { type: 'waste', what: 'sludge', mass: Number((used * 60).toPrecision(2)) });
}
