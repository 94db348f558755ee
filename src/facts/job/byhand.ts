import { byOtherWay, wayFacts, type HandMethod } from '@/core/elements';
import { isRefusal } from '@/core/refusal';
import type { Face } from '@/records';
import type { Worked } from './worked';

/** What a face is coated by, where it is not the gun. */
export const byHand = ({ method }: Pick<Face, 'method'>): HandMethod | undefined => method;

/** The faces the gun coats. */
export const sprayedFaces = ({ faces }: Pick<Worked['part'], 'faces'>): readonly Face[] =>
  faces.filter((face) => !byHand(face));

/** m² of a face, all of them and all sides. */
export const areaOfFace = ({
  width,
  height,
  count,
  sides = 1,
  shape = 1,
}: Pick<Face, 'width' | 'height' | 'count' | 'sides' | 'shape'>): number =>
  width * height * count * sides * shape;

/** m of edges that a hand cuts in: outlines and openings, on every side. */
export const edgesOf = ({ width, height, count, sides = 1, openings = [] }: Face): number =>
  count *
  sides *
  openings.reduce(
    (sum, { width: w, height: h, round }) => sum + (round ? (Math.PI / 2) * (w + h) : 2 * (w + h)),
    2 * (width + height),
  );

/**
 * s that a face takes by hand over some coats, all of them and all sides.
 *
 * @param wetFilms m, of each coat
 */
export function handSeconds(face: Face, method: HandMethod, wetFilms: readonly number[]): number {
  const wet = wetFilms.reduce((sum, each) => sum + each, 0);
  const found = byOtherWay(method, areaOfFace(face), edgesOf(face), wet);
  return isRefusal(found) ? 0 : found.time;
}

/** s that some coats take on the faces that are not sprayed. */
export const byHandSeconds = (
  { faces }: Pick<Worked['part'], 'faces'>,
  wetFilms: readonly number[],
): number =>
  faces.reduce((sum, face) => {
    const method = byHand(face);
    return sum + (method ? handSeconds(face, method, wetFilms) : 0);
  }, 0);

/** m³ of mix that one film takes on a face laid by hand, what roller and brush keep with it. */
export const handPaint = (face: Face, method: HandMethod, wet: number): number =>
  (wet * areaOfFace(face)) / wayFacts[method].lands;

/** m³ of mix that one film takes on all faces that are not sprayed. */
export const handPaintOf = ({ faces }: Pick<Worked['part'], 'faces'>, wet: number): number =>
  faces.reduce((sum, face) => {
    const method = byHand(face);
    return sum + (method ? handPaint(face, method, wet) : 0);
  }, 0);

/**
 * Share of the mix that ends on the part, over what is sprayed and what is laid by hand: so much mix as the faces ask for,
 * each by its own way.
 *
 * @param transfer of the gun
 */
export function keptOver({ faces }: Pick<Worked['part'], 'faces'>, transfer: number): number {
  const whole = faces.reduce((sum, face) => sum + areaOfFace(face), 0);
  const taken = faces.reduce((sum, face) => {
    const method = byHand(face);
    return sum + areaOfFace(face) / (method ? wayFacts[method].lands : transfer);
  }, 0);
  return taken > 0 ? whole / taken : transfer;
}
