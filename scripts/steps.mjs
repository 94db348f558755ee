import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';

/** What the commands share: they run from the project's folder, wherever they are called from. */
export const root = path.resolve(import.meta.dirname, '..');
process.chdir(root);

export const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');

/** Runs a command with its output shown. Ends this process when it fails, unless `soft`. */
export function run(command, args, { soft = false, ...options } = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (status !== 0 && !soft) process.exit(status ?? 1);
  return status === 0;
}

/** Installs the packages when they are missing or older than the lock file. */
export function ensurePackages() {
  const stamp = path.join('node_modules', '.package-lock.json');
  const fresh =
    fs.existsSync(stamp) && fs.statSync(stamp).mtimeMs >= fs.statSync('package-lock.json').mtimeMs;
  if (fresh && fs.existsSync(next)) return;
  console.log('Installing packages.');
  const quiet = ['--no-audit', '--no-fund'];
  // Some registries do not carry the packages of other platforms that the lock file may or may not list, and
  // `npm ci` will not have that. `npm install` keeps to the lock file's versions all the same.
  if (!run('npm', ['ci', ...quiet], { soft: true, stdio: 'ignore' })) run('npm', ['install', ...quiet]);
  const now = new Date();
  fs.utimesSync(stamp, now, now);
}
