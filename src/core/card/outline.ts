import { shrunk, type Colours } from './colours';
import type { CardPhoto } from './photo';
import { areaOf, hullOf, quadBeyond, quadOf, type Point, type Quad } from './plane';

const { abs, max, min, round } = Math;

/** Pixels along the longer side in which the card is looked for. */
const lookAt = 240;
/** Neighbours differ by less than this, all channels together, inside of one thing: a card on a bench of its own colour wants a finer eye. */
const alike = [13, 9, 6] as const;
/** A card takes at least this share of the picture. */
const least = 0.18;
/** One that runs out of it takes more. */
const leastPart = 0.5;

/** What is seen of a card’s edges. */
export interface Outline {
  /** Its four corners, where all are in the picture. */
  readonly quad?: Quad;
  /** Round what is in the picture of it, where some are not. */
  readonly hull?: readonly Point[];
}

/**
 * The card in a picture, by its edges: the smallest thing of one colour that reaches round the middle. Nothing where
 * its edges are not seen, as when it fills the picture.
 *
 * Source: first principles: the paper is what differs from its surroundings
 */
export function outlineIn(photo: CardPhoto): Outline {
  const by = max(round(max(photo.width, photo.height) / lookAt), 1);
  const small = shrunk(photo, by);
  for (const step of alike) {
    const [smallest] = thingsIn(small, step).sort((a, c) => areaOf(a.hull) - areaOf(c.hull));
    const larger = (points: readonly Point[]) => points.map(({ x, y }) => ({ x: x * by, y: y * by }));
    if (smallest?.quad) return { quad: larger(smallest.quad) as unknown as Quad };
    if (smallest) return { hull: larger(smallest.hull) };
  }
  return {};
}

interface Thing {
  readonly hull: readonly Point[];
  readonly quad?: Quad;
}

/** Four-sided things of one colour, large enough for a card. */
function thingsIn({ width, height, of }: Colours, alike: number): Thing[] {
  const [r, g, b] = of;
  const whose = new Int32Array(width * height).fill(-1);
  const stack: number[] = [];
  const found: Thing[] = [];
  for (let start = 0; start < whose.length; start += 1) {
    if ((whose[start] as number) >= 0) continue;
    whose[start] = start;
    stack.push(start);
    let count = 0;
    const rim: Point[] = [];
    while (stack.length > 0) {
      const i = stack.pop() as number;
      const x = i % width;
      const y = (i - x) / width;
      count += 1;
      let inside = 0;
      for (const j of [
        x > 0 ? i - 1 : -1,
        x < width - 1 ? i + 1 : -1,
        y > 0 ? i - width : -1,
        y < height - 1 ? i + width : -1,
      ]) {
        if (j < 0) continue;
        if (whose[j] === start) {
          inside += 1;
          continue;
        }
        const step =
          abs((r[i] as number) - (r[j] as number)) +
          abs((g[i] as number) - (g[j] as number)) +
          abs((b[i] as number) - (b[j] as number));
        if (step >= alike || (whose[j] as number) >= 0) continue;
        whose[j] = start;
        inside += 1;
        stack.push(j);
      }
      if (inside < 4) rim.push({ x, y });
    }
    if (count < 0.04 * whose.length) continue;
    const hull = hullOf(
      rim.flatMap(({ x, y }) => [
        { x, y },
        { x: x + 1, y },
        { x, y: y + 1 },
        { x: x + 1, y: y + 1 },
      ]),
    );
    const share = areaOf(hull) / whose.length;
    if (share < least) continue;
    const quad = quadOf(outer(rim, width, height));
    const four =
      quad &&
      inPicture(quad, width, height) &&
      areaOf(quad) > 0.93 * areaOf(hull) &&
      areaOf(quad) < 1.07 * areaOf(hull);
    if (four) found.push({ hull, quad });
    // A card that runs out of the picture: most of it, and what is round the middle.
    else if (share > leastPart && share < 0.985 && count > 0.45 * share * whose.length) {
      const beyond = quadBeyond(outer(rim, width, height), width, height);
      found.push({ hull, ...(beyond ? { quad: beyond } : {}) });
    }
  }
  return found;
}

/** The outermost places of every row and column: holes have rims too. Half a pixel is where the edge lies. */
function outer(rim: readonly Point[], width: number, height: number): Point[] {
  const rows = Array.from({ length: height }, () => [Infinity, -Infinity] as [number, number]);
  const columns = Array.from({ length: width }, () => [Infinity, -Infinity] as [number, number]);
  for (const { x, y } of rim) {
    const [row, column] = [rows[y] as [number, number], columns[x] as [number, number]];
    [row[0], row[1]] = [min(row[0], x), max(row[1], x)];
    [column[0], column[1]] = [min(column[0], y), max(column[1], y)];
  }
  return [
    ...rows.flatMap(([from, to], y) =>
      to < from
        ? []
        : [
            { x: from, y: y + 0.5 },
            { x: to + 1, y: y + 0.5 },
          ],
    ),
    ...columns.flatMap(([from, to], x) =>
      to < from
        ? []
        : [
            { x: x + 0.5, y: from },
            { x: x + 0.5, y: to + 1 },
          ],
    ),
  ];
}

/** Does no side lie on the picture’s own rim? */
const inPicture = (quad: Quad, width: number, height: number): boolean =>
  quad.every(({ x, y }, i) => {
    const next = quad[((i + 1) % 4) as 0];
    const [mx, my] = [(x + next.x) / 2, (y + next.y) / 2];
    return mx > 2 && my > 2 && mx < width - 2 && my < height - 2;
  });
