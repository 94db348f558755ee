import { keyOf, type AnyRecord } from '@/records';
import { answered, writtenDoc, type Conflict, type Dot, type WrittenDoc } from '@/records/replica';
import { Album } from './album';
import { foldedSince, missedAmong, readAgain, writeBack } from './catchup';
import type { Disk } from './disk/disk';
import {
  foldsKey,
  storedFormat,
  isFolds,
  isStoredRecord,
  isStoredSet,
  itemsIn,
  pageKeyOf,
  setKeyOf,
  type Folds,
  type SetItem,
} from './disk/layout';
import type { Exclusive } from './disk/lock';
import type { Orphans } from './disk/orphans';
import { memoryPictures, type Pictures } from './disk/pictures';
import type { Tabs, TabNews } from './disk/tabs';
import { eraseDisk, finishErasing, replacedStep } from './erase';
import { askingOf, newHeld, readTrusted, type Asking } from './held';
import { Memory, type Write } from './memory';
import { readDisk, setsIn, type Damaged } from './opened';
import { eachPaced } from './pace';
import { Queue } from './queue';
import { Steps, type Step } from './steps';
import { troubleOf, type Trouble } from './trouble';
import { asWritten, prepared } from './whole';

export interface ShopState {
  readonly status: 'loading' | 'ready';
  readonly records: ReadonlyMap<string, AnyRecord>;
  readonly damaged: readonly Damaged[];
  /** Records in which two tabs or devices wrote different things. */
  readonly asking: readonly Asking[];
  readonly trouble?: Trouble;
  readonly canUndo?: string;
  readonly canRedo?: string;
}

/** What the store stands on. */
export interface Ground {
  /** Called when the store opens, not before: the server has no disk. */
  readonly disk: () => Disk;
  /** A disk that always works, for when the first one does not. */
  readonly fallback: () => Disk;
  readonly pictures: () => Pictures;
  readonly exclusively: Exclusive;
  readonly tabs: () => Tabs;
  /** The name this tab writes under, which no other open tab has; undefined where another one writes and only one may. */
  readonly seat: () => Promise<string | undefined>;
  /** ms since the epoch */
  readonly clock: () => number;
  /** What is worked out of many new records before the screens see them, step by step, so that no screen waits for all of it. */
  readonly conclude?: (records: ReadonlyMap<string, AnyRecord>) => Iterable<() => unknown>;
  /** Quiet for so long, what was written is folded into the records, ms; only when it is asked to where nothing is said. */
  readonly foldAfter?: number;
}

export interface CommitOptions {
  /** What other devices hold of some records, to be merged into what is here. */
  readonly docs?: ReadonlyMap<string, WrittenDoc>;
  /** Under whose name it is written, where every device would write the same: the later writing counts, and nobody is asked. */
  readonly writer?: string;
}

/** So many records of an older version are written again in one fold. */
const restampedAtOnce = 20;

/**
 * The live state of the shop: every record in memory, every change on disk at once.
 *
 * A change is written as a set under a key of its own: on disk with one write, whatever other tabs do. Sets are folded into
 * the records later. What two tabs wrote without knowing of each other merges; only what contradicts itself asks.
 */
export class ShopStore {
  private state: ShopState = { status: 'loading', records: new Map(), damaged: [], asking: [] };
  private readonly listeners = new Set<() => void>();
  private readonly memory: Memory;
  private readonly queue: Queue;
  private readonly steps = new Steps();
  /** Sets on disk that memory knows and no fold has taken in yet. */
  private readonly known = new Set<string>();
  private folds: Folds | undefined;
  private folding: ReturnType<typeof setTimeout> | undefined;
  /** Large sets that are on disk and on their way into memory. */
  private taking: Promise<unknown> = Promise.resolve();
  /** Records an older version wrote, to be written again when there is time. */
  private stale: readonly string[] = [];
  private disk: Disk;
  private readonly album: Album;
  private tabs: Tabs | undefined;

  constructor(private readonly ground: Ground) {
    this.disk = ground.fallback();
    this.memory = new Memory(ground.clock);
    const failed = (error: unknown) => this.set({ trouble: troubleOf(error) });
    this.album = new Album((id) => this.memory.held.has(`photo/${id}`), failed);
    this.queue = new Queue(
      async ({ setKey, items }) => {
        const set = await asWritten(items);
        await this.disk.set(setKey, set);
        return set;
      },
      (setKey, set) => {
        this.known.add(setKey);
        this.tabs?.announce({ setKey, set });
        const { trouble } = this.state;
        if (this.queue.empty && (trouble === 'full' || trouble === 'write-failed'))
          this.set({ trouble: undefined });
        this.foldSoon();
      },
      failed,
    );
  }

  readonly getState = (): ShopState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Reads everything from disk. What an older version left is lifted first; what cannot be read is set apart. */
  async open(): Promise<void> {
    let trouble: Trouble | undefined;
    let damaged: readonly Damaged[] = [];
    const start = performance.now();
    const seat = await this.ground.seat();
    const writer = seat ?? 'reader-0';
    try {
      this.disk = this.ground.disk();
      const pictures = this.album.open(this.ground.pictures());
      const begun = await this.disk.get(foldsKey);
      if (isFolds(begun) && begun.erasing && seat !== undefined)
        await this.ground.exclusively(() => finishErasing(this.disk));
      let opened = await readDisk(this.disk, writer);
      if (opened.old && seat !== undefined) {
        await this.ground
          .exclusively(async () => (await import('./lift')).lift(this.disk, pictures, writer))
          .catch((error: unknown) => (trouble = troubleOf(error)));
        opened = await readDisk(this.disk, writer);
      }
      this.memory.begin(writer, opened.held, opened.folds?.erased);
      this.folds = opened.folds;
      damaged = opened.damaged;
      for (const key of opened.sets) this.known.add(key);
      this.stale = opened.stale;
      if (opened.newer) trouble = 'newer';
      if (seat === undefined) trouble = 'second-tab';
      if (opened.sets.length + opened.stale.length > 0) this.foldSoon();
    } catch {
      this.disk = this.ground.fallback();
      this.album.open(memoryPictures());
      this.memory.begin(writer, new Map());
      trouble = 'no-disk';
    }
    this.tabs ??= this.ground.tabs();
    this.tabs.listen((told) => void this.hear(told));
    const { held } = this.memory;
    const records = new Map(
      [...held].flatMap(([key, { record }]) => (record ? [[key, record] as const] : [])),
    );
    performance.measure('shop-opened', { start });
    await eachPaced(this.ground.conclude?.(records) ?? [], (step) => step());
    this.set({ status: 'ready', records, damaged, asking: askingOf([], held.keys(), held), trouble });
  }

  /** Puts one record, as one step of undo. */
  put(record: AnyRecord, label: string): void {
    this.write([this.memory.writeOf(keyOf(record), record) ?? []].flat(), label);
  }

  remove(key: string, label: string): void {
    this.write([this.memory.writeOf(key, undefined) ?? []].flat(), label);
  }

  /** What undo would take back: the same object until another change is made. */
  lastChange(): object | undefined {
    return this.steps.last;
  }

  undo(): string | undefined {
    return this.turn('undo');
  }

  redo(): string | undefined {
    return this.turn('redo');
  }

  /**
   * Writes several records together or not at all: the whole set lies under one key. However many they are, the screen
   * answers meanwhile.
   *
   * @returns false when the disk would not take it; nothing has changed then
   */
  async commit(
    puts: readonly AnyRecord[],
    removes: readonly string[],
    label: string,
    { docs = new Map(), writer }: CommitOptions = {},
  ): Promise<boolean> {
    // Taken at once: what is written here meanwhile comes after it, and did not know of it.
    const stamp = this.memory.stamp(writer);
    const { items, changes } = await prepared(this.memory, stamp, puts, removes, docs);
    if (items.length === 0) return true;
    return this.whole(setKeyOf(stamp.count, stamp.writer), items, { label, changes });
  }

  /** The picture of a photo; undefined where it is not on this device. */
  picture(id: string): Promise<Blob | undefined> {
    return this.album.get(id);
  }

  /** Keeps pictures, before the photos they belong to are put; see `Album`. */
  keepPictures(each: AsyncIterable<readonly [id: string, picture: Blob]>): Promise<boolean> {
    return this.album.keep(each);
  }

  /** Takes out pictures whose photos are long gone; see `Album`. */
  tidyPictures(known: Orphans, now: number): Promise<Orphans> {
    const stands = (id: string) => {
      const held = this.memory.held.get(`photo/${id}`);
      return held !== undefined && (held.record ?? held.apart ?? held.broken) !== undefined;
    };
    return this.album.tidied(stands, known, now);
  }

  /** Leaves a part that says two things with one of them. */
  decide(key: string, { path }: Conflict, { value }: Dot): void {
    const doc = this.memory.held.get(key)?.doc;
    if (doc) this.write([{ key, parts: answered(doc, path, value) }], 'decided');
  }

  /** The keys of all records, also of removed ones. */
  keys(): string[] {
    return [...this.memory.held.keys()];
  }

  /** All that is known of records, also of removed ones: what another device takes in. */
  docs(keys: Iterable<string> = this.memory.held.keys()): Map<string, WrittenDoc> {
    return new Map(
      [...keys].flatMap((key) => {
        const held = this.memory.held.get(key);
        return held ? [[key, writtenDoc(held.doc)] as const] : [];
      }),
    );
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

  /**
   * Takes everything off this device, as if nothing had ever been written here. Only undo still knows it, as long as the tab
   * is open; pictures are gone at once.
   *
   * @param settings what stands there instead
   * @returns false when the disk would not take it; nothing has changed then
   */
  async erase(settings: AnyRecord, label: string): Promise<boolean> {
    if (this.state.trouble === 'newer' || this.state.trouble === 'second-tab') return false;
    await this.queue.settled();
    await this.taking;
    const before = new Map(this.memory.held);
    const { count } = this.memory.stamp();
    try {
      this.folds = await this.ground.exclusively(() => eraseDisk(this.disk, count));
    } catch (error) {
      this.set({ trouble: troubleOf(error) });
      return false;
    }
    // What a full disk had refused is of before, too.
    this.queue.drop();
    await this.album.erase();
    this.forget();
    this.tabs?.announce({ erased: this.folds });
    this.write([this.memory.writeOf(keyOf(settings), settings) ?? []].flat());
    const changes: Step['changes'][number][] = [];
    await eachPaced(before, ([key, { doc, record }]) => {
      const now = this.memory.held.get(key)?.doc ?? newHeld().doc;
      if (record) changes.push(replacedStep(key, doc, now));
    });
    this.steps.add({ label, changes });
    this.set({});
    return true;
  }

  /** Is there anything that is not on disk yet? */
  unwritten(): boolean {
    return !this.queue.empty;
  }

  /** Removes a damaged record for good, once the user has had the chance to export it. */
  async discardDamaged(key: string): Promise<void> {
    const stored = await this.disk.get(key).catch(() => undefined);
    const pages = isStoredRecord(stored) ? stored.pages : 0;
    await this.disk.remove(key);
    for (let page = 0; page < pages; page += 1) await this.disk.remove(pageKeyOf(key, page));
    this.memory.held.delete(key);
    this.set({ damaged: this.state.damaged.filter((each) => each.key !== key) });
  }

  /** Resolves when every write so far has reached the disk or failed. */
  settled(): Promise<void> {
    return this.queue.settled();
  }

  /** Tries again to write what the disk refused. It is in trouble until that is written. */
  async retry(): Promise<void> {
    await this.queue.settled();
    await this.queue.run();
    if (!this.queue.empty) return;
    await this.folded();
    if (this.folds?.number !== undefined && this.known.size === 0) this.set({ trouble: undefined });
  }

  /** Folds what was written into the records, while no other tab does. */
  async folded(): Promise<void> {
    clearTimeout(this.folding);
    if (this.state.trouble && this.state.trouble !== 'full') return;
    await this.queue.settled();
    // Fetched when the shop is quiet; where it does not arrive, what was written waits on disk as it is.
    const folding = await import('./fold').catch(() => undefined);
    if (!folding) return;
    await this.taking;
    await this.ground.exclusively(async () => {
      try {
        const idle = () => this.queue.empty;
        const some = new Set(this.stale.slice(0, restampedAtOnce));
        const done = await folding.fold(this.disk, this.memory.held, this.folds, idle, some);
        if (!done) return;
        this.folds = done.folds;
        this.stale = this.stale.filter((key) => !some.has(key));
        if (this.stale.length > 0) this.foldSoon();
        for (const key of done.sets) this.known.delete(key);
        if (done.keys.length === 0) return;
        await this.showPaced(done.changed);
        this.tabs?.announce({ reread: done.keys });
      } catch (error) {
        this.set({ trouble: troubleOf(error) });
      }
    });
  }

  /**
   * Reads what other tabs wrote while this one slept and heard nothing. Storage that was emptied behind our back is written
   * again from memory.
   */
  async catchUp(): Promise<void> {
    if (this.state.status !== 'ready' || this.state.trouble === 'no-disk') return;
    try {
      const found = await this.disk.get(foldsKey);
      const last = this.folds?.number ?? 0;
      if (isFolds(found) && found.erased !== this.folds?.erased) this.forget();
      for (const setKey of await setsIn(this.disk)) {
        const set = this.known.has(setKey) ? undefined : await this.disk.get(setKey);
        if (isStoredSet(set)) await this.hear({ setKey, set });
      }
      if (isFolds(found) && found.number > last) {
        this.folds = found;
        await this.reread(await foldedSince(this.disk, found, last));
      } else if (!isFolds(found) && last > 0) {
        await this.ground.exclusively(() => writeBack(this.disk, this.memory));
        this.folds = undefined;
        this.foldSoon();
      }
    } catch (error) {
      this.set({ trouble: troubleOf(error) });
    }
  }

  saveSteps(): string {
    return this.steps.saved();
  }

  loadSteps(text: string | null): void {
    if (this.steps.load(text)) this.set({});
  }

  /** Writes into memory at once and to disk as soon as it takes it. */
  private write(writes: readonly Write[], label?: string): void {
    // One that may not write shows what there is, and changes nothing: it would be lost with the tab.
    if (writes.length === 0 || this.state.trouble === 'second-tab') return;
    if (label !== undefined) this.steps.add({ label, changes: writes.map(this.memory.stepOf) });
    const stamp = this.memory.stamp();
    const items = writes.map((write) => this.memory.itemOf(write, stamp));
    for (const item of items) this.memory.apply(item);
    this.queue.add({ setKey: setKeyOf(stamp.count, stamp.writer), items });
    this.show(
      writes.map(({ key }) => key),
      new Map(writes.map(({ key, after }) => [key, after])),
    );
    if (this.state.trouble !== 'newer') void this.queue.run();
  }

  /** A set that is on disk first and in memory then, or nowhere. */
  private async whole(setKey: string, items: readonly SetItem[], step: Step): Promise<boolean> {
    const { trouble } = this.state;
    if (trouble === 'newer' || trouble === 'second-tab') return false;
    const written = new Promise<boolean>((done) => this.queue.add({ setKey, items, done }));
    void this.queue.run();
    const taking = written.then(async (is) => {
      if (!is) return false;
      // What was written here meanwhile bears a later stamp, and did not know of this.
      await eachPaced(items, (item) => this.memory.apply(item, true));
      this.steps.add(step);
      await this.showPaced(items.map(({ key }) => key));
      return true;
    });
    // What memory does not hold yet is not folded, or it would be taken for known.
    const before = this.taking;
    this.taking = Promise.all([before, taking]);
    return taking;
  }

  private turn(way: 'undo' | 'redo'): string | undefined {
    const turned = this.steps.turn(way, this.memory.held);
    if (!turned) {
      this.set({});
      return undefined;
    }
    this.write([...turned.writes].map(([key, parts]) => ({ key, parts })));
    return turned.label;
  }

  private foldSoon(): void {
    const { foldAfter } = this.ground;
    clearTimeout(this.folding);
    if (foldAfter !== undefined) this.folding = setTimeout(() => void this.folded(), foldAfter);
  }

  /**
   * Brings the records of these keys to the screens as their docs read now.
   *
   * @param known those whose record is known already, or `read` where all have been read anew
   */
  private show(
    keys: readonly string[],
    known: ReadonlyMap<string, AnyRecord | undefined> | 'read' = new Map(),
  ): void {
    const records = new Map(this.state.records);
    const shown = new Set<string>();
    for (const key of keys) {
      const record =
        known === 'read' ? this.memory.held.get(key)?.record : this.memory.shown(key, known.get(key));
      if (record) {
        records.set(key, record);
        shown.add(key);
      } else records.delete(key);
    }
    const damaged = this.state.damaged.filter(({ key }) => !shown.has(key));
    this.set({ records, damaged, asking: askingOf(this.state.asking, keys, this.memory.held) });
  }

  private async hear(told: TabNews): Promise<void> {
    if ('reread' in told) return this.hearFolded(told.reread);
    if ('erased' in told) {
      this.folds = told.erased;
      return this.forget();
    }
    if (told.set.format > storedFormat) this.set({ trouble: 'newer' });
    else if (!this.known.has(told.setKey)) {
      this.known.add(told.setKey);
      const keys: string[] = [];
      await eachPaced(itemsIn(told.set), (item) => {
        this.memory.apply(item);
        keys.push(item.key);
      });
      await this.showPaced(keys);
    }
  }

  /** The same for many records: each is read in its turn, and all come to the screens together. */
  private async showPaced(keys: readonly string[]): Promise<void> {
    if (keys.length === 0) return;
    const records = new Map(this.state.records);
    await eachPaced(keys, (key) => {
      const record = this.memory.shown(key);
      if (record) records.set(key, record);
      else records.delete(key);
    });
    await eachPaced(this.ground.conclude?.(records) ?? [], (step) => step());
    this.show(keys, 'read');
  }

  /** Another tab folded these, or set one of them apart: what this one has not heard of it reads. */
  private async hearFolded(keys: readonly string[]): Promise<void> {
    try {
      const folds = await this.disk.get(foldsKey);
      const missed = await missedAmong(this.disk, this.memory.held, keys);
      if (missed.length > 0) await this.reread(missed);
      if (isFolds(folds)) this.folds = folds;
    } catch {
      // It is read at the next chance: when it is written again, or when this tab wakes.
    }
  }

  /** Everything was taken off the disk. */
  private forget(): void {
    this.memory.held.clear();
    this.known.clear();
    this.stale = [];
    this.set({ records: new Map(), damaged: [], asking: [] });
  }

  private async reread(keys: readonly string[]): Promise<void> {
    const found = await readAgain(this.disk, this.memory.held, keys);
    const apart = found.flatMap((key): Damaged[] => {
      const { apart: why, doc } = this.memory.held.get(key) ?? newHeld();
      return why === undefined
        ? []
        : [{ key, why: `Set apart: ${why}.`, raw: readTrusted(key, doc), apart: true }];
    });
    const others = this.state.damaged.filter((each) => !apart.some(({ key }) => key === each.key));
    this.set({ damaged: [...others, ...apart] });
    this.show(found);
  }

  private async mark(key: string, apart: string | undefined): Promise<boolean> {
    await this.folded();
    const done = await this.ground.exclusively(async () => {
      try {
        const stored = await this.disk.get(key);
        if (!isStoredRecord(stored)) return false;
        const next = { ...stored, apart };
        if (apart === undefined) delete next.apart;
        await this.disk.set(key, next);
        return true;
      } catch (error) {
        this.set({ trouble: troubleOf(error) });
        return false;
      }
    });
    if (!done) return false;
    await this.reread([key]);
    this.tabs?.announce({ reread: [key] });
    return true;
  }

  private set(change: Partial<ShopState>): void {
    this.state = { ...this.state, ...change, canUndo: this.steps.canUndo, canRedo: this.steps.canRedo };
    for (const listener of this.listeners) listener();
  }
}
