/** `npm run read-sheet -- FILE`: see read-sheet.ts. Installs what is missing first, and says so on standard error. */
import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';

// Files are named from where the command was called.
const from = process.env.INIT_CWD ?? process.cwd();
const args = process.argv
  .slice(2)
  .map((each) => (fs.existsSync(path.resolve(from, each)) ? path.resolve(from, each) : each));
const { ensurePackages } = await import('./steps.mjs');
ensurePackages({ quiet: true });
const { status } = spawnSync(path.join('node_modules', '.bin', 'tsx'), ['scripts/read-sheet.ts', ...args], {
  stdio: ['ignore', 'inherit', 'inherit'],
});
process.exitCode = status ?? 1;
