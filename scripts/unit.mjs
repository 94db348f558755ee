/** `npm run test:unit`: the fast lane, unit tests alone. What follows `--` goes to Jest: a path, `--watch`. */
import path from 'node:path';
import { ensurePackages, lanes, run } from './steps.mjs';

ensurePackages();
run(path.join('node_modules', '.bin', 'jest'), [
  '--selectProjects',
  'unit',
  ...lanes,
  ...process.argv.slice(2),
]);
