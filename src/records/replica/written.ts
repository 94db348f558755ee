import type { Dot, Register } from './register';
import { emptyDoc, type Doc } from './doc';
import { isStamp } from './stamp';
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

function readRegister(raw: unknown): Register | undefined {
  if (!Array.isArray(raw)) return undefined;
  const dots: Dot[] = [];
  for (const each of raw) {
    if (!Array.isArray(each) || !isStamp(each[0])) return undefined;
    dots.push(each.length > 1 && each[1] !== null ? { by: each[0], value: each[1] } : { by: each[0] });
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
  for (const [path, dots] of Object.entries(parts)) {
    const register = readRegister(dots);
    if (!register) return undefined;
    doc.parts.set(path, register);
  }
  return doc;
}
