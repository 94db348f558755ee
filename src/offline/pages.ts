/**
 * Pages of one thing among many: one prerendered page serves every job, sheet or rig, those made without a network too; the
 * page reads the id from its own address.
 */
export const ownPages = [
  { source: '/job/:id/:stage(plan|mix|thin|set|spray|check|clean)', destination: '/of/job/:stage' },
  { source: '/coatings/:id', destination: '/of/coating' },
  { source: '/rigs/:id', destination: '/of/rig' },
] as const;

const patterns = [
  { is: /^\/job\/[^/]+\/(plan|mix|thin|set|spray|check|clean)$/, page: '/of/job/$1' },
  { is: /^\/coatings\/[^/]+$/, page: '/of/coating' },
  { is: /^\/rigs\/[^/]+$/, page: '/of/rig' },
];

/** The prerendered page that answers an address. */
export function pageFor(pathname: string): string {
  const found = patterns.find(({ is }) => is.test(pathname));
  return found ? pathname.replace(found.is, found.page) : pathname;
}

/** What an address names: of `/job/x/plan` the id and the stage, of `/rigs/x` the id. */
export function namedBy(pathname: string): { readonly id: string; readonly part?: string } {
  const [, , id = '', part] = pathname.split('/');
  let plain = id;
  try {
    plain = decodeURIComponent(id);
  } catch {
    // An address typed by hand: taken as it stands, nothing will be found under it.
  }
  return { id: plain, ...(part ? { part } : {}) };
}
