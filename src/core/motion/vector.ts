/** A vector of three, and a rotation as a unit quaternion, its real part first. */
export type Vec = readonly [number, number, number];
export type Turn = readonly [number, number, number, number];

/**
 * Scalar product.
 *
 * Source: textbook
 * @example dot([1, 2, 3], [4, 5, 6]) → 32
 */
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
/**
 * Vector product.
 *
 * Source: textbook
 */
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
/**
 * Sum of two vectors.
 *
 * Source: textbook
 * @example plus([1, 2, 3], [4, 5, 6], 2) → [9, 12, 15]
 */
export const plus = (a: Vec, b: Vec, times = 1): Vec => [
  a[0] + times * b[0],
  a[1] + times * b[1],
  a[2] + times * b[2],
];
/**
 * A vector times a number.
 *
 * Source: textbook
 */
export const times = (a: Vec, by: number): Vec => [a[0] * by, a[1] * by, a[2] * by];
/**
 * Length of a vector.
 *
 * Source: textbook
 * @example norm([2, 3, 6]) → 7
 */
export const norm = (a: Vec): number => Math.hypot(a[0], a[1], a[2]);
/**
 * The same direction one long; a vector of nothing stays so.
 *
 * Source: textbook
 */
export const unit = (a: Vec): Vec => {
  const long = norm(a);
  return long > 0 ? times(a, 1 / long) : [0, 0, 0];
};

export const still: Turn = [1, 0, 0, 0];

/**
 * A vector turned by a rotation.
 *
 * Source: textbook
 */
export function turned([w, x, y, z]: Turn, by: Turn): Turn {
  const [bw, bx, by_, bz] = by;
  return [
    w * bw - x * bx - y * by_ - z * bz,
    w * bx + x * bw + y * bz - z * by_,
    w * by_ - x * bz + y * bw + z * bx,
    w * bz + x * by_ - y * bx + z * bw,
  ];
}

/**
 * A vector turned back by a rotation.
 *
 * Source: textbook
 */
export const back = ([w, x, y, z]: Turn): Turn => [w, -x, -y, -z];

/**
 * A vector carried along by a rotation.
 *
 * Source: textbook
 * @example rotate(about([0, 0, Math.PI / 3]), [1, 0, 0]) → [0.5, 0.866025, 0]
 */
export function rotate(q: Turn, v: Vec): Vec {
  const [w, x, y, z] = q;
  const u: Vec = [x, y, z];
  const t = times(cross(u, v), 2);
  return plus(plus(v, t, w), cross(u, t));
}

/**
 * The rotation about a vector by its length, rad.
 *
 * Source: textbook
 * @example about([0, 0, Math.PI / 3]) → [0.866025, 0, 0, 0.5]
 */
export function about(v: Vec): Turn {
  const angle = norm(v);
  if (angle < 1e-12) return still;
  const s = Math.sin(angle / 2) / angle;
  return [Math.cos(angle / 2), v[0] * s, v[1] * s, v[2] * s];
}

/**
 * The vector a rotation turns about, as long as it turns, rad.
 *
 * Source: textbook
 * @example axisOf([Math.cos(0.2), Math.sin(0.2), 0, 0]) → [0.4, 0, 0]
 */
export function axisOf([w, x, y, z]: Turn): Vec {
  const s = Math.hypot(x, y, z);
  if (s < 1e-12) return [0, 0, 0];
  const angle = 2 * Math.atan2(s, Math.abs(w));
  const k = (Math.sign(w) || 1) * (angle / s);
  return [x * k, y * k, z * k];
}

/**
 * A rotation that is one long again after many steps.
 *
 * Source: textbook
 * @example whole([3, 0, 4, 0]) → [0.6, 0, 0.8, 0]
 */
export function whole([w, x, y, z]: Turn): Turn {
  const long = Math.hypot(w, x, y, z) || 1;
  return [w / long, x / long, y / long, z / long];
}

/**
 * The rotation that takes one direction onto another the short way.
 *
 * Source: textbook
 * @example fromTo([1, 0, 0], [0, 2, 0]) → [0.707107, 0, 0, 0.707107]
 */
export function fromTo(a: Vec, b: Vec): Turn {
  const [from, to] = [unit(a), unit(b)];
  const c = dot(from, to);
  if (c < -0.999999) {
    const side = Math.abs(from[0]) < 0.9 ? cross(from, [1, 0, 0]) : cross(from, [0, 1, 0]);
    return about(times(unit(side), Math.PI));
  }
  const v = cross(from, to);
  return whole([1 + c, v[0], v[1], v[2]]);
}

/**
 * The direction in which vectors spread most: the first principal axis, by power iteration.
 *
 * Source: textbook
 * @example mainAxis([[1, 1, 0], [-2, -2, 0]]) → [0.707107, 0.707107, 0]
 */
export function mainAxis(vectors: readonly Vec[]): Vec {
  const m = [0, 0, 0, 0, 0, 0];
  for (const [x, y, z] of vectors) {
    m[0] = (m[0] as number) + x * x;
    m[1] = (m[1] as number) + x * y;
    m[2] = (m[2] as number) + x * z;
    m[3] = (m[3] as number) + y * y;
    m[4] = (m[4] as number) + y * z;
    m[5] = (m[5] as number) + z * z;
  }
  const [xx = 0, xy = 0, xz = 0, yy = 0, yz = 0, zz = 0] = m;
  let axis: Vec = [0.6, 0.64, 0.48];
  for (let i = 0; i < 60; i += 1)
    axis = unit([
      xx * axis[0] + xy * axis[1] + xz * axis[2],
      xy * axis[0] + yy * axis[1] + yz * axis[2],
      xz * axis[0] + yz * axis[1] + zz * axis[2],
    ]);
  return axis;
}
