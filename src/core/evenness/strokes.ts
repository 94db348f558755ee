import { handGuide, type GuideQuestion, type SurfaceKind } from '../film';
import { isRefusal, type Outcome } from '../refusal';
import type { FieldStroke } from './field';
import { cornerSurface, flatSurface, roundSurface, type Surface } from './surface';

/** How one coat goes over a face. */
export interface Passes extends GuideQuestion {
  /** m off the face; the fan is as it is there. */
  readonly distance: number;
  /** rad the gun is held off straight, all the time. */
  readonly tilt?: number;
  /** A second set of strokes across the first; flat work only. */
  readonly cross?: boolean;
}

/**
 * Flat work takes strokes both ways.
 *
 * Source: geometry
 * @example canCross('flat') → true
 */
export const canCross = (kind: SurfaceKind): boolean => kind === 'flat' || kind === 'edge' || kind === 'open';

/** m of wall that is looked at beside a corner: what one fan can reach. */
const wallOf = ({ across, fan }: Pick<Passes, 'across' | 'fan'>): number => Math.min(across, fan * 1.5);

/**
 * m of a face across its strokes, unfolded.
 *
 * Source: geometry
 * @example unfolded({ kind: 'flat', along: 1.2, across: 0.8, spacing: 0.125, speed: 0.4, fan: 0.25, distance: 0.2, lead: 0.1 }) → 0.8
 */
export const unfolded = (passes: Pick<Passes, 'kind' | 'across' | 'fan'>): number =>
  passes.kind === 'round'
    ? Math.PI * passes.across
    : passes.kind === 'inside-corner' || passes.kind === 'outside-corner'
      ? passes.across + wallOf(passes)
      : passes.across;

/**
 * The face in so many rows.
 *
 * Source: geometry
 */
export function surfaceOf(passes: Pick<Passes, 'kind' | 'across' | 'fan'>, rows: number): Surface {
  const { kind, across } = passes;
  if (kind === 'round') return roundSurface(across, rows);
  if (kind === 'inside-corner' || kind === 'outside-corner')
    return cornerSurface(across, wallOf(passes), kind === 'inside-corner', rows);
  return flatSurface(across, rows);
}

/**
 * The strokes of one coat where the gun is and as it is aimed: those the hand guide lists, and beside a corner those
 * of the wall too. The corner of an outside corner lies at the far edge of the face.
 *
 * @returns refuses what the hand guide refuses
 * Source: geometry
 */
export function fieldStrokes(passes: Passes): Outcome<FieldStroke[]> {
  const { kind, along, across, spacing, speed, fan, distance, lead, beyond = 0, cross } = passes;
  const guide = handGuide({ kind, along, across, spacing, speed, fan, lead, beyond });
  if (isRefusal(guide)) return guide;
  const r = across / 2;
  const at = (from: number, to: number, y: number, z: number, aim: number): FieldStroke => ({
    from,
    to,
    y,
    z,
    aim,
    distance,
    speed,
  });
  const leaning = Math.PI / 4;
  const aside = distance * Math.sin(leaning);
  const strokes = guide.strokes.map(({ from: [a, y], to: [b], aim }): FieldStroke => {
    if (kind === 'round')
      return at(a, b, (r + distance) * Math.sin(y / r), (r + distance) * Math.cos(y / r) - r, -y / r);
    if (aim === 'into-corner') return at(a, b, across - aside, aside, leaning);
    if (kind === 'outside-corner')
      return aim === 'onto-edge'
        ? at(a, b, across + aside, aside, -leaning)
        : at(a, b, across - y, distance, 0);
    return at(a, b, y, distance, 0);
  });
  if (kind === 'inside-corner' || kind === 'outside-corner') {
    const inside = kind === 'inside-corner';
    const wall = wallOf(passes);
    const own = handGuide({ kind, along, across: wall, spacing, speed, fan, lead });
    if (isRefusal(own)) return own;
    for (const {
      from: [a, y],
      to: [b],
      aim,
    } of own.strokes) {
      if (aim) continue;
      // Counted from the corner: inside it stops short of it, outside it begins on it.
      const off = inside ? wall - y : y;
      strokes.push(
        inside
          ? at(a, b, across - distance, off, Math.PI / 2)
          : at(a, b, across + distance, -off, -Math.PI / 2),
      );
    }
  }
  if (cross && canCross(kind)) {
    const other = handGuide({
      kind: 'flat',
      along: across,
      across: along,
      spacing,
      speed,
      fan,
      lead,
      beyond,
    });
    if (isRefusal(other)) return other;
    for (const {
      from: [a, x],
      to: [b],
    } of other.strokes)
      strokes.push({ ...at(a, b, x, distance, 0), crosswise: true });
  }
  return strokes.map((stroke) => leant(stroke, passes.tilt ?? 0));
}

/** The same stroke at the same spot with the gun leant. */
function leant(stroke: FieldStroke, tilt: number): FieldStroke {
  if (tilt === 0) return stroke;
  const { y, z, aim, distance } = stroke;
  const to = aim + tilt;
  return {
    ...stroke,
    aim: to,
    y: y + distance * (Math.sin(aim) - Math.sin(to)),
    z: z + distance * (Math.cos(to) - Math.cos(aim)),
  };
}
