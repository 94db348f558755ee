import { bounded, landsFrom } from '../airgun';
import { tabled, type FieldGun } from '../evenness';
import { isRefusal, refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/** A panel being sprayed: film in m wet, row by row from the top. Changed in place, frame by frame. */
export interface PracticePanel {
  readonly width: number;
  readonly height: number;
  readonly cell: number;
  readonly cols: number;
  readonly rows: number;
  readonly film: Float32Array;
  /** Film that runs above this on an upright panel; Infinity lying flat. m */
  readonly runsAbove: number;
}

/** Where the gun is at a moment: m from the panel’s top left corner, s; how far the trigger is pulled, 0–1. */
export interface GunMoment {
  readonly t: number;
  readonly x: number;
  readonly y: number;
  readonly pull: number;
  /** Gun distance ÷ the usual one; 1 where nothing says. */
  readonly far?: number;
  /** rad of tilt across the fan. */
  readonly tilt?: number;
  /** The cap is turned: the fan lies level instead of standing upright. */
  readonly level?: boolean;
}

/**
 * A bare panel of a drill.
 *
 * Source: superposition; creep past a sag limit
 */
export function newPanel(
  width: number,
  height: number,
  cell: number,
  runsAbove = Infinity,
): Outcome<PracticePanel> {
  const wrong = refuseUnlessPositive({ width, height, 'cell size': cell });
  if (wrong) return wrong;
  const [cols, rows] = [Math.round(width / cell), Math.round(height / cell)];
  if (cols * rows > 1_000_000 || cols < 2 || rows < 2)
    return refuse('too-fine', 'Take cells that divide the panel into between 2 and 1,000 a side.');
  return { width, height, cell, cols, rows, film: new Float32Array(cols * rows), runsAbove };
}

const { abs, ceil, floor, max, min, sqrt, tan } = Math;

/**
 * Lays the film of one moment of spraying: from where the gun was to where it is now.
 *
 * The spot is stamped at steps of a third of its half length, which is closer together than the eye or a cell can tell.
 *
 * @returns m³ that left the gun; refuses a gun whose pattern lays no film
 * Source: superposition; creep past a sag limit
 */
export function spray(panel: PracticePanel, gun: FieldGun, from: GunMoment, to: GunMoment): Outcome<number> {
  const table = tabled(gun.profile);
  if (isRefusal(table)) return table;
  const seconds = to.t - from.t;
  if (!(seconds > 0) || !(to.pull > 0)) return 0;
  const far = max(to.far ?? 1, 0.2);
  const volume = gun.flow * min(to.pull, 1) * seconds;
  const half = (gun.fan / 2) * far;
  const reach = gun.footprint * far;
  const steps = max(ceil(sqrt((to.x - from.x) ** 2 + (to.y - from.y) ** 2) / (reach / 3)), 1);
  const each = (volume / steps) * bounded(gun.transfer * landsFrom(far));
  for (let i = 0; i < steps; i += 1) {
    const share = (i + 0.5) / steps;
    stamp(
      panel,
      table,
      from.x + (to.x - from.x) * share,
      from.y + (to.y - from.y) * share,
      half,
      reach,
      each,
      to,
      gun.distance * far,
    );
  }
  return volume;
}

function stamp(
  { film, cell, cols, rows }: PracticePanel,
  table: Float64Array,
  x: number,
  y: number,
  half: number,
  reach: number,
  volume: number,
  { tilt = 0, level = false }: GunMoment,
  distance: number,
): void {
  const [across, along] = level ? [reach, half] : [half, reach];
  // Tilted, the fan reaches further on the one side and lays thinner there: u = ℓ/D seen from the gun.
  const lean = tan(tilt) / distance;
  const grow = 1 + abs(lean) * half;
  const [c0, c1] = [max(floor((x - along * grow) / cell), 0), min(ceil((x + along * grow) / cell), cols)];
  const [r0, r1] = [max(floor((y - across * grow) / cell), 0), min(ceil((y + across * grow) / cell), rows)];
  const last = table.length - 2;
  const scale = (volume * 0.9375) / half / reach;
  for (let r = r0; r < r1; r += 1) {
    const dy = (r + 0.5) * cell - y;
    for (let c = c0; c < c1; c += 1) {
      const dx = (c + 0.5) * cell - x;
      const [off, v] = level ? [dx, dy / reach] : [dy, dx / reach];
      if (v <= -1 || v >= 1) continue;
      const stretch = 1 + lean * off;
      if (stretch <= 0.2) continue;
      const u = off / stretch / half;
      if (u <= -1 || u >= 1) continue;
      const at = ((u + 1) / 2) * last;
      const k = at | 0;
      const low = table[k] as number;
      const p = low + (at - k) * ((table[k + 1] as number) - low);
      const rest = 1 - v * v;
      const i = r * cols + c;
      film[i] = (film[i] as number) + (scale * p * rest * rest) / (stretch * stretch);
    }
  }
}

/** How fast what is too thick slides: shares a second of the excess. A picture of a run, not a forecast. */
const slides = 4;

/**
 * Lets runs run: what lies above the limit slides down to the cell below. Nothing is lost but what drips off the edge.
 *
 * @returns how many cells are running
 * Source: superposition; creep past a sag limit
 */
export function slide({ film, cols, rows, runsAbove }: PracticePanel, seconds: number): number {
  if (!Number.isFinite(runsAbove)) return 0;
  const part = min(slides * seconds, 0.5);
  let running = 0;
  for (let r = rows - 1; r >= 0; r -= 1)
    for (let c = 0; c < cols; c += 1) {
      const i = r * cols + c;
      const excess = (film[i] as number) - runsAbove;
      if (excess <= 0) continue;
      running += 1;
      film[i] = (film[i] as number) - excess * part;
      if (r + 1 < rows) film[i + cols] = (film[i + cols] as number) + excess * part;
    }
  return running;
}
