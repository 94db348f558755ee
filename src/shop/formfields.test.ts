import * as z from 'zod';
import { unitIn } from '@/core/quantity';
import { coating, rig } from '@/records';
import type { FieldRow } from '@/ui/form';
import * as sheet from './coatings/formfields';
import * as lines from './rigs/rigfields';

const bare = (schema: z.ZodType | undefined): z.ZodType | undefined =>
  schema instanceof z.ZodOptional ? bare(schema.unwrap() as z.ZodType) : schema;

/** The schema of a field, by its path in the record. */
function fieldAt(schema: z.ZodType, path: string): z.ZodType | undefined {
  let at: z.ZodType | undefined = schema;
  for (const key of path.split('.')) {
    at = bare(at);
    if (at instanceof z.ZodArray) at = at.element as z.ZodType;
    else if (at instanceof z.ZodObject) at = (at.shape as Record<string, z.ZodType>)[key];
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
  ...rows('', sheet.careFields),
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
  ['a coating sheet', coating as z.ZodType, ofSheet],
  ['a rig', rig as z.ZodType, ofRig],
] as const)('the form of %s', (_, schema, fields) => {
  it.each(fields)('%s is a field of the record, of its kind', (path, field) => {
    const found = bare(fieldAt(schema, path));
    expect(found).toBeDefined();
    if (field.quantity || field.type === 'number') expect(found).toBeInstanceOf(z.ZodNumber);
    if (field.quantity) expect(unitIn(field.quantity, 'us').symbol).not.toBe('');
    if (field.options && found instanceof z.ZodEnum)
      for (const { value } of field.options.filter((option) => option.value !== ''))
        expect(found.options).toContain(value);
  });

  it('asks for what is required, and for nothing twice in one place', () => {
    for (const [path, { required }] of fields)
      if (required) expect(fieldAt(schema, path)).not.toBeInstanceOf(z.ZodOptional);
    for (const [, { expects }] of fields) if (expects) expect(expects[0]).toBeLessThan(expects[1]);
  });
});
