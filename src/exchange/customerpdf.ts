import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFImage } from 'pdf-lib';
import type { CustomerPage } from '@/words/customer';
import { fitted, printable, wrapped } from './pdftext';

const ink = rgb(0.13, 0.11, 0.18);
const soft = rgb(0.36, 0.34, 0.4);
const [width, height, margin] = [595.28, 841.89, 54];
const inner = width - 2 * margin;

/** pt of the running text, the largest that leaves room for the pictures first. */
const sizes = [11, 10, 9, 8, 7] as const;
/** pt a picture is at least high, and what is below the pictures: the lines to sign and the foot. */
const leastPicture = 110;
const below = 96;
const [logoWide, logoHigh] = [150, 48];

/**
 * The page of a customer as one A4 page, however much is said: the text becomes smaller before a picture does.
 *
 * @param pictureOf the picture of a photo by its id; one without is left out
 * @param logo the shop’s own, PNG; one that cannot be read is left out
 */
export async function customerPdf(
  page: CustomerPage,
  pictureOf: (id: string) => Promise<Blob | undefined>,
  logo?: string,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(page.title);
  document.setProducer('Fluorite');
  const plain = await document.embedFont(StandardFonts.Helvetica);
  const bold = await document.embedFont(StandardFonts.HelveticaBold);
  const sheet = document.addPage([width, height]);
  const write = (text: string, x: number, y: number, size: number, font: PDFFont, color = ink) =>
    sheet.drawText(text, { x, y, size, font, color });

  const mark = logo === undefined ? undefined : await document.embedPng(logo).catch(() => undefined);
  if (mark) {
    const scale = Math.min(logoWide / mark.width, logoHigh / mark.height);
    const [w, h] = [mark.width * scale, mark.height * scale];
    sheet.drawImage(mark, { x: width - margin - w, y: height - margin - h + 14, width: w, height: h });
  }
  const beside = mark ? inner - logoWide - 12 : inner;
  let y = height - margin;
  write(fitted(printable(page.title, bold), bold, 22, beside), margin, y, 22, bold);
  y -= 18;
  write(fitted(printable(page.under, plain), plain, 10, beside), margin, y, 10, plain, soft);
  y -= 22;

  const pictures: { readonly image: PDFImage; readonly says: string }[] = [];
  for (const { id, says } of page.photos) {
    const picture = await pictureOf(id);
    if (!picture) continue;
    const image = await document.embedJpg(new Uint8Array(await picture.arrayBuffer())).catch(() => undefined);
    if (image) pictures.push({ image, says });
  }

  const lines = (size: number) =>
    page.sections.map(({ title, lines: own }) => ({
      title,
      rows: own.map((each) => wrapped(printable(each, plain), plain, size, inner - 12)),
    }));
  const tall = (size: number) =>
    lines(size).reduce(
      (sum, { rows }) => sum + 2.6 * size + rows.reduce((all, row) => all + row.length * 1.35 * size, 0),
      0,
    );
  const free = y - margin - below - (pictures.length > 0 ? leastPicture + 14 : 0);
  const size = sizes.find((each) => tall(each) <= free) ?? sizes[sizes.length - 1];
  for (const { title, rows } of lines(size ?? 7)) {
    const s = size ?? 7;
    y -= 1.2 * s;
    write(title, margin, y, s + 1.5, bold);
    y -= 0.2 * s;
    for (const row of rows)
      row.forEach((each, i) => {
        y -= 1.35 * s;
        if (i === 0) write('·', margin, y, s, plain, soft);
        write(each, margin + 12, y, s, plain);
      });
    y -= 1.2 * s;
  }

  if (pictures.length > 0) {
    const each = (inner - 10 * (pictures.length - 1)) / pictures.length;
    const high = Math.max(Math.min(y - margin - below - 14, 240), 40);
    let x = margin;
    for (const { image, says } of pictures) {
      const scale = Math.min(each / image.width, high / image.height);
      sheet.drawImage(image, {
        x,
        y: y - image.height * scale,
        width: image.width * scale,
        height: image.height * scale,
      });
      write(fitted(printable(says, plain), plain, 8, each), x, y - image.height * scale - 10, 8, plain, soft);
      x += each + 10;
    }
  }

  const column = (inner - 40) / page.signs.length;
  page.signs.forEach((says, i) => {
    const x = margin + i * (column + 40);
    sheet.drawLine({
      start: { x, y: margin + 44 },
      end: { x: x + column, y: margin + 44 },
      thickness: 0.8,
      color: ink,
    });
    write(fitted(printable(says, plain), plain, 8, column), x, margin + 33, 8, plain, soft);
  });
  wrapped(printable(page.foot, plain), plain, 7.5, inner).forEach((line, i) =>
    write(line, margin, margin + 8 - i * 9, 7.5, plain, soft),
  );
  return document.save();
}
