import { usualHand } from '@/core/evenness';
import { newShop, type PracticeTry, type Shop } from '@/records';
import { aJob } from '../../../tests/fixtures/job';
import { handFor, measuredHands } from './hand';

const aTry = (name: string, minute: number, spread: number, strokes = 6): PracticeTry => ({
  kind: 'practice',
  version: 1,
  id: `${name}-${minute}`,
  name,
  at: new Date(Date.UTC(2026, 10, 23, 9, minute)).toISOString(),
  drill: 'flat',
  hand: {
    strokes,
    speed: 0.4,
    speedSpread: spread / 2,
    varied: 0.1,
    spacing: 0.12,
    spacingSpread: spread,
    lead: 0.05,
    leadSpread: 0.02,
    bow: 0.01,
  },
});

describe('a hand measured in practice', () => {
  it('takes two panels and more, of strokes enough, and goes by the last eight', () => {
    expect(measuredHands([aTry('Ada', 1, 0.2)])).toEqual([]);
    expect(measuredHands([aTry('Ada', 1, 0.2), aTry('Ada', 2, 0.2, 2)])).toEqual([]);
    const [ada] = measuredHands([aTry('Ada', 1, 0.3), aTry('Ada', 2, 0.4)]);
    expect(ada).toMatchObject({ name: 'Ada', tries: 2 });
    expect(ada!.hand.spacing).toBeCloseTo(Math.sqrt((0.09 + 0.16) / 2), 9);
    expect(ada!.hand.lead).toBeCloseTo(0.02, 9);
    expect(ada!.hand.distance).toBe(usualHand.distance);
    // Nine clumsy panels long ago, eight good ones since.
    const learnt = Array.from({ length: 17 }, (_, i) => aTry('Ada', i, i < 9 ? 0.8 : 0.05));
    expect(measuredHands(learnt)[0]!.hand.spacing).toBeCloseTo(0.05, 9);
  });

  it('goes on under another name, with what was done under the former one', () => {
    const people = [{ id: 'p', name: 'Ada Reed', formerly: ['Ada'] }] as unknown as NonNullable<
      Shop['people']
    >;
    const tries = [aTry('Ada', 1, 0.3), aTry('Ada Reed', 2, 0.4), aTry('Bo', 1, 0.2), aTry('Bo', 2, 0.2)];
    const measured = measuredHands(tries, [], people);
    expect(measured.map(({ name, tries: own }) => [name, own])).toEqual([
      ['Ada Reed', 2],
      ['Bo', 2],
    ]);
    const job = {
      ...aJob(),
      approach: { ...aJob().approach, hand: { kind: 'person', name: 'Ada' } as const },
    };
    expect(handFor(job, { ...newShop, people }, measured).from).toBe('person');
    expect(handFor(job, newShop, measured).from).toBe('usual');
  });

  it('is used where the job says so, the shop’s own likewise, and the usual one otherwise', () => {
    const measured = measuredHands([aTry('Ada', 1, 0.3), aTry('Ada', 2, 0.3)]);
    const withHand = (hand: Parameters<typeof handFor>[0]['approach']['hand']) =>
      handFor(
        { ...aJob(), approach: { ...aJob().approach, hand } },
        { ...newShop, hand: { ...usualHand, tilt: 0.2 } },
        measured,
      );
    expect(withHand(undefined)).toEqual({ hand: usualHand, from: 'usual' });
    expect(withHand({ kind: 'own' })).toMatchObject({ from: 'own', hand: { tilt: 0.2 } });
    expect(withHand({ kind: 'person', name: 'Ada' })).toMatchObject({
      from: 'person',
      hand: { spacing: 0.3 },
    });
    expect(withHand({ kind: 'person', name: 'Nobody' }).from).toBe('usual');
  });
});
