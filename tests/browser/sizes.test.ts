import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { measure } from './measure';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** Every place: of the shop, and of jobs that stand at different stages; their parts are found on the page. */
const shop = [
  '/',
  '/new',
  '/coatings',
  '/coatings/demo-livery-colour',
  '/sheet',
  '/rigs',
  '/rigs/demo-turbine',
  '/rigs/demo-pot',
  '/cups',
  '/logbook',
  '/practice',
  '/care',
  '/settings',
];
const stagesOf = (job: string) =>
  ['plan', 'mix', 'thin', 'set', 'spray', 'check', 'clean'].map((stage) => `/job/${job}/${stage}`);

/** Two screens of a laptop, four of a phone; between them three of a tablet. */
const windows = [
  { width: 1280, height: 800, screens: 2 },
  { width: 768, height: 1024, screens: 3 },
  { width: 360, height: 740, screens: 4 },
];
const mostFields = 20;
const leastText = 12;

async function tooMuch(places: readonly string[]): Promise<string[]> {
  const visitor = await Visitor.arrive(browser, 'demo');
  const found: string[] = [];
  for (const place of places) {
    await visitor.go(place);
    const parts = await visitor.page.$$eval('[data-parts] a', (links) =>
      links.map((link) => (link as HTMLAnchorElement).hash),
    );
    for (const part of parts.length > 0 ? parts : ['']) {
      if (part) await visitor.go(place + part);
      // What is fetched with a part, and drawn after it.
      await new Promise((wait) => setTimeout(wait, 400));
      for (const { width, height, screens } of windows) {
        await visitor.page.setViewport({ width, height });
        await new Promise((wait) => setTimeout(wait, 120));
        const says = `${place}${part} at ${width} px`;
        const {
          height: tall,
          fields,
          over,
          smallest,
          smallestText,
          instrument,
        } = await measure(visitor.page);
        if (tall > height * screens) found.push(`${says} is ${tall} px long`);
        if (fields > mostFields) found.push(`${says} has ${fields} fields`);
        if (over > 0) found.push(`${says} is ${over} px too wide`);
        if (smallest < leastText) found.push(`${says} writes “${smallestText}” in ${smallest} px`);
        // The next line, its reasons and the top of the instrument stand on a laptop without scrolling.
        if (width === 1280 && instrument !== undefined && instrument > 0.62 * height)
          found.push(`${says}: its instrument begins at ${Math.round(instrument)} px`);
      }
      await visitor.page.setViewport({ width: 1280, height: 800 });
    }
  }
  return found;
}

describe('how much one place asks', () => {
  it('of the shop: two screens, four of a phone, twenty fields, words to be read', async () => {
    expect(await tooMuch(shop)).toEqual([]);
  }, 480_000);

  it.each(['demo-livery-panels', 'demo-apron'])(
    'of the job %s: the same in every part of every stage',
    async (job) => {
      expect(await tooMuch(stagesOf(job))).toEqual([]);
    },
    300_000,
  );
});

describe('on a phone', () => {
  const inSight = (visitor: Visitor, selector: string) =>
    visitor.page.$$eval(selector, (found) =>
      found.some((each) => {
        const { top, bottom, width } = each.getBoundingClientRect();
        return width > 0 && top >= 0 && bottom <= window.innerHeight;
      }),
    );

  it.each([
    ['a phone', 360, 740],
    ['a laptop enlarged to 200 %', 640, 400],
  ])(
    '%s always shows the sentence, the main button and the nearest clock',
    async (_, width, height) => {
      const visitor = await Visitor.arrive(browser, 'demo');
      await visitor.page.setViewport({ width, height });
      for (const stage of stagesOf('demo-livery-panels')) {
        await visitor.go(stage);
        for (const share of [0, 0.5, 1]) {
          await visitor.page.evaluate(
            (at) => window.scrollTo(0, at * (document.documentElement.scrollHeight - window.innerHeight)),
            share,
          );
          await new Promise((wait) => setTimeout(wait, 200));
          const where = `${stage} scrolled ${share}`;
          expect([where, await inSight(visitor, '[data-next] p, [data-dock-says]')]).toEqual([where, true]);
          expect([where, await inSight(visitor, '[data-next-action], [data-dock] .grid button')]).toEqual([
            where,
            true,
          ]);
          expect([where, await inSight(visitor, '[data-tray]')]).toEqual([where, true]);
        }
      }
    },
    120_000,
  );

  it('says what may injure above the fold, before the work', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    await visitor.page.setViewport({ width: 360, height: 740 });
    for (const place of [
      '/job/demo-livery-panels/spray',
      '/job/demo-depot-walls/clean',
      '/job/demo-seat-shells/mix',
    ]) {
      await visitor.go(place);
      const { safety } = await measure(visitor.page);
      expect(safety).toBeLessThan(200);
    }
  });

  it('opens the strip, the stack and the clocks, and gives the focus back', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-lining-band/spray');
    await visitor.page.setViewport({ width: 360, height: 740 });
    await visitor.press(/5 of 7 · Spray/);
    await visitor.sees('in hand', '[role="dialog"]');
    await visitor.press(/^Check/);
    await visitor.sees(/6 of 7 · Check/, '[data-phone-bar]');
    // Focus stands at the new page’s heading.
    await visitor.page.waitForFunction(() => document.activeElement?.tagName === 'H1');
    await visitor.press(/clocks/);
    await visitor.sees('dew margin', '[role="dialog"]');
    await visitor.page.keyboard.press('Escape');
    await visitor.page.waitForFunction(
      () => document.activeElement?.closest('[data-tray], [data-dock]') !== null,
    );
  });
});
