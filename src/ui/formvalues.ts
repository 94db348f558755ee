import * as z from 'zod/mini';

type Raw = Record<string, unknown>;

const inner = (schema: z.ZodMiniType): z.ZodMiniType =>
  schema instanceof z.ZodMiniOptional ? inner(schema.def.innerType as z.ZodMiniType) : schema;

/**
 * What a form holds, as its record’s schema keeps it: parts that may be left out are, when nothing in them is filled.
 *
 * A text in a form is empty where nobody wrote, and a choice where nobody chose: an optional one that may not be empty is
 * not there. An optional part with amounts is not there while none of them is filled, whatever was chosen beside them; an
 * optional list while nothing is in it.
 */
export function withoutEmpty(schema: z.ZodMiniType): (value: unknown) => unknown {
  return (value) => kept(schema, value);
}

function kept(schema: z.ZodMiniType, value: unknown): unknown {
  const bare = inner(schema);
  const optional = schema instanceof z.ZodMiniOptional;
  if (value === '' && optional && !bare.safeParse('').success) return undefined;
  if (bare instanceof z.ZodMiniArray && Array.isArray(value)) {
    if (optional && value.length === 0) return undefined;
    return value.map((each) => kept(bare.def.element as z.ZodMiniType, each));
  }
  if (!(bare instanceof z.ZodMiniObject) || !isRaw(value)) return value;
  const shape = bare.shape as Record<string, z.ZodMiniType>;
  const parts = Object.entries(value)
    .map(([key, part]) => [key, shape[key] ? kept(shape[key], part) : part] as const)
    .filter(([, part]) => part !== undefined);
  return optional && isUnfilled(shape, Object.fromEntries(parts)) ? undefined : Object.fromEntries(parts);
}

/** Has it amounts, and is none of them filled? */
function isUnfilled(shape: Record<string, z.ZodMiniType>, value: Raw): boolean {
  const amounts = Object.keys(shape).filter(
    (key) => inner(shape[key] as z.ZodMiniType) instanceof z.ZodMiniNumber,
  );
  return amounts.length > 0 && amounts.every((key) => value[key] === undefined);
}

const isRaw = (part: unknown): part is Raw =>
  typeof part === 'object' && part !== null && !Array.isArray(part);
