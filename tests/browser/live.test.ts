import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { lineOf } from './follow';
import './again';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const phase = (visitor: Visitor) =>
  visitor.page.$eval('[data-live]', (each) => (each as HTMLElement).dataset.live ?? '');
const until = async (visitor: Visitor, ...phases: readonly string[]) => {
  for (let i = 0; i < 300; i += 1) {
    const now = await phase(visitor);
    if (phases.includes(now)) return now;
    await new Promise((wait) => setTimeout(wait, 60));
  }
  throw new Error(`never ${phases.join(' or ')}: ${await visitor.text('[data-live]')}`);
};
/** Tips the can by the button that says so, until the scale says one of these. */
async function pour(visitor: Visitor, button: string, ...to: readonly string[]) {
  const hold = (await visitor.page.waitForSelector(`::-p-aria([name="${button}"])`))!;
  await hold.evaluate((each) => each.scrollIntoView({ block: 'center' }));
  const box = (await hold.boundingBox())!;
  await visitor.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await visitor.page.mouse.down();
  const found = await until(visitor, ...to);
  await visitor.page.mouse.up();
  return found;
}
const numberIn = (text: string, pattern: RegExp) => Number(pattern.exec(text)?.[1]);

test('a batch is poured by the live scale: stop in time, an over-pour taken as it is and the rest repaired', async () => {
  const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-apron/mix');
  const before = await lineOf(visitor);
  expect(before).toMatch(/Pour E2 epoxy until the scale reads 458\sg/);
  await visitor.press('Simulated scale');
  await visitor.sees('simulated scale', '[data-live]');
  await until(visitor, 'empty');
  // The hand does as it is told, and lets go at the word stop: what is on its way lands near the mark.
  await pour(visitor, 'Hold to pour', 'slow', 'stop', 'over');
  await pour(visitor, 'Hold to dribble', 'stop', 'over', 'done');
  for (let i = 0; i < 6 && (await until(visitor, 'short', 'done', 'over', 'empty')) === 'short'; i += 1)
    await pour(visitor, 'Hold to dribble', 'stop', 'done', 'over', 'settling');
  await visitor.sees(/Taken: \d+ g of E2 epoxy/);
  const took = numberIn(await visitor.text('[data-live-taken]'), /Taken: (\d+)\sg/);
  expect(Math.abs(took - 458)).toBeLessThan(60);
  // The hardener follows what truly went in.
  await visitor.sees(/Pour E2 hardener/, '[aria-label="Next"]');
  // It is told once the scale stands still again.
  await until(visitor, 'empty');
  const told = await visitor.text('[data-live-big]');
  expect(numberIn(told, /([\d.]+)/)).toBeGreaterThan(0);
  // Poured on past the mark: it is taken, and more of the other part repairs it at once.
  await pour(visitor, 'Hold to pour', 'over');
  await visitor.sees(/Taken: \d+ g of E2 hardener/);
  const line = await lineOf(visitor);
  expect(line).toMatch(/E2 epoxy/);
  // The log says that a stand-in weighed it.
  await visitor.go('/logbook?job=demo-apron');
  await visitor.sees(/simulated/i);
});

test('what a scale on a cable sends that cannot be read is said, and what pulls the plug ends nothing else', async () => {
  const visitor = await Visitor.arrive(browser, 'demo');
  await visitor.page.evaluateOnNewDocument(() => {
    const lines = ['# hello', ...Array.from({ length: 12 }, () => '271.3'), ''];
    const readable = () =>
      new ReadableStream<Uint8Array>({
        async start(out) {
          for (const line of lines) {
            out.enqueue(new TextEncoder().encode(`${line}\r\n`));
            await new Promise((wait) => setTimeout(wait, 60));
          }
          await new Promise((wait) => setTimeout(wait, 1500));
          out.close();
        },
      });
    Object.defineProperty(navigator, 'serial', {
      value: {
        requestPort: () =>
          Promise.resolve({
            open: () => Promise.resolve(),
            close: () => Promise.resolve(),
            readable: readable(),
          }),
      },
    });
  });
  await visitor.go('/job/demo-apron/mix');
  await visitor.press('Scale on a cable');
  await visitor.sees('The device sent a number without a unit. Set it to send one.', '[data-live]');
  await visitor.sees('The device went away. Is its cable in?', '[data-live]');
  expect(await lineOf(visitor)).toMatch(/Pour E2 epoxy/);
});

test('a sensor under the cup starts and stops the watch', async () => {
  const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
  await visitor.page.click('::-p-xpath(//label[contains(., "Simulated cup")])');
  await visitor.press('Simulated sensor: open the cup');
  await visitor.sees(/Stop at the break/, '[data-watch]');
  await visitor.page.waitForFunction(
    () => /Start, or press space/.test(document.querySelector('[data-watch]')?.textContent ?? ''),
    { timeout: 60_000 },
  );
  expect(numberIn(await visitor.text('[data-watch]'), /([\d.]+)/)).toBeGreaterThan(10);
  await visitor.press(/^Record [\d.]+ s$/);
});

test('a hand felt over a face shows the stroke that was rushed, keeps it, and lays it on the film map', async () => {
  const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray#hand');
  await visitor.choose('Simulated hand', 'one stroke rushed');
  await visitor.press('Let it spray');
  await visitor.sees(/was too quick: it leaves a thin band/, '[data-hand-seen]');
  const out = await visitor.page.$$eval('[data-stroke]', (all) =>
    all.flatMap((each) =>
      /too quick/.test((each as HTMLElement).innerText) ? [(each as HTMLElement).dataset.stroke] : [],
    ),
  );
  expect(out).toEqual(['5']);
  // Out to a table and in again, it is judged the same.
  const csv = await visitor.downloaded('Recording as CSV', '.csv');
  expect(String(csv).split('\n')[0]).toBe('t,ax,ay,az,wx,wy,wz');
  await visitor.press(/^Keep it for/);
  await visitor.sees('simulated hand', '[data-hands-felt]');
  await visitor.go('/job/demo-livery-panels/spray#even');
  await visitor.press('As it was felt');
  await visitor.sees('simulated hand', '[aria-label^="Film on the face"]');
  const [, across] =
    /Thinnest[\s\S]*?along, ([\d.]+)\s*m across/.exec(await visitor.text('[data-even]')) ?? [];
  // The fifth of eight strokes over 0.8 m.
  expect(Number(across)).toBeGreaterThan(0.4);
  expect(Number(across)).toBeLessThan(0.65);
});

test('practice: a panel is felt, alarms are told by ear, and the course opens step by step', async () => {
  const visitor = await Visitor.arrive(browser, 'plain', '/practice#course');
  await visitor.sees('Alarms by ear', '[data-course]');
  const states = () =>
    visitor.page.$$eval('[data-step-state]', (all) =>
      all.map((each) => (each as HTMLElement).dataset.stepState),
    );
  expect((await states()).slice(0, 3)).toEqual(['open', 'locked', 'locked']);
  await visitor.go('/practice#listen');
  await visitor.press(/^Begin/);
  for (let i = 0; i < 8; i += 1) {
    await visitor.sees(`${i + 1} of 8`, '[data-listen]');
    // Whichever is pressed first, the answer is told.
    await visitor.page.click('[data-listen] [role="group"] button');
    await visitor.sees(/Yes\.|No:/, '[data-listen]');
    if (i < 7) await visitor.press('The next');
  }
  await visitor.sees(/\d of 8 told right/, '[data-listen]');
  await visitor.go('/practice#hand');
  await visitor.choose('Simulated hand', 'leans more and more');
  await visitor.press('Let it spray');
  await visitor.sees(/Keep the gun square/, '[data-hand-seen]');
  await visitor.sees(/of the panel inside its film/, '[data-felt-inside]');
  await visitor.go('/practice#course');
  await visitor.sees('Week by week');
  await visitor.sees(/\b2\b/, '[data-course] tbody');
});
