import QRCode from 'qrcode';

/** A label is this large, mm. */
export const labelSize = { width: 100, height: 62 };

/** The dark cells of the code, row by row. */
export function codeCells(text: string): boolean[][] {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (__, column) => modules.get(row, column) === 1),
  );
}
