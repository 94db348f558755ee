import type { Claim } from './claims';
import type { Found } from './choose';
import type { PartDensities } from './reading';

const ofMix = /mix|ready|a\/b|a\+b|blend|catalysed|catalyzed|gemisch|m[ée]lange|mezcla/;
const parts = [
  ['thinner', /thinner|reducer|diluent|verd[uü]nn|diluant|diluyente/],
  [
    'hardener',
    /hardener|activator|curing agent|converter|catalyst|(?:component|comp\.?|part) ?b\b|h[aä]rter|durcisseur|endurecedor/,
  ],
  ['base', /\bbase\b|(?:component|comp\.?|part) ?a\b|stammlack|\bresin\b/],
] as const;

/** Whose density it is: by the words right before it, else by its column, else by its row. */
function whose({ quantity, after, clause: { text, label, column } }: Claim): keyof PartDensities | undefined {
  const before = text.slice(0, quantity.from).split(/[,;|]/).at(-1)?.toLowerCase() ?? '';
  // “A 1.45 g/cm³ | B 0.98 g/cm³”
  const [, letter] = /^[\s(]*([ab])[\s):]*$/.exec(before) ?? [];
  if (letter) return letter === 'a' ? 'base' : 'hardener';
  const said = [before, after, column.toLowerCase(), label.toLowerCase()].find(
    (words) => ofMix.test(words) || parts.some(([, pattern]) => pattern.test(words)),
  );
  if (said === undefined || ofMix.test(said)) return undefined;
  return parts.find(([, pattern]) => pattern.test(said))?.[0];
}

/**
 * Densities that are said of no part: what one part weighs is not what the mix does.
 *
 * Source: the words of product sheets
 */
export const ofNoPart = (claims: readonly Claim[]): Claim[] => claims.filter((claim) => !whose(claim));

/**
 * Densities of the parts of a mix and of its thinner, kg/m³, where the sheet states them apart from the mix.
 *
 * Source: first principles. Worked: “base 1.18 kg/L, hardener 1.02 kg/L, mixed 1.15 kg/L” is 1180 and 1020.
 */
export function partDensities(claims: readonly Claim[]): Found<PartDensities> | undefined {
  const found: Partial<Record<keyof PartDensities, Claim>> = {};
  for (const claim of claims) {
    const { id, quantity } = claim;
    if (id !== 'density' || quantity.kind !== 'concentration') continue;
    if (quantity.min < 600 || quantity.max > 2500) continue;
    const part = whose(claim);
    if (part && !found[part]) found[part] = claim;
  }
  const [first] = Object.values(found);
  if (!first) return undefined;
  const value = Object.fromEntries(
    Object.entries(found).map(([part, { quantity }]) => [part, (quantity.min + quantity.max) / 2]),
  );
  return { value, claim: first, sure: 0.85 };
}
