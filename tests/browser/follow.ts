import type { Visitor } from './driver';

/** The next line of the stage on screen. */
export const lineOf = (visitor: Visitor) => visitor.text('[aria-label="Next"]');

/** Reads the room on Plan, as numbers typed. */
export async function readRoom(
  visitor: Visitor,
  [air, part, humidity]: readonly [air: string, part: string, humidity: string],
): Promise<void> {
  await visitor.part('Ready');
  await visitor.open(/^Read/);
  await visitor.type('Air', air);
  await visitor.type('Part', part);
  await visitor.type('Relative humidity', humidity);
  await visitor.press('Record');
}

/**
 * Waits until the next line is another one. On a busy machine what keeps people whole opens after it was looked for, or a press
 * is lost in what is drawn anew: one who stands before it goes on with that, or presses again.
 */
export async function another(visitor: Visitor, before: string): Promise<void> {
  for (let tries = 0; (await lineOf(visitor)) === before; tries += 1) {
    if (tries > 400) throw new Error(`Nothing came after:\n${before}`);
    if (tries > 0 && tries % 60 === 0 && !(await visitor.minded()) && (await lineOf(visitor)) === before)
      await visitor.doNext();
    await new Promise((wait) => setTimeout(wait, 100));
  }
}

/** Follows the next line through the pot, the cup, the gun and the card, until a coat may start. */
export async function untilSpray(visitor: Visitor): Promise<readonly string[]> {
  const said: string[] = [];
  for (let taps = 0; taps < 30; taps += 1) {
    const next = await lineOf(visitor);
    said.push(next);
    if (/Start coat \d/.test(next)) return said;
    if (/time the cup|Time the cup/.test(next)) {
      const [, from, to] = /(\d+)–(\d+)\s*s/.exec(await visitor.cell('thin')) ?? [];
      for (const noise of [0, 0.2]) {
        await visitor.type('Paint temperature', '23');
        await visitor.type('Seconds', String((Number(from) + Number(to)) / 2 + noise));
        await visitor.press(/^Record [\d.]+ s$/);
      }
    } else await visitor.doNext();
    await another(visitor, next);
  }
  throw new Error(`No coat was ever to start:\n${said.join('\n')}`);
}

/** Makes the clock of the page run so many minutes further ahead from its next load on. */
export const ahead = (visitor: Visitor, minutes: number) =>
  visitor.page.evaluateOnNewDocument((span) => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + span;
  }, minutes * 60_000);

/** A clock the test moves while the page runs. */
export async function moving(visitor: Visitor) {
  await visitor.page.evaluateOnNewDocument(() => {
    const real = Date.now.bind(Date);
    const Real = Date;
    const ahead = () => Number(sessionStorage.getItem('ahead') ?? 0);
    // Both ways of asking for the time.
    class Moved extends Real {
      constructor(...said: []) {
        super(...((said.length === 0 ? [real() + ahead()] : said) as []));
      }
      static override now = () => real() + ahead();
    }
    window.Date = Moved as DateConstructor;
  });
  await visitor.reload();
  return (minutes: number) =>
    visitor.page.evaluate((span) => {
      sessionStorage.setItem('ahead', String(Number(sessionStorage.getItem('ahead') ?? 0) + span * 60_000));
    }, minutes);
}

/** To a stage of the job on screen, by its strip. */
export const toStage = (visitor: Visitor, stage: string) =>
  visitor.page.$eval(`[data-strip] [data-stage="${stage}"]`, (cell) => (cell as HTMLElement).click());

/**
 * Starts a coat through what is open before it: what is ticked is ticked, what may be left out is left out with a reason.
 * Says what was gone through, by the name each thing has in the record.
 */
export async function startCoat(visitor: Visitor, words: string | RegExp): Promise<readonly string[]> {
  await visitor.press(words);
  const through: string[] = [];
  const dialog = '[role="dialog"]';
  const seen = (inside: string) => visitor.page.$(`${dialog} ${inside}`);
  for (let steps = 0; steps < 40; steps += 1) {
    if (!(await seen('[data-step], [data-walk-start]'))) {
      // Nothing was open, or the walk is still on its way.
      await new Promise((wait) => setTimeout(wait, 250));
      if (!(await seen('[data-step], [data-walk-start]'))) return through;
    }
    if (await seen('[data-walk-start]')) {
      await (await seen('[data-walk-start]'))!.click();
      await visitor.page.waitForFunction((at) => !document.querySelector(at), {}, dialog);
      return through;
    }
    const id = await visitor.page.$eval(
      `${dialog} [data-step]`,
      (step) => (step as HTMLElement).dataset.step!,
    );
    const together = await seen('[data-together]');
    through.push(
      ...(together
        ? ((await together.evaluate((each) => (each as HTMLElement).dataset.together)) ?? '').split(' ')
        : [id]),
    );
    const words = await visitor.text(dialog);
    const buttons = await visitor.page.$$eval(`${dialog} button`, (all) =>
      all.map((each) => (each as HTMLElement).innerText),
    );
    if (together) await visitor.press(/^All \d+ are so/);
    else if (buttons.includes('Done')) await visitor.press('Done');
    else if (id === 'ground')
      await visitor.press(buttons.includes('Nothing') ? 'Nothing' : 'Sound old paint');
    else if (buttons.includes('The paper reads so')) await visitor.press('The paper reads so');
    else if (buttons.includes('Go on without it, and why')) {
      await visitor.press('Go on without it, and why');
      await visitor.type('Why', 'As the journey goes');
      await visitor.press('Go on without it');
    } else throw new Error(`Nothing to press:\n${words}`);
    await visitor.page.waitForFunction(
      (at, was) => (document.querySelector(`${at} [data-step]`) as HTMLElement | null)?.dataset.step !== was,
      {},
      dialog,
      id,
    );
  }
  throw new Error(`No end to it: ${through.join(', ')}`);
}

/** Ends a coat; asked whether it can be on so soon, it is. */
export async function endCoat(visitor: Visitor, words: string | RegExp): Promise<void> {
  await visitor.press(words);
  await visitor.sees(/after \d+ (s|min)\?/, '[role="dialog"]');
  await visitor.press('It is on: end it');
  await visitor.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
}

/** Puts alarms aside until one of this clock calls, of a job with this in its name where one is said. */
export async function seenUntil(visitor: Visitor, clock: string, job = ''): Promise<void> {
  for (let i = 0; i < 20; i += 1) {
    const [at, says] = await visitor.page.$eval('[data-alarm]', (bar) => [
      (bar as HTMLElement).dataset.alarm,
      (bar as HTMLElement).innerText,
    ]);
    if (at === clock && says?.includes(job)) return;
    await visitor.press('Seen');
    await visitor.page.waitForFunction(
      (was) => (document.querySelector('[data-alarm]') as HTMLElement | null)?.innerText !== was,
      {},
      says,
    );
  }
  throw new Error(`The clock ${clock} never called.`);
}

const inDialog = '[role="dialog"]';

/** What the walk before a coat asks now, by its name in the record. */
export const walkStep = (visitor: Visitor) =>
  visitor.page.$eval(`${inDialog} [data-step]`, (each) => (each as HTMLElement).dataset.step);
/** What can be pressed in the dialog on screen. */
export const dialogButtons = (visitor: Visitor) =>
  visitor.page.$$eval(`${inDialog} button`, (all) => all.map((each) => (each as HTMLElement).innerText));

/** Ticks what is asked until something else is asked, and says what. */
export async function toldStep(visitor: Visitor): Promise<string | undefined> {
  await visitor.page.waitForSelector(`${inDialog} [data-step], ${inDialog} [data-walk-start]`);
  for (let i = 0; i < 30; i += 1) {
    if (await visitor.page.$(`${inDialog} [data-walk-start]`)) return undefined;
    const at = await walkStep(visitor);
    // Of several asked together the first line is ticked by itself.
    const box = await visitor.page.$(`${inDialog} [data-together] [role="checkbox"]`);
    if (!box && !(await dialogButtons(visitor)).includes('Done')) return at;
    if (box) await box.evaluate((each) => (each as HTMLElement).click());
    else await visitor.press('Done');
    await visitor.page.waitForFunction(
      (inside, was) =>
        (document.querySelector(`${inside} [data-step]`) as HTMLElement | null)?.dataset.step !== was,
      {},
      inDialog,
      at,
    );
  }
  throw new Error('No end to the ticks.');
}
