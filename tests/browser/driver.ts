import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser, type BrowserContext, type ElementHandle, type Page } from 'puppeteer-core';
import args from '../../scripts/chromium-args.json';

/** The browser and the arguments that every command here starts it with. */
export const launch = (profile?: string): Promise<Browser> =>
  puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args,
    ...(profile ? { userDataDir: profile } : {}),
  });

/** A fresh browser profile on one of the two servers, driven as a person would: by what is written on things. */
export class Visitor {
  /** Profiles that are left when their test is over: a page that stays open ticks on, and takes its share of every later test. */
  private static readonly passing = new Set<BrowserContext>();

  private constructor(
    readonly context: BrowserContext,
    readonly page: Page,
    private readonly address: string,
  ) {
    // Asked whether to leave with unwritten work, a test leaves.
    page.on('dialog', (dialog) => void dialog.accept());
  }

  static async arrive(browser: Browser, which: 'plain' | 'demo', path_ = '/'): Promise<Visitor> {
    const address = (
      which === 'demo' ? process.env.FLUORITE_WITH_DEMO : process.env.FLUORITE_PLAIN
    ) as string;
    const context = await browser.createBrowserContext();
    Visitor.passing.add(context);
    const visitor = new Visitor(context, await context.newPage(), address);
    await visitor.page.setViewport({ width: 1280, height: 800 });
    // SLOWED=6 walks as on a machine six times slower: what the busiest runner finds, found at home.
    if (process.env.SLOWED) await visitor.page.emulateCPUThrottling(Number(process.env.SLOWED));
    // The service worker stores megabytes for every fresh profile: its own tests have it, the others go without.
    await visitor.page.evaluateOnNewDocument(() => {
      delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker;
    });
    await visitor.go(path_);
    return visitor;
  }

  /** Ends every profile that a test arrived with, but those that stay. */
  static async leave(): Promise<void> {
    const left = [...Visitor.passing];
    Visitor.passing.clear();
    await Promise.all(left.map((context) => context.close().catch(() => undefined)));
  }

  /** Stays for the tests after this one. */
  stay(): this {
    Visitor.passing.delete(this.context);
    return this;
  }

  /** In the browser’s own profile, which outlives it, on a server of the test’s own. */
  static async settle(browser: Browser, address: string): Promise<Visitor> {
    const visitor = new Visitor(browser.defaultBrowserContext(), await browser.newPage(), address);
    await visitor.page.setViewport({ width: 1280, height: 800 });
    await visitor.go('/');
    return visitor;
  }

  /** The same profile in another tab. */
  async secondTab(path_: string, before?: () => void): Promise<Visitor> {
    const other = new Visitor(this.context, await this.context.newPage(), this.address);
    if (before) await other.page.evaluateOnNewDocument(before);
    await other.page.setViewport({ width: 1280, height: 800 });
    await other.go(path_);
    return other;
  }

  async go(path_: string): Promise<void> {
    await this.page.goto(this.address + path_);
    await this.ready();
  }

  async reload(): Promise<void> {
    await this.page.reload();
    await this.ready();
  }

  private async ready(): Promise<void> {
    await this.page.waitForSelector('[data-ready] h1');
  }

  /** Presses the visible button, link or radio with these words. */
  async press(words: string | RegExp): Promise<void> {
    await this.hit('button, a, [role="radio"], [role="menuitem"], summary', words);
    await this.settle();
    await this.minded();
  }

  /** Clicks until it lands: on a busy machine the page moves, or draws the thing anew, between the finding and the click. */
  private hit(selector: string, words: string | RegExp): Promise<void> {
    return this.land(() => this.find(selector, words), String(words));
  }

  private async land(find: () => Promise<ElementHandle>, words: string): Promise<void> {
    for (let tries = 1; ; tries += 1) {
      const found = await find();
      await found.evaluate((each) => {
        delete (each as HTMLElement).dataset.landed;
        each.addEventListener('click', () => ((each as HTMLElement).dataset.landed = 'yes'), {
          capture: true,
          once: true,
        });
      });
      await toMiddle(found);
      // What is drawn anew just now cannot be clicked.
      await found.click().catch(() => undefined);
      // A page that is left for another takes what was clicked with it.
      const landed = await found
        .evaluate((each) => (each as HTMLElement).dataset.landed === 'yes')
        .catch(() => true);
      if (landed) return;
      if (tries === 3) throw new Error(`${words} was clicked three times, and never got it.`);
    }
  }

  /** Goes to a part of the stage on screen. */
  async part(words: string): Promise<void> {
    await this.find('[data-parts] a', words).then((link) =>
      link.evaluate((each) => (each as HTMLElement).click()),
    );
    await this.settle();
  }

  /** Opens what is folded behind these words, if it is not open yet. */
  async open(words: string | RegExp): Promise<void> {
    const source = typeof words === 'string' ? words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&') : words.source;
    const found = await this.find('summary', new RegExp(source));
    if (await found.evaluate((each) => (each.parentElement as HTMLDetailsElement).open)) return;
    await this.hit('summary', new RegExp(source));
    await this.settle();
  }

  async type(label: string, text: string): Promise<void> {
    const field = await this.field(label);
    await toMiddle(field);
    await field.click({ count: 3 });
    await this.page.keyboard.press('Backspace');
    await field.type(text);
  }

  /** The field with this name: a link or a button may have the same. */
  private async field(label: string): Promise<ElementHandle> {
    for (let tries = 0; tries < 200; tries += 1) {
      for (const found of await this.page.$$(`::-p-aria([name="${label}"])`))
        if (await found.evaluate((each) => each.matches('input, textarea'))) return found;
      await new Promise((wait) => setTimeout(wait, 100));
    }
    throw new Error(`There is no field ${label}.`);
  }

  async choose(label: string, words: string): Promise<void> {
    const select = (await this.page.waitForSelector(
      `::-p-aria([name="${label}"][role="combobox"])`,
    )) as ElementHandle<HTMLSelectElement>;
    const value = await select.evaluate(
      (element, wanted) => [...element.options].find((option) => option.text.includes(wanted))?.value ?? '',
      words,
    );
    await select.select(value);
    await this.settle();
  }

  /** Waits until the page says this somewhere in sight. */
  async sees(words: string | RegExp, within = 'body'): Promise<void> {
    const pattern = typeof words === 'string' ? undefined : words.source;
    try {
      await this.page.waitForFunction(
        (selector, text, source) => {
          const said = [...document.querySelectorAll(selector)]
            .map((each) => (each as HTMLElement).innerText.replace(/\u00a0/g, ' '))
            .join('\n');
          return source ? new RegExp(source).test(said) : said.includes(text);
        },
        { timeout: 45_000 },
        within,
        String(words),
        pattern,
      );
    } catch {
      // What keeps people whole may have opened after the press that asked for it: on a busy machine it comes late.
      if (await this.minded()) return this.sees(words, within);
      throw new Error(
        `The page never said ${String(words)}. It says:\n${(await this.text(within)).slice(0, 1500)}`,
      );
    }
  }

  async text(selector: string): Promise<string> {
    const said = await this.page.$$eval(selector, (found) =>
      found.map((each) => (each as HTMLElement).innerText).join('\n'),
    );
    return said.replace(/\u00a0/g, ' ');
  }

  /** The next line's main action. */
  async doNext(): Promise<void> {
    // The clock may beat between the finding and the click, and the line become another.
    await this.land(
      async () => (await this.page.waitForSelector('[data-next-action]')) as ElementHandle,
      'The next line',
    );
    await this.settle();
    // What keeps people whole comes first; then the line is what it was.
    if (await this.minded()) await this.doNext();
  }

  /**
   * Goes through what keeps people whole before a card, a wash or sanding, where that is open on screen.
   *
   * @returns whether it was
   */
  async minded(): Promise<boolean> {
    const walk = '[role="dialog"] [data-safe]';
    // What it is drawn by may still be on its way.
    await this.page
      .waitForFunction(
        (place) => !document.querySelector('[data-walk]') || document.querySelector(place),
        {},
        walk,
      )
      .catch(() => undefined);
    const at = () =>
      this.page.$$eval(walk, ([each]) => each && (each as HTMLElement).dataset.safe).catch(() => undefined);
    let seen = false;
    for (let step = await at(); step !== undefined; step = await at()) {
      seen = true;
      await this.page.click(`${walk} button`);
      await this.page.waitForFunction(
        (place, was) => (document.querySelector(place) as HTMLElement | null)?.dataset.safe !== was,
        {},
        walk,
        step,
      );
    }
    return seen;
  }

  /** A cell of the job's run strip. */
  cell(stage: string): Promise<string> {
    return this.text(`[data-strip] [data-stage="${stage}"]`);
  }

  /** Downloads by pressing something, and returns the file's text. */
  async download(words: string, ending = '.json'): Promise<string> {
    return (await this.downloaded(words, ending)).toString('utf8');
  }

  /** Downloads by pressing something, and returns the file's bytes. */
  async downloaded(words: string, ending: string): Promise<Buffer> {
    const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'fluorite-'));
    const session = await this.page.createCDPSession();
    await session.send('Browser.setDownloadBehavior', {
      behavior: 'allow',
      downloadPath: folder,
      browserContextId: this.context.id,
    });
    await this.press(words);
    for (let tries = 0; tries < 100; tries += 1) {
      const [file] = fs.readdirSync(folder).filter((each) => each.endsWith(ending));
      if (file) return fs.readFileSync(path.join(folder, file));
      await new Promise((wait) => setTimeout(wait, 50));
    }
    throw new Error('Nothing was downloaded.');
  }

  async upload(file: string): Promise<void> {
    const input = (await this.page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
  }

  private async find(selector: string, words: string | RegExp): Promise<ElementHandle> {
    const source =
      typeof words === 'string' ? `^${words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$` : words.source;
    const handle = await this.page
      .waitForFunction(
        (query, pattern) => {
          const regex = new RegExp(pattern);
          // An open dialog lies over everything else.
          const top = document.querySelector('[role="dialog"]') ?? document;
          return [...top.querySelectorAll<HTMLElement>(query)].find(
            (each) =>
              each.offsetParent !== null &&
              !(each as HTMLButtonElement).disabled &&
              (regex.test(each.innerText.replace(/\u00a0/g, ' ').trim()) ||
                regex.test(each.getAttribute('aria-label') ?? '')),
          );
        },
        { timeout: 20_000 },
        selector,
        source,
      )
      .catch(() => undefined);
    const element = handle?.asElement();
    if (!element)
      throw new Error(
        `There is nothing to press that says ${String(words)}. The page says:\n${(await this.text('main')).slice(0, 1200)}`,
      );
    return element as ElementHandle;
  }

  /** Lets the screen answer. */
  private settle(): Promise<void> {
    return new Promise((wait) => setTimeout(wait, 60));
  }
}

/** Clear of the tray that lies along the bottom, and at rest: a chart drawn above it may still push it down. */
const toMiddle = (element: ElementHandle) =>
  element.evaluate(async (each) => {
    const frame = () => new Promise<void>((drawn) => setTimeout(drawn, 40));
    for (let last = NaN, tries = 0; tries < 50; tries += 1) {
      (each as HTMLElement).scrollIntoView({ block: 'center' });
      const { top } = each.getBoundingClientRect();
      if (top === last) return;
      last = top;
      await frame();
    }
  });

/** A file of the test's own, gone with the machine's temporary folder. */
export function temporaryFile(name: string, text: string | number | Buffer): string {
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'fluorite-')), name);
  fs.writeFileSync(file, typeof text === 'number' ? '' : text);
  if (typeof text === 'number') fs.truncateSync(file, text);
  return file;
}
