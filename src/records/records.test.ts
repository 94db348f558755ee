import * as z from 'zod';
import { isRefusal } from '@/core/refusal';
import { classSheet, coatingClasses, keyOf, newShop } from '.';
import { readRecord } from './readrecord';
import { recordReader } from './read';

describe('reading records', () => {
  const sheet = classSheet('water-lacquer', 'c1', 'Satin lacquer', '2026-11-01');

  it('takes a good record as it is', () => {
    expect(readRecord(structuredClone(sheet))).toEqual(sheet);
    expect(readRecord(newShop)).toEqual(newShop);
    expect(keyOf(sheet)).toBe('coating/c1');
  });

  it.each([
    ['null', null, 'not-a-record'],
    ['an array', [1], 'not-a-record'],
    ['a foreign kind', { kind: 'invoice', version: 1 }, 'unknown-kind'],
    ['a name from the prototype', { kind: 'constructor', version: 1 }, 'unknown-kind'],
    ['no version', { kind: 'coating' }, 'no-version'],
    ['a newer version', { kind: 'coating', version: 9 }, 'newer-version'],
    ['a version nobody reads', { kind: 'coating', version: 0 }, 'no-migration'],
    ['a broken field', { ...sheet, film: { min: -1, aim: 1, max: 2 } }, 'invalid'],
    ['a missing field', { ...sheet, name: undefined }, 'invalid'],
  ])('refuses %s', (_, raw, code) => {
    const outcome = readRecord(raw);
    expect(isRefusal(outcome) && outcome.refused).toBe(code);
  });

  it('names the field that is wrong', () => {
    const outcome = readRecord({ ...sheet, components: [{ ...sheet.components[0], density: -5 }] });
    expect(isRefusal(outcome) && outcome.says).toMatch(/^components\.0\.density: /);
  });

  it.each(coatingClasses)('%s fills a sheet that holds together, every value marked as assumed', (of) => {
    const filled = classSheet(of, 'x', 'New', '2026-11-01');
    expect(readRecord(filled)).toEqual(filled);
    expect(filled.assumed).toContain('film');
    expect(filled.film.min).toBeLessThan(filled.film.aim);
  });
});

describe('migrations', () => {
  // A made-up version 0 kept film in micrometres and called it thickness; version 1 said it in metres.
  const read = recordReader<{ film: number; note: string }>({
    spot: {
      version: 2,
      schema: z.object({
        kind: z.literal('spot'),
        version: z.literal(2),
        film: z.number().positive(),
        note: z.string(),
      }),
      migrations: {
        0: ({ thickness, ...rest }) => ({ ...rest, film: Number(thickness) * 1e-6 }),
        1: (old) => ({ ...old, note: '' }),
      },
    },
  });

  it('lift a record one version at a time', () => {
    expect(read({ kind: 'spot', version: 0, thickness: 48 })).toEqual({
      kind: 'spot',
      version: 2,
      film: 48e-6,
      note: '',
    });
    expect(read({ kind: 'spot', version: 1, film: 48e-6 })).toMatchObject({ version: 2, note: '' });
  });

  it('do not touch what they were given, and still validate', () => {
    const old = Object.freeze({ kind: 'spot', version: 0, thickness: 48 });
    read(old);
    expect(old).toEqual({ kind: 'spot', version: 0, thickness: 48 });
    expect(isRefusal(read({ kind: 'spot', version: 0, thickness: 'thick' }))).toBe(true);
  });
});
