import type { AnyRecord } from '@/records';
import {
  changeOver,
  conflictsIn,
  copyOf,
  countOf,
  changedParts,
  lastCount,
  nextCount,
  partOf,
  sameValue,
  stampOf,
  type Path,
} from '@/records/replica';
import type { SetItem } from './disk/layout';
import { applyItem, newHeld, readTrusted, shapeOf, type Held } from './held';
import { stepChange, type Step } from './steps';

/** What a change of one record writes. */
export interface Write {
  readonly key: string;
  readonly parts: ReadonlyMap<Path, unknown>;
  /** The record as it is to be, where it is known already. */
  readonly after?: AnyRecord;
}

/** Every record as this tab holds it, and the stamps it writes under. */
export class Memory {
  private count = 0;
  private writer = '';
  held = new Map<string, Held>();

  /** @param clock ms since the epoch */
  constructor(private readonly clock: () => number) {}

  /** @param count nothing is written under this count or below it */
  begin(writer: string, held: Map<string, Held>, count = 0): void {
    this.writer = writer;
    this.held = held;
    this.count = Math.max(this.count, count);
    for (const { doc } of held.values()) this.count = Math.max(this.count, lastCount(doc));
  }

  private at(key: string): Held {
    return this.held.get(key) ?? newHeld();
  }

  /** What writing a record changes of what is held, or removing it; undefined where it changes nothing. */
  writeOf(key: string, after: AnyRecord | undefined): Write | undefined {
    const { doc, record } = this.at(key);
    const parts = changedParts(doc, shapeOf(key), record, after);
    return parts.size > 0 ? { key, parts, ...(after ? { after } : {}) } : undefined;
  }

  /** @param writer another than this tab, for what is the same wherever it is written */
  stamp(writer = this.writer): { readonly count: number; readonly writer: string } {
    this.count = nextCount(this.count, this.clock());
    return { count: this.count, writer };
  }

  /** A writing over everything held of a record now. */
  itemOf = ({ key, parts }: Write, { count, writer }: ReturnType<Memory['stamp']>): SetItem => ({
    key,
    change: changeOver(this.at(key).doc, parts, stampOf(count, writer)),
  });

  /** What it changes, to be taken back by. */
  stepOf = ({ key, parts }: Write): Step['changes'][number] => stepChange(key, this.at(key).doc, parts);

  /** What taking in another device’s doc changes, to be taken back by. To be asked before it is applied. */
  stepOfState({ key, state }: SetItem): Step['changes'][number] {
    const { doc } = this.at(key);
    const merged = newHeld(copyOf(doc));
    const paths = applyItem(merged, { key, state });
    return { key, parts: paths.map((path) => [path, partOf(doc, path), partOf(merged.doc, path)] as const) };
  }

  /** Writes one item of a set into what is held. */
  apply(item: SetItem, late = false): void {
    const held = this.at(item.key);
    this.held.set(item.key, held);
    applyItem(held, item, late);
    this.count = Math.max(this.count, item.change ? countOf(item.change.by) : lastCount(held.doc));
  }

  /**
   * Reads a record anew after its doc has changed.
   *
   * @param known the record as it was just written
   * @returns the record as the screens are to see it; undefined for none
   */
  shown(key: string, known?: AnyRecord): AnyRecord | undefined {
    const held = this.held.get(key);
    if (!held) return undefined;
    if (known) delete held.broken;
    if (held.apart !== undefined || held.broken) return (held.record = undefined);
    if (known && conflictsIn(held.doc).length === 0) return (held.record = known);
    const record = readTrusted(key, held.doc);
    // What says the same stays the same object: what was concluded of it still stands.
    if (!record || !held.record || !sameValue(record, held.record)) held.record = record;
    return held.record;
  }
}
