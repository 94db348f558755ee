import fs from 'node:fs';
import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const axe = fs.readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');
const stages = ['plan', 'mix', 'thin', 'set', 'spray', 'check', 'clean'];
const screens = [
  '/',
  '/new',
  ...stages.map((stage) => `/job/demo-livery-panels/${stage}`),
  '/job/demo-saloon-doors/thin',
  '/job/demo-depot-walls/clean',
  '/job/demo-depot-walls/set',
  '/job/demo-seat-shells/mix',
  '/coatings',
  '/coatings/demo-satin-lacquer',
  '/rigs',
  '/rigs/demo-turbine',
  '/rigs/demo-pot',
  '/cups',
  '/logbook',
  '/practice',
  '/practice#gun',
  '/practice#stream',
  '/practice#card',
  '/job/demo-livery-panels/spray#even',
  '/job/demo-livery-panels/spray#flow',
  '/job/demo-depot-walls/clean#symptoms',
  '/job/demo-depot-walls/clean#waste',
  '/job/demo-livery-panels/clean#air',
  '/care',
  '/care#wear',
  '/care#air',
  '/care#waste',
  '/care#safety',
  '/settings',
];
/** What is pressed on a screen before it is looked at: forms that open. */
const opens: Record<string, string> = { '/coatings/demo-satin-lacquer': 'Edit', '/cups': 'Add a cup' };

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string }[];
}

describe.each(['bench', 'booth'] as const)('theme %s', (theme) => {
  it('axe finds nothing on any screen, and no screen is wider than a phone', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    if (theme === 'booth') await visitor.press('Booth, dark');
    const found: string[] = [];
    for (const screen of screens) {
      await visitor.go(screen);
      await new Promise((wait) => setTimeout(wait, 250));
      // Folded parts are looked into as well.
      await visitor.page.$$eval('details', (all) => all.forEach((each) => each.setAttribute('open', '')));
      if (opens[screen]) await visitor.press(opens[screen]);
      await visitor.page.evaluate(axe);
      const violations = await visitor.page.evaluate(
        async () =>
          (
            (await (window as unknown as { axe: { run: () => Promise<unknown> } }).axe.run()) as {
              violations: Violation[];
            }
          ).violations,
      );
      found.push(...violations.map(({ id, nodes }) => `${screen} ${id}: ${nodes[0]?.html.slice(0, 160)}`));
      await visitor.page.setViewport({ width: 360, height: 740 });
      const over = await visitor.page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      if (over > 0) found.push(`${screen} is ${over} px wider than a 360 px screen`);
      await visitor.page.setViewport({ width: 1280, height: 800 });
    }
    expect(found).toEqual([]);
  }, 240_000);
});
