/** Where it is sprayed. */
export const workplaces = ['booth', 'room', 'outdoors', 'confined'] as const;
export type Workplace = (typeof workplaces)[number];
