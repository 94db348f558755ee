import type { Browser } from 'puppeteer-core';
import { stages } from '@/facts/job';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('the policy the pages are served under', () => {
  it('is broken on no route, and lets nothing else in', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    const said: string[] = [];
    visitor.page.on('console', (message) => {
      if (/Content Security Policy|Permissions-Policy|violates/i.test(message.text()))
        said.push(message.text());
    });
    await visitor.page.evaluateOnNewDocument(() => {
      document.addEventListener('securitypolicyviolation', (event) =>
        console.error(`violates ${event.violatedDirective}: ${event.blockedURI} ${event.sample}`),
      );
    });
    for (const place of [
      ...['/', '/coatings', '/rigs', '/care', '/cups', '/logbook', '/practice', '/settings', '/new'],
      ...['/coatings/demo-bracket-enamel', '/job/demo-livery-panels/spray#even'],
      ...stages.map((stage) => `/job/demo-saloon-doors/${stage}`),
    ]) {
      await visitor.go(place);
      if (place.endsWith('#even')) await visitor.page.waitForSelector('[data-place="even"] .plotly');
      if (place.endsWith('/set')) {
        await visitor.part('Card');
        await visitor.press('Simulate a card');
        await visitor.page.waitForSelector('[data-card-read] dl');
      }
    }
    expect(said).toEqual([]);
    await visitor.page.evaluate(() => {
      const script = document.createElement('script');
      script.textContent = 'window.letIn = true';
      document.body.append(script);
    });
    expect(await visitor.page.evaluate(() => 'letIn' in window)).toBe(false);
    expect(said.length).toBeGreaterThan(0);
  });

  it('comes with every answer, and nobody else may show the page in a frame', async () => {
    for (const place of ['/', '/job/any/plan', '/sw.js', '/start']) {
      const { headers } = await fetch(`${process.env.FLUORITE_WITH_DEMO}${place}`);
      expect(headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
      expect(headers.get('content-security-policy')).not.toMatch(
        /unsafe-eval|script-src[^;]*unsafe-inline|https?:/,
      );
      expect(headers.get('x-content-type-options')).toBe('nosniff');
      expect(headers.get('referrer-policy')).toBe('no-referrer');
      for (const own of ['camera', 'microphone', 'geolocation', 'serial', 'screen-wake-lock'])
        expect(headers.get('permissions-policy')).toContain(`${own}=(self)`);
    }
  });
});
