/** `npm run demo`: installs what is missing, builds, and starts with the demo shop. PORT overrides 3000; HOST, CERT and KEY as in serve.mjs. */
import { spawn } from 'node:child_process';
import { ensurePackages, run } from './steps.mjs';

const port = process.env.PORT ?? '3000';
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1', FLUORITE_DEMO: '1' };

ensurePackages();
// Only now: it needs the packages.
const { untilUp } = await import('./visit.mjs');
run(process.execPath, ['scripts/build.mjs'], { env });
const server = spawn(process.execPath, ['scripts/serve.mjs'], {
  env: { ...env, PORT: port },
  stdio: ['ignore', 'inherit', 'inherit'],
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));

const { HOST = 'localhost', CERT } = process.env;
const address = `${CERT ? 'https' : 'http'}://${HOST}:${port}`;
if (await untilUp(address)) console.log(`\nFluorite is running with the demo shop: ${address}\n`);
