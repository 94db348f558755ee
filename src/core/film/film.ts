import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

const solidsRange = (volumeSolids: number) =>
  volumeSolids > 0 && volumeSolids <= 1
    ? undefined
    : refuse('volume-solids', 'Volume solids must lie between {min} and {max}.', {
        quantity: 'share',
        value: volumeSolids,
        min: 0.01,
        max: 1,
      });

/**
 * Wet film that dries to a target: WFT = DFT ÷ volume solids as applied. m → m.
 *
 * Source: conservation of solids
 * @example wetFromDry(0.000065, 0.5) → 0.00013
 */
export function wetFromDry(dry: number, volumeSolids: number): Outcome<number> {
  return solidsRange(volumeSolids) ?? refuseUnlessPositive({ 'dry film': dry }) ?? dry / volumeSolids;
}

/**
 * Dry film a wet film leaves: DFT = WFT × volume solids as applied. m → m.
 *
 * Formula: DFT = WFT·VS
 * Source: conservation of solids
 * @example 90 µm at 32 %: 28.8 µm
 */
export function dryFromWet(wet: number, volumeSolids: number): Outcome<number> {
  return solidsRange(volumeSolids) ?? refuseUnlessPositive({ 'wet film': wet }) ?? wet * volumeSolids;
}

/**
 * Area a volume covers: VS ÷ DFT, times transfer efficiency for the practical figure.
 *
 * @param dry m
 * @param transfer 1 for the theoretical coverage
 * @returns m² per m³
 * Formula: VS/DFT, × TE in practice
 * Source: conservation of solids
 * @example 50 %, 50 µm: 10 m²/L
 * @example coverage(0.32, 0.000029, 0.55) → 6068.97
 */
export function coverage(volumeSolids: number, dry: number, transfer = 1): Outcome<number> {
  return (
    solidsRange(volumeSolids) ??
    refuseUnlessPositive({ 'dry film': dry, transfer }) ??
    (volumeSolids / dry) * transfer
  );
}
