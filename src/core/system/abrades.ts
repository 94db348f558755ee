/** Does work between coats abrade the film, so that it opens it for the next coat? */
export const abrades = (what: string): boolean => what === 'sand' || what === 'scuff';
