import { refuse, type Outcome } from '../refusal';
import { blobsAbove } from './blobs';
import { shrunk, through, type Colours } from './colours';
import { toneOf } from './film';
import { outlineIn } from './outline';
import { paperUnder } from './paper';
import type { CardPhoto, Field } from './photo';
import { apart, mapping, rectangle, type Mapping, type Point, type Quad } from './plane';
import { inCorner, printedSquare, squareIn } from './square';

const { abs, hypot, max, min, round, sqrt } = Math;

/** Two places in the picture, px, and how far they are apart on the card, m. */
export interface Taps {
  readonly a: Point;
  readonly b: Point;
  readonly apart: number;
}

/** A card laid flat: as if it had been taken from straight above. */
export interface FlatCard {
  readonly colours: Colours;
  readonly light: Field;
  readonly paper: Field;
  /** ln of brightness over the blank card’s. */
  readonly tone: Field;
  /** m a pixel. */
  readonly scale: number;
  /** In the flat picture, px. */
  readonly square?: Quad;
  /** In the picture as it was taken, px. */
  readonly card?: Quad;
  readonly toPicture: Mapping;
  /** 1 where a pixel of the flat picture is no film: printed, or beside the card. */
  readonly blank: Uint8Array;
}

/** Pixels along the longer side of a card laid flat. */
const layAt = 760;
/** px inside of a card’s edge that are left out, where it is only roughly known. */
const rimOf = 5;
/** Focal length of a phone’s camera, in longer sides of its picture. A default: it only tells how long a tilted card is. */
const usualFocal = 1.1;

/**
 * Finds the card, its printed square and its scale, and lays it flat.
 *
 * Source: projective mapping of a plane
 */
export function layFlat(photo: CardPhoto, taps?: Taps): Outcome<FlatCard> {
  const { quad, hull } = outlineIn(photo);
  return quad ? byOutline(photo, quad, taps) : bySquare(photo, hull, taps);
}

function byOutline(photo: CardPhoto, card: Quad, taps: Taps | undefined): Outcome<FlatCard> {
  const shape = shapeOf(card, photo);
  const [w, h] = [layAt * min(shape, 1), layAt * min(1 / shape, 1)];
  const first = lay(photo, card, round(w), round(h));
  if (first.square) {
    const [across, down] = [sideOf(first.square, 0), sideOf(first.square, 1)];
    const side = sqrt(across * down);
    // The square says how long the card is; the camera’s guess was only good enough to find it.
    const again =
      abs(across / down - 1) < 0.01
        ? first
        : lay(photo, card, round((w * side) / across), round((h * side) / down));
    const square = again.square ?? first.square;
    return { ...again, square, card, scale: printedSquare / sqrt(sideOf(square, 0) * sideOf(square, 1)) };
  }
  if (!taps) return noScale(first.tone);
  const back = mapping(card, rectangle(first.light.width, first.light.height));
  const pixels = apart(back(taps.a.x, taps.a.y), back(taps.b.x, taps.b.y));
  return { ...first, card, scale: taps.apart / max(pixels, 1) };
}

const noScale = (tone: Field) =>
  softSquare(tone)
    ? refuse('blur', 'The picture is blurred. Hold still, or lean the phone on something.')
    : refuse('no-scale', 'There is no printed square on this card. Tap two points a known way apart.');

type Laid = Omit<FlatCard, 'scale'>;

function lay(photo: CardPhoto, card: Quad, w: number, h: number): Laid {
  const toPicture = mapping(rectangle(w, h), card);
  return seen(through(photo, toPicture, w, h), toPicture);
}

function seen(colours: Colours, toPicture: Mapping, beside?: (x: number, y: number) => boolean): Laid {
  const { width, height } = colours;
  const blank = new Uint8Array(width * height);
  if (beside)
    for (let y = 0, i = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1, i += 1) blank[i] = beside(x, y) ? 1 : 0;
  const light = brightnessOf(colours);
  const paper = paperUnder(light, blank);
  const tone = toneOf(light, paper);
  const square = squareIn(tone);
  if (square) {
    const { x0, x1, y0, y1 } = boxOf(square);
    for (let y = max(round(y0), 0); y <= min(y1, height - 1); y += 1)
      for (let x = max(round(x0), 0); x <= min(x1, width - 1); x += 1) blank[y * width + x] = 1;
  }
  return {
    colours,
    light,
    paper,
    tone,
    ...(square ? { square } : {}),
    toPicture,
    blank,
  };
}

/** Where the card’s edges are not seen: its square tells how it lies and how large it is, or two taps how large. */
function bySquare(
  photo: CardPhoto,
  hull: readonly Point[] | undefined,
  taps: Taps | undefined,
): Outcome<FlatCard> {
  const beside = outsideOf(hull);
  const first = seen(
    shrunk(photo, 1),
    (x, y) => ({ x, y }),
    (x, y) => beside({ x, y }),
  );
  const { square } = first;
  if (!square)
    return taps ? { ...first, scale: taps.apart / max(apart(taps.a, taps.b), 1) } : noScale(first.tone);
  const side = sqrt(sideOf(square, 0) * sideOf(square, 1));
  const [tl, tr, br, bl] = square;
  const axis = (a: Point, b: Point, c: Point, d: Point): Point => ({
    x: (b.x - a.x + c.x - d.x) / 2 / side,
    y: (b.y - a.y + c.y - d.y) / 2 / side,
  });
  const [right, down] = [axis(tl, tr, br, bl), axis(tl, bl, br, tr)];
  const straight = abs(right.y) < 0.008 && abs(down.x) < 0.008 && abs(hypot(right.x, right.y) - 1) < 0.008;
  if (straight) return { ...first, square, scale: printedSquare / side };
  const cross = right.x * down.y - right.y * down.x;
  const flatOf = ({ x, y }: Point): Point => ({
    x: (x * down.y - y * down.x) / cross,
    y: (y * right.x - x * right.y) / cross,
  });
  const corners = rectangle(photo.width, photo.height).map(flatOf);
  const [x0, y0] = [min(...corners.map(({ x }) => x)), min(...corners.map(({ y }) => y))];
  const [x1, y1] = [max(...corners.map(({ x }) => x)), max(...corners.map(({ y }) => y))];
  const toPicture: Mapping = (x, y) => ({
    x: (x + x0) * right.x + (y + y0) * down.x,
    y: (x + x0) * right.y + (y + y0) * down.y,
  });
  const flat = through(photo, toPicture, round(x1 - x0), round(y1 - y0));
  const outside = (x: number, y: number) => {
    const place = toPicture(x + 0.5, y + 0.5);
    return place.x < 0 || place.y < 0 || place.x > photo.width || place.y > photo.height || beside(place);
  };
  const again = seen(flat, toPicture, outside);
  const own = again.square ?? square.map(flatOf).map(({ x, y }) => ({ x: x - x0, y: y - y0 }));
  return {
    ...again,
    square: own as unknown as Quad,
    scale: printedSquare / sqrt(sideOf(own as unknown as Quad, 0) * sideOf(own as unknown as Quad, 1)),
  };
}

/** Is a place outside of what is seen of the card, or too near its edge? */
function outsideOf(hull: readonly Point[] | undefined): (place: Point) => boolean {
  if (!hull) return () => false;
  const sides = hull.map((a, i) => {
    const b = hull[(i + 1) % hull.length] as Point;
    const length = max(apart(a, b), 1e-9);
    return { a, x: (b.x - a.x) / length, y: (b.y - a.y) / length };
  });
  // A hull goes round clockwise in a picture: inside is on the right of every side.
  return (place) => sides.some(({ a, x, y }) => x * (place.y - a.y) - y * (place.x - a.x) < rimOf);
}

/** Brightness of a picture in channels: ITU-R BT.601 weights. */
function brightnessOf({ width, height, of: [r, g, b] }: Colours): Field {
  const at = new Float32Array(width * height);
  for (let i = 0; i < at.length; i += 1)
    at[i] = 0.299 * (r[i] as number) + 0.587 * (g[i] as number) + 0.114 * (b[i] as number);
  return { width, height, at };
}

/** Length of a square along (0) or down (1), the mean of both sides. */
const sideOf = (quad: Quad, which: 0 | 1): number =>
  (apart(quad[which], quad[(which + 1) as 1]) + apart(quad[(which + 2) as 2], quad[((which + 3) % 4) as 3])) /
  2;

/** A box round a square, with its soft edge. */
function boxOf(quad: Quad) {
  const more = 0.12 * sideOf(quad, 0) + 2;
  return {
    x0: min(...quad.map(({ x }) => x)) - more,
    x1: max(...quad.map(({ x }) => x)) + more,
    y0: min(...quad.map(({ y }) => y)) - more,
    y1: max(...quad.map(({ y }) => y)) + more,
  };
}

/** Something square and soft in a corner: a printed square that was not held still. */
const softSquare = (tone: Field): boolean =>
  blobsAbove({ ...tone, at: tone.at.map(abs) }, 0.6, 200).some((blob) => {
    const [bw, bh] = [blob.x1 - blob.x0 + 1, blob.y1 - blob.y0 + 1];
    return inCorner(blob, tone) && bw / bh > 0.7 && bw / bh < 1.4;
  });

/** Width over height of a card seen aslant: by where its sides meet, for a camera of the usual focal length. */
function shapeOf([tl, tr, br, bl]: Quad, { width, height }: CardPhoto): number {
  const focal = usualFocal * max(width, height);
  type V = readonly [number, number, number];
  const v = ({ x, y }: Point): V => [(x - width / 2) / focal, (y - height / 2) / focal, 1];
  const cross = (a: V, b: V): V => [
    a[1] * b[2] - a[2] * b[1],
    a[2] * b[0] - a[0] * b[2],
    a[0] * b[1] - a[1] * b[0],
  ];
  const dot = (a: V, b: V) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  const [m1, m2, m3, m4] = [v(tl), v(tr), v(bl), v(br)];
  const k2 = dot(cross(m1, m4), m3) / dot(cross(m2, m4), m3);
  const k3 = dot(cross(m1, m4), m2) / dot(cross(m3, m4), m2);
  const side = (k: number, m: V) => hypot(k * m[0] - m1[0], k * m[1] - m1[1], k * m[2] - m1[2]);
  const shape = side(k2, m2) / side(k3, m3);
  return Number.isFinite(shape) ? min(max(shape, 0.2), 5) : 1;
}
