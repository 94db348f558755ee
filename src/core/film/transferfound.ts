import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/**
 * Transfer efficiency from paint used and film found: solids that lie on the part ÷ solids that left the gun.
 *
 * @param film m dry, mean over the area
 * @param area m²
 * @param used m³ of mix sprayed
 * @param solids volume solids as applied
 * @returns refuses more solids on the part than left the gun
 * Source: conservation of solids. 50 µm on 4 m² from 1 L at 40 %: 0.50.
 * Formula: film × area ÷ (mix used × solids)
 * @example 50 µm, 4 m², 1 L, 40 %: 0.50
 * @example transferFound(0.00005, 4, 0.001, 0.4) → 0.5
 */
export function transferFound(film: number, area: number, used: number, solids: number): Outcome<number> {
  const wrong = refuseUnlessPositive({ film, area, 'mix used': used, 'volume solids': solids });
  if (wrong) return wrong;
  const found = (film * area) / (used * solids);
  return found <= 1
    ? found
    : refuse(
        'transfer',
        'There would be more solids on the part than left the gun. Check the mix used, the area and the gauge.',
      );
}
