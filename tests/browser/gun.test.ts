import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { ahead, startCoat } from './follow';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const gun = '[data-at-gun]';
/** Notes down what the device is asked to say: a browser under test has no voice of its own. */
const listen = (visitor: Visitor) =>
  visitor.page.evaluateOnNewDocument(() => {
    const said: { text: string; volume: number }[] = [];
    const voice = { name: 'Here', lang: 'en-GB', localService: true };
    Object.assign(window, {
      said,
      SpeechSynthesisUtterance: class {
        onend?: () => void;
        volume = 1;
        constructor(readonly text: string) {}
      },
    });
    Object.defineProperty(window, 'speechSynthesis', {
      value: {
        getVoices: () => [voice],
        addEventListener: () => undefined,
        removeEventListener: () => undefined,
        cancel: () => undefined,
        speak: (each: { text: string; volume: number; onend?: () => void }) => {
          said.push({ text: each.text, volume: each.volume });
          setTimeout(() => each.onend?.(), 20);
        },
      },
    });
  });
const said = (visitor: Visitor) =>
  visitor.page.evaluate(() =>
    (window as unknown as { said: { text: string }[] }).said.map(({ text }) => text),
  );

test('a coat is sprayed with the pedal alone: paced, spoken, undone by holding, ended', async () => {
  const visitor = await Visitor.arrive(browser, 'demo');
  await listen(visitor);
  await ahead(visitor, 8);
  await visitor.go('/job/demo-livery-panels/spray');
  await startCoat(visitor, /^Start coat 2/);
  await visitor.press('At the gun');
  await visitor.page.waitForSelector(`${gun}[data-at-gun="face"] [data-pace]`);
  const pedal = async (holds = 30) => {
    await visitor.page.keyboard.down('PageDown');
    await new Promise((wait) => setTimeout(wait, holds));
    await visitor.page.keyboard.up('PageDown');
    // A pedal that bounces is one press: the next comes a moment later.
    await new Promise((wait) => setTimeout(wait, 450));
  };
  const faces = () => visitor.text(`${gun} h2`);
  expect(await faces()).toMatch(/coat 2 of 4 · face 1 of \d/);
  const of = Number(/of (\d+)$/.exec((await faces()).trim())?.[1]);
  // The bar runs: three beats, then the first stroke.
  const left = async () => Number(/\d+/.exec(await visitor.text('[data-gun-left]'))?.[0]);
  const before = await left();
  await new Promise((wait) => setTimeout(wait, 5000));
  expect(await left()).toBeLessThan(before);
  await pedal();
  expect(await faces()).toMatch(/face 2 of/);
  // Held, it takes back what was done here.
  await pedal(900);
  expect(await faces()).toMatch(/face 1 of/);
  await visitor.sees('Undone: face done.', '[data-gun-answer]');
  // There is nothing more to take back: what was written before stays.
  await pedal(900);
  await visitor.sees('Nothing was done from here yet.', '[data-gun-answer]');
  expect(await faces()).toMatch(/face 1 of/);
  for (let i = 0; i < of; i += 1) await pedal();
  await visitor.page.waitForSelector(`${gun}[data-at-gun="end"]`);
  await pedal();
  await visitor.page.waitForSelector(`${gun}[data-at-gun="held"]`);
  await visitor.sees(/Until/, '[data-gun-says]');
  const heard = await said(visitor);
  expect(heard).toEqual(expect.arrayContaining([expect.stringMatching(/\d+ strokes of [\d.]+ seconds/)]));
  expect(heard).toEqual(expect.arrayContaining([expect.stringMatching(/^Undone: face done/)]));
  expect(heard).toEqual(expect.arrayContaining([expect.stringMatching(/ended\.$/)]));
  // A waiting coat is not started by a press.
  await pedal();
  expect(await visitor.page.$(`${gun}[data-at-gun="held"]`)).not.toBeNull();
  await visitor.page.keyboard.press('Escape');
  await visitor.page.waitForFunction((at) => !document.querySelector(at), {}, gun);
  await visitor.sees('2 of 4', '[data-strip]');
});

test('a comb is read by big keys and answered aloud; what is spoken goes with the person', async () => {
  const visitor = await Visitor.arrive(browser, 'demo');
  await listen(visitor);
  await ahead(visitor, 8);
  await visitor.go('/job/demo-livery-panels/spray');
  await startCoat(visitor, /^Start coat 2/);
  await visitor.press('At the gun');
  await visitor.page.waitForSelector(`${gun} [data-pace]`);
  await visitor.press('Comb');
  for (const key of ['2', '5', 'Enter']) await visitor.press(key);
  for (const key of ['3', '0']) await visitor.press(key);
  await visitor.press('Enter');
  await visitor.sees('Too little wet film', '[data-gun-answer]');
  expect((await said(visitor)).join(' ')).toMatch(/Too little wet film.*Next at [\d.]+ metres a second/);
  await visitor.press('Voice');
  await visitor.page.click('::-p-aria([name="What a tap did"])');
  await visitor.press('Back to the gun');
  const before = (await said(visitor)).length;
  await visitor.page.keyboard.press('Space');
  await visitor.sees(/face 2 of/, `${gun} h2`);
  await new Promise((wait) => setTimeout(wait, 600));
  expect((await said(visitor)).slice(before).join(' ')).not.toMatch(/done\./);
});

test('a hand is felt at the gun, face by face, and stands in the map of its coat', async () => {
  const visitor = await Visitor.arrive(browser, 'demo');
  await listen(visitor);
  await ahead(visitor, 8);
  await visitor.go('/job/demo-livery-panels/spray');
  await startCoat(visitor, /^Start coat 2/);
  await visitor.press('At the gun');
  await visitor.page.waitForSelector(`${gun} [data-pace]`);
  await visitor.press('Voice');
  await visitor.press('Simulated hand');
  await visitor.press('Back to the gun');
  await visitor.page.keyboard.press('Space');
  await visitor.sees(/\d+ strokes.* at [\d.]+ m\/s/, '[data-gun-answer]');
  expect((await said(visitor)).join(' ')).toMatch(/\d+ strokes.* at [\d.]+ metres a second/);
  await visitor.page.keyboard.press('Escape');
  await visitor.part('The hand');
  await visitor.sees(/simulated/i, 'main');
});

test('what comes next is read out at the bench too, once somebody wants that, and only when it changes', async () => {
  const visitor = await Visitor.arrive(browser, 'demo');
  await listen(visitor);
  await visitor.go('/settings');
  await visitor.open('Voice');
  await visitor.page.click('::-p-aria([name="What comes next on every stage, not at the gun alone"])');
  await visitor.go('/job/demo-livery-panels/mix');
  await visitor.page.waitForSelector('[data-next]');
  await new Promise((wait) => setTimeout(wait, 900));
  expect(await said(visitor)).toEqual([]);
  await visitor.page.click('[data-strip] a[href$="/plan"]');
  await visitor.page.waitForFunction(() => location.pathname.endsWith('/plan'));
  await new Promise((wait) => setTimeout(wait, 1200));
  const [heard] = await said(visitor);
  expect(heard).toBeDefined();
  expect(await visitor.text('[data-next]')).toContain(heard?.split(' ')[0]);
});
