/** `npm run build`: the application, then the service worker that makes it work without its server. */
import { ensurePackages, next, run } from './steps.mjs';

ensurePackages();
run(process.execPath, [next, 'build'], { env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' } });
// Only now: it needs the packages.
const { writeServiceWorker } = await import('./serviceworker.mjs');
await writeServiceWorker();
