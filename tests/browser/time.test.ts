import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** Makes the page's clock run a span ahead from its next load on. */
const ahead = (visitor: Visitor, minutes: number) =>
  visitor.page.evaluateOnNewDocument((span) => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + span;
  }, minutes * 60_000);

const clock = async (visitor: Visitor, timer: string) => {
  const [, hours = '0', minutes, seconds] =
    /(?:(\d+):)?(\d+):(\d+)/.exec(await visitor.text(`[data-timer="${timer}"]`)) ?? [];
  return Number(hours.replace(':', '')) * 3600 + Number(minutes) * 60 + Number(seconds);
};

describe('timers', () => {
  it('are right again after the tab was frozen', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    const session = await visitor.page.createCDPSession();
    const before = await clock(visitor, 'flash');
    const began = Date.now();
    await session.send('Page.setWebLifecycleState', { state: 'frozen' });
    await new Promise((wait) => setTimeout(wait, 4000));
    await session.send('Page.setWebLifecycleState', { state: 'active' });
    await new Promise((wait) => setTimeout(wait, 1300));
    const passed = (Date.now() - began) / 1000;
    expect(before - (await clock(visitor, 'flash'))).toBeGreaterThanOrEqual(Math.floor(passed) - 2);
  });

  it('keep their moment when the clock is put forward or back an hour', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    const potLife = await clock(visitor, 'pot-life');
    await ahead(visitor, 60);
    await visitor.reload();
    expect(potLife - (await clock(visitor, 'pot-life'))).toBeGreaterThan(3590);
    await visitor.sees('before coat 2 of 4');
    await ahead(visitor, -120);
    await visitor.reload();
    expect(await visitor.text('body')).not.toMatch(/NaN|Invalid/);
    // A clock that went back changes no advice, until somebody says that it is right.
    await visitor.sees('was set back by 2 h', '[data-set-back]');
    await visitor.sees('before coat 2 of 4');
    await visitor.press('The clock is right');
    await visitor.sees(/Leave coat 1 to flash/);
  });

  it('what is written while the clock is not believed says both: the time reckoned on, and what the clock said', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await ahead(visitor, -120);
    await visitor.reload();
    await visitor.sees('was set back by 2 h', '[data-set-back]');
    await visitor.press('Stirred');
    await visitor.go('/logbook?job=demo-livery-panels');
    await visitor.sees(/Stirred[\s\S]{0,80}The clock here said \d\d:\d\d/);
  });

  it('the recoat window opens, and closes, by the clock', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await visitor.sees('Leave coat 1 to flash.');
    await ahead(visitor, 10);
    await visitor.reload();
    await visitor.sees('before coat 2 of 4');
    await visitor.sees('Next coat open for', '[data-tray]');
    await ahead(visitor, 25 * 60);
    await visitor.reload();
    await visitor.sees('The recoat window is closed.');
    await visitor.sees('Recoat window closed', '[data-tray]');
  });

  it('days later the bench asks for another look, also at a job put away, and keeps what was seen', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-brackets/check#defects');
    await ahead(visitor, 3 * 24 * 60);
    await visitor.go('/');
    await visitor.sees(/Seat brackets[\s\S]*In good light, for/, '[data-looks-due]');
    await visitor.press(/^Nothing shows: Seat brackets/);
    await visitor.page.waitForFunction(
      () => !document.querySelector('[data-looks-due]')?.textContent?.includes('Seat brackets'),
    );
    await ahead(visitor, 40 * 24 * 60);
    await visitor.go('/');
    await visitor.press(/^Something shows: Seat brackets/);
    await visitor.sees('What you see or feel');
    await visitor.part('Put right');
    await visitor.sees('■ something showed', '[data-looks]');
  });
});

describe('on a phone', () => {
  it('a thinning goes from the bench to the band’s edge by thumb', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    await visitor.page.setViewport({ width: 360, height: 740, hasTouch: true, isMobile: true });
    await visitor.reload();
    await visitor.press(/Add \d+ g water/);
    await visitor.sees(/Add \d+ g water/, '[aria-label="Next"]');
    await visitor.sees('3 of 7 · Thin', '[data-phone-bar]');
    await visitor.doNext();
    await visitor.sees('Stir, then time the cup.');
    await visitor.press(/3 of 7 · Thin/);
    await visitor.press('To the bench');
    await visitor.press('Bench');
    await visitor.press('Cups');
    await visitor.sees('Cups', 'h1');
  });

  it('everything that is pressed is at least 44 px high and wide', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    await visitor.page.setViewport({ width: 360, height: 740 });
    const small: string[] = [];
    const stages = ['plan', 'mix', 'thin', 'set', 'spray', 'check', 'clean'].map(
      (stage) => `/job/demo-livery-panels/${stage}`,
    );
    for (const screen of [
      '/',
      '/new',
      ...stages,
      '/coatings',
      '/rigs/demo-turbine',
      '/cups',
      '/logbook',
      '/practice',
      '/practice#gun',
      '/job/demo-livery-panels/spray#even',
      '/job/demo-livery-panels/spray#flow',
      '/settings',
    ]) {
      await visitor.go(screen);
      const found = await visitor.page.$$eval(
        'button, a, input:not([type="file"]):not([type="checkbox"]), select, summary, [role="checkbox"], [role="radio"]',
        (controls) =>
          controls
            .filter(
              (control) =>
                (control as HTMLElement).offsetParent !== null && !control.classList.contains('sr-only'),
            )
            .map((control) => ({
              box: control.getBoundingClientRect(),
              html: control.outerHTML.slice(0, 90),
            }))
            .filter(({ box }) => box.height < 43.5 || box.width < 43.5)
            .map(({ box, html }) => `${Math.round(box.width)}×${Math.round(box.height)} ${html}`),
      );
      small.push(...found.map((each) => `${screen}: ${each}`));
    }
    expect(small).toEqual([]);
  });
});
