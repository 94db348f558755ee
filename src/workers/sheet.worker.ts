import * as Comlink from 'comlink';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { paperKind, readSheet, type PaperKind, type SheetReading } from '@/core/sheet';
import { paperOfPdf, paperOfWritten, sheetKind, type PdfLibrary } from '@/exchange/sheetpaper';

/** A paper as it was read. */
export interface ReadPaper extends SheetReading {
  /** Its lines, as they are shown beside the facts. */
  readonly lines: readonly string[];
  readonly kind: PaperKind;
}

const api = {
  /** Reads a sheet: a PDF with the library that is loaded for it, a page, or text. */
  async read(file: Blob): Promise<Outcome<ReadPaper>> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const paper = sheetKind(bytes) === 'pdf' ? await pdf(bytes) : await paperOfWritten(bytes);
    if (isRefusal(paper)) return paper;
    const reading = readSheet(paper);
    const lines = paper.lines.map(({ cells }) => cells.map(({ text }) => text).join('   '));
    const facts = Object.keys(reading.facts).length;
    if (facts <= 2)
      return refuse(
        'no-sheet',
        'Hardly anything a product sheet states is in this text. Choose the product’s technical sheet, or paste its text.',
      );
    return { ...reading, lines, kind: paperKind(lines.join('\n'), facts) };
  },
};

async function pdf(bytes: Uint8Array) {
  const library = (await import('pdfjs-dist/legacy/build/pdf.mjs')) as unknown as PdfLibrary & {
    PDFWorker: { fromPort(options: { port: Worker }): { destroy(): void } };
  };
  const port = new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await paperOfPdf(bytes, library, library.PDFWorker.fromPort({ port }));
  } finally {
    port.terminate();
  }
}

export type SheetWorker = typeof api;

Comlink.expose(api);
