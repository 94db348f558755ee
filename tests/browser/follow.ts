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

/** Waits until the next line is another one. */
export async function another(visitor: Visitor, before: string): Promise<void> {
  for (let tries = 0; (await lineOf(visitor)) === before; tries += 1) {
    if (tries > 100) throw new Error(`Nothing came after:\n${before}`);
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

/** To a stage of the job on screen, by its strip. */
export const toStage = (visitor: Visitor, stage: string) =>
  visitor.page.$eval(`[data-strip] [data-stage="${stage}"]`, (cell) => (cell as HTMLElement).click());
