import { bounded, landsFrom, transferAt } from '../airgun';
import { isRefusal, refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { normalised, type Profile } from './profile';
import type { Surface } from './surface';

/** What leaves the gun. SI. */
export interface FieldGun {
  readonly profile: Profile;
  /** m of fan at the usual distance; it widens in proportion. */
  readonly fan: number;
  readonly distance: number;
  /** m from the middle of the spot to its end along the stroke, at the usual distance. */
  readonly footprint: number;
  /** m³/s with the trigger pulled. */
  readonly flow: number;
  /** At the usual distance; it falls further off. */
  readonly transfer: number;
}

/** One straight pull of the trigger at constant speed. */
export interface FieldStroke {
  /** m along the face, triggered between the two. */
  readonly from: number;
  readonly to: number;
  /** Where the gun is: m across, and off the face. */
  readonly y: number;
  readonly z: number;
  /** rad off straight at the face; more leans toward larger y. */
  readonly aim: number;
  /** m from the gun to what it is aimed at. */
  readonly distance: number;
  readonly speed: number;
  /** Runs across the face instead of along it: `y` is then its place along. Flat faces only. */
  readonly crosswise?: boolean;
}

/** What is cut out of a face, m from its corner. */
export interface Opening {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly round?: boolean;
}

export interface FieldQuestion {
  readonly surface: Surface;
  /** m along the strokes, and in how many cells. */
  readonly along: number;
  readonly cols: number;
  readonly gun: FieldGun;
  readonly strokes: readonly FieldStroke[];
  readonly openings?: readonly Opening[];
}

export interface FilmField {
  readonly rows: number;
  readonly cols: number;
  /** m a cell, along and across. */
  readonly dx: number;
  readonly dy: number;
  /** m wet, row by row. */
  readonly film: Float64Array;
  /** 1 where there is something to coat. */
  readonly on: Uint8Array;
  /** m³ out of the gun, of it on the part, lost as mist, and past the part. */
  readonly sprayed: number;
  readonly onPart: number;
  readonly mist: number;
  readonly past: number;
}

/** Cells past which a map only costs time. */
const mostCells = 4_000_000;

/** Share of a spot of half length one that lies before ξ: the running total of 15/16 (1 − ξ²)². */
function before(at: number): number {
  if (at <= -1) return 0;
  if (at >= 1) return 1;
  const square = at * at;
  return 0.5 + 0.9375 * at * (1 - (2 / 3) * square + 0.2 * square * square);
}

/**
 * The wet film strokes leave on a face.
 *
 * A straight stroke at constant speed lays its profile across times the footprint passed along, so each is an outer
 * product of two short lists: nothing is stamped. Strokes that begin and end alike are first added across.
 * On bent surfaces every row is seen from the gun: how far off, how far aside, how much turned away.
 *
 * @returns refuses a face, gun or stroke without size, and a map of more than four million cells
 * Source: superposition; conservation of volume. Cost: cells × distinct ends + strokes × rows; memory linear in cells.
 * Formula: Σ Q·TE(D)/v · p(u)·(du/ds) · [G(x−x₀) − G(x−x₁)]
 */
export function filmField({
  surface,
  along,
  cols,
  gun,
  strokes,
  openings = [],
}: FieldQuestion): Outcome<FilmField> {
  const rows = surface.y.length;
  const wrong = refuseUnlessPositive({
    'length of the face': along,
    'fan width': gun.fan,
    'gun distance': gun.distance,
    'fluid flow': gun.flow,
    'transfer efficiency': gun.transfer,
    'width across': surface.step * rows,
    'number of cells': cols,
  });
  if (wrong) return wrong;
  if (rows * cols > mostCells) return refuse('too-fine', 'This map would be too fine. Take larger cells.');
  if (strokes.some(({ speed, distance }) => !(speed > 0) || !(distance > 0)))
    return refuse('stroke', 'Every stroke needs a speed and a distance above zero.');
  const table = tabled(gun.profile);
  if (isRefusal(table)) return table;
  const dx = along / cols;
  const dy = surface.step;
  const film = new Float64Array(rows * cols);
  const alike = new Map<string, { across: Float64Array; stroke: FieldStroke }>();
  let sprayed = 0;
  let mist = 0;
  for (const stroke of strokes) {
    const volume = (gun.flow * Math.abs(stroke.to - stroke.from)) / stroke.speed;
    sprayed += volume;
    mist += volume * (1 - transferAt(gun.transfer, stroke.distance / gun.distance, 1));
    const key = `${Math.min(stroke.from, stroke.to)}/${Math.max(stroke.from, stroke.to)}/${stroke.distance}/${stroke.crosswise ? 1 : 0}`;
    let group = alike.get(key);
    if (!group)
      alike.set(key, (group = { across: new Float64Array(stroke.crosswise ? cols : rows), stroke }));
    if (stroke.crosswise) layAcross(group.across, stroke, gun, table, cols, (i) => (i + 0.5) * dx);
    else layOn(group.across, surface, stroke, gun, table);
  }
  for (const { across, stroke } of alike.values())
    if (!stroke.crosswise)
      addPulls(film, rows, cols, stroke, across, (gun.footprint * stroke.distance) / gun.distance, dx);
  // Pulls along were written as what changes from cell to cell: running totals make film of it.
  for (let r = 0; r < rows; r += 1) {
    let sum = 0;
    for (let i = r * cols, end = i + cols; i < end; i += 1) film[i] = sum += film[i] as number;
  }
  for (const { across, stroke } of alike.values())
    if (stroke.crosswise)
      addCrossed(film, rows, cols, stroke, across, (gun.footprint * stroke.distance) / gun.distance, dy);
  const on = openings.length > 0 ? maskOf(rows, cols, dx, dy, openings) : allOf(rows * cols);
  const onPart = sumOver(film, on, openings.length > 0) * dx * dy;
  return { rows, cols, dx, dy, film, on, sprayed, onPart, mist, past: Math.max(sprayed - mist - onPart, 0) };
}

/** How much of the spot passes each cell between the ends of a pull. */
const passedAt = (x: number, start: number, end: number, reach: number) =>
  reach > 0 ? before((x - start) / reach) - before((x - end) / reach) : x > start && x < end ? 1 : 0;

/**
 * Adds pulls along the face as changes from cell to cell: between its ends a pull is the same everywhere, so only the
 * cells near its ends are touched, however long it is.
 */
function addPulls(
  film: Float64Array,
  rows: number,
  cols: number,
  { from, to }: FieldStroke,
  across: Float64Array,
  reach: number,
  dx: number,
): void {
  const [start, end] = from < to ? [from, to] : [to, from];
  const cells: number[] = [];
  const change: number[] = [];
  let last = 0;
  const note = (c: number) => {
    const share = passedAt((c + 0.5) * dx, start, end, reach);
    if (share !== last) {
      cells.push(c);
      change.push(share - last);
      last = share;
    }
  };
  note(0);
  const near = (edge: number, way: number) =>
    Math.min(Math.max(Math.floor((edge + way * reach) / dx) + way, 1), cols);
  let c = 1;
  for (const edge of [start, end])
    for (c = Math.max(c, near(edge, -1)); c < Math.min(near(edge, 1) + 1, cols); c += 1) note(c);
  for (let r = 0; r < rows; r += 1) {
    const share = across[r] as number;
    if (share === 0) continue;
    const base = r * cols;
    for (let k = 0; k < cells.length; k += 1) {
      const i = base + (cells[k] as number);
      film[i] = (film[i] as number) + share * (change[k] as number);
    }
  }
}

/** Adds pulls across the face. */
function addCrossed(
  film: Float64Array,
  rows: number,
  cols: number,
  { from, to }: FieldStroke,
  across: Float64Array,
  reach: number,
  dy: number,
): void {
  const [start, end] = from < to ? [from, to] : [to, from];
  for (let r = 0; r < rows; r += 1) {
    const share = passedAt((r + 0.5) * dy, start, end, reach);
    if (share === 0) continue;
    const base = r * cols;
    for (let c = 0; c < cols; c += 1)
      film[base + c] = (film[base + c] as number) + share * (across[c] as number);
  }
}

/** Steps in which a profile and the fall of transfer are tabled: finer changes nothing. */
const steps = 2048;
const furthest = 4;
/** What distance does to transfer, from nought to four times the usual one: tabled, since powers are slow. */
const landing = Float64Array.from({ length: steps + 2 }, (_, i) =>
  landsFrom(Math.max((i * furthest) / steps, 0.01)),
);

/** A profile of mass one at even steps from −1 to 1. */
export type ProfileTable = Float64Array;
const tables = new WeakMap<Profile, ProfileTable>();

/**
 * Tables a profile; the same profile is tabled once.
 *
 * Source: superposition; conservation of volume
 */
export function tabled(profile: Profile): Outcome<ProfileTable> {
  const known = tables.get(profile);
  if (known) return known;
  const one = normalised(profile);
  if (isRefusal(one)) return one;
  const table = Float64Array.from({ length: steps + 2 }, (_, i) => one((2 * i) / steps - 1));
  tables.set(profile, table);
  return table;
}

/** Adds what one stroke lays on every row, m, where it passes whole. */
function layOn(
  across: Float64Array,
  surface: Surface,
  { y, z, aim, speed }: FieldStroke,
  gun: FieldGun,
  table: ProfileTable,
): void {
  // Half a fan at a metre’s distance.
  const open = gun.fan / 2 / gun.distance;
  const [ay, az] = [Math.sin(aim), -Math.cos(aim)];
  const [py, pz] = [-az, ay];
  const laid = gun.flow / speed / open;
  const perDistance = steps / furthest / gun.distance;
  for (let r = 0; r < across.length; r += 1) {
    const vy = (surface.y[r] as number) - y;
    const vz = (surface.z[r] as number) - z;
    const off = vy * ay + vz * az;
    if (off <= 0) continue;
    const aside = vy * py + vz * pz;
    const u = aside / (off * open);
    if (u <= -1 || u >= 1) continue;
    const ty = surface.ty[r] as number;
    const tz = surface.tz[r] as number;
    // How fast u runs along the surface: below zero it is turned away from the gun.
    const facing = ((ty * py + tz * pz) * off - aside * (ty * ay + tz * az)) / (off * off);
    if (facing <= 0) continue;
    const far = Math.min(off * perDistance, steps);
    const f = far | 0;
    const before = landing[f] as number;
    const transfer = bounded(gun.transfer * (before + (far - f) * ((landing[f + 1] as number) - before)));
    const at = ((u + 1) / 2) * steps;
    const k = at | 0;
    const low = table[k] as number;
    across[r] =
      (across[r] as number) + laid * transfer * (low + (at - k) * ((table[k + 1] as number) - low)) * facing;
  }
}

/** The same for a stroke across a flat face, over its columns. */
function layAcross(
  across: Float64Array,
  { y, distance, aim, speed }: FieldStroke,
  gun: FieldGun,
  table: ProfileTable,
  n: number,
  at: (i: number) => number,
): void {
  const flat: Surface = {
    step: 1,
    y: Float64Array.from({ length: n }, (_, i) => at(i)),
    z: new Float64Array(n),
    ty: new Float64Array(n).fill(1),
    tz: new Float64Array(n),
  };
  layOn(across, flat, { from: 0, to: 0, y, z: distance * Math.cos(aim), aim, distance, speed }, gun, table);
}

/** A face without openings: one mask is made for each size and used again, since nothing writes to it. */
let whole = new Uint8Array(0);
function allOf(cells: number): Uint8Array {
  if (whole.length !== cells) whole = new Uint8Array(cells).fill(1);
  return whole;
}

function sumOver(film: Float64Array, on: Uint8Array, cut: boolean): number {
  let sum = 0;
  if (cut) for (let i = 0; i < film.length; i += 1) sum += on[i] === 1 ? (film[i] as number) : 0;
  else for (let i = 0; i < film.length; i += 1) sum += film[i] as number;
  return sum;
}

function maskOf(
  rows: number,
  cols: number,
  dx: number,
  dy: number,
  openings: readonly Opening[],
): Uint8Array {
  const on = new Uint8Array(rows * cols).fill(1);
  for (const { x, y, width, height, round } of openings)
    for (let r = Math.max(Math.floor(y / dy), 0); r < Math.min(Math.ceil((y + height) / dy), rows); r += 1)
      for (let c = Math.max(Math.floor(x / dx), 0); c < Math.min(Math.ceil((x + width) / dx), cols); c += 1) {
        const [ex, ey] = [((c + 0.5) * dx - x) / width - 0.5, ((r + 0.5) * dy - y) / height - 0.5];
        if (round ? ex * ex + ey * ey < 0.25 : Math.abs(ex) < 0.5 && Math.abs(ey) < 0.5) on[r * cols + c] = 0;
      }
  return on;
}

export interface FieldFacts {
  /** m wet. */
  readonly mean: number;
  readonly cv: number;
  readonly least: { readonly film: number; readonly x: number; readonly y: number };
  readonly most: { readonly film: number; readonly x: number; readonly y: number };
  /** Shares of the surface under, inside and over the limits. */
  readonly under: number;
  readonly inside: number;
  readonly over: number;
}

/**
 * What a map comes to, over the cells that are part.
 *
 * @param limits m wet
 * @returns refuses a face of which nothing is left to coat
 * Source: superposition; conservation of volume
 */
export function fieldFacts(
  { film, on, cols, dx, dy }: FilmField,
  limits: { readonly min: number; readonly max: number },
): Outcome<FieldFacts> {
  const { min, max } = limits;
  let n = 0;
  let sum = 0;
  let squares = 0;
  let under = 0;
  let over = 0;
  let lowest = Infinity;
  let highest = -Infinity;
  for (let i = 0; i < film.length; i += 1) {
    if (on[i] === 0) continue;
    const each = film[i] as number;
    n += 1;
    sum += each;
    squares += each * each;
    if (each < min) under += 1;
    else if (each > max) over += 1;
    if (each < lowest) lowest = each;
    if (each > highest) highest = each;
  }
  if (n === 0) return refuse('no-face', 'The openings leave nothing of this face to coat.');
  const mean = sum / n;
  // Looked for once at the end: keeping places while counting costs more.
  const placeOf = (value: number) => {
    let i = film.indexOf(value);
    while (on[i] === 0) i = film.indexOf(value, i + 1);
    return i;
  };
  const place = (i: number) => ({
    film: film[i] as number,
    x: ((i % cols) + 0.5) * dx,
    y: (Math.floor(i / cols) + 0.5) * dy,
  });
  return {
    mean,
    cv: mean > 0 ? Math.sqrt(Math.max(squares / n - mean * mean, 0)) / mean : 0,
    least: place(placeOf(lowest)),
    most: place(placeOf(highest)),
    under: under / n,
    inside: (n - under - over) / n,
    over: over / n,
  };
}
