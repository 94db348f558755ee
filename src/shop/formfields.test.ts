import * as z from 'zod/mini';
import { unitIn } from '@/core/quantity';
import { coating, rig } from '@/records';
import type { FieldRow } from '@/ui/form';
import * as sheet from './coatings/formfields';
import * as lines from './rigs/rigfields';

const bare = (schema: z.ZodMiniType | undefined): z.ZodMiniType | undefined =>
  schema instanceof z.ZodMiniOptional ? bare(schema.def.innerType as z.ZodMiniType) : schema;

/** The schema of a field, by its path in the record. */
function fieldAt(schema: z.ZodMiniType, path: string): z.ZodMiniType | undefined {
  let at: z.ZodMiniType | undefined = schema;
  for (const key of path.split('.')) {
    at = bare(at);
    if (at instanceof z.ZodMiniArray) at = at.def.element as z.ZodMiniType;
    else if (at instanceof z.ZodMiniObject) at = (at.shape as Record<string, z.ZodMiniType>)[key];
    else return undefined;
  }
  return at;
}

const rows = (at: string, fields: readonly FieldRow[]) =>
  fields.map((field) => [`${at}${field.name}`, field] as const);
const ofSheet = [
  ...rows('components.0.', sheet.partFields),
  ...rows('thinning.thinners.0.', sheet.thinnerFields),
  ...rows('', sheet.thinningFields),
  ...rows('additives.0.', sheet.doseFields),
  ...rows('target.', sheet.bandFields),
  ...rows('guns.0.target.', sheet.bandFields),
  ...rows('guns.0.', sheet.gunFields(false)),
  ...rows('guns.0.', sheet.gunFields(true)),
  ...rows('', sheet.filmFields),
  ...rows('', sheet.timeFields),
  ...rows('', sheet.roomFields),
  ...rows('', sheet.coatingCareFields),
];
const ofRig = [
  ...rows('sets.0.', lines.setFields),
  ...rows('airParts.0.', lines.airPartFields),
  ...rows('', [
    ...lines.turbineFields,
    ...lines.airFields,
    ...lines.compressorFields,
    ...lines.pumpFields,
    ...lines.fluidHoseFields,
  ]),
];

describe.each([
  ['a coating sheet', coating as z.ZodMiniType, ofSheet],
  ['a rig', rig as z.ZodMiniType, ofRig],
] as const)('the form of %s', (_, schema, fields) => {
  it.each(fields)('%s is a field of the record, of its kind', (path, field) => {
    const found = bare(fieldAt(schema, path));
    expect(found).toBeDefined();
    if (field.quantity || field.type === 'number') expect(found).toBeInstanceOf(z.ZodMiniNumber);
    if (field.quantity) expect(unitIn(field.quantity, 'us').symbol).not.toBe('');
    if (field.options && found instanceof z.ZodMiniEnum)
      for (const { value } of field.options.filter((option) => option.value !== ''))
        expect(found.options).toContain(value);
  });

  it('asks for what is required, and for nothing twice in one place', () => {
    for (const [path, { required }] of fields)
      if (required) expect(fieldAt(schema, path)).not.toBeInstanceOf(z.ZodMiniOptional);
    for (const [, { expects }] of fields) if (expects) expect(expects[0]).toBeLessThan(expects[1]);
  });
});
