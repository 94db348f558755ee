/** The present version of each kind of record: raised by every change of it, and by none of what it is read with. */
export const versions = {
  coating: 2,
  revision: 2,
  can: 1,
  rig: 2,
  cup: 1,
  job: 3,
  photo: 2,
  practice: 1,
  shop: 1,
} as const;

export type RecordKind = keyof typeof versions;
