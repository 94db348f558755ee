/** `npm run screenshots`: takes the pictures in docs/screenshots anew, from the demo shop of the present build. */
import fs from 'node:fs';
import path from 'node:path';
import { ensurePackages, run } from './steps.mjs';

// The zone in which it is now ten in the morning: pictures taken at night name two days where one is meant.
const ahead = ((10 - new Date().getUTCHours() + 36) % 24) - 12;
process.env.TZ = `Etc/GMT${ahead > 0 ? '-' : '+'}${Math.abs(ahead)}`;

/** One picture of each main view: file, path, and what differs from 1280×800 in the Bench theme. */
const views = [
  ['bench', '/'],
  ['new-job', '/new', { taps: ['Steel', 'Sound old paint'] }],
  ['plan', '/job/demo-apron/plan#stack', { height: 1000 }],
  ['day', '/job/demo-apron/plan#day', { height: 900, waits: '[data-day]' }],
  ['mix', '/job/demo-seat-shells/mix'],
  ['thin', '/job/demo-saloon-doors/thin'],
  ['set', '/job/demo-livery-panels/set', { height: 1100 }],
  ['spray', '/job/demo-lining-band/spray', { height: 1000 }],
  ['gun', '/job/demo-livery-panels/spray', { starts: 'Start coat 2 early', press: 'At the gun' }],
  ['film', '/job/demo-livery-panels/spray#even', { height: 1100, show: '[data-place="even"]' }],
  ['check', '/job/demo-seat-brackets/check', { height: 1100 }],
  [
    'defects',
    '/job/demo-seat-brackets/check#defects',
    { height: 1100, theme: 'Booth, dark', press: 'A skin of small dimples', show: '[data-causes]' },
  ],
  ['look', '/job/demo-livery-panels/check#look', { height: 1000 }],
  ['clean', '/job/demo-depot-walls/clean', { height: 1100 }],
  ['care', '/care', { height: 900 }],
  ['coating-sheet', '/coatings/demo-livery-colour'],
  ['logbook', '/logbook'],
  ['practice', '/practice', { height: 900, strokes: 4, press: 'Judge it' }],
  ['thin-phone', '/job/demo-saloon-doors/thin', { width: 360, height: 740 }],
];

/** Strokes over the practice panel, the third of them a little low. */
async function sprayPanel(page, strokes) {
  const box = await (await page.waitForSelector('canvas')).boundingBox();
  for (let k = 0; k < strokes; k += 1) {
    const y = box.y + box.height * (0.22 + (0.52 * k) / (strokes - 1) + (k === 2 ? 0.05 : 0));
    const [from, to] = k % 2 ? [box.x + box.width - 30, box.x + 30] : [box.x + 30, box.x + box.width - 30];
    await page.mouse.move(from, y);
    await page.mouse.down();
    for (let i = 1; i <= 110; i += 1) {
      await page.mouse.move(from + ((to - from) * i) / 110, y);
      await new Promise((wait) => setTimeout(wait, 20));
    }
    await page.mouse.up();
  }
}

/** Starts a coat through what is open before it, as somebody would who has seen to it all. */
async function startCoat(page, words) {
  const inWalk = (at) => `[role="dialog"] ${at}`;
  const press = async (pattern) => {
    for (const button of await page.$$(inWalk('button')))
      if (pattern.test(await button.evaluate((each) => each.innerText))) {
        await button.click();
        return true;
      }
    return false;
  };
  await (await page.waitForSelector(`::-p-text(${words})`)).click();
  await page.waitForSelector(inWalk('[data-step], [data-walk-start]'));
  for (let steps = 0; steps < 60; steps += 1) {
    const start = await page.$(inWalk('[data-walk-start]'));
    if (start) return start.click();
    if (
      !(await press(/^(All \d+ are so|Done|The paper reads so)/)) &&
      (await press(/^Go on without it, and why/))
    ) {
      await page.type(inWalk('input, textarea'), 'For the picture');
      await press(/^Go on without it$/);
    }
    await new Promise((wait) => setTimeout(wait, 250));
  }
  throw new Error('The coat could not be started.');
}

ensurePackages();
// Only now: it needs the packages.
const { visit } = await import('./visit.mjs');
if (!fs.existsSync('.next/BUILD_ID')) run(process.execPath, ['scripts/build.mjs']);
await visit(process.env.PORT ?? '4878', async (page, go) => {
  await go('/');
  for (const [
    name,
    place,
    {
      width = 1280,
      height = 800,
      theme = 'Bench, light',
      press,
      show,
      waits,
      strokes,
      starts,
      taps = [],
    } = {},
  ] of views) {
    await page.setViewport({ width, height });
    await go('/settings');
    await (await page.waitForSelector(`::-p-aria([name="${theme}"])`)).click();
    await go(place);
    if (waits) await page.waitForSelector(waits);
    for (const tile of taps)
      await (await page.waitForSelector(`::-p-aria([name="${tile}"][role="radio"])`)).click();
    if (strokes) await sprayPanel(page, strokes);
    if (starts) await startCoat(page, starts);
    if (press) await (await page.waitForSelector(`::-p-text(${press})`)).click();
    if (show)
      await (await page.waitForSelector(show)).evaluate((found) => found.scrollIntoView({ block: 'center' }));
    // The chart is drawn after the page is ready.
    await new Promise((wait) => setTimeout(wait, starts ? 9000 : 1200));
    await page.screenshot({ path: path.join('docs', 'screenshots', `${name}.png`) });
    console.log(`docs/screenshots/${name}.png`);
  }
});
