import { isRefusal } from '@/core/refusal';
import { readSheet } from '@/core/sheet';
import {
  decodeText,
  paperOfHtml,
  paperOfPdf,
  paperOfWritten,
  sheetKind,
  type PdfLibrary,
} from './sheetpaper';

const bytes = (text: string) => new TextEncoder().encode(text);

describe('a sheet as a file', () => {
  it('is known by its first bytes, and read in the coding it was saved in', () => {
    expect(sheetKind(bytes('%PDF-1.7'))).toBe('pdf');
    expect(sheetKind(bytes('<!doctype html><html>'))).toBe('html');
    expect(sheetKind(bytes('Pot life: 4 h < 5 h'))).toBe('text');
    expect(decodeText(bytes('20 °C, 40 µm'))).toBe('20 °C, 40 µm');
    expect(decodeText(new Uint8Array([0x32, 0x30, 0x20, 0xb0, 0x43]))).toBe('20 °C');
    expect(decodeText(new Uint8Array([0xff, 0xfe, 0x34, 0, 0x68, 0]))).toBe('4h');
  });

  it('a page keeps its tables as rows, its pairs as labels, and leaves scripts out', async () => {
    const paper = await paperOfHtml(
      '<html><head><title>x</title><style>p{}</style></head><body><script>pot life: 9 h</script><h1>Quay Primer</h1><dl><dt>Pot life</dt><dd>4 h at 20 &deg;C</dd></dl><table><tr><th></th><th>10 °C</th><th>20 °C</th></tr><tr><td>Touch dry</td><td>5 h</td><td>2 h</td></tr></table><ul><li>Dry film: 40&ndash;50 µm</li></ul></body></html>',
    );
    expect(paper.lines.map(({ cells }) => cells.map(({ text }) => text).join(' | ')).filter(Boolean)).toEqual(
      [
        'Quay Primer',
        'Pot life: 4 h at 20 °C',
        '10 °C | 20 °C',
        'Touch dry | 5 h | 2 h',
        'Dry film: 40–50 µm',
      ],
    );
    expect(readSheet(paper).facts).toMatchObject({
      name: 'Quay Primer',
      potLife: { seconds: 14_400 },
      touch: 7200,
    });
  });

  it('refuses what holds no text, and says what helps', async () => {
    expect(await paperOfWritten(bytes('  \n'))).toMatchObject({ refused: 'sheet-empty' });
    const library = (pages: number, name?: string): PdfLibrary => ({
      getDocument: () => ({
        promise: name
          ? Promise.reject(Object.assign(new Error('no'), { name }))
          : Promise.resolve({
              numPages: pages,
              getPage: () => Promise.resolve({ getTextContent: () => Promise.resolve({ items: [] }) }),
            }),
        destroy: () => Promise.resolve(),
      }),
    });
    const said = async (given: PdfLibrary) => {
      const outcome = await paperOfPdf(bytes('%PDF-1.7'), given);
      return isRefusal(outcome) ? outcome.refused : 'read';
    };
    expect(await said(library(2))).toBe('sheet-scanned');
    expect(await said(library(200))).toBe('sheet-too-long');
    expect(await said(library(1, 'PasswordException'))).toBe('sheet-locked');
    expect(await said(library(1, 'InvalidPDFException'))).toBe('sheet-damaged');
  });
});
