import fc from 'fast-check';
import { aheadOf, SteadyClock, type KeptClock } from './steadyclock';

const hour = 3_600_000;

function device(kept?: KeptClock) {
  const state = { wall: 100 * hour, steady: 0, kept };
  const open = () =>
    new SteadyClock(
      () => state.wall,
      () => state.steady,
      { read: () => state.kept, write: (next) => void (state.kept = next) },
    );
  const passes = (ms: number) => {
    state.wall += ms;
    state.steady += ms;
  };
  return { state, open, passes };
}

describe('a clock that does not go back', () => {
  it('goes as the device’s does', () => {
    const { open, passes } = device();
    const clock = open();
    const first = clock.now();
    passes(7 * hour);
    expect(clock.now() - first).toBe(7 * hour);
    expect(clock.setBack).toBe(0);
  });

  it('set back an hour, it reckons on as if nobody had, and is right again when it is put right', () => {
    const { state, open, passes } = device();
    const clock = open();
    const first = clock.now();
    passes(60_000);
    state.wall -= hour;
    expect(clock.now() - first).toBe(60_000);
    expect(clock.setBack).toBe(hour);
    passes(2 * hour);
    expect(clock.now() - first).toBe(2 * hour + 60_000);
    state.wall += hour;
    passes(1000);
    expect(clock.now() - first).toBe(2 * hour + 61_000);
    expect(clock.setBack).toBe(0);
  });

  it('a second’s correction is nobody’s setting it back', () => {
    const { state, open, passes } = device();
    const clock = open();
    const first = clock.now();
    passes(60_000);
    state.wall -= 1500;
    expect(clock.setBack).toBe(0);
    expect(clock.now()).toBeGreaterThan(first);
  });

  it('notices what was done while it was closed, and remembers it', () => {
    const { state, open, passes } = device();
    const before = open().now();
    state.wall -= 3 * hour;
    const again = open();
    expect(again.now()).toBe(before);
    expect(again.setBack).toBe(3 * hour);
    passes(hour);
    expect(again.now()).toBe(before + hour);
    passes(writeSoon);
    again.now();
    const third = open();
    expect(third.now()).toBeGreaterThanOrEqual(before + hour);
    // Put right while it was closed.
    state.wall += 3 * hour;
    expect(open().setBack).toBe(0);
  });

  it('believes the date again that a dead battery had forgotten', () => {
    const { state, open, passes } = device();
    const before = open().now();
    state.wall -= 20 * 365 * 24 * hour;
    const clock = open();
    expect(clock.now()).toBe(before);
    passes(60_000);
    state.wall += 20 * 365 * 24 * hour + 2 * hour;
    expect(clock.now()).toBe(state.wall);
    expect(clock.setBack).toBe(0);
  });

  it('sleeps without being taken for set forward, and is trusted when somebody says so', () => {
    const { state, open, passes } = device();
    const clock = open();
    const first = clock.now();
    state.wall += 8 * hour;
    expect(clock.now() - first).toBe(8 * hour);
    state.wall -= hour;
    clock.now();
    clock.trust();
    expect(clock.now()).toBe(state.wall);
    passes(1000);
    expect(clock.now()).toBe(state.wall);
  });

  it('never goes back, whatever is done to the device’s', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -1e8, max: 1e8 }), fc.nat(1e7), fc.boolean()), { maxLength: 30 }),
        (deeds) => {
          const { state, open, passes } = device();
          let clock = open();
          let last = clock.now();
          for (const [set, ms, reopened] of deeds) {
            state.wall += set;
            passes(ms);
            if (reopened) {
              clock.now();
              clock = open();
              continue;
            }
            const next = clock.now();
            expect(next).toBeGreaterThanOrEqual(last - writeSoon);
            last = Math.max(last, next);
          }
        },
      ),
    );
  });
});

/** What may be forgotten between two openings. */
const writeSoon = 10_000;

describe('a job written on two devices', () => {
  it('counts on from the latest of its entries, and at the pace of this device', () => {
    const now = 100 * hour;
    const ahead = aheadOf(0, now + 24 * hour, now);
    expect(ahead).toBe(24 * hour);
    // A minute later nothing has stood still.
    expect(now + 60_000 + aheadOf(ahead, now + 24 * hour, now + 60_000)).toBe(now + 24 * hour + 60_000);
    expect(aheadOf(0, now - hour, now)).toBe(0);
    expect(aheadOf(0, undefined, now)).toBe(0);
  });
});
