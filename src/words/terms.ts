/** The words of the trade that have a page of their own in the glossary, and by what they are known in a label. */
const known = {
  viscosity: /viscosity|\bin the band\b|band’s/i,
  cup: /\bcup\b(?!.*fill)/i,
  solids: /volume solids|solids .*by volume/i,
  wet: /wet film/i,
  dry: /dry film|range for \d+ coats?, dry|film .*dry/i,
  flash: /\bflash/i,
  window: /recoat|window/i,
  transfer: /transfer/i,
  overspray: /overspray|past edges/i,
  fan: /\bfan\b/i,
  overlap: /overlap|strokes apart/i,
  nozzle: /nozzle|\btip\b/i,
  'pot-life': /pot life|use before/i,
  ratio: /\bratio\b/i,
  dew: /dew/i,
  reserve: /\breserve\b/i,
  voc: /\bvoc\b/i,
  pressure: /driving pressure|at the cap|pressure/i,
  rule: /^rule$|spot means|acceptance/i,
} as const;

export type Term = keyof typeof known;

const terms = Object.keys(known) as Term[];

/** Every term, in the order a job meets them. */
export const allTerms: readonly Term[] = terms;

/** The term that a label is about, the most particular first; none where every painter knows it. */
export const termIn = (label: string): Term | undefined => terms.find((term) => known[term].test(label));
