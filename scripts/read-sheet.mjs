/** `npm run read-sheet -- FILE`: see read-sheet.ts. */
import { runCalled } from './called.mjs';

runCalled('scripts/read-sheet.ts');
