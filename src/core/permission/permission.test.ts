import fc from 'fast-check';
import { chemistries, type Chemistry } from '../care';
import { celsius, dewMargin, dewMarginLimit } from '../climate';
import {
  allCauses,
  causes,
  grant,
  holds,
  remediesFor,
  remedyIds,
  type Asked,
  type Cause,
  type RemedyId,
} from '.';

/** Which causes each remedy answers, written by hand: no remedy answers another cause. */
// prettier-ignore
const answers: Record<RemedyId, readonly Cause[]> = {
  'plan-coat': ['coats-on'],
  'end-coat': ['running'],
  'take-layer': ['order'],
  'choose-gun': ['no-gun'],
  'more-coats': ['film-thick'],
  'thicker-coat': ['film-thin'],
  'shorter-fade': ['fade-over-edge'],
  'read-paper': ['ratio-unread', 'dose-unread'],
  'say-ground': ['ground-unsaid'],
  'turn-part': ['cramped'],
  'read-wind': ['wind-unread'],
      'wait-calm': ['gusty', 'breezy', 'drift-reaches'],
      'bears-wind': ['gusty', 'drift-reaches'],
      cover: ['drift-reaches'],
      'read-room': ['room-unread', 'room-old'],
  'warm-air': ['air-cold'],
  'wait-cooler': ['air-hot', 'part-hot'],
  shade: ['air-hot', 'part-hot'],
  'slower-thinner': ['air-hot'],
  'warm-part': ['part-cold', 'near-dew', 'wet', 'not-drying'],
  humidify: ['too-dry', 'not-drying'],
  extender: ['too-dry'],
  'wait-damper': ['too-dry'],
  'ask-sheet-dry': ['too-dry'],
  dehumidify: ['too-damp', 'not-drying'],
  'wait-drier': ['too-damp'],
  'dry-part': ['wet'],
  'wait-open': ['early'],
  touch: ['early', 'untouched', 'not-drying'],
  'wait-hard': ['between', 'missed-soft', 'no-window'],
  scuff: ['missed-hard'],
  'flat-rough': ['dry-rough'],
  'lay-down': ['low-ceiling'],
  'warm-and-read': ['no-window', 'no-window-above'],
  'plan-sanding': ['no-window-above'],
  'do-work': ['work-due'],
  'leave-out-work': ['work-due'],
  look: ['look-due'],
  flush: ['other-in-gun'],
  mix: ['unmixed'],
  'mix-next': ['pot-short'],
  'wait-rest': ['resting'],
  'repair-ratio': ['off-ratio'],
  discard: ['pot-over', 'pot-doubled', 'wrong-diluent', 'off-ratio'],
  'time-cup': ['untimed'],
  thin: ['too-thick'],
  'warm-paint': ['too-thick'],
  unthinned: ['too-thin', 'over-thinned'],
  dose: ['coat-recipe'],
  'trial-piece': ['over-thinned', 'lot-over', 'lot-brush'],
  'spray-grade': ['lot-brush'],
  'say-grade': ['lot-ungraded'],
  'fresh-can': ['lot-over'],
  'name-can': ['lot-unknown'],
  'set-gun': ['unset'],
  'turn-down': ['over-rated'],
  nearest: ['gun-cannot'],
  refit: ['gun-cannot'],
  card: ['no-card', 'bad-card'],
  'clear-fault': ['bad-card'],
  'fill-tank': ['air-tank'],
  'pause-strokes': ['air-short', 'air-little'],
  'larger-supply': ['air-short', 'air-little'],
};

const room = { air: celsius(20), part: celsius(20), humidity: 0.5 };
const ids = (cause: Cause, chemistry: Chemistry, more: object = {}) =>
  remediesFor(cause, { chemistry, room, ...more }).map(({ id }) => id);

describe('what can be done about a cause', () => {
  it('answers that cause and no other, in every chemistry, with and without what the sheet has', () => {
    for (const cause of allCauses)
      for (const chemistry of chemistries)
        for (const has of [true, false]) {
          const found = ids(cause, chemistry, { slowerThinner: has, extender: has, thins: has });
          expect([cause, found.length > 0]).toEqual([cause, true]);
          for (const id of found) expect([id, answers[id]]).toEqual([id, expect.arrayContaining([cause])]);
        }
  });

  it('each remedy is given for something', () => {
    const given = new Set(
      allCauses.flatMap((cause) =>
        chemistries.flatMap((chemistry) =>
          ids(cause, chemistry, { slowerThinner: true, extender: true, thins: true }),
        ),
      ),
    );
    expect(remedyIds.filter((id) => !given.has(id))).toEqual([]);
  });

  it('too dry: water-borne is extended or the air humidified, moisture-curing waits for damp, solvents seldom mind', () => {
    expect(ids('too-dry', 'water-borne', { extender: true })).toEqual(['extender', 'humidify']);
    expect(ids('too-dry', 'water-borne')).toEqual(['humidify']);
    expect(ids('too-dry', 'moisture-curing', { extender: true })).toEqual(['humidify', 'wait-damper']);
    for (const chemistry of ['solvent-borne', 'lacquer', 'two-part', 'oil-based'] as const)
      expect(ids('too-dry', chemistry, { extender: true })).toEqual(['ask-sheet-dry']);
  });

  it('a film that does not dry: water into drier air, a moisture-curing one into damper, solvents by warmth', () => {
    expect(ids('not-drying', 'water-borne')).toEqual(['dehumidify', 'warm-part', 'touch']);
    expect(ids('not-drying', 'moisture-curing')).toEqual(['humidify', 'warm-part', 'touch']);
    expect(ids('not-drying', 'two-part')).toEqual(['warm-part', 'touch']);
  });

  it('a gel coat is never told to thin, nor what has no thinner', () => {
    expect(ids('too-thick', 'polyester', { thins: true })).toEqual(['warm-paint']);
    expect(ids('too-thick', 'water-borne', { thins: false })).toEqual(['warm-paint']);
    expect(ids('too-thick', 'water-borne', { thins: true })).toEqual(['thin', 'warm-paint']);
  });

  it('35 to 45 % at 20 °C takes up 1.7 g of water a cubic metre', () => {
    const [humidify] = remediesFor('too-dry', {
      chemistry: 'moisture-curing',
      room: { ...room, humidity: 0.35 },
      found: 0.35,
      min: 0.45,
    });
    // Saturated air at 20 °C holds 17.3 g/m³.
    expect(humidify!.water! * 1000).toBeCloseTo(1.73, 1);
    expect(humidify).toMatchObject({ from: 0.35, to: 0.45 });
  });

  it('a hot part in shade reaches its limit only where the air is cooler than that', () => {
    const hot = (air: number) =>
      remediesFor('part-hot', {
        chemistry: 'two-part',
        found: celsius(45),
        max: celsius(35),
        room: { ...room, air: celsius(air) },
      })[0]!;
    // 25 min · ln(20 / 10)
    expect(hot(25).seconds! / 60).toBeCloseTo(17.3, 1);
    expect(hot(40).seconds).toBeUndefined();
  });

  it('warms a part out of the dew exactly to its margin', () => {
    const damp = { air: celsius(18), part: celsius(13), humidity: 0.8 };
    const [warm] = remediesFor('near-dew', { chemistry: 'two-part', room: damp });
    expect(dewMargin(damp.air, damp.humidity, warm!.to!)).toBeCloseTo(dewMarginLimit, 9);
    expect(warm!.to).toBeGreaterThan(damp.part);
  });

  it('a slower thinner is offered where the sheet has one, and nowhere else', () => {
    expect(ids('air-hot', 'lacquer', { slowerThinner: true })).toContain('slower-thinner');
    expect(ids('air-hot', 'lacquer')).not.toContain('slower-thinner');
  });

  it('an unknown limit, room or bath is not made up: a remedy then says what to do and no number', () => {
    const bare = (cause: Cause, more: object = {}) =>
      remediesFor(cause, { chemistry: 'water-borne', ...more });
    expect(bare('too-dry', { found: 0.3 })).toEqual([{ id: 'humidify', from: 0.3 }]);
    expect(bare('too-dry', { found: 0.3, min: 0.43 })[0]!.to).toBeCloseTo(0.45, 12);
    expect(bare('near-dew')).toEqual([{ id: 'warm-part' }]);
    expect(bare('wet')).toEqual([{ id: 'dry-part' }, { id: 'warm-part' }]);
    expect(bare('too-thick')).toEqual([{ id: 'warm-paint' }]);
    expect(bare('too-thick', { warmPaintTo: celsius(27) })).toEqual([{ id: 'warm-paint', to: celsius(27) }]);
    expect(bare('part-hot', { found: celsius(45), max: celsius(35) })[0]!.seconds).toBeUndefined();
    expect(bare('part-hot', { room, found: celsius(45) })[0]!.seconds).toBeUndefined();
    expect(bare('part-hot', { room, max: celsius(35) })[0]!.seconds).toBeUndefined();
  });

  it('a room follows in twenty minutes, brought two hundredths inside its limit', () => {
    const [dry] = ids('too-damp', 'two-part').map(
      () =>
        remediesFor('too-damp', {
          chemistry: 'two-part',
          room: { ...room, humidity: 0.8 },
          found: 0.8,
          max: 0.7,
        })[0],
    );
    expect(dry).toMatchObject({ from: 0.8, seconds: 1200 });
    expect(dry!.to).toBeCloseTo(0.68, 12);
  });

  it('moves what is out toward its limit, never past the other way', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...chemistries),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.double({ min: 0.001, max: 0.2, noNaN: true }),
        (chemistry, limit, off) => {
          for (const [cause, sign] of [
            ['too-dry', 1],
            ['too-damp', -1],
            ['air-cold', 1],
            ['air-hot', -1],
            ['part-cold', 1],
            ['part-hot', -1],
          ] as const)
            for (const { from, to } of remediesFor(cause, {
              chemistry,
              room,
              found: 0.5 + limit - sign * off,
              min: 0.5 + limit,
              max: 0.5 + limit,
            }))
              if (from !== undefined && to !== undefined) expect(Math.sign(to - from)).toBe(sign);
        },
      ),
    );
  });
});

describe('a waiver', () => {
  const item = { id: 'a', weight: 'stop', waivable: true, met: false } as const;
  const holding = (found: number | undefined, then: number | undefined) =>
    holds(
      { ...item, ...(found === undefined ? {} : { found }) },
      { id: 'a', why: 'A trial', ...(then === undefined ? {} : { found: then }) },
    );
  it('holds for the number it was given for, to a millionth, and for no other', () => {
    expect(holding(300, 300)).toBe(true);
    expect(holding(300, 300 * (1 + 0.9e-6))).toBe(true);
    expect(holding(300, 300 * (1 + 1.1e-6))).toBe(false);
    expect(holding(300, 300 * (1 - 1.1e-6))).toBe(false);
    expect(holding(300, 301)).toBe(false);
    expect(holding(undefined, undefined)).toBe(true);
    expect(holding(300, undefined)).toBe(false);
    expect(holding(undefined, 300)).toBe(false);
    expect(holding(0, 1e-17)).toBe(true);
    expect(holding(0, 0.001)).toBe(false);
  });
});

describe('a grant', () => {
  const asked: fc.Arbitrary<Asked> = fc.record(
    {
      id: fc.constantFrom('a', 'b', 'c', 'd'),
      weight: fc.constantFrom('stop' as const, 'care' as const),
      waivable: fc.boolean(),
      met: fc.boolean(),
      found: fc.double({ noNaN: true, min: -9, max: 9 }),
    },
    { requiredKeys: ['id', 'weight', 'waivable', 'met'] },
  );

  it('is never given with a stop open, and every waiver had a reason and was allowed', () => {
    fc.assert(
      fc.property(
        fc.array(asked, { maxLength: 6 }),
        fc.array(fc.record({ id: fc.constantFrom('a', 'b'), why: fc.constantFrom('', ' ', 'a reason') }), {
          maxLength: 4,
        }),
        (items, waivers) => {
          const { may, open, waived } = grant(items, waivers);
          expect(may).toBe(!open.some(({ weight }) => weight === 'stop'));
          for (const { item, why } of waived) {
            expect(item.waivable && !item.met).toBe(true);
            expect(why.trim()).not.toBe('');
          }
          expect(open.length + waived.length).toBe(items.filter(({ met }) => !met).length);
          // Stops stand first.
          const firstCare = open.findIndex(({ weight }) => weight === 'care');
          if (firstCare >= 0)
            expect(open.slice(firstCare).every(({ weight }) => weight === 'care')).toBe(true);
        },
      ),
    );
  });

  it('a waiver of a number holds for that number alone', () => {
    const air = { id: 'air', weight: 'stop', waivable: true, met: false, found: 281.15 } as const;
    expect(grant([air], [{ id: 'air', why: 'trial', found: 281.15 }]).may).toBe(true);
    expect(grant([air], [{ id: 'air', why: 'trial', found: 280 }]).may).toBe(false);
    expect(grant([air], [{ id: 'air', why: 'trial' }]).may).toBe(false);
  });

  it('lets nobody waive what would hurt someone or cannot be mended afterwards', () => {
    const never: readonly Cause[] = [
      'ratio-unread',
      'dose-unread',
      'wet',
      'between',
      'missed-soft',
      'missed-hard',
      'no-window',
      'pot-over',
      'pot-doubled',
      'off-ratio',
      'over-thinned',
      'wrong-diluent',
      'over-rated',
      'fade-over-edge',
      'unmixed',
    ];
    for (const cause of never) expect(causes[cause]).toEqual({ weight: 'stop', waivable: false });
  });
});
