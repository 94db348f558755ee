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
/** Every place; the parts of each are found on it. */
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
  '/sheet',
  '/rigs',
  '/rigs/demo-turbine',
  '/rigs/demo-pot',
  '/cups',
  '/logbook',
  '/practice',
  '/care',
  '/settings',
];
const phone = { width: 360, height: 740 };
const laptop = { width: 1280, height: 800 };

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string }[];
}

/** What the dark theme has of its own: the same page in other colours. */
const ofColours = { runOnly: ['color-contrast', 'link-in-text-block'] };

/** What axe finds on the page as it stands. */
async function violations(visitor: Visitor, where: string, how: object = {}): Promise<string[]> {
  // A document keeps it once it has it; only what is wrong is wanted, which takes half the time.
  if (!(await visitor.page.evaluate(() => 'axe' in window))) await visitor.page.evaluate(axe);
  const found = await visitor.page.evaluate(
    async (more) =>
      (
        (await (
          window as unknown as { axe: { run: (where: Node, how: object) => Promise<unknown> } }
        ).axe.run(document, { resultTypes: ['violations'], ...more })) as {
          violations: Violation[];
        }
      ).violations,
    how,
  );
  return found.map(({ id, nodes }) => `${where} ${id}: ${nodes[0]?.html.slice(0, 160)}`);
}

const darkened = async (theme: 'bench' | 'booth'): Promise<Visitor> => {
  const visitor = await Visitor.arrive(browser, 'demo', '/settings');
  if (theme === 'booth') await visitor.press('Booth, dark');
  return visitor;
};

/** Folded parts are looked into as well. */
const unfold = ({ page }: Visitor) =>
  page.$$eval('details', (all) => all.forEach((each) => each.setAttribute('open', '')));

describe.each(['bench', 'booth'] as const)('theme %s', (theme) => {
  const how = theme === 'booth' ? ofColours : {};
  it('axe finds nothing in any part of any place, nor is any wider than a phone', async () => {
    const visitor = await darkened(theme);
    const found: string[] = [];
    for (const screen of screens) {
      await visitor.page.setViewport(laptop);
      await visitor.go(screen);
      const parts = await visitor.page.$$eval('[data-parts] a', (links) =>
        links.map((link) => (link as HTMLAnchorElement).hash),
      );
      // In the dark theme colours are what differs: one part of each place shows them.
      const looked = theme === 'booth' || parts.length === 0 ? [''] : parts;
      for (const part of looked) {
        await visitor.page.setViewport(laptop);
        if (part) await visitor.go(screen + part);
        await new Promise((wait) => setTimeout(wait, 350));
        await unfold(visitor);
        await new Promise((wait) => setTimeout(wait, 150));
        found.push(...(await violations(visitor, screen + part, how)));
        await visitor.page.setViewport(phone);
        await new Promise((wait) => setTimeout(wait, 100));
        // What a phone has of its own, its bars, is the same in every part.
        if (theme === 'bench' && part === looked[0])
          found.push(...(await violations(visitor, `${screen}${part} on a phone`, how)));
        const over = await visitor.page.evaluate(
          () => document.documentElement.scrollWidth - window.innerWidth,
        );
        if (over > 0) found.push(`${screen}${part} is ${over} px wider than a 360 px screen`);
      }
    }
    expect(found).toEqual([]);
  }, 1_200_000);

  /** What opens over a place, and how. */
  const opened: readonly (readonly [
    name: string,
    path: string,
    open: (visitor: Visitor) => Promise<unknown>,
    size?: typeof phone,
  ])[] = [
    ['the job menu', '/job/demo-livery-panels/spray', (visitor) => visitor.press('Job menu')],
    ['the strip of a phone', '/job/demo-lining-band/spray', (visitor) => visitor.press(/5 of 7/), phone],
    ['the clocks of a phone', '/job/demo-livery-panels/spray', (visitor) => visitor.press(/clocks/), phone],
    ['the shop on a phone', '/', (visitor) => visitor.press(/Bench/), phone],
    ['the keys', '/', (visitor) => visitor.page.keyboard.type('?')],
    [
      'the command list',
      '/',
      async ({ page }) => {
        await page.keyboard.down('Control');
        await page.keyboard.press('k');
        await page.keyboard.up('Control');
        await page.waitForSelector('[cmdk-input]');
      },
    ],
    ['what is left out', '/job/demo-saloon-doors/plan#ready', (visitor) => visitor.press('Not needed')],
    [
      'a correction',
      '/logbook',
      async (visitor) => {
        await visitor.press(/^Entry of/);
        await visitor.press('Correct');
      },
    ],
    ['the menu of an entry', '/logbook', (visitor) => visitor.press(/^Entry of/)],
    ['a renewal', '/care#wear', (visitor) => visitor.press(/^Renewed: /)],
    ['own words for a step', '/job/demo-depot-walls/clean', (visitor) => visitor.press('Change wording')],
    ['a cup', '/cups', (visitor) => visitor.press('Add a cup')],
    [
      'a paper being confirmed',
      '/sheet',
      async (visitor) => {
        await visitor.page.focus('textarea');
        await visitor.page.evaluate(
          (said) => document.execCommand('insertText', false, said),
          'Satin lacquer W20\nDry film: 28-38 µm\nPot life: 2 h\nMixing ratio: 4:1 by volume\nFlash: 5 min',
        );
        await visitor.press('Read the text');
        await visitor.sees('Which sheet');
      },
    ],
    [
      'a sheet being changed',
      '/coatings/demo-satin-lacquer',
      async (visitor) => {
        await visitor.press('Edit');
        await unfold(visitor);
      },
    ],
    ['removing everything', '/settings', (visitor) => visitor.press('Remove everything')],
  ];
  it('nor in any menu or dialog', async () => {
    const visitor = await darkened(theme);
    const found: string[] = [];
    for (const [name, path, open, size = laptop] of opened) {
      await visitor.page.setViewport(size);
      await visitor.go(path);
      await open(visitor);
      await new Promise((wait) => setTimeout(wait, 300));
      found.push(...(await violations(visitor, name, how)));
    }
    expect(found).toEqual([]);
  }, 300_000);
});

describe('keys and focus', () => {
  it('a stray Enter records no pour: it shows the button, and a second one presses it', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    await visitor.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await visitor.page.keyboard.press('Enter');
    await new Promise((wait) => setTimeout(wait, 500));
    const grams = /Add (\d+) g water/.exec(await visitor.text('[aria-label="Next"]'))?.[1] ?? '';
    expect(grams).not.toBe('');
    expect(await visitor.text('[data-readings]')).not.toContain(`+${grams} g`);
    expect(await visitor.page.evaluate(() => document.activeElement?.hasAttribute('data-next-action'))).toBe(
      true,
    );
    await visitor.page.keyboard.press('Enter');
    await visitor.sees(`+${grams} g`, '[data-readings]');
  });

  it('goes to the heading of a new page, and back to what opened a dialog', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    await visitor.press(/^Saloon doors, car 6/);
    await visitor.sees(/Add \d+ g water/);
    await visitor.page.waitForFunction(() => document.activeElement?.tagName === 'H1');
    expect(await visitor.page.evaluate(() => document.activeElement?.textContent)).toBe(
      'Saloon doors, car 6, Thin',
    );
    await visitor.page.keyboard.press('5');
    await visitor.page.waitForFunction(
      () => document.activeElement?.textContent === 'Saloon doors, car 6, Spray',
    );
    await visitor.go('/job/demo-saloon-doors/plan#ready');
    await visitor.press('Not needed');
    await visitor.page.waitForSelector('[role="dialog"]');
    await visitor.page.keyboard.press('Escape');
    await visitor.page.waitForFunction(() => document.activeElement?.textContent === 'Not needed');
  });

  it('no note lies over the sentence, the strip or the main button', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    for (const size of [laptop, phone]) {
      await visitor.page.setViewport(size);
      await visitor.go('/job/demo-depot-walls/clean');
      await visitor.doNext();
      const note = await visitor.page.waitForSelector('[data-sonner-toast]', { visible: true });
      await new Promise((wait) => setTimeout(wait, 600));
      const over = await note!.evaluate((each) => {
        const own = each.getBoundingClientRect();
        return ['[data-next] p', '[data-next-action]', '[data-strip]', '[data-tray]'].filter((selector) =>
          [...document.querySelectorAll(selector)].some((other) => {
            const box = other.getBoundingClientRect();
            return (
              box.width > 0 &&
              own.left < box.right &&
              own.right > box.left &&
              own.top < box.bottom &&
              own.bottom > box.top
            );
          }),
        );
      });
      expect(over).toEqual([]);
    }
  });
});
