import { isRefusal } from '@/core/refusal';
import { canonical } from '@/records/canonical';
import { keyOf, readPresent, type AnyRecord } from '@/records';
import type { Disk, Envelope } from './disk/disk';
import type { Exclusive } from './disk/lock';
import type { Tabs } from './disk/tabs';
import { mergeRecords } from './merge';

/** A record on disk that could not be read, or was set apart. It is left where it is, and can be exported as found. */
export interface Damaged {
  readonly key: string;
  readonly why: string;
  readonly raw: unknown;
  /** It was set apart by hand, and can be taken back. */
  readonly apart?: true;
}

/** A change that another tab overtook. Kept on disk until the user decides. */
export interface Aside {
  readonly asideKey: string;
  readonly key: string;
  readonly mine: AnyRecord;
}

export type Trouble = 'full' | 'no-disk' | 'write-failed';

export interface ShopState {
  readonly status: 'loading' | 'ready';
  readonly records: ReadonlyMap<string, AnyRecord>;
  readonly damaged: readonly Damaged[];
  readonly asides: readonly Aside[];
  readonly trouble?: Trouble;
  readonly canUndo?: string;
  readonly canRedo?: string;
}

/** One step of undo: what each key held before and after. */
interface Step {
  readonly label: string;
  readonly changes: readonly { key: string; before?: AnyRecord; after?: AnyRecord }[];
}

/** One key of a commit: what revision it had, and what it is to hold. */
interface Planned {
  readonly key: string;
  readonly was: number;
  readonly becomes: Envelope | null;
}

/** A commit that is decided and being written. */
interface Journal {
  readonly set: readonly Planned[];
}

const journalKey = 'journal';
const asidePrefix = 'aside/';
const deepest = 50;

/**
 * The live state of the shop: every record in memory, every change written at once.
 *
 * Writes go one at a time per key, carry a revision and are refused when another tab wrote first; the refused
 * change is kept aside and shown. Several records are committed together or not at all.
 */
export class ShopStore {
  private state: ShopState = { status: 'loading', records: new Map(), damaged: [], asides: [] };
  private readonly listeners = new Set<() => void>();
  private readonly revisions = new Map<string, number>();
  private readonly waiting = new Map<string, AnyRecord | undefined>();
  private readonly writing = new Map<string, Promise<void>>();
  private done: Step[] = [];
  private undone: Step[] = [];

  private disk: Disk;
  private tabs: Tabs | undefined;

  /**
   * @param openDisk called when the store opens, not before: the server has no disk
   * @param fallback a disk that always works, for when the first one does not
   */
  constructor(
    private readonly openDisk: () => Disk,
    private readonly exclusively: Exclusive,
    private readonly openTabs: () => Tabs,
    private readonly fallback: () => Disk,
  ) {
    this.disk = fallback();
  }

  readonly getState = (): ShopState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Reads everything from disk. Damaged records are set apart; a commit cut short is finished first. */
  async open(): Promise<void> {
    const records = new Map<string, AnyRecord>();
    const damaged: Damaged[] = [];
    const asides: Aside[] = [];
    let trouble: Trouble | undefined;
    try {
      this.disk = this.openDisk();
      // A journal that cannot be read now is finished at the next start; the records can be shown all the same.
      let decided: readonly Planned[] = [];
      await this.exclusively(() => this.finish()).catch(async () => {
        trouble = 'write-failed';
        decided = plannedIn(await this.disk.get(journalKey).catch(() => undefined));
      });
      for (const key of await this.disk.keys()) {
        if (key === journalKey) continue;
        const envelope = await this.disk.get(key).catch((error: unknown) => ({ unread: error }));
        // One read that fails is one record that is not shown, never a shop that seems empty.
        if (isUnread(envelope)) {
          damaged.push({ key, why: `The disk could not read it: ${messageOf(envelope.unread)}`, raw: null });
          continue;
        }
        if (key.startsWith(asidePrefix)) {
          const mine = await readAny(envelope);
          if (!isRefusal(mine)) asides.push({ asideKey: key, key: keyOf(mine), mine });
          continue;
        }
        const outcome = await this.unwrap(key, envelope);
        if ('why' in outcome) damaged.push({ key, ...outcome });
        else {
          records.set(key, outcome.record);
          this.revisions.set(key, revisionOf(envelope));
        }
      }
      for (const { key, was, becomes } of decided) {
        if ((this.revisions.get(key) ?? 0) !== was) continue;
        const outcome = becomes ? await this.unwrap(key, becomes) : undefined;
        if (outcome && 'record' in outcome) records.set(key, outcome.record);
        else records.delete(key);
        this.revisions.set(key, becomes?.revision ?? 0);
      }
    } catch {
      this.disk = this.fallback();
      trouble = 'no-disk';
    }
    this.tabs ??= this.openTabs();
    this.tabs.listen((keys) => void this.reread(keys));
    this.set({ status: 'ready', records, damaged, asides, trouble });
  }

  /** Puts one record, as one step of undo. */
  put(record: AnyRecord, label: string): void {
    this.apply([{ key: keyOf(record), after: record }], label);
  }

  remove(key: string, label: string): void {
    this.apply([{ key }], label);
  }

  undo(): string | undefined {
    return this.step(this.done, this.undone, 'before', 'after');
  }

  redo(): string | undefined {
    return this.step(this.undone, this.done, 'after', 'before');
  }

  /**
   * Writes several records together or not at all: the whole set goes into a journal first, under one key. Once it stands
   * there it is decided: a tab that dies while the set is being written is finished by the next one, and what somebody wrote
   * since stays.
   *
   * @returns false when the disk would not take it; nothing has changed then
   */
  async commit(puts: readonly AnyRecord[], removes: readonly string[], label: string): Promise<boolean> {
    await this.settled();
    const changes = [
      ...puts.map((after) => ({ key: keyOf(after), after })),
      ...removes.map((key) => ({ key, after: undefined })),
    ];
    const written = await this.exclusively(async () => {
      const set: Planned[] = [];
      try {
        await this.finish();
        for (const { key, after } of changes) {
          const was = revisionOf(await this.disk.get(key));
          set.push({ key, was, becomes: after ? { revision: was + 1, record: after } : null });
        }
        await this.disk.set(journalKey, { set } satisfies Journal);
      } catch (error) {
        this.set({ trouble: troubleOf(error) });
        return false;
      }
      for (const { key, becomes } of set) this.revisions.set(key, becomes?.revision ?? 0);
      // It is decided: a disk that fills up now is said, and the rest follows when there is room.
      await this.finish().catch((error: unknown) => this.set({ trouble: troubleOf(error) }));
      return true;
    });
    if (!written) return false;
    this.remember(label, changes);
    this.setRecords(changes);
    this.tabs?.announce(changes.map(({ key }) => key));
    return true;
  }

  /** Decides about a change that was overtaken: merge it into what is there now, or let it go. */
  async decide(aside: Aside, keep: boolean): Promise<void> {
    if (keep) this.put(mergeRecords(aside.mine, this.state.records.get(aside.key)), 'merged change');
    await this.disk.remove(aside.asideKey);
    this.set({ asides: this.state.asides.filter(({ asideKey }) => asideKey !== aside.asideKey) });
  }

  /**
   * Sets a record apart that cannot be shown: it stays on disk, and nothing is concluded from it until it is taken back.
   *
   * @returns false when the disk would not take it
   */
  async setApart(key: string, why: string): Promise<boolean> {
    return this.mark(key, why);
  }

  /** Takes back a record that was set apart. */
  async takeBack(key: string): Promise<boolean> {
    return this.mark(key, undefined);
  }

  private async mark(key: string, apart: string | undefined): Promise<boolean> {
    await this.settled();
    const held = await this.exclusively(async () => {
      try {
        await this.finish();
        const found = await this.disk.get(key);
        if (typeof found !== 'object' || found === null || !('record' in found)) return undefined;
        const { record } = found as Envelope;
        const next: Envelope = {
          revision: revisionOf(found) + 1,
          record,
          ...(apart === undefined ? {} : { apart }),
        };
        await this.disk.set(key, next);
        return next;
      } catch (error) {
        this.set({ trouble: troubleOf(error) });
        return undefined;
      }
    });
    if (!held) return false;
    await this.show(key, held);
    this.tabs?.announce([key]);
    return true;
  }

  /** What a key holds on disk, as the shop shows it: a record, or one set apart. */
  private async show(key: string, held: unknown): Promise<void> {
    const gone = held === null || held === undefined;
    const outcome = gone ? { record: undefined } : await this.unwrap(key, held);
    const others = this.state.damaged.filter((each) => each.key !== key);
    if ('record' in outcome) {
      this.revisions.set(key, revisionOf(held));
      if (others.length < this.state.damaged.length) this.set({ damaged: others });
      this.setRecords([{ key, after: outcome.record }]);
    } else if ('apart' in outcome) {
      this.revisions.delete(key);
      this.set({ damaged: [...others, { key, ...outcome }] });
      this.setRecords([{ key, after: undefined }]);
    }
  }

  /** Is there anything that is not on disk yet? */
  unwritten(): boolean {
    return this.waiting.size > 0 || this.writing.size > 0;
  }

  /** Removes a damaged record for good, once the user has had the chance to export it. */
  async discardDamaged(key: string): Promise<void> {
    await this.disk.remove(key);
    this.set({ damaged: this.state.damaged.filter((each) => each.key !== key) });
  }

  /** Resolves when every write so far has reached the disk or failed. */
  async settled(): Promise<void> {
    while (this.writing.size > 0) await Promise.all(this.writing.values());
  }

  /** Tries again to write what a full disk refused. */
  async retry(): Promise<void> {
    this.set({ trouble: undefined });
    await this.exclusively(() => this.finish()).catch((error: unknown) =>
      this.set({ trouble: troubleOf(error) }),
    );
    for (const key of [...this.waiting.keys()]) this.write(key);
    await this.settled();
  }

  /** The undo steps as text, for the tab to find again after a reload. */
  saveSteps(): string {
    return JSON.stringify({ done: this.done.slice(-10), undone: this.undone.slice(-10) });
  }

  loadSteps(text: string | null): void {
    try {
      const { done, undone } = JSON.parse(text ?? '') as { done: Step[]; undone: Step[] };
      this.done = done;
      this.undone = undone;
      this.set({});
    } catch {
      // No steps, or not ours: undo starts afresh.
    }
  }

  private apply(changes: readonly { key: string; after?: AnyRecord }[], label: string): void {
    this.remember(label, changes);
    this.setRecords(changes);
    for (const { key } of changes) this.queue(key);
  }

  private remember(label: string, changes: readonly { key: string; after?: AnyRecord }[]): void {
    const step = {
      label,
      changes: changes.map(({ key, after }) => ({ key, before: this.state.records.get(key), after })),
    };
    this.done = [...this.done, step].slice(-deepest);
    this.undone = [];
  }

  private step(
    from: Step[],
    to: Step[],
    take: 'before' | 'after',
    expect: 'before' | 'after',
  ): string | undefined {
    const step = from.at(-1);
    if (!step) return undefined;
    // Something else has touched a record since: taking this back would take that with it.
    const same = step.changes.every(
      (change) => canonical(this.state.records.get(change.key)) === canonical(change[expect]),
    );
    from.pop();
    if (!same) {
      this.set({});
      return undefined;
    }
    to.push(step);
    const changes = step.changes.map((change) => ({ key: change.key, after: change[take] }));
    this.setRecords(changes);
    for (const { key } of changes) this.queue(key);
    return step.label;
  }

  private queue(key: string): void {
    this.waiting.set(key, this.state.records.get(key));
    this.write(key);
  }

  private write(key: string): void {
    if (this.writing.has(key)) return;
    const task = this.exclusively(() => this.writeOnce(key)).finally(() => {
      this.writing.delete(key);
      if (this.waiting.has(key) && !this.state.trouble) this.write(key);
    });
    this.writing.set(key, task);
  }

  private async writeOnce(key: string): Promise<void> {
    if (!this.waiting.has(key)) return;
    const record = this.waiting.get(key);
    try {
      // What another tab had decided before it died comes first: this write would hide it.
      await this.finish();
      const held = await this.disk.get(key);
      const onDisk = revisionOf(held);
      if (onDisk !== (this.revisions.get(key) ?? 0)) {
        this.waiting.delete(key);
        await this.setAside(key, record, held);
        return;
      }
      const revision = onDisk + 1;
      if (record) await this.disk.set(key, { revision, record } satisfies Envelope);
      else await this.disk.remove(key);
      this.revisions.set(key, record ? revision : 0);
      if (this.waiting.get(key) === record) this.waiting.delete(key);
      this.tabs?.announce([key]);
    } catch (error) {
      this.set({ trouble: troubleOf(error) });
    }
  }

  /** Another tab wrote first: theirs is shown, mine is kept aside on disk. */
  private async setAside(key: string, mine: AnyRecord | undefined, held: unknown): Promise<void> {
    const theirs = await this.unwrap(key, held);
    if (mine) {
      const asideKey = `${asidePrefix}${key}/${revisionOf(held)}-${this.state.asides.length}`;
      await this.disk.set(asideKey, mine);
      this.set({ asides: [...this.state.asides, { asideKey, key, mine }] });
    }
    if ('record' in theirs) this.revisions.set(key, revisionOf(held));
    this.setRecords([{ key, after: 'record' in theirs ? theirs.record : undefined }]);
  }

  private async reread(keys: readonly string[]): Promise<void> {
    // Decided and not yet written, for want of room: that is what the shop holds all the same.
    const decided = plannedIn(await this.disk.get(journalKey).catch(() => undefined));
    for (const key of keys) {
      const busy = () => this.waiting.has(key) || this.writing.has(key);
      if (busy()) continue;
      const found = await this.disk.get(key);
      const coming = decided.find((each) => each.key === key && each.was === revisionOf(found));
      const held = coming ? coming.becomes : found;
      // Written here meanwhile: that write sees the other tab’s revision, and sets itself aside.
      if (!busy()) await this.show(key, held);
    }
  }

  private async unwrap(
    key: string,
    held: unknown,
  ): Promise<{ record: AnyRecord } | { why: string; raw: unknown; apart?: true }> {
    if (typeof held !== 'object' || held === null || !('record' in held))
      return { why: 'It is not a record at all.', raw: held };
    const { apart, record: raw } = held as Envelope;
    if (apart !== undefined) return { why: `Set apart: ${apart}.`, raw, apart: true };
    const record = await readAny(raw);
    if (isRefusal(record)) return { why: record.says, raw: (held as Envelope).record };
    if (keyOf(record) !== key) return { why: `It says it is ${keyOf(record)}.`, raw: record };
    return { record };
  }

  /** Finishes what a tab that died had decided; only what nobody has written since. */
  private async finish(): Promise<void> {
    const journal = await this.disk.get(journalKey);
    if (journal === null || journal === undefined) return;
    // The journal of an earlier version held what was there before: that is put back, as that version would have.
    if (Array.isArray(journal))
      for (const [key, held] of journal as [string, unknown][]) await this.hold(key, held ?? null);
    else
      for (const { key, was, becomes } of plannedIn(journal))
        if (revisionOf(await this.disk.get(key)) === was) await this.hold(key, becomes);
    await this.disk.remove(journalKey);
  }

  private async hold(key: string, held: unknown): Promise<void> {
    if (held === null) await this.disk.remove(key);
    else await this.disk.set(key, held);
  }

  private setRecords(changes: readonly { key: string; after?: AnyRecord }[]): void {
    const records = new Map(this.state.records);
    for (const { key, after } of changes) {
      if (after) records.set(key, after);
      else records.delete(key);
    }
    this.set({ records });
  }

  private set(change: Partial<ShopState>): void {
    this.state = {
      ...this.state,
      ...change,
      canUndo: this.done.at(-1)?.label,
      canRedo: this.undone.at(-1)?.label,
    };
    for (const listener of this.listeners) listener();
  }
}

const isUnread = (held: unknown): held is { readonly unread: unknown } =>
  typeof held === 'object' && held !== null && 'unread' in held;

const plannedIn = (journal: unknown): readonly Planned[] =>
  typeof journal === 'object' && journal !== null && 'set' in journal ? (journal as Journal).set : [];

const messageOf = (error: unknown): string =>
  error instanceof Error && error.message ? error.message : 'no reason given';

/** A record of any version. What lifts old ones and names what is wrong is fetched only when something is. */
const readAny = async (raw: unknown) =>
  readPresent(raw) ?? (await import('@/records/readrecord')).readRecord(raw);

function revisionOf(held: unknown): number {
  const revision = (held as Partial<Envelope> | null | undefined)?.revision;
  return typeof revision === 'number' ? revision : 0;
}

function troubleOf(error: unknown): Trouble {
  const name = error instanceof Error || error instanceof DOMException ? error.name : '';
  return /quota/i.test(name) ? 'full' : 'write-failed';
}
