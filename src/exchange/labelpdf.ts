import { PDFDocument, rgb, StandardFonts, type PDFFont } from 'pdf-lib';
import type { Label } from '@/words/label';
import { codeCells, labelLayout, labelSize } from './label';
import { fitted, printable } from './pdftext';

const point = 72 / 25.4;
const ink = rgb(0.13, 0.11, 0.18);

/** The label as a PDF page of its own size. */
export async function labelPdf(label: Label): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(label.title);
  document.setProducer('Fluorite');
  const layout = labelLayout(label);
  const page = document.addPage([labelSize.width * point, layout.height * point]);
  const plain = await document.embedFont(StandardFonts.Helvetica);
  const bold = await document.embedFont(StandardFonts.HelveticaBold);
  const write = (text: string, x: number, y: number, size: number, font: PDFFont, width: number) =>
    page.drawText(fitted(printable(text, font), font, size, width * point), {
      x: x * point,
      y: (layout.height - y) * point,
      size,
      font,
      color: ink,
    });
  write(label.title, 4, 8, layout.title.size * point, bold, 92);
  label.lines.forEach(({ label: name, value }, i) => {
    const { y, size } = layout.lines[i] ?? { y: 13.5, size: 3 };
    write(name, 4, y, 7, plain, 18);
    write(value, 21, y, size * point, bold, 46);
  });
  layout.hazards.forEach(({ text, y }) => write(text, 4, y, 6.3, bold, 94));
  write(label.foot, 4, layout.foot, 5.5, plain, 92);
  const cells = codeCells(label.data);
  const side = 30 / cells.length;
  cells.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (dark)
        page.drawRectangle({
          x: (67 + x * side) * point,
          y: (layout.height - 12 - (y + 1) * side) * point,
          width: side * point,
          height: side * point,
          color: ink,
        });
    }),
  );
  return document.save();
}
