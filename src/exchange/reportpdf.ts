import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { plainWords } from '@/words/figures';
import { fitted, printable, wrapped } from './pdftext';
import { chartPoints, type Report, type ReportChart, type ReportPhoto } from './report';

const ink = rgb(0.13, 0.11, 0.18);
const soft = rgb(0.36, 0.34, 0.4);
const line = rgb(0.78, 0.77, 0.74);
const good = rgb(0.04, 0.37, 0.28);
const [width, height, margin] = [595.28, 841.89, 50];
const inner = width - 2 * margin;

/**
 * The report as A4 pages, numbered; a section’s title never stands alone at the foot of one.
 *
 * @param pictureOf the picture of a photo by its id; a photo without one keeps its words
 */
export async function reportPdf(
  report: Report,
  pictureOf: (id: string) => Promise<Blob | undefined>,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(report.title);
  document.setProducer('Fluorite');
  const plain = await document.embedFont(StandardFonts.Helvetica);
  const bold = await document.embedFont(StandardFonts.HelveticaBold);
  const pages: PDFPage[] = [];
  let page = document.addPage([width, height]);
  pages.push(page);
  let y = height - margin;
  const room = (needed: number) => {
    if (y - needed >= margin + 20) return;
    page = document.addPage([width, height]);
    pages.push(page);
    y = height - margin;
  };
  const write = (text: string, x: number, size: number, font: PDFFont, most: number, color = ink, at = y) =>
    page.drawText(fitted(printable(text, font), font, size, most), { x, y: at, size, font, color });
  const paragraph = (text: string, size: number) => {
    for (const each of wrapped(printable(text, plain), plain, size, inner)) {
      room(size + 4);
      y -= size + 4;
      page.drawText(each, { x: margin, y, size, font: plain, color: ink });
    }
  };
  y -= 20;
  write(report.title, margin, 20, bold, inner);
  y -= 18;
  write(report.under, margin, 10, plain, inner, soft);
  for (const { title, facts = [], table = [], lines = [], chart, photos = [] } of report.sections) {
    room(60);
    y -= 28;
    write(title, margin, 12, bold, inner);
    page.drawLine({
      start: { x: margin, y: y - 4 },
      end: { x: width - margin, y: y - 4 },
      thickness: 0.8,
      color: ink,
    });
    y -= 4;
    for (const [label, wording] of facts) {
      const value = plainWords(wording);
      const rows = wrapped(printable(value, bold), bold, 9, inner - 200);
      const names = wrapped(printable(label, plain), plain, 9, 190);
      const high = Math.max(rows.length, names.length, 1);
      room(4 + 12 * high);
      y -= 15;
      names.forEach((each, i) => write(each, margin, 9, plain, 190, soft, y - i * 12));
      rows.forEach((each, i) => write(each, margin + 200, 9, bold, inner - 200, ink, y - i * 12));
      y -= 12 * (high - 1);
    }
    const texts = table.map((row) => row.map(plainWords));
    const columns = columnsOf(texts, (text) => bold.widthOfTextAtSize(printable(text, bold), 8.5));
    texts.forEach((row, i) => {
      const font = i === 0 ? bold : plain;
      const cells = row.map((text, k) =>
        wrapped(printable(text, font), font, 8.5, (columns[k]?.width ?? inner) - 6),
      );
      const high = Math.max(1, ...cells.map((each) => each.length));
      room(5 + 11 * high);
      y -= 14;
      cells.forEach((lines, k) => {
        const { x = 0, width: most = inner } = columns[k] ?? {};
        lines.forEach((each, n) => write(each, margin + x, 8.5, font, most - 4, ink, y - n * 11));
      });
      y -= 11 * (high - 1);
      page.drawLine({
        start: { x: margin, y: y - 3 },
        end: { x: width - margin, y: y - 3 },
        thickness: 0.4,
        color: line,
      });
    });
    for (const each of lines) paragraph(each, 9);
    if (chart) {
      room(140);
      y -= 118;
      drawChart(page, chart, { x: margin, y, width: inner, height: 100 }, plain);
      y -= 12;
    }
    for (const photo of photos) {
      const picture = await pictureOf(photo.id);
      if (!picture) {
        paragraph(`${photo.says} (its picture is not on this device)`, 8.5);
        continue;
      }
      const scale = Math.min((inner * 0.6) / photo.width, 220 / photo.height);
      room(photo.height * scale + 24);
      y -= photo.height * scale + 6;
      await drawPhoto(
        document,
        page,
        new Uint8Array(await picture.arrayBuffer()),
        photo,
        margin,
        y,
        scale,
        bold,
      );
      y -= 12;
      write(photo.says, margin, 8.5, plain, inner, soft);
    }
  }
  pages.forEach((each, i) => {
    wrapped(printable(report.foot, plain), plain, 7, inner - 60).forEach((line, row) =>
      each.drawText(line, { x: margin, y: 30 - 9 * row, size: 7, font: plain, color: soft }),
    );
    each.drawText(`${i + 1} / ${pages.length}`, {
      x: width - margin - 24,
      y: 30,
      size: 7,
      font: plain,
      color: soft,
    });
  });
  return document.save();
}

/** Where each column of a table begins and how wide it is: by what stands in it, narrowed where the page is. */
function columnsOf(
  table: readonly (readonly string[])[],
  widthOf: (text: string) => number,
): { readonly x: number; readonly width: number }[] {
  const count = Math.max(...table.map((row) => row.length), 0);
  const wanted = Array.from({ length: count }, (_, k) =>
    Math.max(30, ...table.map((row) => widthOf(row[k] ?? '') + 10)),
  );
  const whole = wanted.reduce((sum, each) => sum + each, 0);
  const fair = inner / Math.max(count, 1);
  // Only what is wider than its fair share gives way.
  const wide = wanted.filter((each) => each > fair).reduce((sum, each) => sum + each, 0);
  const over = Math.max(whole - inner, 0);
  let x = 0;
  return wanted.map((each) => {
    const width = whole <= inner ? (each * inner) / whole : each > fair ? each - (over * each) / wide : each;
    const column = { x, width };
    x += width;
    return column;
  });
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** pt beside a chart for the words of its lines. */
const forMarks = 110;

function drawChart(
  page: PDFPage,
  chart: ReportChart,
  { x, y, width: whole, height: h }: Box,
  font: PDFFont,
): void {
  const w = whole - forMarks;
  const { points, limits, control, mean, marks } = chartPoints(chart, w, h, 8);
  for (const { at, says } of marks)
    page.drawText(fitted(printable(says, font), font, 7, forMarks - 8), {
      ...{ x: x + w + 6, y: y + at - 2.5 },
      ...{ size: 7, font, color: soft },
    });
  page.drawText(`Readings 1 to ${points.length}, in order`, { x, y: y - 9, size: 7, font, color: soft });
  const across = (at: number, color: typeof ink, dash?: number[]) =>
    page.drawLine({
      start: { x, y: y + at },
      end: { x: x + w, y: y + at },
      thickness: 0.8,
      color,
      ...(dash ? { dashArray: dash } : {}),
    });
  for (const at of limits) across(at, good);
  for (const at of control) across(at, soft, [3, 3]);
  across(mean, soft);
  points.slice(1).forEach(([px, py], i) => {
    const [qx, qy] = points[i] as readonly [number, number];
    page.drawLine({
      start: { x: x + qx, y: y + qy },
      end: { x: x + px, y: y + py },
      thickness: 0.8,
      color: ink,
    });
  });
  for (const [px, py] of points) page.drawCircle({ x: x + px, y: y + py, size: 1.6, color: ink });
}

async function drawPhoto(
  document: PDFDocument,
  page: PDFPage,
  picture: Uint8Array,
  { width: w, height: h, marks }: ReportPhoto,
  x: number,
  y: number,
  scale: number,
  font: PDFFont,
): Promise<void> {
  const image = await document.embedJpg(picture);
  page.drawImage(image, { x, y, width: w * scale, height: h * scale });
  marks.forEach((mark, i) => {
    const [mx, my] = [x + mark.x * w * scale, y + (1 - mark.y) * h * scale];
    page.drawCircle({ x: mx, y: my, size: 7, borderColor: rgb(0.64, 0.16, 0.12), borderWidth: 1.5 });
    page.drawText(String(i + 1), { x: mx + 8, y: my - 3, size: 8, font, color: rgb(0.64, 0.16, 0.12) });
  });
}
