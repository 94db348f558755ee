import { isRefusal } from '@/core/refusal';
import { keyOf, type AnyRecord } from '@/records';
import { applyChange, changeOver, changedParts, emptyDoc, stampOf, type Doc } from '@/records/replica';
import { pictureFrom1 } from '@/records/photofrom1';
import type { Disk } from './disk/disk';
import type { Pictures } from './disk/pictures';
import { asidePrefix, isEnvelope, isRecordKey, journalKey, type Envelope } from './disk/layout';
import { writesFor } from './fold';
import { newHeld, shapeOf, type Held } from './held';

interface Planned {
  readonly key: string;
  readonly was: number;
  readonly becomes: Envelope | null;
}

const revisionOf = (value: unknown): number => (isEnvelope(value) ? (value.revision ?? 0) : 0);

/** Finishes what a tab of an earlier version had decided: forward where it said so, back where it kept what was before. */
async function finishJournal(disk: Disk, journal: unknown): Promise<void> {
  const hold = (key: string, value: unknown) =>
    value === null || value === undefined ? disk.remove(key) : disk.set(key, value);
  if (Array.isArray(journal)) {
    for (const [key, value] of journal as [string, unknown][]) await hold(key, value);
  } else {
    const { set = [] } = (journal ?? {}) as { readonly set?: readonly Planned[] };
    for (const { key, was, becomes } of set)
      if (revisionOf(await disk.get(key)) === was) await hold(key, becomes);
  }
  await disk.remove(journalKey);
}

async function read(key: string, { record: raw }: Envelope): Promise<AnyRecord | { readonly why: string }> {
  const { readRecord } = await import('@/records/readrecord');
  const record = readRecord(raw);
  if (isRefusal(record)) return { why: record.says };
  return keyOf(record) === key ? record : { why: `It says it is ${keyOf(record)}.` };
}

/** A record of an earlier version as it is held now, or why it cannot be read. */
export async function lifted(
  key: string,
  envelope: Envelope,
  writer: string,
  mine?: AnyRecord,
): Promise<Held | { readonly why: string }> {
  const record = await read(key, envelope);
  if ('why' in record) return record;
  const { apart } = envelope;
  return { ...newHeld(firstDoc(record, writer, mine)), record, ...(apart === undefined ? {} : { apart }) };
}

/** A record’s first doc. The stamp is the same however often it is made, so that a lift cut short may begin again. */
function firstDoc(record: AnyRecord, writer: string, mine?: AnyRecord): Doc {
  const key = keyOf(record);
  const doc = emptyDoc();
  applyChange(
    doc,
    changeOver(doc, changedParts(doc, shapeOf(key), undefined, record), stampOf(1, `${writer}-old`)),
  );
  if (!mine) return doc;
  // A change that was kept aside stands beside what overtook it, and asks.
  const parts = [...changedParts(doc, shapeOf(key), record, mine)].filter(([, value]) => value !== undefined);
  const beside = Object.fromEntries(parts.map(([path, value]) => [path, { value, over: [] }]));
  applyChange(doc, { by: stampOf(2, `${writer}-aside`), parts: beside });
  return doc;
}

/**
 * Lifts what an earlier version left on this disk, one record after the other: pages of entries first, then the record, which
 * takes the place of the old one. A lift that a closed tab or a full disk cut short goes on where it was. What cannot be read
 * is left as it is. To be called while no other tab writes.
 *
 * @param pictures where the pictures go that stood in their records
 */
export async function lift(disk: Disk, pictures: Pictures, writer: string): Promise<void> {
  const keys = await disk.keys();
  if (keys.includes(journalKey)) await finishJournal(disk, await disk.get(journalKey));
  const asides = new Map<string, { readonly at: string; readonly mine: AnyRecord }>();
  for (const at of keys.filter((key) => key.startsWith(asidePrefix))) {
    const record = await disk.get(at);
    const mine = await read(at.split('/').slice(1, 3).join('/'), { record });
    if (!('why' in mine)) asides.set(keyOf(mine), { at, mine });
  }
  for (const key of (await disk.keys()).filter(isRecordKey)) {
    const value: unknown = await disk.get(key).catch(() => undefined);
    if (!isEnvelope(value)) continue;
    const held = await lifted(key, value, writer, asides.get(key)?.mine);
    if ('why' in held) continue;
    const picture = pictureFrom1(value.record);
    if (picture && held.record)
      await pictures.set(held.record.id, new Blob([picture], { type: 'image/jpeg' }));
    for (const [at, stored] of writesFor(key, held, new Set(held.doc.parts.keys())))
      await disk.set(at, stored);
  }
  for (const { at, mine } of asides.values()) {
    // The record it belonged to is gone: it comes back as it was kept.
    if ((await disk.get(keyOf(mine))) === null) {
      const doc = firstDoc(mine, writer);
      for (const [to, stored] of writesFor(keyOf(mine), newHeld(doc), new Set(doc.parts.keys())))
        await disk.set(to, stored);
    }
    await disk.remove(at);
  }
}
