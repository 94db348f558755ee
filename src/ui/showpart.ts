/**
 * Opens a part of this screen; none for its first. The address is changed so that the router knows of it: set
 * directly, the next link to this screen would bring back the part the router still remembers.
 */
export function showPart(part?: string): void {
  const { pathname, search } = window.location;
  window.history.pushState(null, '', `${pathname}${search}${part ? `#${part}` : ''}`);
  window.dispatchEvent(new HashChangeEvent('hashchange'));
}
