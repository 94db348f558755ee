import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { ahead, dialogButtons, lineOf, readRoom, startCoat, toldStep, toStage, walkStep } from './follow';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const dialog = '[role="dialog"]';
describe('permission to start a coat', () => {
  it('goes through what is open, safety first, and starts nothing before it is settled', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await ahead(visitor, 70);
    await visitor.reload();
    expect(await lineOf(visitor)).toMatch(/\d things before coat 2 of 4/);
    await visitor.press('Start coat 2');
    await visitor.sees('You have read the safety data sheet', dialog);
    expect(await walkStep(visitor)).toBe('sds');
    await visitor.sees('Isocyanates, ', dialog);
    // What keeps people whole is read together; each is ticked by itself, or all with one tap.
    await visitor.sees('Air-fed protection', dialog);
    await visitor.press('You have read the safety data sheet of Livery green C4.');
    await visitor.page.waitForFunction(
      (at) => (document.querySelector(`${at} [data-step]`) as HTMLElement | null)?.dataset.step === 'masks',
      {},
      dialog,
    );
    // Nobody leaves that out.
    await visitor.sees('Cannot be left out', dialog);
    expect(await dialogButtons(visitor)).not.toContain('Go on without it, and why');
    expect(await dialogButtons(visitor)).not.toContain('Not so');
    // The first thing that is no tick: the room was read too long ago.
    expect(await toldStep(visitor)).toBe('room');
    await visitor.sees(/The room was read .+ ago/, dialog);
    // Closed, nothing was started, and what was ticked stays ticked.
    await visitor.page.keyboard.press('Escape');
    expect(await visitor.text('[aria-label="Next"]')).not.toContain('End coat 2');
    await visitor.press('Start coat 2');
    await visitor.page.waitForSelector(`${dialog} [data-step]`);
    expect(await walkStep(visitor)).toBe('room');
  });

  it('sends to where it is put right; a cold room has a remedy of its own, and a reason is asked for', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await ahead(visitor, 70);
    await visitor.reload();
    await visitor.press('Start coat 2');
    await visitor.page.waitForSelector(`${dialog} [data-step]`);
    await toldStep(visitor);
    await visitor.press('Read the room again');
    await readRoom(visitor, ['9', '9', '40']);
    await toStage(visitor, 'spray');
    await visitor.press('Start coat 2');
    await visitor.page.waitForSelector(`${dialog} [data-step]`);
    expect(await walkStep(visitor)).toBe('air');
    await visitor.sees(/9\s*°C/, dialog);
    await visitor.sees('Warm the room with vented or electric heat, never a flame', dialog);
    await visitor.press('Go on without it, and why');
    await visitor.press('Go on without it');
    await visitor.sees('Say why: it stays in the record', dialog);
    expect(await walkStep(visitor)).toBe('air');
    await visitor.type('Why', 'A trial piece in the cold');
    await visitor.press('Go on without it');
    await visitor.page.waitForFunction(
      (at) => (document.querySelector(`${at} [data-step]`) as HTMLElement | null)?.dataset.step !== 'air',
      {},
      dialog,
    );
    await visitor.page.keyboard.press('Escape');
    // Read fit, there is nothing to leave out; what was left out stays on record.
    await visitor.go('/job/demo-livery-panels/plan#ready');
    await readRoom(visitor, ['21', '21', '50']);
    await toStage(visitor, 'spray');
    const through = await startCoat(visitor, 'Start coat 2');
    expect(through).not.toContain('air');
    await visitor.sees('End coat 2', '[aria-label="Next"]');
    await visitor.go('/logbook?job=demo-livery-panels');
    await visitor.sees(/air before Colour 2: A trial piece in the cold/);
  });

  it('a coat that lies rough and dry keeps the next one back until it was flatted or looked at again', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    // The flash is over, and the room is read again.
    await ahead(visitor, 10);
    await visitor.go('/job/demo-livery-panels/plan');
    await readRoom(visitor, ['21', '20.4', '46']);
    await visitor.go('/job/demo-livery-panels/spray');
    await visitor.open(/^How does it lie/);
    await visitor.press('Rough, dry');
    await visitor.sees('The next coat does not heal it: let it harden, flat it');
    await visitor.press('Start coat 2');
    expect(await toldStep(visitor)).toBe('texture');
    await visitor.sees('The coat below is dry and rough', dialog);
    await visitor.sees('Let it harden, flat it smooth', dialog);
    await visitor.page.keyboard.press('Escape');
    const open = Number(/(\d+) things? before/.exec(await lineOf(visitor))?.[1] ?? 0);
    await visitor.press('Even');
    await visitor.page.waitForFunction(
      (was) => !(document.querySelector('[aria-label="Next"]')?.textContent ?? '').includes(`${was} thing`),
      {},
      open,
    );
    expect(await lineOf(visitor)).not.toContain('dry and rough');
  });

  it('a ratio nobody read from the paper keeps the ladder shut until somebody says so', async () => {
    const visitor = await Visitor.arrive(browser, 'plain', '/new');
    // A shop without sheets begins with a kind of coating: its ratio is what such products usually have.
    await newJob(visitor, {
      name: 'Rail',
      ground: 'Steel',
      width: '1 m',
      height: '0.2 m',
      product: 'Two-part colour',
    });
    await visitor.sees('Rail', 'h1');
    await readRoom(visitor, ['21', '21', '50']);
    await toStage(visitor, 'mix');
    await visitor.sees(/Does the paper read 4 : 1 by volume\? Nobody has said so\./, '[aria-label="Next"]');
    await visitor.sees('Shut until somebody says that the paper reads');
    await visitor.press('The paper reads so');
    await visitor.sees(/Pour/, '[aria-label="Next"]');
    expect(await visitor.text('main')).not.toContain('Shut until somebody says');
  });
});
