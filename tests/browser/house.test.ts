import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { tile } from './newjob';
import './again';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const litres = async (visitor: Visitor) =>
  Number(/^[\d.]+/.exec((await visitor.text('[data-next-number]')).trim())?.[0]);

test('a house: rails by brush, walls by the gun; less is mixed, and the order of a coat says what is changed', async () => {
  const visitor = await Visitor.arrive(browser, 'plain');
  await visitor.press('New job');
  await tile(visitor, 'What is it?', 'Plaster');
  await tile(visitor, 'What is on it now?', 'Sound old paint');
  await visitor.press('How large?');
  await visitor.type('Width', '9');
  await visitor.type('Height', '3');
  await visitor.press('Another size');
  await visitor.type('Width 2', '4');
  await visitor.type('Height 2', '0.09');
  await visitor.type('How many 2', '8');
  await visitor.press('What goes on?');
  await tile(visitor, 'What goes on?', 'Wall paint');
  await visitor.press('Begin this job');
  await visitor.page.waitForSelector('[data-next]');
  const before = await litres(visitor);
  await visitor.part('How');
  await visitor.page.waitForSelector('[data-methods]');
  const rows = () => visitor.page.$$('[data-methods] > li');
  const [, rail] = await rows();
  const ways = await rail!.$$('button');
  expect(ways).toHaveLength(3);
  const lost = await Promise.all(
    ways.map(async (way) => Number(/lost ([\d.]+)/.exec(await way.evaluate((each) => each.innerText))?.[1])),
  );
  // A gun loses most of what it sends at a rail.
  expect(lost[0]).toBeGreaterThan(50);
  expect(lost[2]).toBeLessThan(10);
  await ways[2]!.click();
  await visitor.sees(/Brush\s+.* to change before/, '[data-method-order]');
  expect(await litres(visitor)).toBeLessThan(before);
  // The last face the gun coats stays its own.
  const [wall] = await rows();
  expect(await wall!.$$eval('button', (all) => all.map((each) => each.disabled))).toEqual([
    false,
    true,
    true,
  ]);
  await visitor.part('Cost');
  await visitor.sees('by roller and brush', '[data-cost]');
  await visitor.page.reload();
  await visitor.part('How');
  await visitor.sees('Brush', '[data-method-order]');
  // Sprayed again, as much is mixed as before.
  const [, again] = await rows();
  await (await again!.$$('button'))[0]!.click();
  await visitor.page.waitForFunction(
    () => !document.querySelector('[data-method-order]')?.textContent?.includes('Brush'),
  );
  expect(await litres(visitor)).toBe(before);
  // Outdoors, what stands about is put where it stands by a tap; downwind of the gun it is told.
  await visitor.part('Day');
  // The plan of the day comes from a worker and moves what lies below it.
  await visitor.sees('All coats on by');
  await visitor.open(/^Sprayed outdoors/);
  await visitor.type('Latitude, south below nought', '52');
  await visitor.type('Longitude, west below nought', '8');
  await visitor.choose('Wind comes from', 'South-west');
  const site = await visitor.page.$('[data-site]');
  await site!.evaluate((each) => each.scrollIntoView({ block: 'center' }));
  const box = (await site!.boundingBox())!;
  const tap = (x: number, y: number) =>
    visitor.page.mouse.click(box.x + box.width * x, box.y + box.height * y);
  await tap(0.56, 0.44);
  await visitor.sees(/Cars, [\d.]+ m to the north-east: ■/, '[data-around]');
  await tap(0.42, 0.6);
  await visitor.sees(/Cars, [\d.]+ m to the south-west: ✓ clear/, '[data-around]');
  expect(await visitor.page.$$('[data-site] [data-stands]')).toHaveLength(2);
});

test('cleaning fluid: settled fluid does first rinses, and the drum says when it is full', async () => {
  const visitor = await Visitor.arrive(browser, 'demo');
  await visitor.go('/care#waste');
  await visitor.sees(/guns of open jobs are still to be cleaned/, '[data-fluid]');
  await visitor.sees('nobody counted', '[data-fluid]');
  await visitor.sees('Local rules');
  await visitor.open('Counted');
  await visitor.type('Settled fluid that stands now', '2000');
  await visitor.page.keyboard.press('Tab');
  await visitor.sees('does all first rinses', '[data-fluid]');
  await visitor.type('The waste drum holds', '20');
  await visitor.page.keyboard.press('Tab');
  await visitor.sees(/0 mL of 20(\.00)? L in the waste drum.*a week: full about/, '[data-fluid]');
  await visitor.reload();
  await visitor.sees('does all first rinses', '[data-fluid]');
});
