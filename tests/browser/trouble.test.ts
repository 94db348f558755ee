import fs from 'node:fs';
import type { Browser } from 'puppeteer-core';
import { launch, temporaryFile, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const axe = fs.readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

/** What axe finds on the page as it stands. */
async function violations({ page }: Visitor): Promise<string[]> {
  await page.evaluate(axe);
  return page.evaluate(async () => {
    const run = (
      window as unknown as {
        axe: { run: () => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
      }
    ).axe;
    return (await run.run()).violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 140)}`);
  });
}

describe('when storage fails', () => {
  it('a full disk is said at once, nothing is lost, and it is written when there is room', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    await visitor.page.evaluate(() => {
      const state = window as unknown as { full: boolean };
      state.full = true;
      const original = IDBObjectStore.prototype.put;
      IDBObjectStore.prototype.put = function put(...args: Parameters<typeof original>) {
        if (state.full) throw new DOMException('no room', 'QuotaExceededError');
        return original.apply(this, args);
      };
    });
    await visitor.doNext();
    await visitor.sees('This device is out of room.');
    await visitor.sees('Stir, then time the cup.');
    expect(await visitor.download('Export everything')).toContain('"addition"');
    await visitor.page.evaluate(() => ((window as unknown as { full: boolean }).full = false));
    await visitor.press('Try again');
    await visitor.page.waitForFunction(() => !document.body.innerText.includes('out of room'));
    await visitor.reload();
    await visitor.sees('Stir, then time the cup.');
  });

  it('what two tabs wrote without hearing of each other asks, with both values', async () => {
    const one = await Visitor.arrive(browser, 'demo', '/settings');
    const two = await one.secondTab('/settings');
    // The first tab tells nobody, and the second never learns that it woke up.
    await one.page.evaluate(() => {
      BroadcastChannel.prototype.postMessage = () => undefined;
    });
    await two.page.evaluate(() => {
      Object.defineProperty(document, 'visibilityState', { get: () => 'hidden' });
    });
    // What the demo wrote is folded by now, or the second tab would fold, and read, what the first one writes.
    await two.page.waitForFunction(
      () =>
        new Promise<boolean>((settled) => {
          const open = indexedDB.open('fluorite');
          open.onsuccess = () => {
            const keys = open.result.transaction('records').objectStore('records').getAllKeys();
            keys.onsuccess = () => {
              open.result.close();
              settled(!keys.result.some((key) => String(key).startsWith('set/')));
            };
          };
        }),
      { polling: 100 },
    );
    // Its own fold comes a second after it opened, and finds nothing.
    await new Promise((wait) => setTimeout(wait, 1500));
    await one.page.bringToFront();
    await one.type('Shop name', 'Written here');
    await one.type('Who is at the bench', 'Early shift');
    await one.page.keyboard.press('Tab');
    await two.page.bringToFront();
    await two.type('Shop name', 'Written there');
    await two.page.keyboard.press('Tab');
    // Whichever of them folds it: from then on both are asked, and the other after a look.
    await two.reload();
    await two.sees('was written in two places at once', '[data-asking="shop/shop"]');
    // What only one of them wrote is simply there.
    expect(await two.text('[data-asking]')).not.toContain('Early shift');
    await two.reload();
    await two.press('Look and choose');
    await two.sees('Name', '[role="dialog"]');
    expect(await violations(two)).toEqual([]);
    await two.press('Written here');
    await two.page.waitForFunction(() => !document.querySelector('[data-asking]'));
    await two.reload();
    const said = await two.page.$$eval('main input', (fields) => fields.map(({ value }) => value));
    expect(said).toContain('Written here');
    expect(said).toContain('Early shift');
    expect(await two.page.$('[data-asking]')).toBeNull();
  });

  it('without locks, as on an insecure page, one tab writes and the other says why it does not', async () => {
    const one = await Visitor.arrive(browser, 'demo', '/settings');
    await one.page.evaluateOnNewDocument(() =>
      Object.defineProperty(navigator, 'locks', { value: undefined }),
    );
    await one.reload();
    await one.type('Shop name', 'By the one');
    await one.page.keyboard.press('Tab');
    const two = await one.secondTab('/settings', () =>
      Object.defineProperty(navigator, 'locks', { value: undefined }),
    );
    await two.sees('Another tab of this browser writes here.');
    await two.type('Shop name', 'By the other');
    await two.page.keyboard.press('Tab');
    await two.reload();
    const shopName = () => two.page.$eval('main input', ({ value }) => value);
    expect(await shopName()).toBe('By the one');
    await one.page.close();
    await two.press('Load again');
    await two.sees('Shop name');
    await two.page.waitForFunction(() => !document.body.innerText.includes('Another tab of this browser'));
  });

  it('with no database at all everything works, and says that it ends with the tab', async () => {
    const visitor = await Visitor.arrive(browser, 'plain');
    await visitor.page.evaluateOnNewDocument(() => {
      Object.defineProperty(window, 'indexedDB', { value: undefined });
    });
    await visitor.reload();
    await visitor.sees('This browser gives no storage here');
    await visitor.press('Load the demo shop');
    await visitor.sees('Saloon doors, car 6');
  });
});

describe('a clock that was set back', () => {
  it('asks for nothing twice, makes no pot younger, and is gone by only when somebody says so', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    await visitor.doNext();
    await visitor.sees('Stir, then time the cup.');
    const clocks = () => visitor.text('footer');
    const [first] = /\d+:\d\d/.exec(await clocks()) ?? [];
    const setBack = () => {
      const real = Date.now.bind(Date);
      Date.now = () => real() - 3_600_000;
    };
    await visitor.page.evaluate(setBack);
    await visitor.sees('This device’s clock was set back by 60 min', '[data-set-back]');
    await visitor.sees('Stir, then time the cup.');
    const minutes = (text: string | undefined) => Number(text?.split(':')[0]);
    const same = async () => Math.abs(minutes(/\d+:\d\d/.exec(await clocks())?.[0]) - minutes(first)) <= 2;
    expect(await same()).toBe(true);
    // Also for one who loads the page again, or comes back later.
    await visitor.page.evaluateOnNewDocument(setBack);
    await visitor.reload();
    await visitor.sees('was set back by', '[data-set-back]');
    await visitor.sees('Stir, then time the cup.');
    expect(await same()).toBe(true);
    await visitor.press('The clock is right');
    await visitor.page.waitForFunction(() => !document.querySelector('[data-set-back]'));
    // The job itself goes on by what was written.
    await visitor.sees('ahead of this device’s clock', '[data-ahead]');
    await visitor.sees('Stir, then time the cup.');
    expect(await same()).toBe(true);
  });
});

describe('what lies over a screen', () => {
  it('is as reachable as the screen: key list, commands, menu, dialogs, preview', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    const found: string[] = [];
    const check = async (name: string) => {
      await new Promise((wait) => setTimeout(wait, 250));
      found.push(...(await violations(visitor)).map((each) => `${name}: ${each}`));
      await visitor.page.keyboard.press('Escape');
      await visitor.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
    };
    await visitor.press('Remove everything');
    await check('remove everything');
    const out = await visitor.download('Export everything');
    await visitor.upload(temporaryFile('again.json', out));
    await visitor.sees('What this file would do', '[role="dialog"]');
    await check('import preview');
    await visitor.page.keyboard.type('?');
    await visitor.page.waitForSelector('[role="dialog"]');
    await check('keys');
    await visitor.page.keyboard.down('Control');
    await visitor.page.keyboard.press('k');
    await visitor.page.keyboard.up('Control');
    await visitor.page.waitForSelector('[cmdk-input]');
    await check('commands');
    await visitor.go('/logbook');
    await visitor.press(/^Entry of/);
    await visitor.press('Correct');
    await visitor.page.waitForSelector('[role="dialog"]');
    await check('correct an entry');
    expect(found).toEqual([]);
  });

  it('the empty bench and a place that does not exist are reachable too', async () => {
    const visitor = await Visitor.arrive(browser, 'plain');
    expect(await violations(visitor)).toEqual([]);
    await visitor.go('/nowhere');
    await visitor.sees('There is no such place', 'h1');
    expect(await violations(visitor)).toEqual([]);
  });

  it('units and theme are at hand in the rail, by one press', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set');
    await visitor.press(/^Metric/);
    await visitor.sees(/\d+\.\d psi/);
    await visitor.press(/^Light/);
    await visitor.page.waitForFunction(() => document.documentElement.dataset.theme === 'booth');
  });
});
