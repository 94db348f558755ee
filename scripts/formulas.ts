import fs from 'node:fs';
import { documentedIn } from './documented';
import { formulasPage } from './formulaspage';
import { testsUnder } from './shownby';

/** Writes docs/formulas.md from what the functions of core say of themselves: `npx tsx scripts/formulas.ts`. */
fs.writeFileSync('docs/formulas.md', formulasPage(documentedIn('src/core'), testsUnder('src/core')));
