import fs from 'node:fs';
import path from 'node:path';
import type { Disk } from '@/store/disk/disk';

/**
 * A disk of files, one a key, each written whole or not at all, so that a process can be killed over it.
 *
 * @param beforeWrite called before each write: where a process may be killed
 */
export function fileDisk(folder: string, beforeWrite: () => void = () => undefined): Disk {
  fs.mkdirSync(folder, { recursive: true });
  const at = (key: string) => path.join(folder, encodeURIComponent(key));
  const keys = () =>
    fs
      .readdirSync(folder)
      .filter((name) => !name.startsWith('.'))
      .map(decodeURIComponent);
  const read = (key: string): unknown =>
    fs.existsSync(at(key)) ? JSON.parse(fs.readFileSync(at(key), 'utf8')) : null;
  return {
    keys: () => Promise.resolve(keys()),
    get: (key) => Promise.resolve(read(key)),
    set: (key, value) => {
      beforeWrite();
      const half = path.join(folder, `.half-${process.pid}`);
      fs.writeFileSync(half, JSON.stringify(value));
      fs.renameSync(half, at(key));
      return Promise.resolve();
    },
    remove: (key) => {
      beforeWrite();
      fs.rmSync(at(key), { force: true });
      return Promise.resolve();
    },
    each: (visit) => {
      for (const key of keys()) visit(key, read(key));
      return Promise.resolve();
    },
  };
}
