import { solve } from './linear';

const { hypot } = Math;

/** A place in a picture, px. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Four corners: upper left, upper right, lower right, lower left. */
export type Quad = readonly [Point, Point, Point, Point];

/** From a place on one plane to the place on another that a camera sees there. */
export type Mapping = (x: number, y: number) => Point;

/**
 * The mapping that takes four places of a plane to four places of a picture: a homography.
 *
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export function mapping(from: Quad, to: Quad): Mapping {
  const rows = from.flatMap(({ x, y }, i) => {
    const { x: u, y: v } = to[i] as Point;
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  const [a, b, c, d, e, f, g, h] = solve(rows) as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  return (x, y) => {
    const w = g * x + h * y + 1;
    return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
  };
}

/**
 * Distance of two points.
 *
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export const apart = (a: Point, b: Point): number => hypot(a.x - b.x, a.y - b.y);

/**
 * A rectangle from the origin.
 *
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export const rectangle = (width: number, height: number): Quad => [
  { x: 0, y: 0 },
  { x: width, y: 0 },
  { x: width, y: height },
  { x: 0, y: height },
];

/** Twice the area of a triangle, positive where it goes round clockwise in a picture. */
const turnOf = (a: Point, b: Point, c: Point): number =>
  (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/**
 * Area of a polygon, positive where its corners go round one way.
 *
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export function areaOf(points: readonly Point[]): number {
  let sum = 0;
  for (let i = 0; i < points.length; i += 1) {
    const [a, b] = [points[i] as Point, points[(i + 1) % points.length] as Point];
    sum += a.x * b.y - b.x * a.y;
  }
  return Math.abs(sum) / 2;
}

/**
 * The convex hull, clockwise in a picture.
 *
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (some: readonly Point[]) => {
    const out: Point[] = [];
    for (const each of some) {
      while (out.length >= 2 && turnOf(out[out.length - 2] as Point, out[out.length - 1] as Point, each) <= 0)
        out.pop();
      out.push(each);
    }
    out.pop();
    return out;
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

/** Corners are looked for among so many of a hull’s. */
const cornersTried = 18;

/**
 * The four-sided shape that lies in a hull, its sides fitted to the points along them. Nothing where what was found
 * has not four sides.
 *
 * @param edge the places it was found by
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export function quadOf(edge: readonly Point[]): Quad | undefined {
  const hull = hullOf(edge);
  if (hull.length < 4) return undefined;
  const whole = areaOf(hull);
  const few = [...hull];
  const loss = (i: number) =>
    Math.abs(
      turnOf(
        few[(i + few.length - 1) % few.length] as Point,
        few[i] as Point,
        few[(i + 1) % few.length] as Point,
      ),
    );
  while (few.length > cornersTried) {
    let least = 0;
    for (let i = 1; i < few.length; i += 1) if (loss(i) < loss(least)) least = i;
    few.splice(least, 1);
  }
  let best: Point[] = [];
  let most = 0;
  for (let a = 0; a < few.length; a += 1)
    for (let b = a + 1; b < few.length; b += 1)
      for (let c = b + 1; c < few.length; c += 1)
        for (let d = c + 1; d < few.length; d += 1) {
          const four = [few[a], few[b], few[c], few[d]] as Point[];
          const area = areaOf(four);
          if (area > most) [best, most] = [four, area];
        }
  if (most < 0.9 * whole) return undefined;
  const sides = best.map((corner, i) => sideThrough(edge, corner, best[(i + 1) % 4] as Point));
  const corners = sides.map((side, i) => crossing(sides[(i + 3) % 4] as Line, side) ?? (best[i] as Point));
  return ordered(corners);
}

/** Sides of a hull in one direction belong together up to this angle, radians. */
const oneSide = 0.09;

/**
 * The four-sided shape of which a hull shows a part: its sides where they are seen, met beyond the picture. Nothing where
 * fewer than four sides are seen.
 *
 * @param edge the places it was found by, those on the picture’s rim among them
 * Source: projective geometry; convex hull by Andrew’s chain
 */
export function quadBeyond(edge: readonly Point[], width: number, height: number): Quad | undefined {
  const onRim = ({ x, y }: Point) => x < 0.75 || y < 0.75 || x > width - 0.75 || y > height - 0.75;
  const seen = edge.filter((place) => !onRim(place));
  const hull = hullOf(edge);
  const sides: { a: Point; b: Point; angle: number }[] = [];
  for (let i = 0; i < hull.length; i += 1) {
    const [a, b] = [hull[i] as Point, hull[(i + 1) % hull.length] as Point];
    if (onRim(a) && onRim(b)) continue;
    const angle = Math.atan2(b.y - a.y, b.x - a.x);
    const last = sides.at(-1);
    const off = last
      ? Math.abs(Math.atan2(Math.sin(angle - last.angle), Math.cos(angle - last.angle)))
      : Infinity;
    if (last && off < oneSide) {
      last.b = b;
      last.angle = Math.atan2(b.y - last.a.y, b.x - last.a.x);
    } else sides.push({ a, b, angle });
  }
  const [first] = sides;
  const last = sides.at(-1);
  if (first && last && first !== last && apart(last.b, first.a) < 1) {
    const off = Math.abs(Math.atan2(Math.sin(first.angle - last.angle), Math.cos(first.angle - last.angle)));
    if (off < oneSide) {
      first.a = last.a;
      sides.pop();
    }
  }
  const long = sides.filter(({ a, b }) => apart(a, b) > 0.14 * Math.min(width, height));
  if (long.length !== 4) return undefined;
  const lines = long.map(({ a, b }) => sideThrough(seen, a, b));
  const corners = lines.map((line, i) => crossing(lines[(i + 3) % 4] as Line, line));
  if (corners.some((corner) => corner === undefined)) return undefined;
  const quad = ordered(corners as Point[]);
  // Sides that hardly are seen send their corners anywhere.
  const near = quad.every(
    ({ x, y }) => x > -0.25 * width && y > -0.25 * height && x < 1.25 * width && y < 1.25 * height,
  );
  return near && areaOf(quad) > 0.95 * areaOf(hull) && areaOf(quad) < 1.35 * areaOf(hull) ? quad : undefined;
}

/** A line: a place on it and its direction, of length one. */
interface Line {
  readonly at: Point;
  readonly along: Point;
}

/** The line along a side, by the points near it, its corners left out. */
function sideThrough(edge: readonly Point[], a: Point, b: Point): Line {
  const length = Math.max(apart(a, b), 1);
  const along = { x: (b.x - a.x) / length, y: (b.y - a.y) / length };
  const near = edge.filter(({ x, y }) => {
    const [far, off] = [(x - a.x) * along.x + (y - a.y) * along.y, (y - a.y) * along.x - (x - a.x) * along.y];
    return far > 0.08 * length && far < 0.92 * length && Math.abs(off) < Math.max(0.03 * length, 1.6);
  });
  if (near.length < 5) return { at: a, along };
  const mean = {
    x: near.reduce((sum, { x }) => sum + x, 0) / near.length,
    y: near.reduce((sum, { y }) => sum + y, 0) / near.length,
  };
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x, y } of near) {
    xx += (x - mean.x) ** 2;
    xy += (x - mean.x) * (y - mean.y);
    yy += (y - mean.y) ** 2;
  }
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  return { at: mean, along: { x: Math.cos(angle), y: Math.sin(angle) } };
}

function crossing(a: Line, b: Line): Point | undefined {
  const cross = a.along.x * b.along.y - a.along.y * b.along.x;
  if (Math.abs(cross) < 0.2) return undefined;
  const t = ((b.at.x - a.at.x) * b.along.y - (b.at.y - a.at.y) * b.along.x) / cross;
  return { x: a.at.x + t * a.along.x, y: a.at.y + t * a.along.y };
}

/** Clockwise from the upper left. */
function ordered(corners: readonly Point[]): Quad {
  const [cx, cy] = [
    corners.reduce((sum, { x }) => sum + x, 0) / 4,
    corners.reduce((sum, { y }) => sum + y, 0) / 4,
  ];
  const round = [...corners].sort((a, b) => Math.atan2(a.y - cy, a.x - cx) - Math.atan2(b.y - cy, b.x - cx));
  let first = 0;
  for (let i = 1; i < 4; i += 1) {
    const [own, best] = [round[i] as Point, round[first] as Point];
    if (own.x + own.y < best.x + best.y) first = i;
  }
  return [0, 1, 2, 3].map((i) => round[(first + i) % 4] as Point) as unknown as Quad;
}
