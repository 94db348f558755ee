/**
 * Does work between coats abrade the film, so that it opens it for the next coat?
 *
 * Source: definition
 * @example abrades('sand') → true
 */
export const abrades = (what: string): boolean => what === 'sand' || what === 'scuff';
