import { celsius } from '@/core/climate';
import { newShop, type Job, type NewEntry, type Rig } from '@/records';
import {
  aJob,
  card,
  changed,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  readyToSpray,
  seen,
  setting,
  start,
  ticked,
  turbine,
  water,
} from '../../../tests/fixtures/job';
import { metalBelow, substrateOf } from './substrate';
import { remediesOf } from './remedies';
import type { Permission, PermissionItem } from './permission';

const tick = (step: string, done = true): NewEntry => ({ type: 'tick', list: 'ready', step, done });
const skip = (item: string, more: object = {}): NewEntry => ({
  type: 'skip',
  item,
  why: 'A trial of ours',
  ...more,
});

/** A job with everything said and done before its first coat, but what a test breaks. */
const ready = (job: Job = readyToSpray(), ...but: readonly string[]): Job => ticked(job, ...but);
const of = (job: Job, around: Parameters<typeof seen>[1] = {}): Permission => seen(job, around).permission;
const stops = ({ open }: Permission): string[] =>
  open.filter(({ weight }) => weight === 'stop').map(({ id }) => id);
const item = ({ items }: Permission, id: string): PermissionItem => items.find((each) => each.id === id)!;
const causeOf = (permission: Permission, id: string) => {
  const found = item(permission, id);
  return found.by === 'record' ? found.cause : undefined;
};

describe('permission to start a coat', () => {
  it('is given when everything is said and done, and refused while anything stops it', () => {
    expect(of(ready())).toMatchObject({ may: true });
    expect(stops(of(ready()))).toEqual([]);
    const nothing = of(aJob());
    expect(nothing.may).toBe(false);
    expect(stops(nothing)).toEqual(expect.arrayContaining(['masks', 'room', 'mix', 'gun', 'clean', 'tack']));
  });

  it('asks of people first, then of room, part, mix and gun', () => {
    const groups = of(aJob([colour]))
      .items.filter(({ id }) => id !== 'turn')
      .map(({ group }) => group);
    const order = ['people', 'room', 'part', 'mix', 'gun'];
    expect(groups).toEqual([...groups].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
  });

  const sheetOf = (job: Job, change: Partial<typeof lacquer>): Job => ({
    ...job,
    layers: job.layers.map((layer) => ({ ...layer, sheet: { ...layer.sheet, ...change } })),
  });
  const room = (says: object): NewEntry => ({ ...fitRoom, ...says }) as NewEntry;
  const short: Rig = {
    ...turbine,
    air: 'compressor',
    airDemand: 6e-3,
    compressor: { delivers: 2e-3, tank: 0.1, high: 9e5, low: 6e5 },
  };
  // prettier-ignore
  const broken: readonly (readonly [what: string, job: () => Job, id: string, cause: string, around?: Parameters<typeof seen>[1]])[] = [
    ['a room read over an hour ago', () => ready(), 'room', 'room-old', { minutes: 1 }],
    ['cold air', () => logged(ready(), [-5, room({ air: celsius(8), humidity: 0.4 })]), 'air', 'air-cold'],
    ['hot air', () => logged(ready(), [-5, room({ air: celsius(41), part: celsius(32), humidity: 0.4 })]), 'air', 'air-hot'],
    ['a hot part', () => logged(ready(), [-5, room({ part: celsius(45) })]), 'part', 'part-hot'],
    ['a cold part', () => logged(ready(), [-5, room({ part: celsius(9), humidity: 0.36 })]), 'part', 'part-cold'],
    ['dry air', () => logged(ready(), [-5, room({ humidity: 0.05 })]), 'humidity', 'too-dry'],
    ['a coat thicker than the sheet allows', () => { const job = ready(); return changed(job, { coats: seen(job).work.coats.map((coat) => ({ ...coat, dry: 36e-6 })) }); }, 'film', 'film-thick'],
    ['a ratio nobody read', () => sheetOf(ready(), { components: [lacquer.components[0]!, { ...lacquer.components[0]!, id: 'other' }], assumed: ['components'] }), 'ratio', 'ratio-unread'],
    ['a mix off its ratio', () => sheetOf(ready(), { components: [lacquer.components[0]!, { ...lacquer.components[0]!, id: 'other' }] }), 'mix', 'off-ratio'],
    ['white spirit in a water-borne pot', () => sheetOf(ready(), { thinning: { ...lacquer.thinning, thinners: lacquer.thinning.thinners.map((each) => ({ ...each, name: 'White spirit', water: 0 })) }, assumed: ['thinning'] }), 'diluent', 'wrong-diluent'],
    ['no card since the setting', () => logged(ready(), [-4, setting()]), 'card', 'no-card'],
    ['a split card', () => logged(ready(), [-4, card('split')]), 'card', 'bad-card'],
    ['a mix that was thinned and not timed', () => logged(ready(), [-6, water(0.01)]), 'viscosity', 'untimed'],
    ['a compressor that is too small', () => ready(), 'supply', 'air-short', { rig: short }],
    ['another coat under the gun', () => logged(ready(), [-1, start('lacquer-1')]), 'turn', 'running'],
  ];
  it.each(broken.map(([what, ...rest]) => [what, rest] as const))(
    '%s stops it, under its own name alone',
    (_, [job, id, cause, around]) => {
      const told = of(job(), around);
      expect(told.may).toBe(false);
      const record = stops(told).filter((each) => item(told, each).by === 'record');
      expect(record).toEqual([id]);
      expect(causeOf(told, id)).toBe(cause);
    },
  );

  it.each(['masks', 'extraction', 'clean', 'abrade', 'wipe', 'tack'])(
    'a tick that is missing stops it, under its own name alone: %s',
    (id) => {
      const told = of(ready(readyToSpray(), id));
      expect(stops(told)).toEqual([id]);
      expect(told.may).toBe(false);
    },
  );

  it('every stop has a remedy, and no number is told without its limit', () => {
    for (const [, job, id, , around] of broken) {
      const view = seen(job(), around);
      const told = item(view.permission, id);
      if (told.by !== 'record') throw new Error(id);
      expect(remediesOf(told, view).length).toBeGreaterThan(0);
      if (told.found !== undefined) expect(told.min ?? told.max).toBeDefined();
    }
  });

  it('a pot past its life, or a part in dew, is nobody’s to waive', () => {
    const job = logged(aJob([colour]), [-200, fitRoom], [-190, mixedColour()]);
    const told = of(logged(job, [-5, skip('mix', { coatId: 'colour-1' })]));
    expect(causeOf(told, 'mix')).toBe('pot-over');
    expect(told.waived).toEqual([]);
    expect(stops(told)).toContain('mix');
    const dew = of(logged(ready(), [-5, room({ part: celsius(10), humidity: 0.5, air: celsius(21) })]));
    expect(item(dew, 'dew')).toMatchObject({ cause: 'wet', waivable: false });
    // A sheet that wants more than the usual three is asked for its own.
    const close = (own?: number) =>
      of(
        logged(aJob([{ ...lacquer, limits: { ...lacquer.limits, ...(own ? { dew: own } : {}) } }]), [
          -5,
          { type: 'climate', air: celsius(20), part: celsius(18), humidity: 0.7 },
        ]),
      );
    expect(item(close(), 'dew').met).toBe(true);
    expect(item(close(5), 'dew')).toMatchObject({ cause: 'near-dew', min: 5 });
  });
});

describe('going on without something', () => {
  it('wants a reason, holds for one coat, and of a number for that number', () => {
    const cold = (degrees: number): NewEntry =>
      ({ ...fitRoom, air: celsius(degrees), humidity: 0.4 }) as NewEntry;
    const job = logged(ready(), [-5, cold(8)]);
    const found = item(of(job), 'air').found!;
    const waived = logged(job, [-4, skip('air', { coatId: 'lacquer-1', found })]);
    expect(of(waived)).toMatchObject({ may: true, waived: [{ why: 'A trial of ours' }] });
    // Colder since: that was not what somebody answered for.
    expect(of(logged(waived, [-3, cold(6)])).may).toBe(false);
    expect(of(logged(job, [-4, skip('air', { coatId: 'lacquer-2', found })])).may).toBe(false);
    expect(of(logged(job, [-4, skip('air', { found })])).may).toBe(false);
  });

  it('of a tick it counts until that is ticked', () => {
    const job = ready(readyToSpray(), 'swing');
    const swing = (of_: Job) => of(of_).waived.map(({ item: { id } }) => id);
    const skipped = logged(job, [-5, skip('swing')]);
    expect(swing(skipped)).toEqual(['swing']);
    expect(swing(logged(skipped, [-4, tick('swing')]))).toEqual([]);
    expect(of(skipped).open.map(({ id }) => id)).not.toContain('swing');
  });

  it('never of what keeps people whole', () => {
    const job = ready(readyToSpray(), 'masks');
    expect(stops(of(logged(job, [-5, skip('masks', { coatId: 'lacquer-1' })])))).toEqual(['masks']);
  });
});

describe('what is asked', () => {
  const ids = (permission: Permission) => permission.items.map(({ id }) => id);
  const airless: Rig = {
    ...turbine,
    atomising: 'airless',
    feed: 'pump',
    air: 'none',
    sets: [],
    tips: ['515'],
  };

  it('follows what is present: flammables, isocyanates, a jet, steps, keep-off areas', () => {
    const burning = of(aJob([{ ...colour, hazards: ['isocyanate', 'flammable'] }]));
    expect(ids(burning)).toEqual(expect.arrayContaining(['ignition', 'earth', 'help']));
    for (const id of ['masks', 'ignition', 'earth', 'extraction'])
      expect(item(burning, id)).toMatchObject({ weight: 'stop', waivable: false });
    const masks = item(burning, 'masks');
    expect(masks.by === 'hand' ? masks.says : '').toMatch(/^Air-fed.*nobody else/);
    const watery = of(aJob());
    for (const id of ['ignition', 'earth', 'guard', 'access', 'masking'])
      expect(ids(watery)).not.toContain(id);
    expect(ids(of(aJob(), { rig: airless }))).toEqual(expect.arrayContaining(['earth', 'guard']));
    const job = aJob();
    const face = { ...job.part.faces[0]!, keepOff: 'the hinges', reach: 'steps' as const };
    const kept = of({ ...job, part: { ...job.part, faces: [face] } });
    expect(ids(kept)).toEqual(expect.arrayContaining(['masking', 'access']));
  });

  it('old paint is tested before anything is rubbed off it, and nobody leaves that out', () => {
    const job = aJob();
    const told = of({ ...job, part: { ...job.part, existing: 'keep' } });
    expect(item(told, 'old-paint')).toMatchObject({ weight: 'stop', waivable: false });
    expect(ids(of(job))).not.toContain('old-paint');
  });

  it('under a coat of its own product inside its window nothing is wiped; what was sanded is wiped and tacked', () => {
    const on = logged(ready(), [-5, start('lacquer-1')], [-1, end('lacquer-1')]);
    const later = { minutes: 50 };
    expect(ids(of(on, later))).not.toEqual(expect.arrayContaining(['wipe']));
    const sanded = logged(on, [20, { type: 'worked', layerId: 'lacquer', what: 'sand', grit: 320 }]);
    expect(ids(of(sanded, later)).filter((id) => id === 'wipe' || id === 'tack')).toEqual(['wipe', 'tack']);
    // The wipe of the first coat says nothing of this one.
    expect(item(of(sanded, later), 'wipe').met).toBe(false);
  });

  it('a tick counts for a shift; the tack for a quarter of an hour, the last wipe until a bare hand', () => {
    const job = ready();
    expect(item(of(job, { minutes: 13 * 60 }), 'masks')).toMatchObject({ state: 'lapsed', met: false });
    expect(item(of(job, { minutes: 20 }), 'tack')).toMatchObject({ state: 'lapsed', weight: 'care' });
    expect(item(of(logged(job, [-2, tick('touched')])), 'wipe').met).toBe(false);
  });

  it('a water-borne coat in air that takes no more water has no time at which it dries: that is said, and no clock', () => {
    const damp = { air: celsius(24), part: celsius(19.5), humidity: 0.75 };
    // Its window stays open for good: one that closed meanwhile would be the lesser trouble.
    const forGood = { ...lacquer.times, recoatLast: undefined };
    const bare = ready();
    const open = {
      ...bare,
      layers: bare.layers.map((layer) => ({ ...layer, sheet: { ...layer.sheet, times: forGood } })),
    };
    const on = logged(open, [-5, start('lacquer-1')], [-1, end('lacquer-1')]);
    const here = logged(on, [0, { ...fitRoom, ...damp } as NewEntry]);
    const view = seen(here, { minutes: 5 });
    expect(causeOf(view.permission, 'window')).toBe('not-drying');
    expect(view.timers.some(({ id }) => id === 'flash')).toBe(false);
    // Dried and read again it opens by its clock; a finger that finds it tacky outranks the reading.
    const dried = seen(logged(here, [6, fitRoom]), { minutes: 8 });
    expect(causeOf(dried.permission, 'window')).toBe('early');
    expect(dried.timers.some(({ id }) => id === 'flash')).toBe(true);
    const touched = logged(here, [90, { type: 'touch', coatId: 'lacquer-1', found: 'tacky' }]);
    expect(causeOf(seen(touched, { minutes: 91 }).permission, 'window')).toBeUndefined();
  });

  it('the window of the coat below stops the next one until it opens, and all are on after the last', () => {
    const on = logged(ready(), [-5, start('lacquer-1')], [-1, end('lacquer-1')]);
    expect(causeOf(of(on, { minutes: 5 }), 'window')).toBe('early');
    const all = logged(on, [60, start('lacquer-2')], [65, end('lacquer-2')]);
    const told = of(all, { minutes: 70 });
    expect(told.may).toBe(false);
    expect(told.coat).toBeUndefined();
    expect(told.open.map(({ id }) => id)).toEqual(['coats']);
  });

  it('a layer whose turn has not come says so', () => {
    const job = aJob([lacquer, { ...colour, id: 'colour' }]);
    const view = seen(job, { inHand: 'colour' });
    expect(causeOf(view.permission, 'turn')).toBe('order');
  });

  it('the ground is said before the first coat, in two taps; the second layer asks no more', () => {
    const part = { ...aJob().part, existing: undefined };
    expect(causeOf(of({ ...aJob(), part }), 'ground')).toBe('ground-unsaid');
    expect(item(of(aJob()), 'ground').met).toBe(true);
    // A mould has its wax: nothing is to be asked.
    expect(item(of({ ...aJob(), part: { ...part, kind: 'mould' } }), 'ground').met).toBe(true);
    const on = logged(ready({ ...readyToSpray(), part }), [-5, start('lacquer-1')], [-1, end('lacquer-1')]);
    expect(item(of(on, { minutes: 50 }), 'ground').met).toBe(true);
  });

  it('a dose nobody read from the paper keeps it shut while it goes in', () => {
    const dosed = (dose: number, assumed: string[]) => ({
      ...lacquer,
      assumed,
      additives: [
        {
          id: 'fast',
          name: 'Accelerator',
          density: 900,
          volumeSolids: 0,
          voc: 900,
          water: 0,
          exempt: 0,
          doseBy: 'volume' as const,
          doseOf: 'mix' as const,
          dose,
          maximum: 0.1,
          thins: false,
        },
      ],
    });
    expect(causeOf(of(aJob([dosed(0.02, ['additives'])])), 'dose')).toBe('dose-unread');
    expect(item(of(aJob([dosed(0, ['additives'])])), 'dose').met).toBe(true);
    expect(item(of(aJob([dosed(0.02, [])])), 'dose').met).toBe(true);
  });

  it('room to swing is reckoned where the size of the room is known: part, arm and distance on both sides', () => {
    const inPlace = (width: number, kind: 'booth' | 'outdoors' = 'booth') =>
      of(aJob(), { shop: { ...newShop, place: { kind, width, length: 2.1 } } });
    // Fronts are 0.7 m: with 0.6 m of arm and 0.17 m of distance twice, 2.24 m.
    expect(item(inPlace(2.1), 'swing')).toMatchObject({ cause: 'cramped', weight: 'care', min: 0.77 });
    expect(item(inPlace(2.3), 'swing').met).toBe(true);
    expect(item(inPlace(2.1, 'outdoors'), 'swing').by).toBe('hand');
  });

  it('and above it where its height is known, of what stands upright alone', () => {
    const tall = aJob();
    const faces = tall.part.faces.map((face) => ({ ...face, height: 2.2 }));
    const under = (height: number, lies: 'upright' | 'flat' = 'upright') =>
      of(
        { ...tall, part: { ...tall.part, faces: faces.map((face) => ({ ...face, lies })) } },
        { shop: { ...newShop, place: { kind: 'booth', width: 6, length: 8, height } } },
      );
    expect(item(under(2.4), 'swing')).toMatchObject({ cause: 'low-ceiling', weight: 'care', min: 0.3 });
    expect(item(under(2.6), 'swing').met).toBe(true);
    expect(item(under(2.4, 'flat'), 'swing').met).toBe(true);
  });

  it('a job sprayed elsewhere than the shop sprays is asked what that place asks', () => {
    const shop = { ...newShop, place: { kind: 'booth', width: 2, length: 2 } } as const;
    const tank: Job = { ...aJob(), sprayedIn: 'confined' };
    for (const id of ['confined', 'breathing-air'])
      expect(item(of(tank, { shop }), id)).toMatchObject({ weight: 'stop', waivable: false });
    expect(ids(of(aJob(), { shop }))).not.toEqual(expect.arrayContaining(['confined']));
    // The size that is known is the booth’s.
    expect(item(of(tank, { shop }), 'swing').by).toBe('hand');
    expect(item(of(aJob(), { shop }), 'swing')).toMatchObject({ cause: 'cramped' });
    expect(item(of({ ...aJob(), outdoors: { wind: 1 } }, { shop }), 'swing').by).toBe('hand');
  });

  it('a coat that lies dry and rough is flatted before the next; wet and rough it may heal', () => {
    const on = logged(readyToSpray(), [-20, start('lacquer-1')], [-15, end('lacquer-1')]);
    const lies = (found: 'even' | 'wet-rough' | 'dry-rough') =>
      logged(on, [-10, { type: 'texture', coatId: 'lacquer-1', found }]);
    expect(item(of(on), 'texture').met).toBe(true);
    expect(item(of(lies('wet-rough')), 'texture').met).toBe(true);
    expect(item(of(lies('dry-rough')), 'texture')).toMatchObject({
      cause: 'dry-rough',
      weight: 'stop',
      waivable: true,
    });
    const flatted = logged(lies('dry-rough'), [-5, { type: 'worked', layerId: 'lacquer', what: 'sand' }]);
    expect(item(of(flatted), 'texture').met).toBe(true);
    // Sanded before it was looked at, it still lies as it was seen.
    const before = logged(lies('dry-rough'), [-12, { type: 'worked', layerId: 'lacquer', what: 'sand' }]);
    expect(item(of(before), 'texture').met).toBe(false);
    // Seen anew, the last look counts.
    expect(
      item(
        of(logged(lies('dry-rough'), [-5, { type: 'texture', coatId: 'lacquer-1', found: 'even' }])),
        'texture',
      ).met,
    ).toBe(true);
  });

  it('a confined space is air-fed, metered and watched, whatever is sprayed', () => {
    const told = of(aJob(), { shop: { ...newShop, place: { kind: 'confined' } } });
    for (const id of ['confined', 'breathing-air', 'masks', 'extraction'])
      expect(item(told, id)).toMatchObject({ weight: 'stop', waivable: false });
    const masks = item(told, 'masks');
    expect(masks.by === 'hand' ? masks.says : '').toMatch(/^Air-fed/);
    expect(ids(of(aJob()))).not.toEqual(expect.arrayContaining(['confined']));
  });

  it('an isocyanate is sprayed on tested breathing air, and nobody leaves that out', () => {
    const told = of(aJob([{ ...colour, hazards: ['isocyanate'] }]));
    expect(item(told, 'breathing-air')).toMatchObject({ weight: 'stop', waivable: false });
  });

  it('guesses the ground from its words until it is told', () => {
    const part = { ...aJob().part, kind: undefined };
    expect(substrateOf({ ...part, substrate: 'Rendered brick', metal: false })).toBe('masonry');
    expect(substrateOf({ ...part, substrate: 'Galvanised sheet', metal: true })).toBe('galvanised');
    // A ground that was said outranks what the job was begun with; of what lies under old paint only that is known.
    expect(metalBelow({ ...part, substrate: 'gate', metal: false, kind: 'metal' })).toBe(true);
    expect(metalBelow({ ...part, substrate: 'gate', metal: true, kind: 'wood' })).toBe(false);
    expect(metalBelow({ ...part, substrate: 'gate', metal: true, kind: 'coated' })).toBe(true);
    expect(metalBelow({ ...part, substrate: 'Mild steel', metal: false })).toBe(true);
    expect(metalBelow({ ...part, substrate: 'Ash door', metal: false })).toBe(false);
    expect(substrateOf({ ...part, substrate: 'Oak', metal: false })).toBe('wood');
    expect(substrateOf({ ...part, substrate: 'Oak', metal: false, kind: 'coated' })).toBe('coated');
  });
});
