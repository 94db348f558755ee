import type { Dot, Register } from './register';
import { emptyDoc, type Doc } from './doc';
import { isStamp, type Stamp } from './stamp';
import type { Path } from './path';

/** A doc as it is written to disk and into files: each part with its dots, a dot as its stamp and its value. */
export interface WrittenDoc {
  readonly seen: Readonly<Record<string, number>>;
  readonly parts: Readonly<Record<Path, readonly (readonly [stamp: string, value?: unknown])[]>>;
}

export const writtenRegister = (register: Register): WrittenDoc['parts'][Path] =>
  register.map(({ by, value }) => (value === undefined ? [by] : [by, value]));

export const writtenDoc = ({ seen, parts }: Doc): WrittenDoc => ({
  seen: Object.fromEntries(seen),
  parts: Object.fromEntries([...parts].map(([path, register]) => [path, writtenRegister(register)])),
});

/** @param known a stamp that was looked at already: whole pages bear one */
function readRegister(raw: unknown, known?: Stamp): Register | undefined {
  if (!Array.isArray(raw)) return undefined;
  const dots: Dot[] = [];
  for (const each of raw) {
    if (!Array.isArray(each) || (each[0] !== known && !isStamp(each[0]))) return undefined;
    const by = each[0] as Stamp;
    dots.push(each.length > 1 && each[1] !== null ? { by, value: each[1] } : { by });
  }
  return dots;
}

/** Reads a doc; undefined for anything that is none. */
export function readDoc(raw: unknown): Doc | undefined {
  const { seen, parts } = (raw ?? {}) as Partial<WrittenDoc>;
  if (typeof seen !== 'object' || typeof parts !== 'object' || seen === null || parts === null)
    return undefined;
  const doc = emptyDoc();
  for (const [writer, count] of Object.entries(seen)) {
    if (!isStamp(`${count}.${writer}`)) return undefined;
    doc.seen.set(writer, count);
  }
  let known: Stamp | undefined;
  for (const [path, dots] of Object.entries(parts)) {
    const register = readRegister(dots, known);
    if (!register) return undefined;
    known = register[0]?.by ?? known;
    doc.parts.set(path, register);
  }
  return doc;
}
