import type { GunMoment } from './panel';

/** One pull of the trigger in one direction, as the hand did it. */
export interface Pull {
  readonly moments: readonly GunMoment[];
  /** Runs up and down instead of from side to side. */
  readonly upright: boolean;
  /** m: where it lay on the average, across its way. */
  readonly place: number;
  /** m along its way where the trigger was pulled and let go. */
  readonly from: number;
  readonly to: number;
  /** m/s, and how much it varied along the pull, as a share. */
  readonly speed: number;
  readonly varied: number;
  /** m the middle of the path bows off the line between its ends. */
  readonly bow: number;
}

/** Shorter pulls are flicks and tell nothing. m */
const shortest = 0.08;

/**
 * Parts a run into pulls: at every release, and where the gun turns round with the trigger held.
 *
 * Source: first principles
 */
export function pullsOf(moments: readonly GunMoment[]): Pull[] {
  const pulls: Pull[] = [];
  let held: GunMoment[] = [];
  const close = () => {
    const pull = pullFrom(held);
    if (pull) pulls.push(pull);
    held = [];
  };
  for (const moment of moments) {
    if (moment.pull <= 0) {
      close();
      continue;
    }
    if (turnsRound(held, moment)) {
      const turn = held.at(-1);
      close();
      if (turn) held.push(turn);
    }
    held.push(moment);
  }
  close();
  return pulls;
}

/** Has the gun come back by more than a trembling from the furthest it went? */
function turnsRound(held: readonly GunMoment[], now: GunMoment): boolean {
  const [first, last] = [held[0], held.at(-1)];
  if (!first || !last) return false;
  const sideways = Math.abs(last.x - first.x) >= Math.abs(last.y - first.y);
  const at = (moment: GunMoment) => (sideways ? moment.x : moment.y);
  const gone = at(last) - at(first);
  return Math.abs(gone) > shortest && Math.sign(at(now) - at(last)) === -Math.sign(gone);
}

function pullFrom(moments: readonly GunMoment[]): Pull | undefined {
  const [first, last] = [moments[0], moments.at(-1)];
  if (!first || !last || last.t <= first.t) return undefined;
  const upright = Math.abs(last.y - first.y) > Math.abs(last.x - first.x);
  const along = ({ x, y }: GunMoment) => (upright ? y : x);
  const aside = ({ x, y }: GunMoment) => (upright ? x : y);
  const length = Math.abs(along(last) - along(first));
  if (length < shortest) return undefined;
  const speed = length / (last.t - first.t);
  const [low, high] = [Math.min(along(first), along(last)), Math.max(along(first), along(last))];
  const inner = moments.filter(
    (each) => along(each) >= low + 0.25 * length && along(each) <= high - 0.25 * length,
  );
  const mean = (of: readonly GunMoment[]) => of.reduce((sum, each) => sum + aside(each), 0) / of.length;
  return {
    moments,
    upright,
    place: mean(moments),
    from: along(first),
    to: along(last),
    speed,
    varied: variation(moments, along, speed),
    bow: inner.length > 0 ? mean(inner) - (aside(first) + aside(last)) / 2 : 0,
  };
}

/** Spread of the speed over tenths of a pull’s time, as a share of its mean. */
function variation(
  moments: readonly GunMoment[],
  along: (moment: GunMoment) => number,
  speed: number,
): number {
  const [first, last] = [moments[0] as GunMoment, moments.at(-1) as GunMoment];
  const parts = 10;
  const at = (t: number) => {
    const i = Math.max(
      moments.findIndex((each) => each.t >= t),
      1,
    );
    const [a, b] = [moments[i - 1] as GunMoment, moments[i] as GunMoment];
    return b.t > a.t ? along(a) + ((along(b) - along(a)) * (t - a.t)) / (b.t - a.t) : along(b);
  };
  const tenth = (last.t - first.t) / parts;
  let squares = 0;
  for (let k = 0; k < parts; k += 1) {
    const own = Math.abs(at(first.t + (k + 1) * tenth) - at(first.t + k * tenth)) / tenth;
    squares += (own / speed - 1) ** 2 / parts;
  }
  return Math.sqrt(squares);
}
