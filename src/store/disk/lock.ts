/** Runs a task while no other tab runs one. Falls back to this tab's own queue where locks do not exist. */
export type Exclusive = <T>(task: () => Promise<T>) => Promise<T>;

export function exclusive(name = 'fluorite-write'): Exclusive {
  let queue: Promise<unknown> = Promise.resolve();
  return (task) => {
    const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
    const run = () => (locks ? locks.request(name, task) : task());
    const turn = queue.then(run, run);
    queue = turn.catch(() => undefined);
    return turn as ReturnType<typeof task>;
  };
}
