import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('the film in US units, on a phone', () => {
  it('speaks mils and inches wherever it speaks of film', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    await visitor.press(/^US/);
    await visitor.page.setViewport({ width: 360, height: 740 });
    await visitor.go('/job/demo-livery-panels/spray#even');
    await visitor.sees(/Mean\s+\d\.\d mil/, '[data-even]');
    await visitor.go('/job/demo-livery-panels/spray#flow');
    await visitor.sees(/Levels from \d\.\d mil/, '[data-flow]');
    await visitor.sees(/9\.0 °F warmer/, '[data-moves]');
    await visitor.go('/practice');
    await visitor.sees(/under \d\.\d mil wet/);
    await visitor.go('/job/demo-seat-brackets/check#report');
    await visitor.sees(/aim \d\.\d+ mil/, '[data-report]');
    expect(await visitor.page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
  });

  it('is sprayed with a finger, and scrolling is left to the page outside the panel', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    // Turning touch on loads the page anew: only then is the panel where it will be.
    await visitor.page.setViewport({ width: 360, height: 740, hasTouch: true });
    await visitor.go('/practice');
    await visitor.sees('Runs by');
    const canvas = (await visitor.page.waitForSelector('canvas'))!;
    await canvas.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    const box = (await canvas.boundingBox())!;
    const y = box.y + box.height / 2;
    const touch = await visitor.page.touchscreen.touchStart(box.x + 6, y);
    for (let i = 1; i <= 40; i += 1) {
      await touch.move(box.x + 6 + ((box.width - 12) * i) / 40, y);
      await new Promise((wait) => setTimeout(wait, 16));
    }
    await touch.end();
    await visitor.sees('Last stroke:', '[data-notes]');
    expect(await canvas.evaluate((each) => getComputedStyle(each).touchAction)).toBe('none');
  });

  it('records what was found and what was seen, for the logbook to tell', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray#best');
    await visitor.press('Least time');
    await visitor.press('Find it');
    await visitor.sees('Expected outside', '[data-optimum]');
    await visitor.press('Record this setting');
    await visitor.part('Flow-out');
    await visitor.press('It flowed out');
    await visitor.go('/logbook?job=demo-livery-panels');
    await visitor.sees('trigger pulled');
    await visitor.sees('flowed out evenly');
  });
});
