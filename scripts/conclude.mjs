/** `npm run conclude -- FILE …`: see conclude.ts. */
import { runCalled } from './called.mjs';

runCalled('scripts/conclude.ts');
