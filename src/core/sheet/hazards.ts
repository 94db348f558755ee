import type { Clause, Spoken } from './clauses';
import type { Found } from './choose';
import { warnings, type Warning } from './reading';

const signs: Record<Warning, RegExp> = {
  isocyanate:
    /(?<!free of |no |without )(?:di|poly)?[\s-]?iso(?:cy|ci)an\w*(?![\s-]*free)|\bHDI\b|\bMDI\b|\bTDI\b/i,
  peroxide: /peroxide|\bMEKP\b|peroxid\b/i,
  flammable:
    /(?<!non[\s-]?|not |in)(?:highly |extremely |very )?flammable|(?<!non[\s-]?|not )combustible|ignition|naked (?:flame|light)|open flame|sparks?\b|explosive|explosion|entz[uü]ndlich|entz[uü]ndbar|inflammable|inflamable|fire hazard|\bH22[4-8]\b/i,
  solvent:
    /solvent[\s-]*(?:vapou?rs?|fumes|mist|inhal)|(?:vapou?rs?|fumes) (?:of|from) (?:the )?solvent|(?:organic|volatile|contains?(?: \w+){0,3}) solvents?|vapou?rs? (?:may|can|is|are|cause|harmful|and (?:spray )?mist)|(?:inhal|breath)\w* (?:of )?(?:the )?(?:solvent |spray |organic )?(?:vapou?rs?|fumes)|drows|narcotic|l[oö]semittel(?:d[aä]mpfe|haltig)|\bH336\b/i,
  dust: /(?:sanding|grinding|abrasion|dry)[\s-]*(?:and \w+ )?dust|dust (?:from|of|mask|hazard|is|may|when|generated|created|produced)|(?:inhal|breath)\w* (?:of |the |any )*(?:\w+ (?:and|or) )?(?:\w+ )?dust|schleifstaub|poussi[eè]res? de pon[cç]age|polvo de lijado/i,
  styrene: /styren\w*|styrol/i,
  oil: /(?:rags?|cloths?|wipes?|waste)\b[^.;]{0,80}(?:by themsel\w+|spontan\w+|self[\s-]?heat\w*|heat up|catch fire|ignit\w+)|self[\s-]heating|spontaneous\w* (?:combust|ignit|heat)\w*|selbstentz[uü]nd\w*/i,
  skin: /sensiti[sz]\w*|contains?[^.;]{0,60}\b(?:epox\w*|(?:poly)?amines?|(?:meth)?acrylates?)|skin (?:irrit|contact|allerg|rash|sensi|burn)\w*|irritat\w+(?: to| of| the)?(?: eyes,?)?(?: and| or)? ?(?:the )?skin|allergic[^.;]{0,30} reaction|contact with (?:the )?(?:eyes and |eyes or )?skin|hautkontakt|haut (?:reiz|sensi)\w*|dermatitis|corros\w+ to skin|\bH31[457]\b/i,
};

/** A clause that warns: by where it stands, or by its words. */
const warning =
  /warn|caution|danger|hazard|harm|safety|health|avoid|protect|precaution|wear|respirat|toxic|irrit|sensiti|may cause|contains?|holds?|keep (?:away )?from|keep away|keep\b[^.;]{0,30}\baway\b|allerg|flammab|inhal|breath|ventilat|risk|H\d{3}|combust|\brags?\b|isocyanates? in|gefahr|vorsicht|achtung|enth[aä]lt|danger|attention|contient|peligro|contiene|contact with|entz[uü]nd|inflamm?ab|inflamm?able/i;

/** Words that tell of no danger though they sound like it. */
const harmless =
  /isocyanate[\s-]free|free (?:of|from) (?:isocyan|styren|solvent)\w*|solvent[\s-]free|styrene[\s-]free|dust[\s-]?(?:free|dry)|non[\s-]?flammable|not (?:classified as )?flammable|flash point|no (?:isocyanates?|solvents?|styrene)|remove (?:all )?(?:\w+ )?dust|dust (?:off|coat)/gi;

/**
 * What the sheet itself warns of. Its silence is no promise: hazards come from the safety data sheet.
 *
 * Source: the words of product sheets; H-statements
 */
export function hazardsOf({ clauses }: Spoken): Found<readonly Warning[]> | undefined {
  const found = new Map<Warning, Clause>();
  for (const clause of clauses) {
    const over = `${clause.heading} ${clause.label}`;
    const said = `${clause.label}: ${clause.text}`
      .replaceAll(harmless, ' ')
      .replaceAll(/styrene[^.]{0,12}vapou?rs?/gi, 'styrene');
    if (!warning.test(`${over} ${said}`)) continue;
    for (const each of warnings)
      if (!found.has(each) && signs[each].test(said) && warns(each, said, over)) found.set(each, clause);
  }
  const [first] = found.values();
  return first && { value: warnings.filter((each) => found.has(each)), claim: { clause: first }, sure: 0.8 };
}

/** What is named as a part of the mix is no warning yet. */
function warns(each: Warning, said: string, over: string): boolean {
  if (each !== 'peroxide' && each !== 'styrene' && each !== 'isocyanate') return true;
  const safety = /safe|health|hazard|precaution|warn|danger|caution|protect/i.test(over);
  return (
    safety ||
    /warn|danger|caution|hazard|harm|contains?|holds?|avoid|protect|may cause|wear|respirat|toxic|irrit|sensiti|never|keep (?:away )?from|keep away|keep\b[^.;]{0,30}\baway\b|\bin (?:the )?(?:part|component|hardener)\b|vapou?r|corros|explo|gefahr|enth[aä]lt|contient|contiene/i.test(
      said,
    )
  );
}
