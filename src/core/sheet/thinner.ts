import type { Claim } from './claims';
import type { Clause } from './clauses';
import { best, type Found } from './choose';
import type { SheetFacts } from './reading';

type Thinning = NonNullable<SheetFacts['thinner']>;

const forbids =
  /(?:do not|don.t|never|must not|not to be|should not|may not|shall not|cannot|nicht|ne pas|no se debe)(?: be)? ?(?:thin|dilu|reduc|verd[uü]nn)\w*(?!\s+(?:\w+\s+){0,3}(?:with|more|beyond|over|further|above|than|by))|(?:thinning|dilution|reduction|thinner)s?(?: is| are)?(?: strictly)? (?:not (?:permitted|allowed|recommended|to be used|possible)|prohibited|forbidden)|\bno (?:thinning|thinner|reducer|reduction|dilution|reducing)(?! (?:is )?(?:required|needed|necessary|normally))|nicht verd[uü]nnen|ne pas diluer|no diluir/i;
const none =
  /^\s*(?:none|nil|never|not (?:permitted|allowed|to be)|do not|must not|forbidden|prohibited|no\b(?! (?:thinning|thinner) (?:is )?(?:required|needed)))/i;

/**
 * How far it may be thinned. A sheet that forbids thinning states a maximum of nothing; one that is silent states none.
 *
 * Source: the words of product sheets
 */
export function thinning(claims: readonly Claim[], clauses: readonly Clause[]): Found<Thinning> | undefined {
  const own = claims.filter(
    ({ id, quantity, clause, near }) =>
      id === 'thinner' &&
      (quantity.kind === 'share' ? quantity.max <= 1 : true) &&
      !/solids|gloss/.test(near) &&
      !/voc/i.test(clause.label),
  );
  const found = best(
    own,
    ({ near, clause, quantity }) =>
      (clause.quantities.some(({ kind }) => kind === 'concentration') ? 10 : 0) +
      (quantity.kind === 'dose' && clause.quantities.some(({ kind }) => kind === 'share') ? 6 : 0) +
      (/clean|flush|brush|roller|retarder|slow/.test(near) ? 8 : 0) +
      (/spray/.test(`${near} ${clause.heading.toLowerCase()}`) ? -2 : 0) +
      (/airless/.test(`${near} ${clause.heading.toLowerCase()}`) ? 5 : 0),
    ({ quantity, clause }): Thinning => {
      const said = `${clause.label} ${clause.column} ${clause.text}`.toLowerCase();
      const by: Thinning['by'] =
        quantity.kind === 'dose' || /vol\b|volume|v\/v|vol\.|vol-?%/.test(said)
          ? 'volume'
          : /weight|mass|\bwt\b|w\/w|gew/.test(said)
            ? 'mass'
            : undefined;
      const of = ofWhat(said, quantity.kind === 'dose');
      // “10 % (max. 15 %)”: the usual and the most.
      const more = own.find(
        (each) => each.clause === clause && each.quantity.bound === 'max' && each.quantity.max > quantity.max,
      );
      const name = nameIn(clause);
      const kind: Pick<Thinning, 'by' | 'of' | 'name'> = {
        ...(by ? { by } : {}),
        ...(of ? { of } : {}),
        ...(name ? { name } : {}),
      };
      if (more) return { max: more.quantity.max, ...kind };
      const most =
        quantity.bound === 'max' || /^\s*(?:max|or less)/.test(clause.text.slice(quantity.to).toLowerCase());
      return {
        ...(most && quantity.min === quantity.max ? {} : { min: quantity.min }),
        max: quantity.max,
        ...kind,
      };
    },
  );
  const stated = clauses.find(
    (each) =>
      !/clean/i.test(each.label) &&
      (forbids.test(each.text) ||
        (/thinn|reduc|dilu|verd[uü]nn/i.test(each.label) && none.test(each.text))) &&
      !own.some(({ clause }) => clause === each),
  );
  if (stated && (!found || found.sure < 0.6))
    return { value: { max: 0 }, claim: { clause: stated }, sure: 0.85 };
  return found;
}

/** A code the maker calls its thinner by: `OT-2`, `T 410`. */
function nameIn({ label, text }: Clause): string | undefined {
  const said = `${label}: ${text}`;
  return /(?:[Tt]hinner|[Rr]educer|[Dd]iluent)s?:? (?:no\.? )?([A-Z]{1,4}(?:-\w+|\d[\w-]*| \d{2,4}))(?=[\s,(;.]|$)/.exec(
    said,
  )?.[1];
}

function ofWhat(said: string, dose: boolean): 'base' | 'mix' | undefined {
  if (
    /(?:of|on|to|into|in) (?:the )?(?:total|whole|ready |activated |catalysed |catalyzed |combined )?(?:mix|mixture|mixed|blend)\w*/.test(
      said,
    )
  )
    return 'mix';
  if (
    /(?:of|on|to|into|in) (?:the )?(?:base|paint|component a|comp\.? ?a|part a|lacquer|product|resin|primer|enamel|clear|unthinned|lack)/.test(
      said,
    )
  )
    return 'base';
  return dose ? 'base' : undefined;
}
