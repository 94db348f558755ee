/** How many colour coats it may come to until it hides, and drop coats until they lie even. Defaults. */
export const usualHiding = { least: 2, most: 4 } as const;
export const usualDrops = 3;
