import type { PdfLibrary } from '../src/exchange/sheetpaper';

/**
 * The library that opens PDFs, as Node loads it. It looks for a canvas, says so, and misses what only drawing needs:
 * text alone is read here, so both are left out and said nothing of.
 */
export async function pdfLibrary(): Promise<PdfLibrary> {
  const { log, warn } = console;
  console.log = () => undefined;
  console.warn = () => undefined;
  try {
    return (await import('pdfjs-dist/legacy/build/pdf.mjs')) as unknown as PdfLibrary;
  } finally {
    console.log = log;
    console.warn = warn;
  }
}
