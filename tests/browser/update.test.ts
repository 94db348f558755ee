import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { launch, Visitor } from './driver';

/** A server before the application’s that can bring out a newer version of it. */
async function publisher(from: string): Promise<{ address: string; publish: () => void; close: () => void }> {
  let edition = '';
  const server = http.createServer((asked, answer) => {
    const isWorker = asked.url?.startsWith('/sw.js') ?? false;
    // Whole and plain, or there would be nothing to write in.
    const wanted = isWorker ? {} : asked.headers;
    const passed = http.request(from + (asked.url ?? '/'), { method: asked.method, headers: wanted });
    passed.on('response', (found) => {
      const headers = { ...found.headers };
      if (isWorker) delete headers['content-length'];
      answer.writeHead(found.statusCode ?? 500, headers);
      found.on('end', () => answer.end(isWorker ? edition : ''));
      found.pipe(answer, { end: false });
    });
    passed.on('error', () => answer.destroy());
    asked.pipe(passed);
  });
  await new Promise<void>((open) => server.listen(0, open));
  return {
    address: `http://localhost:${(server.address() as AddressInfo).port}`,
    publish: () => (edition = `\n// edition ${Date.now()}`),
    close: () => {
      server.close();
      server.closeAllConnections();
    },
  };
}

describe('a newer version', () => {
  it('is offered, waits while a job goes on, and is taken with nothing lost', async () => {
    const { address, publish, close } = await publisher(process.env.FLUORITE_WITH_DEMO as string);
    const browser = await launch();
    try {
      const visitor = await Visitor.settle(browser, address);
      await visitor.go('/settings');
      await visitor.page.waitForSelector('[data-offline="ready"]', { timeout: 60_000 });
      // The first one serves the page from its next opening.
      await visitor.reload();
      expect(await visitor.page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);

      publish();
      await visitor.go('/job/demo-saloon-doors/thin');
      await visitor.page.evaluate(async () => (await navigator.serviceWorker.ready).update());
      await visitor.page.waitForFunction(async () => (await navigator.serviceWorker.ready).waiting !== null, {
        timeout: 60_000,
      });
      // Nothing is taken in the middle of a job: what stands in a field stays there.
      await visitor.type('Seconds', '23.4');
      await new Promise((wait) => setTimeout(wait, 1500));
      const typed = () => visitor.page.$$eval('input', (fields) => fields.map(({ value }) => value));
      expect(await typed()).toContain('23.4');

      await visitor.go('/settings');
      await visitor.sees('A newer version is stored.', '[data-offline]');
      const gone = visitor.page.waitForNavigation();
      await visitor.press('Take the newer version');
      await gone;
      await visitor.page.waitForSelector('[data-ready] h1');
      await visitor.page.waitForFunction(async () => (await navigator.serviceWorker.ready).waiting === null);
      expect(await visitor.text('[data-offline]')).not.toContain('A newer version is stored.');
      await visitor.go('/');
      await visitor.sees('8 open jobs');
    } finally {
      await browser.close();
      close();
    }
  });

  it('is put on the device when the system offers it, and not asked for twice', async () => {
    const browser = await launch();
    try {
      const visitor = await Visitor.settle(browser, process.env.FLUORITE_WITH_DEMO as string);
      // The browser may offer it by itself, or not: here only the test does.
      await visitor.page.evaluateOnNewDocument(() =>
        addEventListener(
          'beforeinstallprompt',
          (event) => {
            if (event.isTrusted) event.stopImmediatePropagation();
          },
          true,
        ),
      );
      await visitor.go('/settings');
      await visitor.page.waitForSelector('[data-offline="ready"]', { timeout: 60_000 });
      await visitor.sees('Add to home screen', '[data-offline]');
      await visitor.page.evaluate(() => {
        const offer = new Event('beforeinstallprompt', { cancelable: true });
        Object.assign(offer, { prompt: () => ((window as { prompted?: number }).prompted = 1) });
        window.dispatchEvent(offer);
      });
      await visitor.press('Put Fluorite on this device');
      expect(await visitor.page.evaluate(() => (window as { prompted?: number }).prompted)).toBe(1);
      await visitor.sees('Add to home screen', '[data-offline]');
      const manifest = await visitor.page.evaluate(async () => {
        const link = document.querySelector<HTMLLinkElement>('link[rel="manifest"]');
        return link && ((await (await fetch(link.href)).json()) as { icons: unknown[]; display: string });
      });
      expect(manifest?.display).toBe('standalone');
      expect(manifest?.icons.length).toBeGreaterThan(1);
    } finally {
      await browser.close();
    }
  });
});
