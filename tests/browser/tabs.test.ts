import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** `TABS=500` makes it many: entries altogether, and ms between two of one tab. */
const entries = Number(process.env.TABS ?? 40);
const pause = 300;

/** How often the room is on record in what is exported. */
async function recorded(visitor: Visitor): Promise<number> {
  // Nothing moves in a tab behind another.
  await visitor.page.bringToFront();
  await visitor.go('/settings');
  const { records } = JSON.parse(await visitor.download('Export everything')) as {
    records: { id: string; log?: { type: string }[] }[];
  };
  const job = records.find(({ id }) => id === 'demo-seat-shells');
  return job?.log?.filter(({ type }) => type === 'climate').length ?? 0;
}

describe('two busy tabs on one job', () => {
  it('lose nothing, and ask nothing', async () => {
    const one = await Visitor.arrive(browser, 'demo');
    const before = await recorded(one);
    await one.go('/job/demo-seat-shells/plan');
    const two = await one.secondTab('/job/demo-seat-shells/plan');
    for (const tab of [one, two]) {
      await tab.page.bringToFront();
      await tab.part('Ready');
      await tab.open(/^Read/);
      for (const [label, text] of [
        ['Air', '22'],
        ['Part', '21'],
        ['Relative humidity', '50'],
      ] as const)
        await tab.type(label, text);
    }
    const busy = (tab: Visitor) =>
      tab.page.evaluate(
        async (many, ms) => {
          for (let n = 0; n < many; n += 1) {
            const button = () =>
              [...document.querySelectorAll('button')].find((each) => each.textContent.trim() === 'Record');
            // A reading just taken folds the fields away: they are opened again.
            for (let tries = 0; !button() && tries < 200; tries += 1) {
              document.querySelector<HTMLElement>('[data-place="room"]:not([open]) > summary')?.click();
              await new Promise((wait) => setTimeout(wait, 10));
            }
            button()?.click();
            await new Promise((wait) => setTimeout(wait, ms));
          }
        },
        entries / 2,
        pause,
      );
    await Promise.all([busy(one), busy(two)]);
    await two.page.bringToFront();
    await two.reload();
    expect(await two.page.$('[data-asking]')).toBeNull();
    expect(await recorded(two)).toBe(before + entries);
    await one.page.bringToFront();
    expect(await one.page.$('[data-asking]')).toBeNull();
    expect(await recorded(one)).toBe(before + entries);
  }, 600_000);
});
