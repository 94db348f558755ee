import type { SetItem, StoredSet } from './disk/layout';

/** A set on its way to disk. */
export interface Waiting {
  readonly setKey: string;
  readonly items: readonly SetItem[];
  /** Called when it is on disk, or with false when it will not be. Without it, the set waits until there is room. */
  readonly done?: (written: boolean) => void;
}

/** Sets on their way to disk, one after the other in the order they were made. */
export class Queue {
  private waiting: Waiting[] = [];
  private pump: Promise<void> | undefined;

  /**
   * @param write puts one set on disk, and gives it as it lies there
   * @param written called for each set that is on disk, with the same
   * @param failed called when the disk refused one: the queue stands still until it is run again
   */
  constructor(
    private readonly write: (waiting: Waiting) => Promise<StoredSet>,
    private readonly written: (setKey: string, set: StoredSet) => void,
    private readonly failed: (error: unknown) => void,
  ) {}

  get empty(): boolean {
    return this.waiting.length === 0;
  }

  add(waiting: Waiting): void {
    this.waiting.push(waiting);
  }

  /** Lets go of what waits: nothing of it is to be written any more. */
  drop(): void {
    const given = this.waiting;
    this.waiting = [];
    for (const { done } of given) done?.(false);
  }

  /** Writes what waits; stops where the disk refuses. What is to be whole or not at all is not, then. */
  run(): Promise<void> {
    if (this.pump || this.empty) return this.pump ?? Promise.resolve();
    const pump = this.pumped();
    this.pump = pump;
    return pump;
  }

  async settled(): Promise<void> {
    while (this.pump) await this.pump;
  }

  private async pumped(): Promise<void> {
    for (let next = this.waiting[0]; next; next = this.waiting[0]) {
      let set: StoredSet;
      try {
        set = await this.write(next);
      } catch (error) {
        const [given, kept] = [
          this.waiting.filter(({ done }) => done),
          this.waiting.filter(({ done }) => !done),
        ];
        this.waiting = kept;
        this.pump = undefined;
        this.failed(error);
        for (const { done } of given) done?.(false);
        return;
      }
      this.waiting.shift();
      this.written(next.setKey, set);
      next.done?.(true);
    }
    // At once, not when the promise is seen to be done: what is added from now on needs another run.
    this.pump = undefined;
  }
}
