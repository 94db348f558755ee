import { blobsAbove, type Blob } from './blobs';
import type { Field } from './photo';
import { apart, areaOf, quadOf, type Point, type Quad } from './plane';

const { abs, exp, log, max, min } = Math;

/** Side of the square that is printed on the cards, m. */
export const printedSquare = 0.02;

/** How much darker or lighter than its card a square stands out, as ln: the clearest is looked for first. */
const clear = [1.25, 0.85, 0.55] as const;

/**
 * The printed square: of one tone, square, filled, and in a corner; darker than its card, or lighter on a dark one.
 *
 * @param tone ln of the picture over its blank card
 * Source: first principles: a dark square, its corners and its edge
 */
export function squareIn(tone: Field): Quad | undefined {
  const opposite = { ...tone, at: tone.at.map((each) => -each) };
  for (const level of clear)
    for (const field of [opposite, tone])
      for (const blob of blobsAbove(field, level, 60)) {
        const quad = squareOf(field, blob);
        if (quad) return quad;
      }
  return undefined;
}

function squareOf(field: Field, blob: Blob): Quad | undefined {
  const { width, height } = field;
  const [bw, bh] = [blob.x1 - blob.x0 + 1, blob.y1 - blob.y0 + 1];
  const share = blob.area / (width * height);
  if (bw < 12 || bh < 12 || share < 0.0008 || share > 0.08 || bw / bh > 1.5 || bh / bw > 1.5)
    return undefined;
  if (!inCorner(blob, field)) return undefined;
  // Where it lies halfway between paper and print: at any other level a soft edge makes it larger or smaller.
  const ink = toneInside(field, blob);
  const half = -log((1 + exp(-ink)) / 2);
  const quad = quadOf(edgesOf(field, blob, ink > 0 ? min(half, 0.95 * ink) : half));
  if (!quad) return undefined;
  const sides = quad.map((corner, i) => apart(corner, quad[((i + 1) % 4) as 0]));
  const [across, down] = [
    ((sides[0] as number) + (sides[2] as number)) / 2,
    ((sides[1] as number) + (sides[3] as number)) / 2,
  ];
  const filled = blob.area / areaOf(quad);
  return across / down > 0.72 && across / down < 1.38 && filled > 0.86 && filled < 1.14 ? quad : undefined;
}

/** Middle tone of the inner half of a patch. */
function toneInside({ width, at }: Field, { x0, x1, y0, y1 }: Blob): number {
  const some: number[] = [];
  const [dx, dy] = [(x1 - x0) / 4, (y1 - y0) / 4];
  for (let y = Math.ceil(y0 + dy); y <= y1 - dy; y += 1)
    for (let x = Math.ceil(x0 + dx); x <= x1 - dx; x += 1) some.push(at[y * width + x] as number);
  some.sort((a, b) => a - b);
  return some[some.length >> 1] ?? 0;
}

/** Where rows and columns of a patch begin and end, between the pixels. */
function edgesOf({ width, height, at }: Field, { x0, x1, y0, y1 }: Blob, level: number): Point[] {
  const [fromX, toX] = [max(x0 - 3, 0), min(x1 + 3, width - 1)];
  const [fromY, toY] = [max(y0 - 3, 0), min(y1 + 3, height - 1)];
  const between = (outside: number, inside: number) =>
    abs(inside - outside) < 1e-9 ? 0.5 : min(max((level - outside) / (inside - outside), 0), 1);
  const ends = (first: number, last: number, value: (i: number) => number): [number, number] | undefined => {
    let [from, to] = [first, last];
    while (from <= last && value(from) < level) from += 1;
    while (to >= first && value(to) < level) to -= 1;
    if (to <= from) return undefined;
    return [
      from > first ? from - 0.5 + between(value(from - 1), value(from)) : from,
      to < last ? to + 1.5 - between(value(to + 1), value(to)) : to + 1,
    ];
  };
  const points: Point[] = [];
  for (let y = fromY; y <= toY; y += 1) {
    const row = ends(fromX, toX, (x) => at[y * width + x] as number);
    if (row) points.push({ x: row[0], y: y + 0.5 }, { x: row[1], y: y + 0.5 });
  }
  for (let x = fromX; x <= toX; x += 1) {
    const column = ends(fromY, toY, (y) => at[y * width + x] as number);
    if (column) points.push({ x: x + 0.5, y: column[0] }, { x: x + 0.5, y: column[1] });
  }
  return points;
}

/**
 * Something in a corner of the picture: the printed square, sharp or not.
 *
 * Source: first principles: a dark square, its corners and its edge
 * @example inCorner({ x0: 4, x1: 14, y0: 6, y1: 16 }, { width: 200, height: 100 }) → true
 */
export const inCorner = ({ x0, x1, y0, y1 }: Blob, { width, height }: Field): boolean => {
  const [cx, cy] = [(x0 + x1) / 2 / width, (y0 + y1) / 2 / height];
  return (cx < 0.3 || cx > 0.7) && (cy < 0.3 || cy > 0.7);
};

/**
 * How soft the edges of a square are: the way from a tenth to nine tenths of its tone, as a share of its side.
 *
 * Source: first principles: a dark square, its corners and its edge
 */
export function softnessOf({ width, height, at }: Field, square: Quad): number {
  const side = apart(square[0], square[1]);
  const ramps = square.map((corner, i) => {
    const next = square[((i + 1) % 4) as 0];
    const [mx, my] = [(corner.x + next.x) / 2, (corner.y + next.y) / 2];
    // Out of the square: the corners go round clockwise.
    const [nx, ny] = [(next.y - corner.y) / side, -(next.x - corner.x) / side];
    const values: number[] = [];
    for (let t = -0.3 * side; t <= 0.2 * side; t += 0.5) {
      const [x, y] = [Math.round(mx + nx * t - 0.5), Math.round(my + ny * t - 0.5)];
      if (x < 0 || y < 0 || x >= width || y >= height) break;
      values.push(abs(at[y * width + x] as number));
    }
    const [inside, outside] = [values[0] ?? 0, values.at(-1) ?? 0];
    const soft = values.filter((each) => {
      const share = (each - outside) / (inside - outside || 1);
      return share > 0.15 && share < 0.85;
    }).length;
    return (0.5 * soft) / side;
  });
  return [...ramps].sort((a, b) => a - b)[1] as number;
}
