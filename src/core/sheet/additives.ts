import type { Clause } from './clauses';
import type { Found } from './choose';
import type { AdditiveRead } from './reading';

/** What goes into a mix beside its parts and its thinner, by what it does. Its code may stand behind it. */
const kinds: readonly (readonly [does: AdditiveRead['does'], pattern: RegExp])[] = [
  [
    'slows',
    /\b(?:retarder|extender|open[\s-]time (?:additive|extender)|slow(?:ing)? additive|verz[oö]gerer|retardateur)\b/i,
  ],
  [
    'quickens',
    /\b(?:accelerator|accelerant|quick(?:ening)? additive|drier|beschleuniger|acc[ée]l[ée]rateur)\b/i,
  ],
  [
    'flexes',
    /\b(?:flex(?:ible|ibility|ibili[sz]er)?[\s-]?(?:additive|agent)?|elastici[sz]er|plastici[sz]er)\b(?= additive| agent| |$|:)/i,
  ],
  [
    'flows',
    /\b(?:flow|levell?ing|anti[\s-]?(?:crater|silicone)|fish[\s-]?eye|defoam\w*) (?:additive|agent|eliminator|improver)\b/i,
  ],
  ['mattes', /\b(?:matt?ing|flatting) (?:agent|additive|paste|base)\b/i],
];
const codeAfter = /^\s*(?:additive|agent)?\s*[,:(]?\s*((?:[A-Z]{1,4}[\s-]?\d[\w-]*))/;

/**
 * Additives with how much may go in, as shares. What is only named and has no amount is not one.
 *
 * Source: first principles. Worked: “Retarder R-20: up to 5 % by volume” is one that slows, at most 0.05 by volume.
 */
export function additivesIn(clauses: readonly Clause[]): Found<readonly AdditiveRead[]> | undefined {
  const found = new Map<string, { readonly read: AdditiveRead; readonly clause: Clause }>();
  for (const clause of clauses) {
    const said = `${clause.label} ${clause.text}`;
    for (const [does, pattern] of kinds) {
      const match = pattern.exec(said);
      if (!match) continue;
      const at = match.index - clause.label.length - 1;
      // The amount behind its name, before another one is named.
      const amount = clause.quantities.find(
        ({ kind, max, from }) => (kind === 'share' || kind === 'dose') && max <= 0.3 && (at < 0 || from > at),
      );
      if (!amount || /never|do not|must not|without|no (?:retarder|extender|additive)/i.test(said)) continue;
      const code = codeAfter.exec(said.slice(match.index + match[0].length))?.[1];
      const name = [match[0].trim(), code].filter(Boolean).join(' ');
      const words = said.toLowerCase();
      const by =
        amount.kind === 'dose' || /vol\b|volume|v\/v|vol\./.test(words)
          ? ('volume' as const)
          : /weight|mass|\bwt\b|w\/w/.test(words)
            ? ('mass' as const)
            : undefined;
      const of = /of (?:the )?(?:base|part a|paint)|on (?:the )?base/.test(words)
        ? ('base' as const)
        : /of (?:the )?(?:mix|ready)|on (?:the )?mix/.test(words)
          ? ('mix' as const)
          : undefined;
      const read: AdditiveRead = {
        name: name.charAt(0).toUpperCase() + name.slice(1),
        does,
        ...(amount.bound === 'max' || amount.min === amount.max ? {} : { min: amount.min }),
        max: amount.max,
        ...(by ? { by } : {}),
        ...(of ? { of } : {}),
      };
      if (!found.has(read.name)) found.set(read.name, { read, clause });
    }
  }
  const all = [...found.values()];
  const [first] = all;
  return first && { value: all.map(({ read }) => read), claim: { clause: first.clause }, sure: 0.75 };
}
