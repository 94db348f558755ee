import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const inside = async (visitor: Visitor) => Number((await visitor.text('[data-inside]')).replace(/\D/g, ''));

describe('the film before it is sprayed', () => {
  it('shows what a plan leaves on a face, and answers to strokes, both ways and openings', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await visitor.part('The film');
    await visitor.sees('Inside the limits', '[data-even]');
    await visitor.page.waitForSelector('[data-place="even"] .heatmaplayer image');
    expect(await inside(visitor)).toBeGreaterThan(90);
    const before = await visitor.text('[data-even]');
    await visitor.open('Strokes and openings');
    await visitor.page.click('::-p-xpath(//label[contains(., "Cross coat")])');
    // Twice the film: all of it too much.
    await visitor.sees(/100 % over/, '[data-even]');
    await visitor.page.click('::-p-xpath(//label[contains(., "Cross coat")])');
    await visitor.press('Add an opening');
    await visitor.sees('From the left');
    expect(await visitor.text('[data-even]')).not.toBe(before);
    await visitor.type('Wide', '9 m');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('Reaches past the face.');
    await visitor.press('Remove opening 1');
    await visitor.press('As a hand does it');
    await visitor.page.waitForFunction(
      (steady) =>
        (document.querySelector('[data-even]') as HTMLElement).innerText.replace(/\u00a0/g, ' ') !== steady,
      {},
      before,
    );
    // The part of the screen is in the address: a reload comes back to it.
    await visitor.reload();
    await visitor.sees('Inside the limits', '[data-even]');
  });

  it('takes a pattern as a shape, and says which overlap forgives most within a hand’s pace', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray#overlap');
    await visitor.sees(/Most forgiving with this pattern: \d\d %/, '[data-bands]');
    const parabola = await visitor.text('[data-bands]');
    await visitor.press('A shape');
    await visitor.page.focus('::-p-aria([name="Split in the middle 0.00"])');
    for (let i = 0; i < 14; i += 1) await visitor.page.keyboard.press('ArrowRight');
    await visitor.sees('Split in the middle 0.70');
    await visitor.page.waitForFunction(
      (was) =>
        document.querySelector('[data-bands]') &&
        !document.querySelector('progress') &&
        (document.querySelector('[data-bands]') as HTMLElement).innerText.replace(/\u00a0/g, ' ') !== was,
      { timeout: 15_000 },
      parabola,
    );
    await visitor.sees('▲', '[data-bands]');
  });

  it('finds a setting, and recording it asks for a fresh card', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray#best');
    await visitor.press('Least paint');
    await visitor.press('Find it');
    await visitor.sees(/Expected outside\s+\d/, '[data-optimum]');
    await visitor.type('Overlap, most', '20');
    await visitor.sees('Least is more than most.');
    await visitor.type('Overlap, most', '80');
    await visitor.press('Record this setting');
    await visitor.go('/job/demo-livery-panels/set');
    await visitor.sees('Spray a test card', '[aria-label="Next"]');
  });

  it('says whether the coat flows out or runs, and learns from what was seen', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray#flow');
    await visitor.sees(/Levels from \d+ µm, runs from \d+ µm/, '[data-flow]');
    const before = await visitor.text('[data-flow]');
    await visitor.press('It ran');
    await visitor.press('It ran');
    await visitor.sees('and 2 of runs', '[data-calibrated]');
    expect(await visitor.text('[data-flow]')).not.toBe(before);
    await visitor.go('/logbook?job=demo-livery-panels');
    await visitor.sees('Colour 2 ran at');
  });

  it('lays the readings of a part over the film it should have', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-brackets/check#gauge');
    await visitor.page.waitForSelector('[data-place="against"] .heatmaplayer image');
    await visitor.sees(/\w/, '[data-traces]');
  });
});

describe('the practice panel', () => {
  /** Strokes over the panel with a pointer, as a hand would. */
  async function spray(visitor: Visitor, strokes: number, steps = 45) {
    const canvas = (await visitor.page.waitForSelector('canvas'))!;
    await canvas.evaluate((each) => each.scrollIntoView({ block: 'center' }));
    const box = (await canvas.boundingBox())!;
    const scale = box.width / 1.28;
    const at = (x: number, y: number) => [box.x + (x + 0.14) * scale, box.y + (y + 0.14) * scale] as const;
    for (let k = 0; k < strokes; k += 1) {
      const y = strokes > 1 ? (k * 0.6) / (strokes - 1) : 0.3;
      const [a, b] = k % 2 ? [1.1, -0.1] : [-0.1, 1.1];
      await visitor.page.mouse.move(...at(a, y));
      await visitor.page.mouse.down();
      for (let i = 1; i <= steps; i += 1) {
        await visitor.page.mouse.move(...at(a + ((b - a) * i) / steps, y));
        await new Promise((wait) => setTimeout(wait, 16));
      }
      await visitor.page.mouse.up();
    }
  }
  const films = (visitor: Visitor) =>
    visitor.page.$eval('canvas', (canvas) => {
      const { data } = (canvas as HTMLCanvasElement).getContext('2d')!.getImageData(200, 150, 500, 300);
      return new Set(
        Array.from({ length: data.length / 400 }, (_, i) => `${data[400 * i]},${data[400 * i + 1]}`),
      ).size;
    });

  it('builds the film under the pointer, says what the stroke did, scores the run and keeps it', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/practice');
    await visitor.page.waitForSelector('canvas');
    await visitor.press('Judge it');
    await visitor.sees('There is no stroke to judge yet.');
    await visitor.press('Clean panel');
    const bare = await films(visitor);
    await spray(visitor, 1);
    await visitor.sees('Last stroke:', '[data-notes]');
    expect(await films(visitor)).toBeGreaterThan(bare + 5);
    await spray(visitor, 4);
    await visitor.press('Judge it');
    await visitor.sees(/Inside the limits\s+\d+ %/, '[data-score]');
    await visitor.sees(/\d+ % more inside|As even|No one thing/, '[data-score]');
    await visitor.press('Clean panel');
    await spray(visitor, 4);
    await visitor.press('Judge it');
    await visitor.sees(/Inside the limits\s+\d+ %/, '[data-score]');
    await visitor.sees('Hand measured from 2 panels', '[data-spread]');
    await visitor.reload();
    await visitor.sees('Hand measured from 2 panels', '[data-spread]');
    // The measured hand can be reckoned with.
    await visitor.go('/job/demo-livery-panels/spray#overlap');
    await visitor.page.waitForSelector('::-p-aria([name="The hand"][role="combobox"])');
    const who = (
      await visitor.page.$eval('::-p-aria([name="The hand"][role="combobox"])', (select) =>
        [...(select as HTMLSelectElement).options].map(({ text }) => text),
      )
    ).find((text) => text.includes('from 2 panels'));
    await visitor.choose('The hand', who!);
    await visitor.sees(/Two strokes in three/, '[data-hand]');
  });

  it('can be sprayed by keys, and runs show on an upright panel', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/practice');
    await visitor.choose('Drill', 'Upright');
    await visitor.page.focus('::-p-aria([name="Spray by keys: arrows move, hold space"])');
    const { keyboard } = visitor.page;
    await keyboard.down('ArrowDown');
    await new Promise((wait) => setTimeout(wait, 500));
    await keyboard.up('ArrowDown');
    await keyboard.down('Space');
    for (const key of ['ArrowRight', 'ArrowLeft', 'ArrowRight'] as const) {
      await keyboard.down(key);
      await new Promise((wait) => setTimeout(wait, 900));
      await keyboard.up(key);
    }
    await keyboard.up('Space');
    await visitor.sees(/Runs\s+▲ [1-9]/);
    await visitor.press('Judge it');
    await visitor.sees(/places? runs?:/, '[data-score]');
  });

  it('sets up a gun that answers, and tells what it was', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/practice#gun');
    await visitor.press('Spray a card');
    await visitor.sees(/Card 1:/);
    await visitor.press('More air');
    await visitor.press('Nearer');
    await visitor.sees('More than one thing', '[data-done]');
    await visitor.press('Spray a card');
    await visitor.sees(/Card 2:[\s\S]*after more air, nearer/);
    if ((await visitor.text('[data-setup-drill]')).includes('Tell me')) await visitor.press('Tell me');
    await visitor.sees(/It was [a-z]/, '[data-setup-drill]');
    await visitor.press('Another gun');
    await visitor.sees('No card yet');
  });
});
