import * as z from 'zod/mini';

/** Field types shared by the record schemas. All numbers are SI; the description says the unit. */
const number = (unit: string) => z.number().check(z.describe(unit));

export const id = z.string().check(z.minLength(1)).check(z.maxLength(64));
export const text = z.string().check(z.maxLength(2000));
export const name = z.string().check(z.trim()).check(z.minLength(1)).check(z.maxLength(120));
export const instant = z.iso.datetime().check(z.describe('moment, ISO 8601, UTC'));
export const day = z.iso.date().check(z.describe('calendar day'));

export const metres = number('m').check(z.minimum(0));
export const cubicMetres = number('m³').check(z.minimum(0));
export const kilograms = number('kg').check(z.minimum(0));
export const seconds = number('s').check(z.minimum(0));
export const kelvin = number('K').check(z.minimum(200)).check(z.maximum(500));
export const pascals = number('Pa').check(z.minimum(0));
export const kinematic = number('m²/s').check(z.positive());
export const density = number('kg/m³').check(z.positive());
export const concentration = number('kg/m³').check(z.minimum(0));
export const flow = number('m³/s').check(z.minimum(0));
export const speed = number('m/s').check(z.positive());
export const share = number('share, 1 = 100 %').check(z.minimum(0)).check(z.maximum(1));
export const positive = z.number().check(z.positive());

/** A sheet's range: what it allows at least and at most. */
export const range = <T extends z.ZodMiniType<number>>(of: T) => z.object({ min: of, max: of });
