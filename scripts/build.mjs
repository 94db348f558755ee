/**
 * `npm run build`: the application, the headers its answers carry, the service worker that makes it work without its
 * server, and its scripts packed.
 */
import { ensurePackages, next, run } from './steps.mjs';

ensurePackages();
run(process.execPath, [next, 'build'], { env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' } });
// Only now: it needs the packages.
const { writeServiceWorker } = await import('./serviceworker.mjs');
const { writeHeaders } = await import('./headers.mjs');
writeHeaders();
await writeServiceWorker();
const { writePacked } = await import('./packed.mjs');
writePacked();
