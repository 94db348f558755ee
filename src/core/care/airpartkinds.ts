/** What stands in the air line. */
export const airPartKinds = ['regulator', 'filter', 'separator', 'dryer', 'gauge', 'drain'] as const;
export type AirPartKind = (typeof airPartKinds)[number];
