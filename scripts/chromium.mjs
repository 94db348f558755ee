import { spawnSync } from 'node:child_process';
import fs from 'node:fs';

/** The one without windows first: a window’s own parts, which nobody sees here, take a tenth of the tests’ time. */
const places = [
  process.env.CHROMIUM,
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

const found = () => places.find((place) => place && fs.existsSync(place));

/** The browser that pictures are taken with: the one without windows sets letters on whole pixels. */
export const drawingChromium = () =>
  [process.env.CHROMIUM, '/usr/bin/chromium'].find((place) => place && fs.existsSync(place)) ??
  ensureChromium();

/** The browser that the tests drive; installs Debian's when there is none. Undefined when it cannot. */
export function ensureChromium() {
  const there = found();
  if (there) return there;
  console.log('Installing Chromium from Debian’s packages.');
  const quiet = { stdio: 'ignore', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update'], quiet);
  const install = (name) =>
    spawnSync('apt-get', ['install', '-y', '--no-install-recommends', name], quiet).status === 0;
  // Older releases have no such package.
  if (!install('chromium-headless-shell')) install('chromium');
  const installed = found();
  if (!installed)
    console.error(
      'Chromium is missing and could not be installed. As root: apt-get install chromium. Or set CHROMIUM to a browser’s path.',
    );
  return installed;
}
