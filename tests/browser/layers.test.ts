import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { ahead, another, lineOf, readRoom, toStage, untilSpray, startCoat, endCoat } from './follow';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('base and clear, from nothing, with two guns', () => {
  let visitor: Visitor;

  it('begins from a known system', async () => {
    visitor = (await Visitor.arrive(browser, 'plain', '/rigs')).stay();
    await visitor.press('New gun');
    await visitor.type('Name', 'Base gun');
    await visitor.press('Save');
    await visitor.sees('Saved.');
    await visitor.go('/new');
    await newJob(visitor, {
      name: 'Wing, left',
      ground: 'Steel',
      width: '1 m',
      height: '1 m',
      product: 'Base and clear',
      closer: async () => {
        await visitor.sees('A thin base for colour');
        await visitor.open('2 products');
        await visitor.choose('Gun for the base', 'Base gun');
        await visitor.choose('Gun for the clear', 'A new gun');
        await visitor.type('Nozzle for the clear', '1.4 mm');
      },
    });
    await visitor.sees('Wing, left', 'h1');
    await visitor.part('Stack');
    await visitor.sees(/1\. Base\s+in hand[\s\S]*2\. Clear\s+to come/, '[data-layers]');
  });

  it('the base is mixed, thinned, set up and sprayed', async () => {
    await readRoom(visitor, ['21', '21', '50']);
    await visitor.sees(/Mix 0\.\d\d L for 2 coats/);
    const said = await untilSpray(visitor);
    expect(said.join('\n')).toContain('Base gun: 1.3 mm');
    await startCoat(visitor, /^Start coat/);
    await endCoat(visitor, 'End coat 1');
    await startCoat(visitor, 'Start coat 2 early');
    await endCoat(visitor, 'End coat 2');
  });

  it('does the colour hide? One more is planned, laid, and hides', async () => {
    await visitor.sees(/Leave coat 2 to flash/);
    // It is looked at once it has flashed.
    await ahead(visitor, 11);
    await visitor.reload();
    await visitor.sees(/Does it hide what is below\?[\s\S]*At least 2, at most 4/, '[aria-label="Next"]');
    await visitor.press('Not yet');
    await visitor.sees(/Start coat 3 of 5, colour 3/);
    await startCoat(visitor, 'Start coat 3');
    await endCoat(visitor, 'End coat 3');
    await visitor.sees(/Leave coat 3 to flash[\s\S]*Look at it from/);
    await ahead(visitor, 11);
    await visitor.reload();
    await visitor.press('It hides');
  });

  it('the clear is mixed for the other gun', async () => {
    await visitor.sees('Now the clear: nothing of it is mixed yet.');
    await visitor.sees('nother gun sprays it: empty and clean the one with the base in it');
    const before = await lineOf(visitor);
    await visitor.doNext();
    await another(visitor, before);
    const said = (await untilSpray(visitor)).join('\n');
    expect(said).toMatch(/Pour Hardener/);
    expect(said).toContain('HVLP gun, clear: 1.4 mm');
    await visitor.sees(/coat 4 of 5/, '[aria-label="Next"]');
  });

  it('each gun has its own clock and its own cleaning, whichever layer is in hand', async () => {
    await visitor.sees(/Base gun: clean the gun within/, '[data-tray]');
    await visitor.sees(/HVLP gun, clear: clean the gun within/, '[data-tray]');
    await visitor.sees(
      /Base[\s\S]*all on[\s\S]*clean gun in[\s\S]*Clear[\s\S]*in hand[\s\S]*in the pot/,
      '[data-stack-map]',
    );
    await visitor.page.click('[data-stack-map] button:first-of-type');
    await visitor.sees('Next on the part is Clear 1 of Clear; you have Base in hand.');
    await toStage(visitor, 'clean');
    await visitor.sees(/Base gun[\s\S]*mix in it/, '[data-gun-choice] [aria-pressed="true"]');
    const steps = Number(/of (\d+)/.exec(await visitor.text('[aria-label="Because"]'))?.[1]);
    for (let step = 0; step < steps; step += 1) {
      const before = await lineOf(visitor);
      await visitor.doNext();
      await another(visitor, before);
    }
    await visitor.sees(/has mix in it still/);
    await visitor.sees(/Base gun[\s\S]*✓ clean/, '[data-gun-choice] [aria-pressed="true"]');
    expect(await visitor.text('[data-tray]')).not.toContain('Base gun');
    await visitor.page.click('[data-stack-map] button:last-of-type');
    await visitor.sees(/HVLP gun, clear[\s\S]*mix in it/, '[data-gun-choice] [aria-pressed="true"]');
  });

  it('what has been begun stays in the stack; what has not is copied, removed and brought back', async () => {
    await toStage(visitor, 'plan');
    await visitor.part('Stack');
    await visitor.sees(/1\. Base\s+begun[\s\S]*2\. Clear\s+in hand/, '[data-layers]');
    await visitor.open('1. Base');
    await visitor.press(/^Remove layer 1$/);
    await visitor.sees('Base has been begun');
    await visitor.open('2. Clear');
    await visitor.press(/^Copy layer 2$/);
    await visitor.sees(/3\. Clear\s+to come/, '[data-layers]');
    await visitor.open('3. Clear');
    await visitor.press(/^Remove layer 3$/);
    await visitor.sees('Clear is out of the stack.');
    expect(await visitor.text('[data-layers]')).not.toContain('3. Clear');
    await visitor.press('Add a layer');
    await visitor.choose('Coating sheet', 'Two-part clear');
    await visitor.press('Add on top');
    await visitor.sees(/3\. Two-part clear\s+to come/, '[data-layers]');
    await visitor.open('3. Two-part clear');
    await visitor.press(/^Remove layer 3$/);
  });

  it('ends with a verdict of the whole film', async () => {
    await toStage(visitor, 'spray');
    await startCoat(visitor, 'Start coat 4');
    await endCoat(visitor, 'End coat 4');
    await startCoat(visitor, 'Start coat 5 early');
    await endCoat(visitor, 'End coat 5');
    await visitor.sees('All coats are on.');
    await toStage(visitor, 'check');
    for (let spot = 0; spot < 5; spot += 1) await visitor.press('Simulated gauge: take 3');
    await visitor.sees(/The film (passes|fails|lies in range)/);
  });
});
