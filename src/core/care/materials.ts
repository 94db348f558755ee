/** What the seals of a gun are made of, and the metals that what is in it touches. */
export const sealKinds = ['solvent-proof', 'nitrile', 'ethylene-propylene', 'leather'] as const;
export type SealKind = (typeof sealKinds)[number];

export const wettedMetals = ['stainless', 'brass', 'aluminium', 'galvanised'] as const;
export type WettedMetal = (typeof wettedMetals)[number];
