import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { decoded } from './decoded';
import { decimalOf, looksLikeNumber, numberIn } from './gaugenumbers';
import {
  isMapped,
  mostRows,
  previewReadings,
  readGaugeTable,
  recognised,
  withFilm,
  type GaugeMapping,
  type GaugeQuestions,
} from './readingscsv';
import { sure } from '../../tests/fixtures/gun';

const faces = [
  { id: 'f', name: 'Front' },
  { id: 'b', name: 'Back' },
];
const expected = { min: 40e-6, max: 60e-6 };
const known = (text: string): GaugeQuestions => recognised(sure(readGaugeTable(text)), faces.length);
/** What is recognised, and for the rest what somebody would have chosen. */
const preview = (text: string, chosen: Partial<GaugeMapping> = {}) => {
  const table = sure(readGaugeTable(text));
  const usual = { unit: 'µm', decimal: 'point', face: 'first', spot: 'in order' } as const;
  const mapping = { ...usual, ...recognised(table, faces.length), ...chosen };
  if (!isMapped(mapping)) throw new Error('The film is not recognised.');
  return previewReadings(table, mapping, faces, expected, 3, 60);
};

describe('a gauge’s table', () => {
  it('is read with commas, with semicolons and decimal commas, and with tabs', () => {
    for (const text of [
      'Face,Spot,Thickness µm\nFront,1,48.5\nBack,2,51',
      'Face;Spot;Thickness µm\nFront;1;48,5\nBack;2;51',
      'Face\tSpot\tThickness µm\nFront\t1\t48.5\nBack\t2\t51\n',
    ])
      expect(
        preview(text).readings.map(({ faceId, spot, film }) => [faceId, spot, Math.round(film * 1e7) / 10]),
      ).toEqual([
        ['f', 0, 48.5],
        ['b', 1, 51],
      ]);
  });

  it('without a head, or with one column, fills spots in threes', () => {
    const { readings, duplicates } = preview('48\n49\n50\n51\n48');
    expect(readings.map(({ spot }) => spot)).toEqual([0, 0, 0, 1, 1]);
    // Alike numbers in a table of nothing else are readings, not copies.
    expect(duplicates).toBe(0);
  });

  it('asks about a unit that puts the film far off, and only then', () => {
    expect(preview('DFT [mil]\n48\n50\n47').meant).toBe('µm');
    expect(preview('DFT [µm]\n1.9\n2.1\n2.0').meant).toBe('mil');
    expect(preview('DFT [µm]\n48\n50\n47').meant).toBeUndefined();
    expect(preview('DFT [µm]\n900\n910\n905').meant).toBeUndefined();
    expect(preview('DFT [mil]\n2\n2.1\n1.9').readings[0]!.film).toBeCloseTo(50.8e-6, 9);
  });

  it('says row by row what is wrong and keeps the rest', () => {
    const { readings, problems, duplicates } = preview(
      'No,Face,Spot,Film\n1,Front,1,48\n1,Front,1,48\n2,Side,1,50\n3,Front,99,50\n4,Front,2,abc\n5,Front,2,-4\n6,Front,S3,50',
    );
    expect(readings.map(({ row }) => row)).toEqual([2, 3, 8]);
    expect(readings[2]!.spot).toBe(2);
    expect(duplicates).toBe(1);
    expect(problems.map(({ row }) => row)).toEqual([4, 5, 6, 7]);
    expect(problems[1]!.says).toContain('Spot 99 is not on the part');
  });

  it('refuses what is no table, and one too long', () => {
    expect(readGaugeTable('')).toMatchObject({ refused: 'empty' });
    expect(readGaugeTable('Film\n')).toMatchObject({ refused: 'empty' });
    expect(readGaugeTable('PNG\u0000\u0001')).toMatchObject({ refused: 'foreign' });
    expect(readGaugeTable(`Film\n${'48\n'.repeat(mostRows + 1)}`)).toMatchObject({ refused: 'too-many' });
    expect(readGaugeTable('Film;Note\n48;"open\n49;x')).toMatchObject({ refused: 'damaged' });
    expect(preview(`Film\n${'48\n'.repeat(170)}`).readings).toHaveLength(170);
  });

  it('never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (text) => {
        const table = readGaugeTable(text);
        if (isRefusal(table)) return;
        const mapping = { unit: 'mm', decimal: 'comma', face: 'first', spot: 0, film: 0 } as const;
        previewReadings(table, { ...mapping, ...recognised(table, 1) }, faces, expected, 3, 60);
      }),
    );
  });
});

describe('a table in another language', () => {
  it.each([
    ['Nr;Fläche;Stelle;Schichtdicke (µm)', 'German'],
    ['N°;Face;Endroit;Épaisseur [µm]', 'French'],
    ['N.;Lato;Punto;Spessore µm', 'Italian'],
    ['Nº;Cara;Punto;Espesor (micras)', 'Spanish'],
    ['Nr;Zijde;Plaats;Laagdikte µm', 'Dutch'],
    ['Lp;Strona;Miejsce;Grubość [mikrometry]', 'Polish'],
    ['№;Сторона;Точка;Толщина, мкм', 'Russian'],
    ['番号;面;位置;膜厚（μm）', 'Japanese'],
    ['No;Yüz;Nokta;Kalınlık (mikron)', 'Turkish'],
  ])('knows the columns and the unit of %s', (head) => {
    expect(known(`${head}\n1;Front;1;48,5\n2;Back;2;51,0`)).toEqual({
      film: 3,
      face: 1,
      spot: 2,
      unit: 'µm',
      decimal: 'comma',
    });
  });

  it('reads numbers with either mark, thousands apart, in other digits, and with a unit behind', () => {
    const pairs = [
      ['1.234,5', 'comma', 1234.5],
      ['1,234.5', 'point', 1234.5],
      ['1’234.5', 'point', 1234.5],
      ['1 234,5', 'comma', 1234.5],
      ['48 µm', 'point', 48],
      ['4,5 мкм', 'comma', 4.5],
      ['٤٨٫٥', 'comma', 48.5],
      ['４８．５', 'point', 48.5],
      ['1,234', 'point', 1234],
      ['1,234', 'comma', 1.234],
      ['x', 'point', undefined],
      ['1e5', 'point', undefined],
      ['48.5', 'comma', undefined],
    ] as const;
    for (const [text, decimal, value] of pairs)
      expect([text, numberIn(text, decimal)]).toEqual([text, value]);
  });

  it('asks about numbers that read both ways, or against each other', () => {
    expect(decimalOf(['1,234', '1,180'])).toBeUndefined();
    expect(decimalOf(['1,234', '1,18'])).toBe('comma');
    expect(decimalOf(['1.234', '48.5'])).toBe('point');
    expect(decimalOf(['48,5', '48.5'])).toBeUndefined();
    expect(decimalOf(['48', '51'])).toBe('point');
    expect(known('DFT µm\n"1,234"\n"1,180"')).toEqual({
      film: 0,
      unit: 'µm',
      face: 'first',
      spot: 'in order',
    });
  });

  it('a number is read one way at most by each mark, and reads what was written', () => {
    fc.assert(
      fc.property(fc.nat(9_999_999), fc.nat(3), fc.constantFrom('point', 'comma'), (n, places, decimal) => {
        const value = n / 10 ** places;
        const text = value.toLocaleString(decimal === 'point' ? 'en-US' : 'de-DE', {
          minimumFractionDigits: places,
          maximumFractionDigits: places,
        });
        expect(numberIn(text, decimal)).toBe(value);
        expect(looksLikeNumber(text)).toBe(true);
        const said = decimalOf([text]);
        if (said) expect(numberIn(text, said)).toBe(value);
      }),
    );
  });

  it('says nothing where the table says nothing: no unit, no column, two that could be it', () => {
    expect(known('DFT\n48\n50')).toEqual({ film: 0, decimal: 'point', face: 'first', spot: 'in order' });
    expect(known('A;B\n1;48\n2;50')).toEqual({});
    expect(known('1;48\n2;50')).toEqual({});
    expect(known('Thickness 1 µm;Thickness 2 µm\n48;50')).toEqual({});
    // Which of the other columns says the face, if any, is asked.
    expect(known('When;Thickness µm\nMonday;48')).toEqual({ film: 1, unit: 'µm', decimal: 'point' });
    const table = sure(readGaugeTable('A;B\n1;48\n2;50'));
    expect(withFilm(table, 1, {}, 1)).toEqual({ film: 1, decimal: 'point', face: 'first' });
    expect(isMapped(withFilm(table, 1, {}, 1))).toBe(false);
  });

  it('finds the unit in the cells, in a column of its own, or in a line before the table', () => {
    expect(known('DFT\n48 mil\n50 mil').unit).toBe('mil');
    expect(known('DFT;Einheit\n48;µm\n50;µm').unit).toBe('µm');
    const led = 'Gerät 7\nEinheit: Mikrometer\n\nFläche;Stelle;Dicke\nFront;1;48\nFront;2;50';
    expect(known(led)).toMatchObject({ film: 2, unit: 'µm' });
    expect(preview(led).readings.map(({ row }) => row)).toEqual([4, 5]);
    // Where cells contradict each other it is asked.
    expect(known('DFT\n48 mil\n50 µm').unit).toBeUndefined();
  });

  it('one column of decimal commas under its head is one column', () => {
    expect(preview('Dicke µm\n48,5\n49,5').readings.map(({ film }) => Math.round(film * 1e7))).toEqual([
      485, 495,
    ]);
  });

  it('a file in the code page of a spreadsheet, or in UTF-16, is read as what it says', () => {
    const latin = Uint8Array.from([...'Dicke \xb5m\n48'].map((letter) => letter.charCodeAt(0)));
    expect(decoded(latin)).toBe('Dicke µm\n48');
    expect(decoded(new TextEncoder().encode('Dicke µm\n48'))).toBe('Dicke µm\n48');
    const wide = [...'µm'].flatMap((letter) => [letter.charCodeAt(0), 0]);
    expect(decoded(Uint8Array.from([0xff, 0xfe, ...wide]))).toBe('µm');
  });
});
