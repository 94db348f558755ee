import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { endCoat, moving, readRoom, seenUntil, startCoat } from './follow';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('the plan of a day', () => {
  it('lays out a known stack, moves a coat by keyboard, and says when sanding goes through', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-shells/plan#stack');
    await visitor.open('Ready-made systems');
    await visitor.choose('Ready-made systems', 'Sprayed filler');
    await visitor.press('Use this');
    await visitor.sees(/1\. Filler 1[\s\S]*4\. Guide/, '[data-stack]');
    const handle = (await visitor.page.waitForSelector('::-p-aria([name="Move coat 4, Guide"])'))!;
    await handle.focus();
    for (const key of ['Space', 'ArrowUp', 'Space'] as const) {
      await visitor.page.keyboard.press(key);
      await new Promise((wait) => setTimeout(wait, 350));
    }
    await visitor.sees(/3\. Guide[\s\S]*4\. Filler 3/, '[data-stack]');
    await visitor.sees(/the rest is sanded off/, '[data-total]');
    await visitor.open('1. Filler 1');
    await visitor.type('Sanded off afterwards', '2000');
    await visitor.page.keyboard.press('Enter');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees(/sanding goes through to the coating below/);
    await visitor.reload();
    await visitor.sees(/3\. Guide/, '[data-stack]');
  });

  it('puts every coat on one axis, ends later with fewer rack slots, and goes out as a calendar', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    // Work around the clock, so that the test does not depend on the hour it runs at.
    const time = async (label: string, value: string) => {
      const field = (await visitor.page.waitForSelector(`::-p-aria([name="${label}"])`))!;
      await field.type(value);
    };
    await time('Work begins', '1200AM');
    await time('and ends', '1159PM');
    await visitor.go('/job/demo-saloon-doors/plan#day');
    await visitor.sees(/All coats on by|does not all fit|do not fit/, '[aria-label="The day"]');
    await visitor.press('As a list');
    const rows = async () => (await visitor.text('[data-day-list]')).split('\n').filter(Boolean);
    expect((await rows()).length).toBeGreaterThanOrEqual(24);
    const file = await visitor.download('Export to a calendar', '.ics');
    // A coat over all its doors is one entry, and not one a door.
    const events = file.match(/BEGIN:VEVENT/g)?.length ?? 0;
    expect(events).toBeGreaterThan(1);
    expect(events).toBeLessThan(24);
    expect(file).toMatch(/SUMMARY:.*pieces/);
    expect(file).toMatch(/DTSTART:\d{8}T\d{6}Z/);
    const before = await visitor.text('[data-day]');
    await visitor.type('Rack slots', '2');
    await visitor.page.keyboard.press('Enter');
    await visitor.page.waitForFunction(
      (old) =>
        document.querySelector('[data-day]') &&
        (document.querySelector('[data-day]') as HTMLElement).innerText.replace(/\u00a0/g, ' ') !== old,
      { timeout: 15_000 },
      before,
    );
  });

  it('leaves nothing out without a reason, and loses the tack when a hand touches the part', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#ready');
    await visitor.page.click('::-p-xpath(//label[contains(., "Tack off just before")])');
    await visitor.sees(/Tack off[\s\S]*good for\s+1[45]:\d\d/, '[aria-label="The part"]');
    await visitor.press('Touched: wipe again');
    await visitor.sees(/Tack off[\s\S]*again/, '[aria-label="The part"]');
    await visitor.open(/to mind/);
    const leave = (await visitor.page.waitForSelector(
      '::-p-xpath(//li[contains(., "Room to swing")]//button)',
    ))!;
    await leave.evaluate((each) => (each as HTMLElement).scrollIntoView({ block: 'center' }));
    await leave.click();
    await visitor.press('Go on without it');
    await visitor.sees('Say why: it stays in the record');
    await visitor.type('Why', 'Turntable');
    await visitor.press('Go on without it');
    await visitor.sees('Left out: Turntable');
  });

  it('plans a blend and warns when it reaches the kept edge', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/plan#stack');
    await visitor.open('Ready-made systems');
    await visitor.choose('Ready-made systems', 'Blend into the panel');
    await visitor.press('Use this');
    await visitor.sees(/It hides to 200 mm and is gone at \d+ mm, before the edge/, '[data-blend]');
    await visitor.open('The fade');
    await visitor.type('Kept edge at', '500');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('past the edge that must keep its colour', '[data-blend]');
  });

  it('shows what each school of overlap does, with this gun’s own pattern once a card was read', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/plan#paint');
    // A parabola: 37.5 and, near two thirds, about 17 percent.
    await visitor.sees(/50 %\s+3[78] %[\s\S]*66 %\s+1[678] %/, '[data-overlaps]');
    const before = await visitor.text('[data-overlaps]');
    await visitor.go('/job/demo-livery-panels/set#card');
    await visitor.press('Simulate a card');
    await visitor.press('Keep this card');
    await visitor.go('/job/demo-livery-panels/plan#paint');
    await visitor.sees('the pattern last read from this gun’s card');
    expect(await visitor.text('[data-overlaps]')).not.toBe(before);
  });

  it('says when of the day the room would be right, and reads the simulated booth sensor', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-shells/plan#day');
    await visitor.sees(/Right for Shell gel coat|At no hour of this day/);
    await visitor.open('By');
    await visitor.type('Warmest', '10');
    await visitor.type('Coldest', '2');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('At no hour of this day', '[data-right]');
    await visitor.part('Ready');
    await visitor.open(/^Read/);
    await visitor.press('Read the booth sensor');
    await visitor.go('/logbook');
    await visitor.sees(/air .* part .* humidity/);
  });
});

describe('the live run', () => {
  it('goes face by face, pauses, and takes a touch test instead of the clock', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await visitor.sees('Leave coat 1 to flash', '[aria-label="Next"]');
    await visitor.press('Tacky');
    await visitor.sees(/coat 2 of 4/, '[aria-label="Next"]');
    await startCoat(visitor, /^Start coat 2/);
    await visitor.press(/^Side panels/);
    await visitor.sees(/Side panels\s+takes a pass until \d+:\d+\s+1 of 4/, '[data-faces]');
    await visitor.press('Pause');
    await visitor.sees('A wet edge does not wait', '[aria-label="Next"]');
    await visitor.reload();
    await visitor.doNext();
    await visitor.sees(/End coat 2/, '[aria-label="Next"]');
    // Nobody is called for what a hand decided.
    expect(await visitor.page.$('[data-alarm]')).toBeNull();
  });

  it('calls once when a flash runs out, in the title too, and not again after a reload', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    const ahead = await moving(visitor);
    await visitor.sees('Leave coat 1 to flash', '[aria-label="Next"]');
    await new Promise((wait) => setTimeout(wait, 1500));
    await ahead(8);
    await visitor.page.waitForSelector('[data-alarm]');
    // Other jobs call too, and the worst comes first.
    await seenUntil(visitor, 'flash');
    await visitor.sees('Next coat open for: Livery panels, car 6', '[data-alarm]');
    expect(await visitor.page.title()).toContain('Next coat open');
    await visitor.press('Seen');
    await visitor.reload();
    await new Promise((wait) => setTimeout(wait, 1500));
    expect(await visitor.page.$('[data-alarm]')).toBeNull();
  });

  it('counts a shift, says which part to measure, and keeps the hand-over', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-brackets/spray#strokes');
    for (let i = 0; i < 3; i += 1) await visitor.press('One more');
    await visitor.sees('Measure part 3 now.', '[data-shift]');
    await visitor.press('One more');
    await visitor.sees('Part 13 is the next to measure', '[data-shift]');
    await visitor.press('Take one back');
    await visitor.sees(/3\s+of 48/, '[data-shift]');
    await visitor.type('Hand over: what the next one must know', 'Rack three is still wet.');
    await visitor.press('Hand over');
    await visitor.reload();
    await visitor.sees('Rack three is still wet.', '[data-handed-over]');
  });

  it('shows strokes for what is under the gun, and a pace that moves', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan');
    await visitor.open('Outer faces');
    await visitor.choose('Under the gun', 'With edges');
    await visitor.go('/job/demo-saloon-doors/spray#strokes');
    await visitor.sees('One stroke along each long edge first');
    await visitor.page.click('::-p-xpath(//label[contains(., "Show the pace")])');
    const place = () => visitor.page.$eval('[data-pacer]', (mark) => Number(mark.getAttribute('cx')));
    const first = await place();
    await new Promise((wait) => setTimeout(wait, 500));
    expect(Math.abs((await place()) - first)).toBeGreaterThan(1);
  });
});

describe('a whole demo day, run fast', () => {
  it('goes from reading the room to a clean gun by the next line alone', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-shells/plan');
    const ahead = await moving(visitor);
    await readRoom(visitor, ['21', '21', '50']);
    const said: string[] = [];
    for (let step = 0; step < 60; step += 1) {
      const line = await visitor.text('[aria-label="Next"]');
      said.push(line.replace(/\s+/g, ' ').slice(0, 90));
      if (/clean gun|gun is clean/i.test(line)) break;
      const button = await visitor.page.$('[data-next-action]');
      // Nothing to do but wait: the clock is put forward, within the ten minutes the window stays open.
      if (!button || /to flash/.test(line)) await ahead(1);
      else {
        const was = await visitor.page.$eval('[aria-label="Next"]', (each) => each.textContent);
        if (/Start coat \d/.test(line)) await startCoat(visitor, /^Start coat \d/);
        else if (/End coat \d/.test(line)) await endCoat(visitor, /^End coat \d/);
        else await visitor.doNext();
        // On a slow machine the next sentence takes its time: each must be heard.
        await visitor.page
          .waitForFunction(
            (old) => document.querySelector('[aria-label="Next"]')?.textContent !== old,
            { timeout: 5000 },
            was,
          )
          .catch(() => undefined);
      }
      await new Promise((wait) => setTimeout(wait, button ? 150 : 1100));
    }
    const day = said.join('\n');
    for (const word of [
      /Mix/,
      /Pour/,
      /Fit the/,
      /card/i,
      /Start coat 1|coat 1 of 3/,
      /Leave coat 1 to flash/,
      /coat 3 of 3/,
    ])
      expect(day).toMatch(word);
    expect(await visitor.cell('spray')).toMatch(/3 of 3 coats/);
  }, 480_000);
});
