/** `npm run screenshots`: takes the pictures in docs/screenshots anew, from the demo shop of the present build. */
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import puppeteer from 'puppeteer-core';
import { ensureChromium } from './chromium.mjs';
import { ensurePackages, next, run } from './steps.mjs';

/** One picture of each main view: file, path, and what differs from 1280×800 in the Bench theme. */
const views = [
  ['bench', '/'],
  ['plan', '/job/demo-saloon-doors/plan'],
  ['mix', '/job/demo-seat-shells/mix'],
  ['thin', '/job/demo-saloon-doors/thin'],
  ['set', '/job/demo-saloon-doors/set'],
  ['spray', '/job/demo-livery-panels/spray'],
  ['check', '/job/demo-seat-brackets/check'],
  ['clean', '/job/demo-depot-walls/clean'],
  ['coating-sheet', '/coatings/demo-livery-colour'],
  ['logbook', '/logbook'],
  ['practice', '/practice'],
  ['thin-phone', '/job/demo-saloon-doors/thin', { width: 360, height: 740 }],
  ['thin-booth', '/job/demo-saloon-doors/thin', { theme: 'Booth, dark' }],
];

ensurePackages();
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1', FLUORITE_DEMO: '1' };
if (!fs.existsSync('.next/BUILD_ID')) run(process.execPath, [next, 'build'], { env });
const port = process.env.PORT ?? '4878';
const server = spawn(process.execPath, [next, 'start', '-p', port], { env, stdio: 'ignore' });
const address = `http://localhost:${port}`;
for (let tries = 0; tries < 60; tries += 1) {
  if (
    await fetch(`${address}/start`).then(
      (answer) => answer.ok,
      () => false,
    )
  )
    break;
  await new Promise((wait) => setTimeout(wait, 250));
}
const browser = await puppeteer.launch({
  executablePath: ensureChromium(),
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
try {
  const page = await browser.newPage();
  const go = async (place) => {
    await page.goto(address + place);
    await page.waitForSelector('[data-ready] h1');
    await new Promise((wait) => setTimeout(wait, 1200));
  };
  await go('/');
  for (const [name, place, { width = 1280, height = 800, theme = 'Bench, light' } = {}] of views) {
    await page.setViewport({ width, height });
    await go('/settings');
    await (await page.waitForSelector(`::-p-aria([name="${theme}"])`)).click();
    await go(place);
    await page.screenshot({ path: path.join('docs', 'screenshots', `${name}.png`) });
    console.log(`docs/screenshots/${name}.png`);
  }
} finally {
  await browser.close();
  server.kill();
}
