/** How a small miss is touched up. */
export const touchUps = ['brush', 'gun', 'denib', 'polish', 'wipe'] as const;
export type TouchUp = (typeof touchUps)[number];
