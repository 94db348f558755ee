/** The drills of the practice panel. */
export const drillIds = ['flat', 'edges', 'drop-coat', 'upright', 'blend'] as const;
export type DrillId = (typeof drillIds)[number];
