import type { Visitor } from './driver';

interface Said {
  readonly name?: string;
  readonly ground: string;
  readonly existing?: string;
  readonly substrate?: string;
  readonly width: string;
  readonly height: string;
  readonly count?: string;
  readonly product: string;
  /** A gun of the shop, or the kind of a new one. */
  readonly gun?: string;
  /** What is put right of the product before it begins. */
  readonly closer?: (visitor: Visitor) => Promise<void>;
}

/** Taps a tile of a question, out of sight or not. */
export async function tile(visitor: Visitor, question: string, words: string): Promise<void> {
  const group = `[role="radiogroup"][aria-label="${question}"]`;
  await visitor.page.waitForSelector(group);
  for (let tries = 0; tries < 100; tries += 1) {
    const found = await visitor.page.evaluate(
      (at, wanted) => {
        const root = document.querySelector(at);
        const radios = [...(root?.querySelectorAll<HTMLElement>('[role="radio"]') ?? [])];
        const own = radios.find(({ innerText }) => innerText.replace(/\s+/g, ' ').includes(wanted));
        const more = [...(root?.querySelectorAll<HTMLElement>('button') ?? [])].find(
          ({ innerText }) => innerText === 'More',
        );
        (own ?? more)?.click();
        return own !== undefined;
      },
      group,
      words,
    );
    if (found) return;
    await new Promise((wait) => setTimeout(wait, 50));
  }
  throw new Error(`${question} does not offer ${words}.`);
}

/** A new job, question by question, on the page of a new job. */
export async function newJob(visitor: Visitor, said: Said): Promise<void> {
  await tile(visitor, 'What is it?', said.ground);
  if (said.existing) await tile(visitor, 'What is on it now?', said.existing);
  if (said.substrate) {
    await visitor.open('In your words');
    await visitor.type('What it is, in your words', said.substrate);
  }
  await visitor.press('How large?');
  await visitor.type('Width', said.width);
  await visitor.type('Height', said.height);
  if (said.count) await visitor.type('How many', said.count);
  await visitor.press('What goes on?');
  await tile(visitor, 'What goes on?', said.product);
  if (said.gun) await tile(visitor, 'With which gun?', said.gun);
  await said.closer?.(visitor);
  await visitor.press('Ready when?');
  if (said.name) await visitor.type('What the job is called', said.name);
  await visitor.press('Begin this job');
}
