import type { SpokenKind } from '@/records';

/** Something to be heard: it ends by itself, or is cut short. */
export interface Sounding {
  readonly kind: SpokenKind;
  readonly play: () => Promise<void>;
  readonly stop: () => void;
}

/** What is heard first. */
const rank: Record<SpokenKind, number> = { alarm: 0, answer: 1, next: 2, pace: 3 };

/**
 * One mouth: never two things at once. An alarm cuts short whatever else is being said; what is newer takes the place of
 * what waits of its kind; a pace that cannot be said at once is out of date and is dropped.
 */
export class Channel {
  private now: Sounding | undefined;
  private waiting: Sounding[] = [];
  /** What sounds now was told to end. */
  private cut = false;

  get busy(): boolean {
    return this.now !== undefined;
  }

  add(next: Sounding): void {
    if (next.kind === 'pace' && this.busy) return;
    // Every alarm is heard; of anything else only the latest still holds.
    if (next.kind !== 'alarm') this.waiting = this.waiting.filter(({ kind }) => kind !== next.kind);
    this.waiting.push(next);
    this.waiting.sort((a, b) => rank[a.kind] - rank[b.kind]);
    if (next.kind === 'alarm' && this.now?.kind !== 'alarm') this.end();
    this.go();
  }

  /** Nothing more is said. */
  hush(): void {
    this.waiting = [];
    this.end();
  }

  private end(): void {
    if (!this.now || this.cut) return;
    this.cut = true;
    this.now.stop();
  }

  private go(): void {
    if (this.now) return;
    const next = this.waiting.shift();
    if (!next) return;
    this.now = next;
    this.cut = false;
    void next
      .play()
      .catch(() => undefined)
      .then(() => {
        this.now = undefined;
        this.go();
      });
  }
}
