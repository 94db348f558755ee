/** How a gun breaks up the coating. */
export type Atomising = 'hvlp' | 'compliant' | 'low-volume' | 'conventional' | 'airless';

/** Where its fluid comes from. */
export type Feed = 'gravity' | 'suction' | 'pressure-cup' | 'pressure-pot' | 'pump';

/** Transfer efficiency to start from on real parts: a default, until it is measured. */
export const defaultTransfer: Record<Atomising, number> = {
  hvlp: 0.55,
  compliant: 0.55,
  'low-volume': 0.6,
  conventional: 0.35,
  airless: 0.5,
};

/** Pressure that drives the fluid through the nozzle, Pa: a default, until the rig is calibrated. */
export const defaultDriving: Record<Feed, number> = {
  gravity: 7e3,
  suction: 5e3,
  'pressure-cup': 12e3,
  'pressure-pot': 60e3,
  pump: 60e3,
};
