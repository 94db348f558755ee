import fs from 'node:fs';
import path from 'node:path';
import { factsAsJson, readSheet } from '../../src/core/sheet';
import { paperOf } from '../../src/exchange/sheetpaper';
import { pdfLibrary } from '../../scripts/pdflibrary';
import { drawn } from './draw';
import { score } from './score';

export interface SheetSummary {
  readonly sheets: number;
  readonly stated: number;
  /** Shares of what is stated. */
  readonly right: number;
  readonly wrong: number;
  readonly missed: number;
  /** The longest a sheet took, ms. */
  readonly longest: number;
}

/** How the sheets of a folder are read; texts also as documents. */
export async function sheetsRead(
  folder: 'tuned' | 'kept',
  as: 'written' | 'document',
): Promise<SheetSummary> {
  const root = path.join('bench', 'sheets', folder);
  let [sheets, stated, right, wrong, missed, longest] = [0, 0, 0, 0, 0, 0];
  for (const file of fs.readdirSync(root).filter((each) => /\.(?:txt|html|pdf)$/.test(each))) {
    const raw = new Uint8Array(fs.readFileSync(path.join(root, file)));
    if (as === 'document' && file.endsWith('.html')) continue;
    const bytes =
      as === 'document' && file.endsWith('.txt') ? await drawn(new TextDecoder().decode(raw)) : raw;
    const start = performance.now();
    const paper = await paperOf(bytes, pdfLibrary);
    if ('refused' in paper) throw new Error(`${file}: ${paper.says}`);
    const read = factsAsJson(readSheet(paper).facts) as Record<string, unknown>;
    longest = Math.max(longest, performance.now() - start);
    const truth = JSON.parse(
      fs.readFileSync(path.join(root, file.replace(/\.\w+$/, '.json')), 'utf8'),
    ) as Record<string, unknown>;
    const own = score(truth, read);
    sheets += 1;
    stated += own.stated;
    right += own.right;
    wrong += own.wrong.length;
    missed += own.missed.length;
  }
  return { sheets, stated, right: right / stated, wrong: wrong / stated, missed: missed / stated, longest };
}
