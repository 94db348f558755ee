/** The two schools: take the gun apart every time, or flush it well and store it full of solvent. */
export const cleaningApproaches = ['strip', 'store'] as const;
export type CleaningApproach = (typeof cleaningApproaches)[number];
