import * as z from 'zod/mini';
import './jitless';

/** What a check says that only no physical thing could fail. `recordReader` keeps such a value aside and asks about it. */
export const beyond = 'beyond what there can be';

/** The first and the last day a record may name. */
export const daysKnown = { first: '1990-01-01', last: '2100-12-31' } as const;

/** Field types shared by the record schemas. All numbers are SI; the description says the unit. */
const number = (unit: string, most: number) =>
  z
    .number()
    .check(z.describe(unit))
    .check(z.maximum(most, { error: beyond }));

const inOurDays = z.refine(
  (said) => String(said) >= daysKnown.first && String(said).slice(0, 10) <= daysKnown.last,
  {
    error: beyond,
  },
);

export const id = z.string().check(z.minLength(1)).check(z.maxLength(64));
export const text = z.string().check(z.maxLength(2000));
export const name = z.string().check(z.trim()).check(z.minLength(1)).check(z.maxLength(120));
export const instant = z.iso.datetime().check(z.describe('moment, ISO 8601, UTC')).check(inOurDays);
export const day = z.iso.date().check(z.describe('calendar day')).check(inOurDays);

export const metres = number('m', 1000).check(z.minimum(0));
/** A film: nobody lays a decimetre. */
export const film = number('m', 0.1).check(z.minimum(0));
export const cubicMetres = number('m³', 1000).check(z.minimum(0));
export const kilograms = number('kg', 1e6).check(z.minimum(0));
/** Up to thirty years: some looks and lives are long. */
export const seconds = number('s', 1e9).check(z.minimum(0));
export const kelvin = z.number().check(z.describe('K')).check(z.minimum(200)).check(z.maximum(500));
export const pascals = number('Pa', 1e8).check(z.minimum(0));
export const kinematic = number('m²/s', 10).check(z.positive());
/** Nothing is heavier than osmium. */
export const density = number('kg/m³', 22_600).check(z.positive());
export const concentration = number('kg/m³', 22_600).check(z.minimum(0));
export const flow = number('m³/s', 10).check(z.minimum(0));
export const speed = number('m/s', 340).check(z.positive());
export const share = z.number().check(z.describe('share, 1 = 100 %')).check(z.minimum(0)).check(z.maximum(1));
export const positive = z
  .number()
  .check(z.positive())
  .check(z.maximum(1e9, { error: beyond }));
/** Whole days: up to a hundred years. */
export const days = z
  .int()
  .check(z.positive())
  .check(z.maximum(36_500, { error: beyond }));
/** How many of a thing there are. */
export const countUpTo = (most: number) =>
  z
    .int()
    .check(z.positive())
    .check(z.maximum(most, { error: beyond }));

/** A sheet's range: what it allows at least and at most. */
export const range = <T extends z.ZodMiniType<number>>(of: T) => z.object({ min: of, max: of });

/** Values that came in beyond every bound: what was said, and what is reckoned with until somebody puts it right. */
export const asked = z.optional(
  z
    .array(
      z.object({
        path: text,
        said: z.union([z.number(), text]),
        taken: z.union([z.number(), text]),
      }),
    )
    .check(z.maxLength(400)),
);
