import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { ahead, lineOf, moving, readRoom, seenUntil, startCoat, toldStep, toStage } from './follow';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const dialog = '[role="dialog"]';

describe('a start refused', () => {
  // prettier-ignore
  const rooms: readonly (readonly [cause: string, room: readonly [string, string, string], id: string, says: RegExp])[] = [
    ['a cold room', ['9', '18', '40'], 'air', /Warm the room with vented or electric heat/],
    ['a hot room', ['41', '24', '40'], 'air', /cooler hour/],
    ['a cold part', ['21', '9', '35'], 'part', /Warm the part with vented or electric heat/],
    ['a part in the sun', ['21', '45', '45'], 'part', /Shade it and let air over it/],
    ['dry air', ['21', '21', '15'], 'humidity', /Dry air seldom harms it/],
    ['damp air', ['21', '21', '88'], 'humidity', /Dry the air/],
    ['a part near the dew point', ['21', '16', '70'], 'dew', /Warm the part/],
  ];

  it('for what the room does, each with its own remedy; read fit, it is given', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await ahead(visitor, 9);
    await visitor.reload();
    for (const [cause, room, id, says] of rooms) {
      await visitor.go('/job/demo-livery-panels/plan#ready');
      await readRoom(visitor, room);
      await toStage(visitor, 'spray');
      await visitor.press(/^Start coat 2/);
      expect([cause, await toldStep(visitor)]).toEqual([cause, id]);
      await visitor.sees(says, dialog);
      await visitor.page.keyboard.press('Escape');
      await visitor.page.waitForFunction((at) => !document.querySelector(at), {}, dialog);
    }
    await visitor.go('/job/demo-livery-panels/plan#ready');
    await readRoom(visitor, ['21', '21', '50']);
    await toStage(visitor, 'spray');
    await visitor.press(/^Start coat 2/);
    expect(await toldStep(visitor)).toBeUndefined();
    await visitor.press(/^Start coat 2/);
    await visitor.sees('End coat 2', '[aria-label="Next"]');
    // Eight rooms, each read and walked into.
  });

  it('for a film still wet, a gun set anew without a card, a room read too long ago: each put right', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await visitor.go('/job/demo-livery-panels/plan#ready');
    await readRoom(visitor, ['21', '21', '50']);
    await toStage(visitor, 'spray');
    await visitor.press('Start coat 2 early');
    expect(await toldStep(visitor)).toBe('window');
    await visitor.sees(/flash/i, dialog);
    await visitor.press('Touch test');
    await visitor.press('Tacky');
    // Trust the touch test, not the timer.
    await visitor.press(/^Start coat 2/);
    expect(await toldStep(visitor)).toBeUndefined();
    await visitor.page.keyboard.press('Escape');
    await toStage(visitor, 'set');
    await visitor.part('Card');
    await visitor.press('Tails at the ends');
    await toStage(visitor, 'spray');
    await visitor.press(/^Start coat 2/);
    expect(await toldStep(visitor)).toBe('card');
    await visitor.sees('Put right what the card shows', dialog);
    await visitor.press('Go to Set');
    await visitor.press('Card is good');
    await ahead(visitor, 62);
    await visitor.reload();
    await toStage(visitor, 'spray');
    await visitor.press(/^Start coat 2/);
    expect(await toldStep(visitor)).toBe('room');
    await visitor.press('Read the room again');
    await readRoom(visitor, ['21', '21', '50']);
    await toStage(visitor, 'spray');
    expect(await startCoat(visitor, /^Start coat 2/)).not.toContain('room');
    await visitor.sees('End coat 2', '[aria-label="Next"]');
  });
});

describe('clocks', () => {
  it('a shift hour: each calls by itself, the worst first, and what was put aside comes back by undo', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    const go = await moving(visitor);
    await visitor.sees(/Next coat in[\s\S]*Stir again in|stir again in/, '[data-tray]');
    await visitor.sees('Colour 2', '[data-tray] [data-permission="open"]');
    await new Promise((wait) => setTimeout(wait, 1500));
    // Forty minutes on, all but the pot and the window have run out.
    await go(40);
    await visitor.sees(/clean the gun, overdue/i, '[data-alarm="clean-by"]');
    await visitor.sees('Let out the pressure, empty it, flush it', '[data-alarm]');
    await visitor.sees(/\d more behind it/, '[data-alarm]');
    const worst = await visitor.text('[data-alarm] b');
    await visitor.press('Seen');
    await visitor.page.waitForFunction(
      (was) => !(document.querySelector('[data-alarm] b') as HTMLElement).innerText.includes(was),
      {},
      worst,
    );
    await visitor.press('Undo');
    await visitor.sees(worst, '[data-alarm]');
    await seenUntil(visitor, 'flash');
    // A window that opens is no leave to spray.
    await visitor.sees(/Next coat open for[\s\S]*things? before coat 2/, '[data-alarm="flash"]');
    await visitor.press('Go to it');
    await visitor.sees('Spray', 'h1');
    await toStage(visitor, 'thin');
    await visitor.sees(/stir now, overdue/i, '[data-tray]');
  });

  it('a pot that dies between two coats stops the second, and nobody waives that', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    const go = await moving(visitor);
    await new Promise((wait) => setTimeout(wait, 1500));
    await go(116);
    await visitor.page.waitForSelector('[data-alarm]');
    await seenUntil(visitor, 'pot-life', 'Livery');
    await visitor.sees('Do not thin it back', '[data-alarm="pot-life"]');
    await visitor.go('/job/demo-livery-panels/plan#ready');
    await readRoom(visitor, ['21', '21', '50']);
    await toStage(visitor, 'spray');
    await visitor.press(/^Start coat 2/);
    expect(await toldStep(visitor)).toBe('mix');
    await visitor.sees('The pot life is over', dialog);
    await visitor.sees('Cannot be left out', dialog);
    await visitor.press('Mix afresh');
    await visitor.sees('Mix', 'h1');
  });

  it('59 of 60 castings are not all of them', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-brackets/plan#part');
    await visitor.open('Bracket faces');
    await visitor.type('Count', '60');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('60 of them');
    await visitor.go('/job/demo-seat-brackets/spray#strokes');
    await visitor.sees(/0\s+of 60/, '[data-shift]');
    for (let i = 0; i < 59; i += 1) await visitor.press('One more');
    await visitor.sees(/59\s+of 60/, '[data-shift]');
    await visitor.go('/job/demo-seat-brackets/check#report');
    await visitor.sees(/not every part is counted/);
    await visitor.go('/job/demo-seat-brackets/spray#strokes');
    await visitor.press('One more');
    await visitor.sees(/60\s+of 60/, '[data-shift]');
    await visitor.go('/job/demo-seat-brackets/check#report');
    await visitor.sees('Report');
    expect(await visitor.text('main')).not.toContain('not every part is counted');
    expect(await lineOf(visitor)).not.toContain('not every part');
  });
});
