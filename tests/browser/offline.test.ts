import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { BoundingBox, ElementHandle } from 'puppeteer-core';
import { isRefusal } from '@/core/refusal';
import { readArchive } from '@/exchange/archive';
import { stages } from '@/facts/job';
import { launch, Visitor } from './driver';
import { another, endCoat, lineOf, readRoom, startCoat } from './follow';
import { serve } from './serve';
import { newJob } from './newjob';

const job = '/job/demo-saloon-doors';

describe('the application without its server', () => {
  const profile = fs.mkdtempSync(path.join(os.tmpdir(), 'fluorite-profile-'));
  afterAll(() => fs.rmSync(profile, { recursive: true, force: true }));

  it('opens every screen, records in every stage, runs every worker, and outlives a reload and the browser', async () => {
    const { server, address } = await serve({ FLUORITE_DEMO: '1' });
    let browser = await launch(profile);
    try {
      const visitor = await Visitor.settle(browser, address);
      await visitor.go('/settings');
      await visitor.page.waitForSelector('[data-offline="ready"]', { timeout: 60_000 });
      server.kill();
      await new Promise((gone) => server.once('exit', gone));
      await expect(fetch(address)).rejects.toThrow();

      // By its address, as a bookmark would, and by links, as a hand would.
      for (const place of [
        ...['/', '/coatings', '/rigs', '/care', '/cups', '/logbook', '/practice', '/settings', '/new'],
        ...['/coatings/demo-bracket-enamel', ...stages.map((stage) => `${job}/${stage}`)],
      ]) {
        await visitor.go(place);
        expect(await visitor.page.$eval('h1', (h1) => h1.textContent)).not.toMatch(/failed|not here/);
      }
      await visitor.go('/');
      for (const name of [
        'Coatings',
        'Gun set-ups',
        'Care',
        'Cups',
        'Logbook',
        'Practice',
        'Settings',
        'Bench',
      ]) {
        await visitor.press(name);
        await visitor.page.waitForFunction(
          (words) => document.querySelector('nav [aria-current="page"]')?.textContent === words,
          {},
          name,
        );
      }

      // A job made here has pages of its own, and is worked from the first tap to the last.
      await visitor.go('/new');
      await newJob(visitor, {
        name: 'Made at sea',
        ground: 'Cast iron',
        width: '1 m',
        height: '1 m',
        product: 'Bracket enamel Q3 Quick-dry enamel',
        closer: async () => {
          await visitor.open(/^Bracket enamel Q3, /);
          await visitor.type('Coats', '1');
        },
      });
      await visitor.page.waitForFunction(() => /^\/job\/.+\/plan$/.test(location.pathname));
      const made = await visitor.page.evaluate(() => location.pathname);
      const to = async (stage: string) => {
        // A passing note may lie over the strip.
        await visitor.page.$eval(`[data-strip] [data-stage="${stage}"]`, (cell) =>
          (cell as HTMLElement).click(),
        );
        await visitor.page.waitForSelector(`[data-strip] [data-stage="${stage}"][aria-current="page"]`);
      };
      const tap = async (): Promise<void> => {
        // The tap of the next line, wherever the focus was left: what goes on record asks for a second key.
        const before = await lineOf(visitor);
        await visitor.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
        await visitor.page.keyboard.press('Enter');
        if (/Go through \d+ things? first/.test(before)) {
          await visitor.page.waitForSelector('[role="dialog"] [data-safe]');
          await visitor.minded();
          return tap();
        }
        const asked = await visitor.page.evaluate(
          () => document.activeElement?.hasAttribute('data-next-action') === true,
        );
        if (asked) await visitor.page.keyboard.press('Enter');
        await another(visitor, before);
      };
      await readRoom(visitor, ['21', '20', '50']);
      await to('mix');
      await tap();
      await tap();
      await to('thin');
      await visitor.type('Seconds', '19.2');
      await visitor.press(/^Record 19\.2/);
      await to('set');
      await tap();
      await visitor.part('Card');
      await visitor.press('Simulate a card');
      await visitor.page.waitForSelector('[data-card-read] dl', { timeout: 30_000 });
      await tap();
      await to('spray');
      await startCoat(visitor, /^Start coat 1/);
      await endCoat(visitor, 'End coat 1');
      await to('check');
      await visitor.type('Reading 1', '30');
      await visitor.page.keyboard.press('Enter');
      await to('clean');
      await tap();
      await visitor.reload();
      await visitor.sees('Made at sea');

      // The other workers: a day laid out, hands tried, a photo made small, a file read, a run judged.
      await visitor.go('/job/demo-livery-panels/plan#day');
      await visitor.page.waitForSelector('[data-day]', { timeout: 30_000 });
      await visitor.go('/job/demo-livery-panels/spray#even');
      await visitor.page.waitForSelector('[data-place="even"] .plotly', { timeout: 30_000 });
      await visitor.go('/job/demo-livery-panels/check');
      await visitor.part('Photos');
      const photo = await visitor.page.waitForSelector('input[aria-label="Photo"]');
      await (photo as ElementHandle<HTMLInputElement>).uploadFile('docs/screenshots/bench.png');
      await visitor.page.waitForSelector('[data-photos] img', { timeout: 30_000 });
      await visitor.go('/practice');
      const panel = (await (await visitor.page.waitForSelector('canvas'))?.boundingBox()) as BoundingBox;
      for (const share of [0.3, 0.6]) {
        await visitor.page.mouse.move(panel.x + 10, panel.y + panel.height * share);
        await visitor.page.mouse.down();
        await visitor.page.mouse.move(panel.x + panel.width - 10, panel.y + panel.height * share, {
          steps: 30,
        });
        await visitor.page.mouse.up();
      }
      await visitor.press('Judge it');
      await visitor.page.waitForFunction(() => !document.body.innerText.includes('Judging'));
      await visitor.go('/settings');
      await visitor.upload('tests/fixtures/bundles/demo-1.fluorite.json');
      await visitor.sees(/Take in /);

      const kept = async (of: Visitor) => {
        await of.go('/logbook');
        // Only those in sight are drawn; each says how many there are.
        const first = await of.page.waitForSelector('[data-log] li');
        return first?.evaluate((row) => Number(row.getAttribute('aria-setsize')));
      };
      const before = await kept(visitor);
      expect(before).toBeGreaterThan(20);

      await browser.close();
      browser = await launch(profile);
      const again = await Visitor.settle(browser, address);
      await again.sees('Made at sea');
      await again.go(made.replace('plan', 'set'));
      await again.sees('Made at sea');
      expect(await kept(again)).toBe(before);
      await again.go('/settings');
      // With a photo in it, an archive.
      const out = await again.downloaded('Export everything', '.zip');
      const archive = await readArchive(new Blob([new Uint8Array(out)]));
      if (isRefusal(archive)) throw new Error(archive.says);
      expect(archive.pictures).toHaveLength(1);
      const { records } = JSON.parse(archive.bundle) as {
        records: { id: string; log?: { type: string }[] }[];
      };
      const written = new Set(
        records.find(({ id }) => id === made.split('/')[2])?.log?.map(({ type }) => type),
      );
      const wanted = [
        'climate',
        'mixed',
        'reading',
        'setting',
        'card',
        'coat-start',
        'coat-end',
        'film',
        'tick',
      ];
      expect(wanted.filter((type) => !written.has(type))).toEqual([]);
    } finally {
      server.kill();
      await browser.close();
    }
  }, 480_000);
});
