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
  ['base', /\bbase\b|(?:component|comp\.?|part) ?a\b|stammlack|\bresin\b|\blacquer\b|\bpaint\b/],
] as const;

/** Whose density it is: by the words right before it, else by its column, else by its row. */
function whose({ quantity, after, clause: { text, label, column } }: Claim): keyof PartDensities | undefined {
  const before = text.slice(0, quantity.from).split(/[,;|]/).at(-1)?.toLowerCase() ?? '';
  // “A 1.45 g/cm³ | B 0.98 g/cm³”
  const [, letter] = /^[\s(]*([ab])[\s):]*$/.exec(before) ?? [];
  // “1.18 (A), 1.02 (B)”
  const [, behind] = /^\s*\(([ab])\)/.exec(after) ?? [];
  const own = letter ?? behind;
  if (own) return own === 'a' ? 'base' : 'hardener';
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
    if (claim.id !== 'density') continue;
    const value = weighs(claim);
    if (value === undefined || value < 600 || value > 2500) continue;
    const part = whose(claim);
    if (part && !found[part]) found[part] = claim;
  }
  const stated = Object.fromEntries(Object.entries(found).map(([part, claim]) => [part, weighs(claim)]));
  const beside = claims
    .filter(({ id }) => id === 'density')
    .map((claim) => ({ claim, parts: besideIt(claim) }));
  const value = Object.assign({}, ...beside.map(({ parts: own }) => own), stated) as PartDensities;
  const first =
    Object.values(found)[0] ?? beside.find(({ parts: own }) => Object.keys(own).length > 0)?.claim;
  return first && { value, claim: first, sure: 0.85 };
}

/** kg/m³; a number alone is a specific gravity. */
function weighs({ quantity: { kind, min, max } }: Claim): number | undefined {
  if (kind === 'concentration') return (min + max) / 2;
  return kind === 'bare' && max < 10 ? ((min + max) / 2) * 1000 : undefined;
}

/**
 * Parts that go without a unit beside the mix: “Density 0.97 kg/L (lacquer 0.98, hardener 0.90)”, or in cells of their own:
 * “hardener 0.99 | mixture 1.39 kg/L”.
 */
function besideIt({ quantity, clause: { text, label } }: Claim): PartDensities {
  const [, inside = ''] = /^\s*\(([^)]*)\)/.exec(text.slice(quantity.to)) ?? [];
  return Object.fromEntries(
    [label, ...inside.split(/[,;]\s+/)].flatMap((each) => {
      const [, words = '', number = ''] = /^(\D+?)\s*(\d[.,]\d{1,3})$/.exec(each.trim()) ?? [];
      const part = parts.find(([, pattern]) => pattern.test(words.toLowerCase()))?.[0];
      return part ? [[part, Number(number.replace(',', '.')) * 1000]] : [];
    }),
  );
}
