import { handGuide, strokeCount, type HandGuide } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Face } from '@/records';
import { sprayedFaces } from './byhand';
import type { OperatingPoint } from './point';
import type { Worked } from './worked';

/** How to move over one face. */
export interface StrokeGuide {
  readonly face: Face;
  readonly strokes: number;
  /** Length of a stroke with its lead-in and lead-out, m, and its seconds. */
  readonly length: number;
  readonly seconds: number;
  /** Where each stroke lies. */
  readonly guide: Outcome<HandGuide>;
}

/** The stroke starts and ends this far off the part, m. A default. */
export const usualLead = 0.1;

type At = Pick<OperatingPoint, 'spacing' | 'speed' | 'fan'>;

/** The strokes of one pass over each face that is sprayed, at a point. */
export const strokesOver = ({ part, approach }: Pick<Worked, 'part' | 'approach'>, at: At): StrokeGuide[] =>
  sprayedFaces(part).map((face) => strokesOn(face, approach, at));

/** The same of one face, whatever it is coated by. */
export function strokesOn(
  face: Face,
  approach: Pick<Worked['approach'], 'lead'>,
  { spacing, speed, fan }: At,
): StrokeGuide {
  const lead = approach.lead ?? usualLead;
  const [along, across] = [Math.max(face.width, face.height), Math.min(face.width, face.height)];
  const length = along + 2 * lead;
  const guide = handGuide({ kind: face.surface ?? 'flat', along, across, spacing, speed, fan, lead });
  return {
    face,
    strokes: isRefusal(guide) ? strokeCount(across, spacing) : guide.strokes.length,
    length,
    seconds: length / speed,
    guide,
  };
}

/** Which way the strokes of a face run, as one stands before it: the horns of a cap follow them. */
export type StrokeRun = 'level' | 'upright' | 'along';

/** Strokes run along the longer side; over what lies they run along it, whichever way that is. */
export const strokeRun = ({ width, height, lies }: Pick<Face, 'width' | 'height' | 'lies'>): StrokeRun =>
  lies === 'upright' ? (width >= height ? 'level' : 'upright') : 'along';

/** All faces, their count and their sides. */
export const timesOver = ({ count, sides = 1 }: Face): number => count * sides;

/** s with the trigger pulled for one pass over the whole part, turning the gun not counted. */
export const secondsOf = (strokes: readonly StrokeGuide[]): number =>
  strokes.reduce((sum, each) => sum + timesOver(each.face) * each.strokes * each.seconds, 0);

/** m² that the strokes of one pass sweep over a face, what passes its edges and ends with it. */
export const sweptOf = ({ face, strokes, length }: StrokeGuide, spacing: number): number =>
  timesOver(face) * strokes * length * spacing;
