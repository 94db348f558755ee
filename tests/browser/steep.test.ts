import type { Browser } from 'puppeteer-core';
import { flowCups, secondsFromViscosity, viscosityFromSeconds } from '@/core/cups';
import { isRefusal, type Outcome } from '@/core/refusal';
import { launch, Visitor } from './driver';
import { another, lineOf, readRoom } from './follow';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const sure = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};

/** How steeply a paint falls that ten parts on a hundred divide by so much: −d ln ν/dw. */
const steepness = (dividedBy: number) => Math.log(dividedBy) / (10 / 110);

describe.each([
  ['a steep paint, divided by four', 4, 2.9],
  ['a stubborn paint, divided by one and a half', 1.5, 1.35],
] as const)('%s by ten parts on a hundred', (_, dividedBy, above) => {
  it('goes into the band by what the line says, and is never under it', async () => {
    const visitor = await Visitor.arrive(browser, 'plain', '/new');
    await newJob(visitor, {
      name: 'Meter box',
      ground: 'Steel',
      width: '1.2 m',
      height: '0.8 m',
      count: '4',
      product: 'Quick-dry enamel',
    });
    await visitor.page.waitForFunction(() => /^\/job\/.+\/plan$/.test(location.pathname));
    await readRoom(visitor, ['23', '22', '50']);
    const job = (await visitor.page.evaluate(() => location.pathname)).replace('/plan', '');
    await visitor.go(`${job}/mix`);
    const pours = await lineOf(visitor);
    const pot = Number(/until the scale reads (\d+) g/.exec(pours)?.[1]);
    expect(pot).toBeGreaterThan(100);
    await visitor.doNext();
    await another(visitor, pours);
    await visitor.go(`${job}/thin`);
    const [, low = '', high = '', named = ''] =
      /The band is ([\d.]+)–([\d.]+) s in ([^.]+)\./.exec(await lineOf(visitor)) ?? [];
    const cup = flowCups.find(({ name }) => name === named);
    if (!cup) throw new Error(`There is no ${named}.`);
    const nu0 = above * sure(viscosityFromSeconds(cup, (Number(low) + Number(high)) / 2));
    let added = 0;
    for (let additions = 0; ; additions += 1) {
      const share = added / (pot + added);
      const seconds = sure(secondsFromViscosity(cup, nu0 * Math.exp(-steepness(dividedBy) * share)));
      // What the cup truly reads; the two fillings are never quite alike.
      expect(seconds).toBeGreaterThan(Number(low));
      for (const noise of [0.995, 1.005]) {
        await visitor.type('Paint temperature', '23');
        await visitor.type('Seconds', (seconds * noise).toFixed(1));
        await visitor.press(/^Record [\d.]+ s$/);
      }
      await visitor.sees(/Add \d+ g|In the band/, '[aria-label="Next"]');
      const says = await lineOf(visitor);
      if (/In the band/.test(says)) {
        expect(seconds).toBeLessThan(Number(high));
        break;
      }
      expect(additions).toBeLessThan(4);
      added += Number(/Add (\d+) g/.exec(says)?.[1]);
      await visitor.doNext();
      await visitor.sees('Stir, then time the cup.', '[aria-label="Next"]');
    }
    // Steep paint is not walked up to by the gram, nor a stubborn one.
    expect(added).toBeGreaterThan(0.02 * pot);
    expect(await visitor.cell('thin')).toMatch(/in band/);
  });
});
