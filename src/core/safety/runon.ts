import { keptAt } from './dilution';

/** A room as far as clearing it goes: m³, m³/s, and how badly its air mixes. */
export interface ExtractedRoom {
  readonly room: number;
  readonly airFlow: number;
  readonly mixing?: number;
}

/** Air mixes badly in a room with a part in it. A default between 1 (perfectly) and 10. */
export const usualMixing = 3;
/** Before heat goes on, vapour is let fall to this share of the lower limit, and the air changed this often. Defaults. */
export const purgedTo = 0.05;
export const leastChanges = 4;

/** s the extraction runs on where nobody knows the room. A default. */
export const usualRunOn = 900;

/**
 * How long the extraction runs on after the last mist: from a quarter of the lower limit, the most that may stand, down
 * to 5 %, and four changes of air at least. V·K/Q·ln(0.25/0.05).
 *
 * @param place m³ of room, m³/s of extraction, how badly the air mixes
 * @returns s
 * Formula: V·K/Q·ln(0.25/0.05), four changes at least
 * Source: a purge of air changes
 * @example 45 m³, 3.75 m³/s, K 1: 48 s
 * @example runOn({ room: 45, airFlow: 3.75, mixing: 1 }) → 48
 */
export const runOn = ({ room, airFlow, mixing = usualMixing }: ExtractedRoom): number =>
  Math.max(((room * mixing) / airFlow) * Math.log(keptAt / purgedTo), (leastChanges * room) / airFlow);
