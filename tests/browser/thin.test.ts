import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('Thin', () => {
  it('can be worked by keyboard alone', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/');
    const { keyboard } = visitor.page;
    await keyboard.down('Control');
    await keyboard.press('k');
    await keyboard.up('Control');
    await visitor.page.waitForSelector('[cmdk-input]');
    await keyboard.type('saloon thin');
    await keyboard.press('Enter');
    await visitor.sees(/Add \d+ g water/, '[aria-label="Next"]');
    const grams = Number(/Add (\d+) g/.exec(await visitor.text('[aria-label="Next"]'))?.[1]);
    await keyboard.press('Enter');
    await visitor.sees('Stir, then time the cup.');
    await visitor.sees(`+${grams} g`, '[data-readings]');

    await keyboard.press('Enter');
    const focused = () => visitor.page.evaluate(() => document.activeElement?.getAttribute('data-place'));
    expect(await focused()).toBe('watch');
    await keyboard.press('Space');
    await visitor.sees('Stop at the break of the stream');
    await new Promise((wait) => setTimeout(wait, 400));
    await keyboard.press('Space');
    await visitor.sees(/Too thin for Ford cup 4: it tells nothing at \d+\.\d s/);
    for (const seconds of ['26.1', '26.4']) {
      for (let tries = 0; tries < 30 && (await focused()) !== 'watch'; tries += 1) {
        await keyboard.down('Shift');
        await keyboard.press('Tab');
        await keyboard.up('Shift');
      }
      await keyboard.press('Tab');
      expect(await focused()).toBe('seconds');
      await keyboard.down('Control');
      await keyboard.press('a');
      await keyboard.up('Control');
      await keyboard.type(seconds);
      await keyboard.press('Enter');
      await visitor.sees(`${seconds} s`, '[data-readings]');
    }
    await visitor.sees(/Add \d+ g water|In the band/);
    await keyboard.press('Escape');
    await visitor.page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await keyboard.press('4');
    await visitor.sees('Nozzles the shop owns');
  });

  it('the simulated cup drains for real, and its reading is marked as simulated', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/thin');
    await visitor.page.click('::-p-aria([name="Simulated cup"][role="checkbox"])');
    await visitor.page.waitForSelector('::-p-aria([name="Simulated cup, full"])');
    await visitor.page.click('[data-watch]');
    const began = Date.now();
    await visitor.page.waitForSelector('::-p-aria([name="Simulated cup, running"])');
    await visitor.page.waitForSelector('::-p-aria([name="Simulated cup, stream broken"])', {
      timeout: 45_000,
    });
    await visitor.page.keyboard.press('Space');
    const took = (Date.now() - began) / 1000;
    expect(took).toBeGreaterThan(15);
    const label = await visitor.text('[data-record]');
    expect(Math.abs(Number(/[\d.]+/.exec(label)?.[0]) - took)).toBeLessThan(1.5);
    await visitor.press(/^Record [\d.]+ s$/);
    await visitor.sees(/\d\d\.\d s\s.*\ssimulated/, '[data-readings]');
  });

  it('asks when the unit looks wrong, and takes what was meant', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    await visitor.type('Paint temperature', '70');
    await visitor.sees('Did you mean 70 °F?');
    await visitor.press('Use 70 °F');
    expect(
      await visitor.page.$eval(
        '::-p-aria([name="Paint temperature"])',
        (field) => (field as HTMLInputElement).value,
      ),
    ).toBe('21.1111');
    await visitor.type('Seconds', '1:02');
    await visitor.sees('Read as minutes and seconds: 62 s.');
    await visitor.type('Seconds', 'quick');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('“quick” is not a number.');
    expect(
      await visitor.page.$eval('::-p-aria([name="Seconds"])', (field) => (field as HTMLInputElement).value),
    ).toBe('quick');
  });

  it('asks before more thinner is recorded than the sheet allows, in the sheet’s own percent', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    // 10 % by volume of 6960 g at 1.04 is 668 g of water; 150 g are in: 530 g more is past it, 500 g is not.
    await visitor.type('Water added now', '530');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('That is past the sheet’s maximum of 10 %. Is it right?');
    expect(await visitor.text('[data-readings]')).not.toContain('+530 g');
    await visitor.type('Water added now', '500');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('+500 g', '[data-readings]');
  });

  it('will not thin a two-part mix past its pot life', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/thin');
    await visitor.page.evaluateOnNewDocument(() => {
      const real = Date.now.bind(Date);
      Date.now = () => real() + 4 * 3600 * 1000;
    });
    await visitor.reload();
    await visitor.sees('Do not thin this mix. Its pot life is over: discard it.');
    await visitor.sees('Pot life over', '[data-tray]');
  });
});
