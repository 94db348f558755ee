import type * as z from 'zod/mini';
import { globalRegistry } from 'zod/mini';
import type { QuantityId } from '@/core/quantity';
import type { RecordKind } from '.';
import { recordKinds } from './kinds';

/** What the fields’ descriptions mean; lengths are told apart by how much there can be of them. */
const byUnit: Readonly<Record<string, QuantityId>> = {
  'm³': 'volume',
  kg: 'mass',
  K: 'temperature',
  Pa: 'pressure',
  'm²/s': 'viscosity',
  'kg/m³': 'density',
  'm³/s': 'fluidFlow',
  'm/s': 'speed',
  'share, 1 = 100 %': 'share',
};
const thickest = 0.1;
/** Longer ones are told in hours and days. */
const shortest = 1e6;

interface Def {
  readonly innerType?: z.ZodMiniType;
  readonly shape?: Readonly<Record<string, z.ZodMiniType>>;
  readonly element?: z.ZodMiniType;
  readonly valueType?: z.ZodMiniType;
  readonly options?: readonly z.ZodMiniType[];
}

const defOf = (schema: z.ZodMiniType): Def => schema._zod.def as Def;

/** The schema of what stands under a name, whichever way of a union has it. */
function under(schema: z.ZodMiniType | undefined, name: string): z.ZodMiniType | undefined {
  if (!schema) return undefined;
  const { innerType, shape, element, valueType, options } = defOf(schema);
  if (innerType) return under(innerType, name);
  if (shape) return shape[name];
  return element ?? valueType ?? options?.map((each) => under(each, name)).find(Boolean);
}

function plain(schema: z.ZodMiniType | undefined): z.ZodMiniType | undefined {
  const inner = schema && defOf(schema).innerType;
  return inner ? plain(inner) : schema;
}

/** The most a field takes. */
const mostOf = (field: z.ZodMiniType): number =>
  (field._zod.def.checks ?? []).reduce((least, check) => {
    const { check: kind, value } = check._zod.def as { readonly check: string; readonly value?: unknown };
    return kind === 'less_than' && typeof value === 'number' ? Math.min(least, value) : least;
  }, Infinity);

/**
 * What a number of a record is measured in, by the schema of its field.
 *
 * @param names the way to it: field names, and any name for an item of a list
 * @returns undefined for a count, or for a field this version does not know
 */
export function quantityAt(kind: RecordKind, names: readonly string[]): QuantityId | undefined {
  const field = plain(names.reduce<z.ZodMiniType | undefined>(under, recordKinds[kind].schema));
  const unit = field && globalRegistry.get(field)?.description;
  if (!field || !unit) return undefined;
  const most = mostOf(field);
  if (unit === 'm') return most <= thickest ? 'film' : 'length';
  if (unit === 's') return most <= shortest ? 'time' : 'duration';
  return byUnit[unit];
}
