/** What is spoken: the next line, the pace, alarms, and what a tap did. */
export const spokenKinds = ['next', 'pace', 'alarm', 'answer'] as const;
export type SpokenKind = (typeof spokenKinds)[number];
