/**
 * What can be known about a coat that went wrong: groups of states of which one holds. `ok` is looked for and not
 * found. Groups marked asked are answered by eye and finger, the others are read from the job's own log.
 */
export const findingGroups = {
  viscosity: ['high', 'low', 'ok'],
  heat: ['hot', 'cold', 'ok'],
  damp: ['humid', 'dry', 'ok'],
  dew: ['tight', 'ok'],
  pressure: ['low', 'high', 'ok'],
  distance: ['far', 'near', 'ok'],
  speed: ['fast', 'slow', 'ok'],
  nozzle: ['large', 'small', 'ok'],
  film: ['thick', 'thin', 'uneven', 'ok'],
  overlap: ['short', 'ok'],
  flash: ['short', 'ok'],
  recoat: ['late', 'ok'],
  card: ['heavy-centre', 'split', 'one-sided', 'crescent', 'spitting', 'tails', 'coarse', 'dry', 'ok'],
  pot: ['old', 'ok'],
  mix: ['off', 'ok'],
  rest: ['skipped', 'ok'],
  stir: ['late', 'ok'],
  timed: ['late', 'ok'],
  thinner: ['over', 'fast', 'slow', 'ok'],
  prep: ['skipped', 'ok'],
  tack: ['late', 'ok'],
  abrade: ['skipped', 'ok'],
  charged: ['left', 'ok'],
  specks: ['fibres', 'settled', 'rim', 'all'],
  water: ['likely', 'ok'],
  wear: ['worn', 'ok'],
  lot: ['new', 'ok'],
  can: ['old', 'ok'],
  wiped: ['late', 'ok'],
  cleaned: ['left', 'ok'],
  struck: ['yes', 'ok'],
  feel: ['wet', 'dry', 'smooth'],
  where: ['all', 'bands', 'spots', 'edges', 'one-end', 'thick', 'low'],
  when: ['spraying', 'minutes', 'hours', 'days'],
  again: ['once', 'returns'],
  look: ['milky', 'patchy', 'see-through', 'speck', 'clean', 'bubbles', 'broken', 'grain'],
  below: ['top', 'coat-below', 'bare'],
  turns: ['with-cap', 'stays'],
} as const;

export type FindingGroup = keyof typeof findingGroups;
export type Finding = { [G in FindingGroup]: `${G}:${(typeof findingGroups)[G][number]}` }[FindingGroup];

/**
 * The group a finding belongs to.
 *
 * Source: trade knowledge
 * @example groupOf('dew:ok') → 'dew'
 */
export const groupOf = (finding: Finding): FindingGroup => finding.split(':')[0] as FindingGroup;

/** What is asked of the eye and the finger, in the order in which a tie is broken: texture first. */
export const askedGroups = [
  'feel',
  'where',
  'when',
  'look',
  'below',
  'turns',
  'again',
] as const satisfies readonly FindingGroup[];
export type AskedGroup = (typeof askedGroups)[number];
