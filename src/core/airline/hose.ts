import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/** Air: specific gas constant, J/(kg·K); viscosity, Pa·s; the atmosphere, Pa. */
const gas = 287.05;
const viscosity = 1.82e-5;
export const atmosphere = 101325;
/** Wall roughness of a smooth hose, m. */
const roughness = 1.5e-6;
/** What one quick coupling loses, in velocity heads. A default. */
const couplingHeads = 3;

export interface AirHose {
  /** m */
  readonly bore: number;
  /** m */
  readonly length: number;
  /** Quick couplings along it. */
  readonly couplings?: number;
}

/**
 * Gauge pressure at the far end of an air hose while air flows.
 *
 * @param freeAir m³/s of free air, at the atmosphere and `temperature`
 * @param inlet gauge pressure where the hose begins, Pa
 * @param temperature K
 * @returns Pa gauge; refuses a hose that cannot pass the flow
 * Source: Darcy–Weisbach, isothermal compressible flow, p₁² − p₂² = (fL/D + ΣK + 2 ln(p₁/p₂))·G²RT; friction
 * factor of Haaland (1983); roughness 1.5 µm.
 * Formula: p₁² − p₂² = (fL/D + ΣK + 2 ln(p₁/p₂))·G²RT
 * @example 350 L/min, 3 bar, 10 m: 8 mm 0.56 bar, 10 mm 0.18
 * @example hoseOutlet(0.00521243397480954, 1200000, { bore: 0.009, length: 10 }, 293.15) → 1.19252e+06
 */
export function hoseOutlet(
  freeAir: number,
  inlet: number,
  { bore, length, couplings = 0 }: AirHose,
  temperature = 293.15,
): Outcome<number> {
  const wrong = refuseUnlessPositive({
    'hose bore': bore,
    'hose length': length,
    'pressure at the wall': inlet,
    temperature,
  });
  if (wrong) return wrong;
  if (!(freeAir >= 0))
    return refuse('air-flow', 'The air the gun takes must be zero or more.', { quantity: 'airFlow' });
  if (freeAir === 0) return inlet;
  const rt = gas * temperature;
  const mass = (freeAir * atmosphere) / rt;
  const flux = mass / ((Math.PI / 4) * bore ** 2);
  const reynolds = (flux * bore) / viscosity;
  const friction =
    reynolds < 2300
      ? 64 / reynolds
      : (-1.8 * Math.log10((roughness / bore / 3.7) ** 1.11 + 6.9 / reynolds)) ** -2;
  const losses = (friction * length) / bore + couplings * couplingHeads;
  const first = inlet + atmosphere;
  let last = first;
  for (let i = 0; i < 40; i += 1) {
    const square = first ** 2 - (losses + 2 * Math.log(first / last)) * flux ** 2 * rt;
    // Where the pressure has fallen to the flow’s own sound limit no more air passes, whatever the wall gives.
    if (square <= flux ** 2 * rt || !(square > atmosphere ** 2))
      return refuse('hose-chokes', 'This hose cannot pass {value}. Take a wider or shorter one.', {
        quantity: 'airFlow',
        value: freeAir,
      });
    const next = Math.sqrt(square);
    if (Math.abs(next - last) < 0.01) break;
    last = next;
  }
  return last - atmosphere;
}

/**
 * Gauge pressure to set at the wall so that the gun has what it needs while flowing.
 *
 * @param wanted Pa gauge at the gun
 * @returns Pa gauge; refuses a hose that would need more than `most`
 * Source: Darcy–Weisbach, isothermal; Haaland 1983
 * @example wallPressure(0.00521243397480954, 136372.1347804675, { bore: 0.009, length: 10 }) → 174605
 */
export function wallPressure(
  freeAir: number,
  wanted: number,
  hose: AirHose,
  most = 12e5,
  temperature = 293.15,
): Outcome<number> {
  const wrong = refuseUnlessPositive({
    'pressure at the gun': wanted,
    'hose bore': hose.bore,
    'hose length': hose.length,
  });
  if (wrong) return wrong;
  let low = wanted;
  let high = most;
  const enough = (inlet: number) => {
    const outlet = hoseOutlet(freeAir, inlet, hose, temperature);
    return typeof outlet === 'number' && outlet >= wanted;
  };
  if (!enough(high))
    return refuse(
      'hose-too-small',
      'No wall pressure up to {max} gives the gun what it needs through this hose.',
      {
        quantity: 'pressure',
        max: most,
      },
    );
  if (enough(low)) return low;
  for (let i = 0; i < 50; i += 1) {
    const middle = (low + high) / 2;
    if (enough(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** What a change of the hose gains. */
export interface HoseFix {
  readonly id: 'wider' | 'shorter' | 'fewer-couplings';
  readonly hose: AirHose;
  /** Pa more at the gun than now. */
  readonly gains: number;
}

/**
 * The usual next bore, half the length, couplings off: each by itself, and what it gains at the gun.
 *
 * Source: Darcy–Weisbach, isothermal; Haaland 1983
 */
export function hoseFixes(freeAir: number, inlet: number, hose: AirHose): HoseFix[] {
  const now = hoseOutlet(freeAir, inlet, hose);
  const before = typeof now === 'number' ? now : 0;
  const bores = [6e-3, 8e-3, 10e-3, 13e-3, 19e-3];
  const next = bores.find((bore) => bore > hose.bore + 1e-6);
  const tries: Omit<HoseFix, 'gains'>[] = [
    ...(next ? [{ id: 'wider' as const, hose: { ...hose, bore: next } }] : []),
    { id: 'shorter', hose: { ...hose, length: hose.length / 2 } },
    ...((hose.couplings ?? 0) > 1
      ? [{ id: 'fewer-couplings' as const, hose: { ...hose, couplings: 1 } }]
      : []),
  ];
  return tries
    .map((each) => {
      const after = hoseOutlet(freeAir, inlet, each.hose);
      return { ...each, gains: typeof after === 'number' ? after - before : 0 };
    })
    .sort((a, b) => b.gains - a.gains);
}
