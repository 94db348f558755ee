import type { Chemistry } from '../care';
import type { Clause } from './clauses';
import type { Found } from './choose';

/** What a sheet calls its own binder, the plainest word first: what cures by damp is two-part in no sheet’s eyes. */
const signs: readonly (readonly [Chemistry, RegExp])[] = [
  ['moisture-curing', /moisture[\s-]?cur\w+|feuchtigkeitsh[aä]rt\w+/i],
  [
    'polyester',
    /(?:unsaturated )?polyester (?:resin|gel|filler|based|putty|spray)|\bgel[\s-]?coat\b|vinyl ?ester/i,
  ],
  [
    'water-borne',
    /water[\s-]?(?:borne|based|thinn\w+|dilut\w+|reduc\w+)|wasser(?:basis|verd[uü]nn\w+|lack)|[àa] l.eau|aqueous/i,
  ],
  [
    'two-part',
    /two[\s-]?(?:part|component|pack)|\b2[\s-]?k\b|2[\s-]?component|(?:base|part a) and (?:hardener|part b)|zweikomponent\w*|bicomposant\w*|bicomponente\w*/i,
  ],
  ['lacquer', /nitro[\s-]?cellulose(?![\s-]?free)|cellulose lacquer|\bcellulose (?:nitrate|acetate)/i],
  ['oil-based', /\balkyd\b|oil[\s-]based|long[\s-]oil|linseed|kunstharzlack/i],
  ['solvent-borne', /solvent[\s-]?(?:borne|based)|l[oö]semittelhaltig/i],
];
/** A binder named for what it goes over, or is not to meet, is another product’s. */
const another =
  /\b(?:over|on|onto|to|with|compatible|not|old|existing|previous|after|before|primer|topcoat|top coat) (?:\w+ ){0,3}$/i;

/**
 * What the product is by its own words, near the top of its paper.
 *
 * Source: the words of product sheets
 */
export function chemistryOf(clauses: readonly Clause[]): Found<Chemistry> | undefined {
  const early = clauses.filter(({ line }) => line <= 25);
  for (const [chemistry, pattern] of signs)
    for (const clause of early) {
      const said = `${clause.label} ${clause.text}`;
      const match = pattern.exec(said);
      if (match && !another.test(said.slice(0, match.index)))
        return { value: chemistry, claim: { clause }, sure: 0.8 };
    }
  return undefined;
}
