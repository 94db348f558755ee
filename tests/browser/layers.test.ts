import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const line = (visitor: Visitor) => visitor.text('[aria-label="Next"]');

/** Waits until the next line is another one. */
async function another(visitor: Visitor, before: string): Promise<void> {
  for (let tries = 0; (await line(visitor)) === before; tries += 1) {
    if (tries > 100) throw new Error(`Nothing came after:\n${before}`);
    await new Promise((wait) => setTimeout(wait, 100));
  }
}

/** Follows the next line through the pot, the cup, the gun and the card, until a coat may start. */
async function untilSpray(visitor: Visitor): Promise<readonly string[]> {
  const said: string[] = [];
  for (let taps = 0; taps < 30; taps += 1) {
    const next = await line(visitor);
    said.push(next);
    if (/Start coat \d/.test(next)) return said;
    if (/time the cup|Time the cup/.test(next)) {
      const [, from, to] = /(\d+)–(\d+)\s*s/.exec(await visitor.cell('thin')) ?? [];
      for (const noise of [0, 0.2]) {
        await visitor.type('Paint temperature', '23');
        await visitor.type('Seconds', String((Number(from) + Number(to)) / 2 + noise));
        await visitor.press(/^Record [\d.]+ s$/);
      }
    } else await visitor.doNext();
    await another(visitor, next);
  }
  throw new Error(`No coat was ever to start:\n${said.join('\n')}`);
}

describe('base and clear, from nothing, with two guns', () => {
  let visitor: Visitor;

  it('begins from a known system', async () => {
    visitor = await Visitor.arrive(browser, 'plain', '/rigs');
    await visitor.press('New rig');
    await visitor.type('Name', 'Base gun');
    await visitor.press('Save');
    await visitor.sees('Saved.');
    await visitor.go('/new');
    await visitor.type('Job', 'Wing, left');
    await visitor.choose('Metal below?', 'Yes: a film gauge reads it');
    await visitor.choose('What goes on', 'Base and clear');
    await visitor.sees('A thin base for colour');
    await visitor.choose('Gun for the base', 'Base gun');
    await visitor.choose('Gun for the clear', 'A new gun');
    await visitor.type('Width of a face', '1 m');
    await visitor.type('Height of a face', '1 m');
    await visitor.press('Begin this job');
    await visitor.sees('Which nozzle is in it?');
    await visitor.type('Nozzle', '1.4 mm');
    await visitor.press('Begin this job');
    await visitor.sees('Wing, left', 'h1');
    await visitor.sees(/1\. Base\s+in hand[\s\S]*2\. Clear\s+to come/, '[data-layers]');
  });

  it('the base is mixed, thinned, set up and sprayed', async () => {
    await visitor.type('Air', '21');
    await visitor.type('Part', '21');
    await visitor.type('Relative humidity', '50');
    await visitor.press('Record');
    await visitor.sees(/Mix 0\.\d\d L for 2 coats/);
    const said = await untilSpray(visitor);
    expect(said.join('\n')).toContain('Base gun: 1.3 mm');
    await visitor.doNext();
    await visitor.press('End coat 1');
    await visitor.press('Start coat 2 early');
    await visitor.press('End coat 2');
  });

  it('while it flashes, the clear is mixed for the other gun', async () => {
    await visitor.sees(/Leave coat 2 to flash[\s\S]*Mix the clear meanwhile/);
    await visitor.sees('another gun: empty and clean the one with the base in it');
    const flashing = await line(visitor);
    await visitor.doNext();
    await another(visitor, flashing);
    const said = (await untilSpray(visitor)).join('\n');
    expect(said).toMatch(/Pour Hardener/);
    expect(said).toContain('HVLP gun: 1.4 mm');
    await visitor.sees(/Coat 3 from \d\d:\d\d/, '[aria-label="Next"]');
  });

  it('what has been begun stays in the stack; what has not is copied, removed and brought back', async () => {
    await visitor.page.$eval('[data-strip] [data-stage="plan"]', (cell) => (cell as HTMLElement).click());
    await visitor.sees(/1\. Base\s+begun[\s\S]*2\. Clear\s+in hand/, '[data-layers]');
    await visitor.press(/^Remove layer 1$/);
    await visitor.sees('Base has been begun');
    await visitor.press(/^Copy layer 2$/);
    await visitor.sees(/3\. Clear\s+to come/, '[data-layers]');
    await visitor.press(/^Remove layer 3$/);
    await visitor.sees('Clear is out of the stack.');
    expect(await visitor.text('[data-layers]')).not.toContain('3. Clear');
    await visitor.press('Add a layer');
    await visitor.choose('Coating sheet', 'Two-part clear');
    await visitor.press('Add on top');
    await visitor.sees(/3\. Two-part clear\s+to come/, '[data-layers]');
    await visitor.press(/^Remove layer 3$/);
  });

  it('ends with a verdict of the whole film', async () => {
    await visitor.page.$eval('[data-strip] [data-stage="spray"]', (cell) => (cell as HTMLElement).click());
    await visitor.press('Start coat 3 early');
    await visitor.press('End coat 3');
    await visitor.press('Start coat 4 early');
    await visitor.press('End coat 4');
    await visitor.sees('All coats are on.');
    await visitor.page.$eval('[data-strip] [data-stage="check"]', (cell) => (cell as HTMLElement).click());
    for (let spot = 0; spot < 5; spot += 1) await visitor.press('Simulated gauge: take 3');
    await visitor.sees(/The film (passes|fails)/);
  });
});
