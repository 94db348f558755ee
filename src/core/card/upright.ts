import type { Field } from './photo';
import type { Point } from './plane';

const { abs, atan2, ceil, cos, floor, max, min, sin, sqrt } = Math;

/** A pattern turned so that its fan runs down the picture. */
export interface Upright {
  readonly film: Field;
  readonly toFlat: (x: number, y: number) => Point;
  readonly fromFlat: (x: number, y: number) => Point;
  /** The most that the film can reach to, from the middle of its mass, px of the turned picture. */
  readonly reach: { readonly x: number; readonly y: number; readonly across: number; readonly along: number };
}

/** A pattern this round has no direction of its own. */
const roundBelow = 1.15;

/**
 * Turns a pattern so that its fan runs from top to bottom: along the line in which its film lies furthest apart.
 *
 * @param soft the same film, calmed
 * @returns nothing where there is no film
 * Source: principal axis of the covered area
 */
export function upright(film: Field, soft: Field, peak: number, noise: number): Upright | undefined {
  const { width, height } = film;
  const floorAt = max(0.12 * peak, 1.2 * noise);
  let box = { x: width / 2, y: height / 2, reach: Infinity };
  let [angle, ratio, far, near] = [0, 1, 1, 1];
  // What lies far outside, as drops and scratches do, is left out in the second round.
  for (let pass = 0; pass < 3; pass += 1) {
    let [mass, sx, sy, xx, xy, yy] = [0, 0, 0, 0, 0, 0];
    for (let y = 0, i = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1, i += 1) {
        const own = (soft.at[i] as number) - floorAt;
        if (own <= 0 || abs(x - box.x) > box.reach || abs(y - box.y) > box.reach) continue;
        mass += own;
        sx += own * x;
        sy += own * y;
        xx += own * x * x;
        xy += own * x * y;
        yy += own * y * y;
      }
    if (!(mass > 0)) return undefined;
    const [mx, my] = [sx / mass, sy / mass];
    const [a, b, c] = [xx / mass - mx * mx, xy / mass - mx * my, yy / mass - my * my];
    const spread = sqrt(((a - c) / 2) ** 2 + b * b);
    const [large, small] = [(a + c) / 2 + spread, max((a + c) / 2 - spread, 1)];
    angle = 0.5 * atan2(2 * b, a - c);
    ratio = sqrt(large / small);
    [far, near] = [3.2 * sqrt(large), 3.3 * sqrt(small)];
    box = { x: mx, y: my, reach: 3.2 * sqrt(large) };
  }
  if (ratio < roundBelow) angle = abs(cos(angle)) > abs(sin(angle)) ? 0 : Math.PI / 2;
  // Down the picture, or to the right where the fan lies.
  const along = { x: cos(angle), y: sin(angle) };
  const back = abs(along.y) >= abs(along.x) ? along.y < 0 : along.x < 0;
  const down = back ? { x: -along.x, y: -along.y } : along;
  const right = { x: down.y, y: -down.x };
  const corners = [
    [0, 0],
    [width, 0],
    [0, height],
    [width, height],
  ] as const;
  const onto = ({ x, y }: Point) => corners.map(([cx, cy]) => cx * x + cy * y);
  const [x0, y0] = [min(...onto(right)), min(...onto(down))];
  const [w, h] = [ceil(max(...onto(right)) - x0), ceil(max(...onto(down)) - y0)];
  const toFlat = (x: number, y: number): Point => ({
    x: (x + x0) * right.x + (y + y0) * down.x,
    y: (x + x0) * right.y + (y + y0) * down.y,
  });
  const at = new Float32Array(w * h);
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1) {
      const place = toFlat(x + 0.5, y + 0.5);
      const [px, py] = [place.x - 0.5, place.y - 0.5];
      const [i, j] = [floor(px), floor(py)];
      if (i < 0 || j < 0 || i >= width - 1 || j >= height - 1) continue;
      const [s, t, k] = [px - i, py - j, j * width + i];
      at[y * w + x] =
        (1 - t) * ((1 - s) * (film.at[k] as number) + s * (film.at[k + 1] as number)) +
        t * ((1 - s) * (film.at[k + width] as number) + s * (film.at[k + width + 1] as number));
    }
  const fromFlat = (x: number, y: number): Point => ({
    x: x * right.x + y * right.y - x0,
    y: x * down.x + y * down.y - y0,
  });
  const reach = { ...fromFlat(box.x, box.y), across: near, along: far };
  return { film: { width: w, height: h, at }, toFlat, fromFlat, reach };
}
