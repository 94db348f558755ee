import { isRefusal, type Outcome } from '../refusal';
import { nozzleFlow, nozzlePressure, slack, thickestFor, type Liquid } from './nozzle';

/** Below this opening a needle is hard to hold steady. A default. */
export const leastOpening = 0.35;

export interface FixQuestion {
  /** m */
  readonly bore: number;
  /** Pa that drive the fluid now. */
  readonly pressure: number;
  readonly liquid: Liquid;
  /** m³/s the film needs at the hand’s speed. */
  readonly flow: number;
  /** K of the paint now, Andrade’s B in K, and the warmest the sheet allows. */
  readonly temperature: number;
  readonly B: number;
  readonly warmest: number;
  /** Pa·s at the thin end of the band: thinner than that is not asked for. None for what takes no thinner, or no cup. */
  readonly thinnest?: number;
  /** Pa the next feed gives: a pressure cup for a gravity gun, a pot for a cup; none when there is none. */
  readonly nextFeed?: number;
  /** Pa this feed can be turned up to: a pot, a pump or a pressure cup has a knob. */
  readonly feedMost?: number;
}

/** One thing that could make a nozzle work, and whether it does. `to` in SI: Pa·s, K, Pa, a share, m/s ratio. */
export interface NozzleFix {
  readonly kind: 'thin' | 'warm' | 'turn-up' | 'push' | 'slower' | 'close' | 'air';
  readonly works: boolean;
  readonly to: number;
}

/**
 * What would make a nozzle work that the finder does not choose, each thing by itself.
 *
 * @returns for one that starves: thinning, warming, the feed turned up, a feed that pushes, a slower hand, and more air, which never
 *   helps; for one far too wide: how far its needle is closed. Empty for a nozzle that fits.
 * Source: the nozzle formula turned round; Andrade; 10 % slack, a default
 */
export function nozzleFixes(question: FixQuestion): Outcome<NozzleFix[]> {
  const { bore, pressure, liquid, flow, temperature, B, warmest, thinnest, nextFeed, feedMost } = question;
  const full = nozzleFlow(bore, pressure, liquid);
  if (isRefusal(full)) return full;
  const wanted = flow * slack;
  if (full >= wanted) {
    const opening = flow / full;
    return opening < leastOpening
      ? [
          { kind: 'close', works: opening >= leastOpening / 3, to: opening },
          ...(thinnest === undefined ? [] : [{ kind: 'thin' as const, works: false, to: liquid.viscosity }]),
        ]
      : [];
  }
  const viscosity = thickestFor(bore, pressure, wanted, liquid.density);
  if (isRefusal(viscosity)) return viscosity;
  const push = nozzlePressure(bore, wanted, liquid);
  if (isRefusal(push)) return push;
  // Andrade: the temperature at which the same paint is as thin as that.
  const inverse = viscosity > 0 ? 1 / temperature + Math.log(viscosity / liquid.viscosity) / B : 0;
  const warm = inverse > 0 && B > 0 ? 1 / inverse : Infinity;
  return [
    ...(thinnest === undefined
      ? []
      : [{ kind: 'thin' as const, works: viscosity >= thinnest * (1 - 1e-9), to: viscosity }]),
    { kind: 'warm', works: warm <= warmest, to: warm },
    ...(feedMost === undefined ? [] : [{ kind: 'turn-up' as const, works: push <= feedMost, to: push }]),
    ...(feedMost !== undefined && nextFeed === undefined
      ? []
      : [{ kind: 'push' as const, works: nextFeed !== undefined && push <= nextFeed, to: push }]),
    { kind: 'slower', works: full / wanted > 0.6, to: full / wanted },
    // Atomising air breaks the fluid up; what comes out of the nozzle it hardly moves.
    { kind: 'air', works: false, to: 1 },
  ];
}
