import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('rigs', () => {
  it('are made, corrected and kept; a rig in use stays', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/rigs');
    await visitor.press('New gun');
    await visitor.type('Name', 'Bay 4 gun');
    await visitor.press('Add a set');
    await visitor.choose('Feed', 'Suction cup');
    await visitor.open('How it sprays');
    await visitor.type('Fan width', '9 in');
    await visitor.press('Save');
    await visitor.sees('Saved.');
    await visitor.go('/rigs');
    await visitor.sees('Bay 4 gun');
    await visitor.sees('suction cup');
    await visitor.sees('1.3 · 1.4 mm');
    await visitor.press(/Four-stage turbine/);
    await visitor.sees('A gun that a job uses cannot be removed.');
  });

  it('refuse tip codes that name no tip', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/rigs/demo-airless');
    await visitor.type('Tip codes', '515, 17');
    await visitor.sees('“17” is not a tip code.');
    await visitor.press('Save');
    await visitor.reload();
    expect(
      await visitor.page.$eval('::-p-aria([name="Tip codes"])', (field) => (field as HTMLInputElement).value),
    ).toContain('517');
  });
});

describe('coatings', () => {
  it('a new sheet is all defaults until its paper confirms them', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings');
    await visitor.press('New sheet');
    await visitor.press('Make the sheet');
    await visitor.sees('What does the can say?');
    await visitor.type('Name on the can', 'Filler F2');
    await visitor.choose('Coating type', 'Filler primer');
    await visitor.press('Make the sheet');
    await visitor.sees('12 groups are class defaults, not from this product’s paper.');
    await visitor.sees('Film, one coat (default)');
    await visitor.press('Edit');
    await visitor.open('Film, one coat');
    await visitor.type('Dry, at most', '90');
    await visitor.open('Times');
    await visitor.type('Flash', '');
    await visitor.press('Save');
    await visitor.sees('Not saved: put right times first.');
    await visitor.type('Flash', '12 min');
    await visitor.press('Save');
    await visitor.sees('Saved. Jobs already begun keep the sheet they began with.');
    expect(await visitor.text('main')).not.toContain('Film, one coat (default)');
    await visitor.sees('12 min');
    await visitor.press('As on the paper: confirm “Thinning”');
    await visitor.go('/coatings');
    await visitor.type('Search', 'filler');
    await visitor.sees('▲ 9 defaults');
    expect(await visitor.text('main')).not.toContain('Satin lacquer');
  });
});

describe('practice', () => {
  it('says how far off the watch was, and what was in the cup', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/practice#stream');
    await visitor.sees('Your timings');
    await visitor.page.keyboard.press('Space');
    await visitor.sees('Stop at the break of the stream');
    await new Promise((wait) => setTimeout(wait, 1200));
    await visitor.page.keyboard.press('Space');
    await visitor.sees(/\d+\.\d s early: wait for the break/);
    await visitor.sees(/the liquid is \d+\.\d mm²\/s/);
    await visitor.sees(/1\. 1\.\d s/, '[aria-label="Tries"]');
    await visitor.press('Another liquid');
    expect(await visitor.text('main')).not.toContain('the liquid is');
  });
});

describe('keys and commands', () => {
  it('list themselves, and close again', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    await visitor.page.keyboard.type('?');
    await visitor.sees('Start and stop the cup watch', '[role="dialog"]');
    await visitor.page.keyboard.press('Escape');
    await visitor.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
  });

  it('typing into a field is never taken for a command', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    await visitor.type('Seconds', '1u?');
    expect(await visitor.page.$('[role="dialog"]')).toBeNull();
    await visitor.sees('28.9 s');
    expect(new URL(visitor.page.url()).pathname).toBe('/job/demo-saloon-doors/thin');
  });

  it('the job menu puts a job away, and the logbook brings it back', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-depot-walls/clean');
    await visitor.press('Job menu');
    await visitor.press('Put away');
    await visitor.press('Put it away');
    await visitor.sees('7 open jobs');
    await visitor.go('/logbook?job=demo-depot-walls');
    await visitor.press('Back to the bench');
    await visitor.go('/');
    await visitor.sees('8 open jobs');
  });

  it('a removed job comes back with undo', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-depot-walls/clean');
    await visitor.press('Job menu');
    await visitor.press('Remove');
    await visitor.sees('7 open jobs');
    await visitor.page.keyboard.down('Control');
    await visitor.page.keyboard.press('z');
    await visitor.page.keyboard.up('Control');
    await visitor.sees('8 open jobs');
  });

  it('a job that is not here says so', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/nowhere/plan');
    await visitor.sees('This job is not here');
    await visitor.press('To the bench');
    await visitor.sees('8 open jobs');
  });
});
