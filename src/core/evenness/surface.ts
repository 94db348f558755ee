/** Places across the strokes, unfolded: where each row of a face lies in the plane the fan stands in, and which way it runs on. */
export interface Surface {
  /** m from row to row along the surface. */
  readonly step: number;
  /** m: sideways and towards the gun. */
  readonly y: Float64Array;
  readonly z: Float64Array;
  /** Unit direction in which the surface goes on. */
  readonly ty: Float64Array;
  readonly tz: Float64Array;
}

const surfaceOf = (
  length: number,
  rows: number,
  at: (t: number) => readonly [y: number, z: number, ty: number, tz: number],
): Surface => {
  const [y, z, ty, tz] = [
    new Float64Array(rows),
    new Float64Array(rows),
    new Float64Array(rows),
    new Float64Array(rows),
  ];
  const step = length / rows;
  for (let i = 0; i < rows; i += 1)
    [y[i], z[i], ty[i], tz[i]] = at((i + 0.5) * step) as [number, number, number, number];
  return { step, y, z, ty, tz };
};

/**
 * A flat face, m across the strokes.
 *
 * Source: geometry
 */
export const flatSurface = (across: number, rows: number): Surface =>
  surfaceOf(across, rows, (t) => [t, 0, 1, 0]);

/**
 * Two faces that meet at a right angle: a flat one, then a wall that rises toward the gun (an inside corner) or falls
 * away from it (an outside one).
 *
 * @param across m of the flat face
 * @param wall m of the wall
 * Source: geometry
 */
export const cornerSurface = (across: number, wall: number, rises: boolean, rows: number): Surface => {
  const way = rises ? 1 : -1;
  return surfaceOf(across + wall, rows, (t) =>
    t < across ? [t, 0, 1, 0] : [across, way * (t - across), 0, way],
  );
};

/**
 * A round bar, unrolled; its top faces the gun at the first row.
 *
 * Source: geometry
 */
export function roundSurface(diameter: number, rows: number): Surface {
  const r = diameter / 2;
  return surfaceOf(Math.PI * diameter, rows, (t) => {
    const turn = t / r;
    return [r * Math.sin(turn), r * (Math.cos(turn) - 1), Math.cos(turn), -Math.sin(turn)];
  });
}
