import type { Browser } from 'puppeteer-core';
import { writeBundle } from '@/exchange/bundle';
import { conclude } from '@/exchange/conclude';
import type { AnyRecord } from '@/records';
import { stages } from '@/facts/job';
import { anyShop } from '../fixtures/anyjob';
import { unlike, type Shown } from '../fixtures/contradictions';
import { launch, temporaryFile, Visitor } from './driver';

/** Random jobs, their logs ending now, seen on all stages as a person sees them. */
const count = 40;
const shops = Array.from({ length: count }, (_, i) => anyShop(i + 1, Date.now() - 6 * 3_600_000));
const records = new Map<string, AnyRecord>(shops.flatMap((shop) => [...shop.records]));

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** Every figure on the page, and where it stands. */
const figuresOn = (visitor: Visitor, where: string): Promise<Shown[]> =>
  visitor.page.$$eval(
    '[data-fact]',
    (found, place) =>
      found.map((each) => ({
        where: `${place}: ${(each.textContent ?? '').slice(0, 40)}`,
        figure: {
          fact: each.getAttribute('data-fact'),
          of: each.getAttribute('data-of'),
          value: each.getAttribute('data-value') === '' ? null : Number(each.getAttribute('data-value')),
        },
      })),
    where,
  ) as Promise<Shown[]>;

describe('forty random jobs on all stages', () => {
  it('show each fact with one value, the one that the command concludes', async () => {
    const visitor = await Visitor.arrive(browser, 'plain', '/settings');
    const file = temporaryFile(
      'forty.fluorite.json',
      writeBundle([...records.values()], new Date().toISOString()),
    );
    await visitor.upload(file);
    await visitor.press(/^Take in /);
    await visitor.sees('records are in');
    const dry = conclude(records, { at: Date.now(), units: 'metric' }).jobs.flatMap((job) =>
      job.layers.flatMap((layer) =>
        layer.coats.map((coat): Shown => ({
          where: 'conclude',
          figure: { fact: 'coat.dry', of: `${job.id}/${layer.id}/${coat.id}`, value: coat.dry.aim },
        })),
      ),
    );
    const found: string[] = [];
    let seen = 0;
    for (const { job } of shops) {
      const shown: Shown[] = [];
      // By links, as a person goes: a page that is loaded anew for every job takes most of the time.
      await visitor.page.click('a[href="/"]');
      const row = await visitor.page.waitForSelector(`a[href^="/job/${job.id}/"]`);
      await row!.evaluate((each) => (each as HTMLElement).click());
      await visitor.page.waitForSelector('[data-strip] [data-stage]');
      for (const stage of stages) {
        await visitor.page.$eval(`[data-strip] [data-stage="${stage}"]`, (cell) =>
          (cell as HTMLElement).click(),
        );
        await visitor.page.waitForSelector(`[data-strip] [data-stage="${stage}"][aria-current="page"]`);
        shown.push(...(await figuresOn(visitor, stage)));
      }
      // Moments that were passed between two stages move on; a countdown’s own moment does not.
      const own = dry.filter(({ figure: { of } }) => of.startsWith(`${job.id}/`));
      found.push(...unlike([...shown, ...own]));
      seen += shown.length;
    }
    expect(found).toEqual([]);
    expect(seen).toBeGreaterThan(count * 60);
  }, 1_200_000);
});
