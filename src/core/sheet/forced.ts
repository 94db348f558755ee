import type { Clause } from './clauses';
import type { Found } from './choose';
import type { Quantity } from './quantities';
import type { SheetFacts } from './reading';

type Forced = NonNullable<SheetFacts['forced']>;

const heated =
  /forc(?:e|ed)[\s-]?(?:dr\w+|cur\w+)|bak(?:e|ed|ing)\b|stov\w+|\boven\b|low[\s-]bake|ofentrocknung|[ée]tuvage/i;
/** What comes before the oven, or only bears it, is not the drying in it. */
const before = /(?:before|prior to) (?:the )?(?:bak|stov|oven|forc|low)|flash|withstand|resist|service/i;
/** K: warmer than any room, and colder than what chars a film. */
const ends = { min: 311, max: 523 };

const apart = (a: Quantity, b: Quantity): number => (a.from >= b.to ? a.from - b.to : b.from - a.to);

/**
 * Forced drying: how warm, and how long then, where the sheet names both in one breath or one column.
 *
 * Source: first principles. Worked: “Force dry: 30 min at 60 °C” is 1800 s at 333.15 K.
 */
export function forced(clauses: readonly Clause[]): Found<Forced> | undefined {
  for (const clause of clauses) {
    const over = `${clause.label} ${clause.column} ${clause.heading}`;
    if (!heated.test(`${over} ${clause.text}`)) continue;
    const warmths = clause.quantities.filter(
      ({ kind, min, max }) => kind === 'temperature' && min >= ends.min && max <= ends.max,
    );
    for (const time of clause.quantities) {
      if (time.kind !== 'time' || time.min < 120 || time.max > 86_400) continue;
      const since = Math.max(0, ...clause.quantities.map(({ to }) => (to <= time.from ? to : 0)));
      // “10 min flash, then 30 min at 70 °C”: what stands before “then” is of the other.
      const ahead =
        clause.text
          .slice(since, time.from)
          .split(/\bthen\b/)
          .at(-1) ?? '';
      const [behind = ''] = clause.text.slice(time.from, time.to + 24).split(/\bthen\b/);
      const own = ahead + behind;
      if (before.test(`${clause.label} ${own}`)) continue;
      const [near] = warmths.toSorted((a, b) => apart(a, time) - apart(b, time));
      const warm = near ? (near.min + near.max) / 2 : clause.temperature;
      if (warm === undefined || warm < ends.min || warm > ends.max) continue;
      // A range of times: the longer, so that it is dry.
      return { value: { temperature: warm, seconds: time.max }, claim: { clause }, sure: 0.8 };
    }
  }
  return undefined;
}
