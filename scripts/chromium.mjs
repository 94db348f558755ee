import { spawnSync } from 'node:child_process';
import fs from 'node:fs';

const places = [
  process.env.CHROMIUM,
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

const found = () => places.find((place) => place && fs.existsSync(place));

/** The browser that the tests drive; installs Debian's when there is none. Undefined when it cannot. */
export function ensureChromium() {
  const there = found();
  if (there) return there;
  console.log('Installing Chromium from Debian’s packages.');
  const quiet = { stdio: 'ignore', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update'], quiet);
  spawnSync('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], quiet);
  const installed = found();
  if (!installed)
    console.error(
      'Chromium is missing and could not be installed. As root: apt-get install chromium. Or set CHROMIUM to a browser’s path.',
    );
  return installed;
}
