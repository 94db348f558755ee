import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';

/** What the commands share: they run from the project's folder, wherever they are called from. */
export const root = path.resolve(import.meta.dirname, '..');
process.chdir(root);

export const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');

/** Test files go two at a time: more would starve each other of a small machine's cores. */
export const lanes = ['--maxWorkers=2'];

/** Runs a command with its output shown. Ends this process when it fails, unless `soft`. */
export function run(command, args, { soft = false, ...options } = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (status !== 0 && !soft) process.exit(status ?? 1);
  return status === 0;
}

/** Installs the packages when they are missing or older than the lock file; `quiet` keeps standard output free. */
export function ensurePackages({ quiet = false } = {}) {
  const stamp = path.join('node_modules', '.package-lock.json');
  const fresh =
    fs.existsSync(stamp) && fs.statSync(stamp).mtimeMs >= fs.statSync('package-lock.json').mtimeMs;
  if (fresh && fs.existsSync(next)) return;
  (quiet ? console.error : console.log)('Installing packages.');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=notice'], { stdio: ['ignore', quiet ? 2 : 1, 2] });
  const now = new Date();
  fs.utimesSync(stamp, now, now);
}
