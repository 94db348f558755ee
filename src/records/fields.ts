import * as z from 'zod';

/** Field types shared by the record schemas. All numbers are SI; the description says the unit. */
const number = (unit: string) => z.number().describe(unit);

export const id = z.string().min(1).max(64);
export const text = z.string().max(2000);
export const name = z.string().trim().min(1).max(120);
export const instant = z.iso.datetime().describe('moment, ISO 8601, UTC');
export const day = z.iso.date().describe('calendar day');

export const metres = number('m').min(0);
export const cubicMetres = number('m³').min(0);
export const kilograms = number('kg').min(0);
export const seconds = number('s').min(0);
export const kelvin = number('K').min(200).max(500);
export const pascals = number('Pa').min(0);
export const kinematic = number('m²/s').positive();
export const density = number('kg/m³').positive();
export const concentration = number('kg/m³').min(0);
export const flow = number('m³/s').min(0);
export const speed = number('m/s').positive();
export const share = number('share, 1 = 100 %').min(0).max(1);
export const positive = z.number().positive();

/** A sheet's range: what it allows at least and at most. */
export const range = <T extends z.ZodType<number>>(of: T) => z.object({ min: of, max: of });
