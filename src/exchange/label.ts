import QRCode from 'qrcode';
import { canonical } from './canonical';

/** What stands on a pot's label, in words ready to print. */
export interface Label {
  readonly title: string;
  readonly lines: readonly { readonly label: string; readonly value: string }[];
  readonly hazards: readonly string[];
  /** Who decides about safety. */
  readonly foot: string;
  /** The batch's data as text, for the code. */
  readonly data: string;
}

/** The data of a batch as its code carries it. Moments are ISO 8601, masses kg, shares of one. */
export interface LabelData {
  readonly batch: string;
  readonly sheet: string;
  readonly revision: string;
  readonly mixed: string;
  readonly useBefore?: string;
  readonly poured: readonly { readonly part: string; readonly kg: number }[];
  readonly thinned: number;
  readonly lots: readonly string[];
}

/** A label is this large, mm. */
export const labelSize = { width: 100, height: 62 };

export const labelData = (data: LabelData): string =>
  canonical({ fluorite: 'batch', version: 1, ...data }).replace(/\s*\n\s*/g, '');

/** The dark cells of the code, row by row. */
export function codeCells(text: string): boolean[][] {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
  return Array.from({ length: modules.size }, (_, row) =>
    Array.from({ length: modules.size }, (__, column) => modules.get(row, column) === 1),
  );
}
