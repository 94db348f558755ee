/** Work that takes longer gives way, ms: well within a frame of the screen. */
const turn = 10;

interface Scheduling {
  readonly scheduler?: { readonly yield?: () => Promise<void> };
}

/** Lets the screen answer, then goes on. */
export const givenWay = (): Promise<void> => {
  const { scheduler } = globalThis as Scheduling;
  return scheduler?.yield?.() ?? new Promise((go) => setTimeout(go, 0));
};

/**
 * Long work in steps: asked after each, it says whether to wait before the next. Nothing is said while there is time left,
 * so that short work is done at once.
 */
export function paced(): () => Promise<void> | undefined {
  let from = performance.now();
  return () =>
    performance.now() - from < turn
      ? undefined
      : givenWay().then(() => {
          from = performance.now();
        });
}

/** A step for each of many, giving way in between. */
export async function eachPaced<T>(all: Iterable<T>, step: (one: T) => unknown): Promise<void> {
  const rest = paced();
  for (const one of all) {
    step(one);
    const wait = rest();
    if (wait) await wait;
  }
}
