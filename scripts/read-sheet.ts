import fs from 'node:fs';
import { pdfLibrary } from './pdflibrary';

/** `npm run read-sheet -- FILE`: the facts a product sheet states, as JSON on standard output. A .pdf, .txt or .html. */
const usage = 'npm run read-sheet -- FILE';

function give(says: string): never {
  process.stderr.write(`${says}\n`);
  process.exit(1);
}

async function main() {
  const [file, ...more] = process.argv.slice(2);
  if (!file || more.length > 0) give(usage);
  const bytes = (() => {
    try {
      return new Uint8Array(fs.readFileSync(file));
    } catch {
      return give(`${file} cannot be read.`);
    }
  })();
  const { paperOf } = await import('../src/exchange/sheetpaper');
  const { factsAsJson, readSheet } = await import('../src/core/sheet');
  const paper = await paperOf(bytes, pdfLibrary);
  if ('refused' in paper) give(paper.says);
  process.stdout.write(`${JSON.stringify(factsAsJson(readSheet(paper).facts), undefined, 2)}\n`);
}

void main();
