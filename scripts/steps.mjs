import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';

/** What the commands share: they run from the project's folder, wherever they are called from. */
export const root = path.resolve(import.meta.dirname, '..');
process.chdir(root);

export const next = path.join('node_modules', 'next', 'dist', 'bin', 'next');

/** Test files that reckon go two at a time: more would starve each other of a small machine's cores. */
export const lanes = ['--maxWorkers=2'];

/** Below so much memory four browsers and their tests would push each other out, bytes. */
const roomy = 7.5 * 2 ** 30;

/** A journey waits for its browser half of the time: four go beside one another where there is room for them. */
export const journeyLanes = [`--maxWorkers=${os.totalmem() > roomy ? 4 : 2}`];

/** Runs a command with its output shown. Ends this process when it fails, unless `soft`. */
export function run(command, args, { soft = false, ...options } = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (status !== 0 && !soft) process.exit(status ?? 1);
  return status === 0;
}

/**
 * Runs a command whose output is shown whole once it has ended: two that run beside one another do not speak at once.
 *
 * @returns whether it went well
 */
export function runQuietly(name, command, args, options = {}) {
  return new Promise((resolve) => {
    const said = [];
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => said.push(part));
    const ended = (good) => {
      process.stdout.write(`\n— ${name}\n${Buffer.concat(said).toString('utf8')}`);
      resolve(good);
    };
    child.on('error', (error) => {
      said.push(Buffer.from(`${error.message}\n`));
      ended(false);
    });
    child.on('close', (code) => ended(code === 0));
  });
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
