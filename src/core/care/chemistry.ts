/** What the film is made of, as far as cleaning goes. */
export const chemistries = [
  'water-borne',
  'solvent-borne',
  'two-part',
  'lacquer',
  'polyester',
  'moisture-curing',
  'oil-based',
  'unknown',
] as const;
export type Chemistry = (typeof chemistries)[number];

interface ChemistryCare {
  /** First flush: a default that the sheet outranks. None where guessing would be worse than asking. */
  readonly flush?: string;
  /** How long mix may sit in a gun before it must be out, when the sheet does not say. s */
  readonly cleanBy: number;
  /** How long it may stand idle between strokes before it skins or sets at the tip. s */
  readonly idle: number;
  /** Why it cannot wait, where it cannot. */
  readonly urgent?: string;
}

/** Defaults by chemistry, marked as such wherever they are shown. */
// prettier-ignore
export const chemistryCare: Record<Chemistry, ChemistryCare> = {
  'water-borne': { flush: 'clean water', cleanBy: 30 * 60, idle: 10 * 60 },
  'solvent-borne': { flush: 'gun thinner', cleanBy: 60 * 60, idle: 20 * 60 },
  'two-part': { flush: 'the cleaning solvent the sheet names', cleanBy: 30 * 60, idle: 15 * 60, urgent: 'It sets by itself, with or without air: once gelled no solvent brings it out.' },
  lacquer: { flush: 'lacquer thinner', cleanBy: 60 * 60, idle: 15 * 60 },
  polyester: { flush: 'acetone', cleanBy: 10 * 60, idle: 4 * 60, urgent: 'Catalysed polyester sets in minutes and gets hot: this gun comes before everything else.' },
  'moisture-curing': { flush: 'the cleaning solvent the sheet names', cleanBy: 30 * 60, idle: 15 * 60, urgent: 'It sets with the damp of the air and of the line: what stays in the passages is lost.' },
  'oil-based': { flush: 'paint thinner', cleanBy: 60 * 60, idle: 20 * 60 },
  unknown: { cleanBy: 10 * 60, idle: 5 * 60, urgent: 'Nobody has said how it sets, so it is taken for the quickest.' },
};
