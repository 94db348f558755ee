import type { Claim } from './claims';
import type { Clause } from './clauses';
import { best, type Found } from './choose';
import { partsListed } from './partslisted';
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
        quantity.kind === 'dose' || alsoDose(clause, quantity) || /vol\b|volume|v\/v|vol\.|vol-?%/.test(said)
          ? 'volume'
          : /weight|mass|\bwt\b|w\/w|gew/.test(said)
            ? 'mass'
            : undefined;
      const of = ofWhat(said, quantity.kind === 'dose');
      // “10 % (max. 15 %)”: the usual and the most.
      const more = own.find(
        (each) => each.clause === clause && each.quantity.bound === 'max' && each.quantity.max > quantity.max,
      );
      const name = nameIn(clause) ?? onlyName(clauses);
      const kind: Pick<Thinning, 'by' | 'of' | 'name'> = {
        ...(by ? { by } : {}),
        ...(of ? { of } : {}),
        ...(name ? { name } : {}),
      };
      if (more) return { max: more.quantity.max, ...kind };
      const most =
        quantity.bound === 'max' ||
        /^(?:\s*(?:max|or less|at (?:the )?most|as a maximum)|[^.;,\d]{0,36}\bmax(?:imum|\.)?(?=\W|$))/.test(
          clause.text.slice(quantity.to).toLowerCase(),
        );
      return {
        ...(most && quantity.min === quantity.max ? {} : { min: quantity.min }),
        max: quantity.max,
        ...kind,
      };
    },
  );
  const asRatio = thinnerInRatio(clauses);
  if (asRatio && (!found || found.sure < 0.9)) return asRatio;
  const listed = found ? undefined : (thinnerListed(clauses) ?? thinnerAsRatio(clauses));
  if (listed) return listed;
  const stated = clauses.find(
    (each) =>
      !/clean/i.test(each.label) &&
      (forbids.test(each.text) ||
        (/\bthin\b|thinn|reduc|dilu|verd[uü]nn/i.test(each.label) && none.test(each.text))) &&
      !own.some(({ clause }) => clause === each),
  );
  if (stated && (!found || found.sure < 0.6))
    return { value: { max: 0 }, claim: { clause: stated }, sure: 0.85 };
  return found;
}

/** “10 % (12.8 oz/gal)”: a dose of as much says that the share is of volume. */
const alsoDose = ({ quantities }: Clause, { max }: Claim['quantity']): boolean =>
  quantities.some((each) => each.kind === 'dose' && Math.abs(each.max - max) <= 0.05 * max);

/** “Reduction: 1:1 to 1:1.5, lacquer : thinner” */
function thinnerAsRatio(clauses: readonly Clause[]): Found<Thinning> | undefined {
  const pair = String.raw`(\d+(?:[.,]\d+)?)\s*:\s*(\d+(?:[.,]\d+)?)(?!\s*:)`;
  const pattern = new RegExp(String.raw`(?<![\d:.,])${pair}(?:\s*(?:to|[-–])\s*${pair})?`);
  for (const clause of clauses) {
    if (!/thinn|reduc|dilu/i.test(clause.label) || /mix/i.test(clause.label)) continue;
    const match = pattern.exec(clause.text);
    if (!match) continue;
    const [base, thinner, base2 = base, thinner2 = thinner] = match
      .slice(1)
      .map((each) => (each === undefined ? undefined : Number(each.replace(',', '.'))));
    if (!base || !thinner || !base2 || !thinner2) continue;
    const shares = [thinner / base, thinner2 / base2];
    const name = nameIn(clause);
    return {
      value: {
        min: Math.min(...shares),
        max: Math.max(...shares),
        by: /weight|mass|\bwt\b/i.test(`${clause.label} ${clause.text}`) ? 'mass' : 'volume',
        of: 'base',
        ...(name ? { name } : {}),
      },
      claim: { clause },
      sure: 0.75,
    };
  }
  return undefined;
}

/** “Lacquer : reducer R 25 = 100 : 60 by volume” */
function thinnerInRatio(clauses: readonly Clause[]): Found<Thinning> | undefined {
  for (const clause of clauses) {
    const match =
      /^(?:[^:=\d]{2,30}:\s*)?((?:thinner|reducer|diluent)[^:=]{0,20}?)\s*[=:]\s*(\d+(?:[.,]\d+)?)\s*:\s*(\d+(?:[.,]\d+)?)(?!\s*:)/i.exec(
        clause.text,
      );
    const [, named = '', base, thinner] = match ?? [];
    if (!base || !thinner) continue;
    const share = Number(thinner.replace(',', '.')) / Number(base.replace(',', '.'));
    if (!(share > 0 && share <= 2)) continue;
    const name = onlyName([{ ...clause, label: 'Thinner', text: named }]);
    return {
      value: {
        min: share,
        max: share,
        by: /weight|mass|\bwt\b/i.test(clause.text) ? 'mass' : 'volume',
        of: 'base',
        ...(name ? { name } : {}),
      },
      claim: { clause },
      sure: 0.8,
    };
  }
  return undefined;
}

/** “C: Thinner 914 · 10-20 parts by weight” on a hundred of the base. */
function thinnerListed(clauses: readonly Clause[]): Found<Thinning> | undefined {
  const parts = partsListed(clauses);
  const [base] = parts ?? [];
  const own = parts?.find(({ thins }) => thins);
  if (!base || base.thins || !own) return undefined;
  const name = nameIn(own.clause) ?? onlyName([own.clause]);
  return {
    value: {
      min: own.min / base.max,
      max: own.max / base.max,
      by: own.by,
      of: 'base',
      ...(name ? { name } : {}),
    },
    claim: { clause: own.clause },
    sure: 0.85,
  };
}

/** A code the maker calls its thinner by: `OT-2`, `T 410`. */
function nameIn({ label, text }: Clause): string | undefined {
  const said = `${label}: ${text}`;
  const coded =
    /(?:[Tt]hinner|[Rr]educer|[Dd]iluent)s?:? (?:no\.? )?([A-Z]{1,4}(?:-\w+|\d[\w-]*| \d{2,4}))(?=[\s,(;.]|$)/.exec(
      said,
    )?.[1];
  // “Thinning: Thinner 110 to 25–30 s”: a number alone is no name.
  return coded ?? /^\s*((?:Thinner|Reducer) \d{2,4})(?=[\s,(;.]|$)(?!\s*(?:%|g\b|ml))/.exec(text)?.[1];
}

/** What a row of its own calls the thinner, where one alone is named: “Thinner / cleaner: Thinner 420”, `EV 42`. */
function onlyName(clauses: readonly Clause[]): string | undefined {
  const named = clauses
    .filter(
      ({ label, heading }) => /thinn|reduc|dilu/i.test(label) || (label === '' && /thinn/i.test(heading)),
    )
    .flatMap(
      ({ text }) =>
        /^(?:[Tt]hinner |[Rr]educer |[Dd]iluent )?(?:no\.? )?([A-Z]{1,4}(?:-\w+|\d[\w-]*| \d{2,4})|(?<=[a-z.] )\d{2,4})(?=$|[,;(])/.exec(
          text.trim(),
        )?.[1] ?? [],
    );
  const [name] = named;
  if (new Set(named).size !== 1 || !name) return undefined;
  // A number alone is no name: “Thinner 420”.
  return /^\d/.test(name) ? `Thinner ${name}` : name;
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
