/** Where the sun stands: rad above the horizon, rad clockwise from north. */
export interface Sun {
  readonly height: number;
  readonly azimuth: number;
}

/** How a face lies: rad from lying flat with its face up, and the direction it faces, rad clockwise from north. */
export interface FaceToSky {
  readonly tilt: number;
  readonly facing: number;
}

/** W/m² outside the air, and what clear air lets through of it at one thickness. */
const [solar, clearness] = [1361, 0.7];
/** Of the beam’s strength on flat ground, what a clear sky sends besides. */
const skylight = 0.12;
/** What plain ground throws back. */
const albedo = 0.2;

/** Thickness of air the sun shines through, against straight down. */
const airMass = (height: number): number => {
  const degrees = (height * 180) / Math.PI;
  return 1 / (Math.sin(height) + 0.50572 * (degrees + 6.07995) ** -1.6364);
};

/**
 * Sun and sky on a face, W/m².
 *
 * @param cloud share of the sky that is covered
 * Source: clear air after Meinel, air mass after Kasten and Young, cloud after Kasten and Czeplak. An estimate.
 * @example irradiance({ height: 0.953568151900072, azimuth: 2.22680925367062 }, { tilt: 0, facing: 0 }, 0) → 825.481
 */
export function irradiance(sun: Sun, { tilt, facing }: FaceToSky, cloud = 0): number {
  if (!(sun.height > 0)) return 0;
  const beam = solar * clearness ** (airMass(sun.height) ** 0.678);
  const onGround = beam * Math.sin(sun.height);
  const sky = onGround * skylight;
  const incidence =
    Math.sin(sun.height) * Math.cos(tilt) +
    Math.cos(sun.height) * Math.sin(tilt) * Math.cos(sun.azimuth - facing);
  const seesSky = (1 + Math.cos(tilt)) / 2;
  const clear = beam * Math.max(incidence, 0) + sky * seesSky + (onGround + sky) * albedo * (1 - seesSky);
  const through = 1 - 0.75 * cloud ** 3.4;
  // Under full cloud there are no shadows: every face gets its share of a grey sky.
  const grey = (onGround + sky) * through * (seesSky + albedo * (1 - seesSky));
  return clear * (1 - cloud) + grey * cloud;
}

/** W/m² a surface that looks at the clear sky sends up more than it gets back. */
const toTheSky = 57;

/**
 * What air takes off a surface, W/m²K, by the wind, m/s.
 *
 * Source: clear-sky model, suncalc for the sun
 * @example filmCoefficient(2) → 17
 */
export const filmCoefficient = (wind: number): number => 9 + 4 * Math.max(wind, 0);

/**
 * Temperature of a surface outdoors, K: air, and what it takes in of the sun, less what it sends to a clear sky. Steady:
 * thin metal follows in minutes, masonry hours behind.
 *
 * @param absorptance share of the sun it takes in: 0.25 white to 0.95 black
 * Source: sol-air temperature; handbook, section 26.
 * @example surfaceTemperature(287.4, { absorptance: 0.8, coldest: 284.15, warmest: 297.15, dawnHumidity: 0.9, wind: 2, gusts: 2.5, cloud: 0, sun: 0, tilt: 0 }) → 284.047
 */
export function surfaceTemperature(
  air: number,
  {
    absorptance,
    sun,
    wind,
    tilt,
    cloud = 0,
  }: {
    readonly absorptance: number;
    /** W/m² on it. */
    readonly sun: number;
    readonly wind: number;
    readonly tilt: number;
    readonly cloud?: number;
  },
): number {
  const h = filmCoefficient(wind);
  return air + (absorptance * sun) / h - (toTheSky * Math.max(Math.cos(tilt), 0) * (1 - cloud)) / h;
}

/** Gusts, m/s: from where care is wanted, and where the gun stops. Defaults. */
export const windLimits = {
  air: { care: 3, stop: 5 },
  airless: { care: 5, stop: 7 },
} as const;

/** Share of the sun that colours take in, by eye. Defaults. */
export const absorptances = { white: 0.25, light: 0.4, middle: 0.6, dark: 0.8, black: 0.95 } as const;
export type Shade = keyof typeof absorptances;
