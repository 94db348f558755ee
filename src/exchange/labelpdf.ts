import { PDFDocument, rgb, StandardFonts, type PDFFont } from 'pdf-lib';
import type { Label } from '@/words/label';
import { codeCells, labelSize } from './label';
import { fitted, printable } from './pdftext';

const point = 72 / 25.4;
const ink = rgb(0.13, 0.11, 0.18);

/** The label as a PDF page of its own size. */
export async function labelPdf(label: Label): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(label.title);
  document.setProducer('Fluorite');
  const page = document.addPage([labelSize.width * point, labelSize.height * point]);
  const plain = await document.embedFont(StandardFonts.Helvetica);
  const bold = await document.embedFont(StandardFonts.HelveticaBold);
  const write = (text: string, x: number, y: number, size: number, font: PDFFont, width: number) =>
    page.drawText(fitted(printable(text, font), font, size, width * point), {
      x: x * point,
      y: (labelSize.height - y) * point,
      size,
      font,
      color: ink,
    });
  write(label.title, 4, 8, 14, bold, 92);
  label.lines.forEach(({ label: name, value }, i) => {
    write(name, 4, 14 + i * 4.6, 7, plain, 18);
    write(value, 23, 14 + i * 4.6, 8.5, bold, 42);
  });
  label.hazards.forEach((hazard, i) => write(hazard, 4, 51 + i * 3.2, 6.5, bold, 92));
  write(label.foot, 4, 60.2, 5.5, plain, 92);
  const cells = codeCells(label.data);
  const side = 30 / cells.length;
  cells.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (dark)
        page.drawRectangle({
          x: (67 + x * side) * point,
          y: (labelSize.height - 12 - (y + 1) * side) * point,
          width: side * point,
          height: side * point,
          color: ink,
        });
    }),
  );
  return document.save();
}
