import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { tile } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('an empty shop', () => {
  it('makes a job from nothing, and says beside each field what is wrong', async () => {
    const visitor = await Visitor.arrive(browser, 'plain');
    await visitor.press('New job');
    await visitor.press('How large?');
    await visitor.sees('Tap what it is made of.');
    await tile(visitor, 'What is it?', 'Steel');
    await tile(visitor, 'What is on it now?', 'Sound old paint');
    await visitor.sees('Test the old paint, clean, P400 to P500, last wipe, tack off.', '[data-answer]');
    await visitor.press('How large?');
    await visitor.type('Width', '-2');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('A length cannot be below zero.');
    await visitor.type('Width', '1200');
    await visitor.sees('Did you mean 1200 mm?');
    await visitor.press('Use 1200 mm');
    await visitor.press('What goes on?');
    await visitor.sees('Enter a length in m.');
    await visitor.type('Height', '3 ft');
    await visitor.sees(/1\.1 m² to coat/, '[data-answer]');
    // What was answered outlives a reload.
    await visitor.reload();
    await visitor.press('What goes on?');
    await visitor.press('Ready when?');
    await visitor.sees('Tap what goes on it.');
    await tile(visitor, 'What goes on?', 'Quick-dry enamel');
    // A new gun is fitted as its class is; a nozzle taken out again is asked for.
    await visitor.open('Quick-dry enamel, 2 coats');
    await visitor.type('Name on the can', 'Gate enamel');
    await visitor.type('Nozzle', '');
    await visitor.press('Ready when?');
    await visitor.sees('Enter a bore in mm.');
    await visitor.type('Nozzle', '1.4');
    await visitor.sees(/[\d.]+ L of Gate enamel as mixed, for 2 coats/, '[data-answer]');
    await visitor.press('Ready when?');
    await visitor.sees(/Begun now: ready to handle/, '[data-answer]');
    await tile(visitor, 'When must it be ready to handle?', 'In a week');
    await visitor.sees(/First coat by/, '[data-answer]');
    await visitor.type('What the job is called', 'Garden gate');
    await visitor.press('Begin this job');
    await visitor.sees('Garden gate', 'h1');
    await visitor.sees('Read the room, then mix');
    for (const stage of ['Mix', 'Thin', 'Set', 'Spray', 'Check', 'Clean']) {
      await visitor.press(new RegExp(`^${stage}\\n`));
      await visitor.page.waitForSelector(`[data-stage="${stage.toLowerCase()}"][aria-current="page"]`);
      expect((await visitor.text('[aria-label="Next"]')).length).toBeGreaterThan(10);
    }
  });
});

describe('the demo shop', () => {
  it('an over-pour is met by more of the others', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-shells/mix');
    await visitor.sees(/Pour G7 gel coat until the scale reads \d+ g/);
    const asked = Number(/reads (\d+) g/.exec(await visitor.text('[aria-label="Next"]'))?.[1]);
    await visitor.type('Scale reads, after G7 gel coat', String(asked + 500));
    await visitor.press('Record this pour');
    // 0.3 accelerator on 100 of resin goes in before the catalyst; both grow with the resin.
    const first = Math.round((asked + 500) * 1.003);
    await visitor.sees(
      new RegExp(`Pour G accelerator until the scale reads (${first - 1}|${first}|${first + 1}) g`),
    );
    await visitor.sees('Which costs', '[aria-label="Because"]');
    await visitor.doNext();
    const total = Math.round((asked + 500) * 1.023);
    await visitor.sees(
      new RegExp(`Pour Peroxide catalyst until the scale reads (${total - 1}|${total}|${total + 1}) g`),
    );
    await visitor.sees('Peroxide catalyst: goggles on, no metal measures');
    await visitor.doNext();
    await visitor.doNext();
    await visitor.sees('in the pot');
    await visitor.sees('Pot life left', '[data-tray]');
    await visitor.sees('On the ratio, within what is allowed.');
    // The cans gave what was poured.
    await visitor.part('How much');
    await visitor.sees(
      new RegExp(`${(20 - (asked + 500) / 1210).toFixed(2)} L left`),
      '[aria-label="Cans on the shelf"]',
    );
  });

  it('the frames’ window is closed: abrade first', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-truck-frames/spray');
    await visitor.sees('The recoat window is closed.');
    expect(await visitor.cell('spray')).toContain('recoat window closed');
    await visitor.doNext();
    await visitor.sees('before coat');
  });

  it('switches units and theme anywhere, and keeps both', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-depot-walls/set');
    await visitor.sees('140 bar');
    await visitor.page.keyboard.press('u');
    await visitor.sees('2031 psi');
    await visitor.go('/settings');
    await visitor.press('Booth, dark');
    await visitor.reload();
    expect(await visitor.page.$eval('html', (html) => html.dataset.theme)).toBe('booth');
    await visitor.go('/job/demo-depot-walls/set');
    await visitor.sees('2031 psi');
  });

  it('a mistaken entry is corrected and keeps what it said', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/logbook?job=demo-saloon-doors');
    await visitor.press(/^Entry of/);
    await visitor.press('Correct');
    await visitor.type('Seconds', '29.9');
    await visitor.press('Correct it');
    await visitor.sees(/29\.9 s at 19\.5 °C[\s\S]*Said before: \d\d\.\d s/, '[data-log] li:first-child');
    await visitor.press(/^Entry of/);
    await visitor.press('Strike');
    await visitor.sees('Struck: Struck by hand.');
  });

  it('an edited sheet does not reach into jobs already begun', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings/demo-satin-lacquer');
    await visitor.sees('21–25 s');
    await visitor.press('Edit');
    await visitor.open(/^Viscosity/);
    await visitor.type('Band from', '15');
    await visitor.type('Band to', '12');
    await visitor.press('Save');
    await visitor.sees('The band must run from fewer seconds to more.');
    await visitor.type('Band to', '18');
    await visitor.press('Save');
    await visitor.sees('15–18 s');
    await visitor.go('/job/demo-saloon-doors/thin');
    await visitor.sees('21–25');
  });

  it('converts a cup and says when it reads outside its range', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/cups');
    await visitor.sees('78.9 mm²/s');
    await visitor.choose('Cup', 'din-4');
    await visitor.type('Seconds', '16');
    await visitor.sees('din-4 is made for 25–150 s; this lies below.');
    await visitor.type('Seconds', '9');
    await visitor.sees('is too thin for the DIN cup 4');
  });
});

describe('first load of the bench', () => {
  it('brings at most 280 kB of script, compressed, no charts and no schema library', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    const page = await visitor.context.newPage();
    const session = await page.createCDPSession();
    await session.send('Network.enable');
    await session.send('Network.setCacheDisabled', { cacheDisabled: true });
    // What a first visit fetches, not what the service worker has stored since.
    await page.setBypassServiceWorker(true);
    const scripts = new Set<string>();
    const addresses: string[] = [];
    let bytes = 0;
    session.on('Network.responseReceived', ({ type, requestId, response }) => {
      if (type !== 'Script') return;
      scripts.add(requestId);
      addresses.push(response.url);
    });
    session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      if (scripts.has(requestId)) bytes += encodedDataLength;
    });
    await page.goto(visitor.page.url());
    await page.waitForSelector('[data-ready] h1');
    expect(bytes).toBeGreaterThan(50_000);
    expect(bytes).toBeLessThan(280_000);
    // Records written by this version are trusted: what checks records comes when something else is there.
    const texts = await Promise.all(addresses.map(async (address) => (await fetch(address)).text()));
    expect(texts.some((text) => text.includes('ZodMini'))).toBe(false);
    expect(await page.evaluate(() => 'Plotly' in window)).toBe(false);
  });

  it('paints its frame before most of the script has come, on a slow line', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    const page = await visitor.context.newPage();
    const session = await page.createCDPSession();
    await session.send('Page.enable');
    await session.send('Page.setLifecycleEventsEnabled', { enabled: true });
    await session.send('Network.enable');
    await page.setBypassServiceWorker(true);
    await session.send('Network.setCacheDisabled', { cacheDisabled: true });
    await session.send('Network.emulateNetworkConditions', {
      ...{ offline: false, latency: 150 },
      ...{ downloadThroughput: 200_000, uploadThroughput: 90_000 },
    });
    const scripts = new Set<string>();
    const came: { readonly at: number; readonly bytes: number }[] = [];
    let painted = 0;
    session.on(
      'Network.responseReceived',
      ({ type, requestId }) => type === 'Script' && scripts.add(requestId),
    );
    session.on('Network.dataReceived', ({ requestId, encodedDataLength, timestamp }) => {
      if (scripts.has(requestId)) came.push({ at: timestamp, bytes: encodedDataLength });
    });
    session.on('Page.lifecycleEvent', ({ name, timestamp }) => {
      if (name === 'firstContentfulPaint') painted = timestamp;
    });
    await page.goto(visitor.page.url());
    await page.waitForSelector('[data-ready] h1');
    const until = (moment: number) =>
      came.filter(({ at }) => at <= moment).reduce((sum, { bytes }) => sum + bytes, 0);
    expect(painted).toBeGreaterThan(0);
    expect(until(painted)).toBeLessThan(200_000);
    expect(until(Infinity)).toBeGreaterThan(100_000);
  });
});
