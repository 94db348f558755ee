/** `npm run bench`: prints how fast it is, in core and in the browser. Builds first when there is no build. */
import fs from 'node:fs';
import path from 'node:path';
import { ensurePackages, run } from './steps.mjs';

ensurePackages();
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };
run(path.join('node_modules', '.bin', 'tsx'), ['bench/core.ts'], { env });
if (!fs.existsSync('.next/BUILD_ID')) run(process.execPath, ['scripts/build.mjs'], { env });
console.log('\nIn the browser');
run(process.execPath, ['bench/browser.mjs'], { env });
