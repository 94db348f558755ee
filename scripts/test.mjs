/**
 * `npm test`: installs what is missing, then lint beside format, types and build, then unit tests and browser tests. The
 * last line counts them all; a check that is not a test file counts as one test.
 */
import fs from 'node:fs';
import path from 'node:path';
import { ensurePackages, journeyLanes, lanes, run, runQuietly } from './steps.mjs';
import { ensureChromium } from './chromium.mjs';

ensurePackages();
const bin = (name) => path.join('node_modules', '.bin', name);
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1', CI: process.env.CI ?? '' };
let passed = 0;
let failed = 0;

async function check(name, command, args) {
  const good = await runQuietly(name, command, args, { env });
  if (good) passed += 1;
  else failed += 1;
  return good;
}

/** The build comes before the types: it writes the route types they include. */
async function builtAndTyped() {
  await check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
  await check('types of the core, without a browser', bin('tsc'), ['-p', 'src/core']);
  const built = await check('build', process.execPath, ['scripts/build.mjs']);
  await check('types', bin('tsc'), ['--noEmit']);
  return built;
}

function tests(name, more) {
  console.log(`\n— ${name}`);
  const file = path.join('.test-output', `${name.replace(/\s/g, '-')}.json`);
  fs.mkdirSync('.test-output', { recursive: true });
  fs.rmSync(file, { force: true });
  const good = run(bin('jest'), ['--json', `--outputFile=${file}`, ...more], { soft: true, env });
  if (!fs.existsSync(file)) {
    failed += 1;
    return;
  }
  const result = JSON.parse(fs.readFileSync(file, 'utf8'));
  passed += result.numPassedTests;
  failed += result.numFailedTests + result.numRuntimeErrorTestSuites;
  if (!good && result.numFailedTests + result.numRuntimeErrorTestSuites === 0) failed += 1;
}

// Lint takes one core for as long as all the others take the other.
const [built] = await Promise.all([
  builtAndTyped(),
  check('lint', bin('eslint'), ['.', '--max-warnings', '0']),
]);
tests('unit tests', ['--selectProjects', 'unit', ...lanes]);
const chromium = ensureChromium();
if (built && chromium) {
  env.CHROMIUM = chromium;
  tests('browser tests', ['--selectProjects', 'browser', ...journeyLanes]);
} else failed += 1;

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
