/** What happens to a gun and may hurt needle, nozzle, cap or tip without anybody seeing it. */
export const incidents = ['gun-dropped', 'needle-dropped', 'front-struck'] as const;
export type Incident = (typeof incidents)[number];
