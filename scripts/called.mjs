import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { ensurePackages } from './steps.mjs';

/**
 * Runs a TypeScript command with what it was called with: installs what is missing first, says so on standard error, and
 * leaves standard output to the command. Files are named from where it was called.
 */
export function runCalled(script) {
  const from = process.env.INIT_CWD ?? process.cwd();
  const args = process.argv
    .slice(2)
    .map((each) => (fs.existsSync(path.resolve(from, each)) ? path.resolve(from, each) : each));
  ensurePackages({ quiet: true });
  const { status } = spawnSync(path.join('node_modules', '.bin', 'tsx'), [script, ...args], {
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  process.exitCode = status ?? 1;
}
