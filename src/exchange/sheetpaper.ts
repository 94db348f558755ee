import { refuse, type Outcome } from '@/core/refusal';
import { paperOfPages, paperOfText, type Line, type Paper, type Placed } from '@/core/sheet';

/** More is no product sheet. */
const mostPages = 40;
const mostBytes = 20_000_000;
/** Letters of a text or a page, its tags counted. */
const mostText = 600_000;

/** What a page of a document holds, as the library gives it. */
interface Item {
  readonly str?: string;
  readonly transform?: readonly number[];
  readonly width?: number;
  readonly height?: number;
}

/** What is used of the library that opens PDFs. */
export interface PdfLibrary {
  getDocument(options: object): { readonly promise: Promise<PdfDocument>; destroy(): Promise<void> };
}

interface PdfDocument {
  readonly numPages: number;
  getPage(page: number): Promise<{ getTextContent(): Promise<{ readonly items: readonly Item[] }> }>;
}

/**
 * The text of a PDF in its layout.
 *
 * @param library the library, loaded by whoever needs it
 * @returns a refusal that says what is wrong with the document and what would help
 */
export async function paperOfPdf(
  bytes: Uint8Array,
  library: PdfLibrary,
  worker?: unknown,
): Promise<Outcome<Paper>> {
  if (bytes.length > mostBytes)
    return refuse(
      'sheet-too-large',
      'This document is larger than 20 MB. A product sheet is a few pages: paste its text instead.',
    );
  const task = library.getDocument({
    data: bytes,
    isEvalSupported: false,
    disableFontFace: true,
    useSystemFonts: false,
    verbosity: 0,
    ...(worker ? { worker } : {}),
  });
  try {
    const document = await task.promise;
    if (document.numPages > mostPages)
      return refuse(
        'sheet-too-long',
        `This document has ${document.numPages} pages; a product sheet has a few. Paste the pages that matter as text.`,
      );
    const pages: Placed[][] = [];
    for (let at = 1; at <= document.numPages; at += 1) {
      const { items } = await (await document.getPage(at)).getTextContent();
      pages.push(items.flatMap(placed));
    }
    if (pages.flat().every(({ text }) => text.trim() === ''))
      return refuse(
        'sheet-scanned',
        'There is no text in this document: it is a picture of a sheet. Paste the text, or type the numbers.',
      );
    return paperOfPages(pages);
  } catch (error) {
    const name = error instanceof Error ? error.name : '';
    return name === 'PasswordException'
      ? refuse(
          'sheet-locked',
          'This document is locked with a password. Save it without one, or paste its text.',
        )
      : refuse(
          'sheet-damaged',
          'This document cannot be opened: it is damaged or no PDF. Paste its text instead.',
        );
  } finally {
    await task.destroy();
  }
}

function placed({ str = '', transform = [], width = 0, height = 0 }: Item): Placed[] {
  const [a = 0, b = 0, , , x = 0, y = 0] = transform;
  // Text that stands upright beside the page is a print mark.
  if (str === '' || Math.abs(b) > Math.abs(a)) return [];
  return [{ text: str, x, y, width, height: height || Math.abs(a) }];
}

/** The text of a web page in its layout: rows of tables, headings, paragraphs, lists. */
export async function paperOfHtml(html: string): Promise<Paper> {
  const { Parser } = await import('htmlparser2');
  const lines: Line[] = [];
  let cells: string[] = [];
  let text = '';
  let size = 1;
  let quiet = 0;
  let inRow = 0;
  const flush = () => {
    const own = text.replaceAll(/[ \t\n\r]+/g, ' ').trim();
    text = '';
    return own;
  };
  const line = (of: readonly string[]) => {
    if (of.some((each) => each !== ''))
      lines.push({
        cells: of.flatMap((each, i) =>
          each === '' ? [] : [{ text: each, from: i * 100, to: i * 100 + 90 }],
        ),
        page: 1,
        size,
      });
  };
  const end = () => {
    const own = flush();
    if (own !== '') line([own]);
  };
  const empty = () => lines.push({ cells: [], page: 1 });
  const parser = new Parser(
    {
      onopentagname(name) {
        if (name === 'script' || name === 'style' || name === 'title' || name === 'head') quiet += 1;
        else if (name === 'br') {
          if (inRow > 0) text += ' ';
          else end();
        } else if (name === 'tr') {
          end();
          cells = [];
          inRow += 1;
        } else if (name === 'table') {
          end();
          empty();
        } else if (/^h[1-6]$/.test(name)) {
          end();
          empty();
          size = 2 - Number(name[1]) * 0.15;
          // What a term means stands in its line.
        } else if (name !== 'dd' && blocks.has(name) && inRow === 0) end();
      },
      ontext(data) {
        if (quiet === 0) text += data;
      },
      onclosetag(name) {
        if (name === 'script' || name === 'style' || name === 'title' || name === 'head')
          quiet = Math.max(0, quiet - 1);
        else if (name === 'td' || name === 'th') cells.push(flush());
        else if (name === 'tr') {
          line(cells);
          cells = [];
          inRow = Math.max(0, inRow - 1);
        } else if (name === 'dt') {
          const own = flush();
          text = own === '' ? '' : own.endsWith(':') ? `${own} ` : `${own}: `;
        } else if (name === 'table') empty();
        else if (/^h[1-6]$/.test(name)) {
          end();
          size = 1;
        } else if (blocks.has(name) && inRow === 0) end();
      },
    },
    { decodeEntities: true },
  );
  parser.write(html);
  parser.end();
  end();
  return { lines, pages: 1 };
}

const blocks = new Set([
  'p',
  'div',
  'li',
  'ul',
  'ol',
  'section',
  'article',
  'header',
  'footer',
  'dl',
  'dd',
  'blockquote',
  'caption',
  'figcaption',
  'main',
  'aside',
  'pre',
  'hr',
]);

/** What kind of file it is, by its first bytes: a PDF, a web page, or text. */
export function sheetKind(bytes: Uint8Array): 'pdf' | 'html' | 'text' {
  const start = new TextDecoder('latin1').decode(bytes.subarray(0, 1024));
  if (start.includes('%PDF-')) return 'pdf';
  return /<(?:!doctype html|html|head|body|table|div|p|h1)\b/i.test(start) ? 'html' : 'text';
}

/** Text as it was saved: UTF-8, and where that does not hold, the older western coding. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** A web page or a text, in its layout. */
export async function paperOfWritten(bytes: Uint8Array): Promise<Outcome<Paper>> {
  const text = decodeText(bytes);
  if (text.trim() === '')
    return refuse('sheet-empty', 'There is no text in it. Choose the product’s sheet, or paste its text.');
  if (text.length > mostText)
    return refuse(
      'sheet-too-long',
      'This text is longer than a product sheet ever is. Paste the part about this product.',
    );
  return sheetKind(bytes) === 'html' ? paperOfHtml(text) : paperOfText(text);
}

/** Any of the three, in its layout. */
export const paperOf = async (bytes: Uint8Array, pdf: () => Promise<PdfLibrary>): Promise<Outcome<Paper>> =>
  sheetKind(bytes) === 'pdf' ? paperOfPdf(bytes, await pdf()) : paperOfWritten(bytes);
