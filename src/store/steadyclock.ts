/** What is remembered of a clock from one opening of the application to the next. */
export interface KeptClock {
  /** The latest moment read, ms since the epoch, as it was reckoned. */
  readonly last: number;
  /** ms by which the device’s clock is reckoned to be late. */
  readonly late: number;
}

export interface ClockMemory {
  read(): KeptClock | undefined;
  write(kept: KeptClock): void;
}

/** Two readings of one clock may differ by so much without anybody having set it, ms. */
const tolerance = 5000;
/** Written down so often, ms: what is forgotten at most. */
const writeEvery = 10_000;
/** Later than by so much is a clock that forgot the date, not one that somebody set, ms. */
const longest = 86_400_000;

/**
 * The device’s clock, as far as it can be trusted: one that was set back is noticed and reckoned on without that, so that no
 * pot grows younger and no window opens again. One set forward is believed: a device that slept looks the same.
 */
export class SteadyClock {
  private late = 0;
  private last = -Infinity;
  private wallSeen: number | undefined;
  private steadySeen = 0;
  private written = -Infinity;
  private begun = false;

  /**
   * @param wall the device’s clock, ms since the epoch
   * @param steady ms since any moment, by a clock nobody can set
   */
  constructor(
    private readonly wall: () => number,
    private readonly steady: () => number,
    private readonly memory: ClockMemory,
  ) {}

  /** Now, ms since the epoch. Never before what it said last. */
  now(): number {
    const wall = this.wall();
    const steady = this.steady();
    if (!this.begun) {
      this.begun = true;
      const kept = this.memory.read();
      if (kept) {
        this.late = kept.late;
        this.last = kept.last;
        // While it was closed the clock can have been put right again.
        if (wall + tolerance >= kept.last) this.late = 0;
        else if (wall + this.late + tolerance < kept.last) this.late = kept.last - wall;
      }
    } else if (this.wallSeen !== undefined) {
      const moved = wall - (this.wallSeen + (steady - this.steadySeen));
      if (moved < -tolerance) this.late -= moved;
      else if (moved > tolerance && this.putRight(moved, wall)) this.late = 0;
    }
    this.wallSeen = wall;
    this.steadySeen = steady;
    this.last = Math.max(this.last, wall + this.late);
    if (this.last - this.written >= writeEvery) {
      this.written = this.last;
      this.memory.write({ last: this.last, late: this.late });
    }
    return this.last;
  }

  /**
   * A clock that was late and goes forward: set right, or a device that slept? By just what it was late, or out of another
   * year: set right.
   */
  private putRight(moved: number, wall: number): boolean {
    return Math.abs(moved - this.late) <= tolerance || (this.late > longest && wall + tolerance >= this.last);
  }

  /** ms by which the device’s clock was set back, 0 while it is right. */
  get setBack(): number {
    return this.late;
  }

  /** The device’s clock is right as it is: from now on it is gone by. */
  trust(): void {
    this.late = 0;
    this.last = this.wall();
    this.written = this.last;
    this.memory.write({ last: this.last, late: 0 });
  }
}

/** Two clocks of one job may differ by so much before it is said, ms. */
export const worthSaying = 120_000;

/**
 * How far a job’s own time is ahead of this device: another device’s clock may be, and what it wrote has happened.
 *
 * @param ahead as it was reckoned until now, ms
 * @param lastEntry the job’s latest entry, ms since the epoch; undefined for none
 * @param now by this device
 */
export const aheadOf = (ahead: number, lastEntry: number | undefined, now: number): number =>
  lastEntry === undefined ? ahead : Math.max(ahead, lastEntry - now);
