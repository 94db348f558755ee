import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { atmospheric, gasConstant, keptAt, type Vapour } from './dilution';
import { leastChanges, purgedTo, usualMixing } from './runon';

export interface VentilationQuestion {
  /** kg of solvent let go into the air, and s over which it is. */
  readonly solvent: number;
  readonly seconds: number;
  readonly vapour: Vapour;
  /** K of the air */
  readonly temperature: number;
  /** m³/s that the extraction moves. */
  readonly airFlow: number;
  /** Open face the air comes in through, m. */
  readonly face?: { readonly width: number; readonly height: number };
  /** m³ of room or booth. */
  readonly room: number;
  /** How badly the air mixes, 1 for perfectly: divides what the flow is worth. */
  readonly mixing?: number;
}

export interface VentilationFound {
  /** m³ of air that keeps all of it at a quarter of the lower limit. */
  readonly air: number;
  /** m³/s that takes while it is let go, mixing reckoned with; and what the extraction moves of that. */
  readonly needed: number;
  readonly enough: boolean;
  /** Share of the lower limit where the air has settled, mixing reckoned with. */
  readonly level: number;
  /** m/s through the open face. */
  readonly faceVelocity?: number;
  /** Changes of the room's air an hour. */
  readonly changes: number;
  /** s of extraction after the last stroke before heat is put on: down to 5 % of the limit, and four changes at least. */
  readonly purge: number;
}

/** Face velocity that carries mist away without stirring dust, m/s: defaults; local codes decide. */
export const faceVelocities = { least: 0.4, usual: 0.5, most: 0.75 };

/**
 * Ventilation as a fire figure: air for a quarter of the lower limit, what the extraction reaches, how the face draws,
 * and how long to purge before drying.
 *
 * Level where the air has settled: c = s·(R·T/p)/M·K/Q, with K the mixing factor. Purge: V·K/Q·ln(c/c₁). It does not
 * make the air fit to breathe: exposure limits ask for many times as much air, and hot ovens for more as well.
 * Formula: V·K/Q·ln(4) and more
 * Source: mixing of air with factor K
 * @example ventilation({ solvent: 1, seconds: 600, vapour: { molarMass: 0.10617, lowerLimit: 0.01 }, temperature: 293.15, airFlow: 0.1, room: 45, mixing: 1 }) → { air: 90.6287, needed: 0.151048, enough: false, level: 0.377619, changes: 8, purge: 1800 }
 */
export function ventilation(question: VentilationQuestion): Outcome<VentilationFound> {
  const { solvent, seconds, vapour, temperature, airFlow, face, room, mixing = usualMixing } = question;
  const wrong = refuseUnlessPositive({
    'spraying time': seconds,
    'air the extraction moves': airFlow,
    'volume of the room': room,
    temperature,
    'molar mass of the solvent': vapour.molarMass,
    'lower limit of the solvent': vapour.lowerLimit,
    ...(face ? { 'width of the face': face.width, 'height of the face': face.height } : {}),
  });
  if (wrong) return wrong;
  if (!(solvent >= 0)) return refuse('solvent', 'Solvent evaporated cannot be below zero.');
  if (!(mixing >= 1 && mixing <= 10))
    return refuse('mixing', 'The mixing factor lies between 1, perfectly mixed, and 10.');
  // m³ of vapour, and of air it fills to its lower limit.
  const gas = (solvent * gasConstant * temperature) / atmospheric / vapour.molarMass;
  const air = gas / vapour.lowerLimit / keptAt;
  const needed = (air / seconds) * mixing;
  const level = ((gas / seconds) * mixing) / airFlow / vapour.lowerLimit;
  const purge = Math.max(
    ((room * mixing) / airFlow) * Math.log(Math.max(level / purgedTo, 1)),
    solvent > 0 ? (leastChanges * room) / airFlow : 0,
  );
  return {
    air,
    needed,
    enough: airFlow >= needed,
    level,
    ...(face ? { faceVelocity: airFlow / (face.width * face.height) } : {}),
    changes: (airFlow / room) * 3600,
    purge,
  };
}
