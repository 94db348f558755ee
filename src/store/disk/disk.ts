import localforage from 'localforage/dist/localforage.nopromises.min';

/** Where records live: values under keys, as `layout` lays them out. */
export interface Disk {
  keys(): Promise<string[]>;
  get(key: string): Promise<unknown>;
  set(key: string, value: unknown): Promise<void>;
  remove(key: string): Promise<void>;
  /** Every key with its value, in one sweep: a read a key takes ten times as long. */
  each(visit: (key: string, value: unknown) => void): Promise<void>;
}

/** The browser's own database, one store named after the product. */
export function browserDisk(name = 'fluorite'): Disk {
  const forage = localforage.createInstance({ name, storeName: 'records', driver: localforage.INDEXEDDB });
  return {
    keys: () => forage.keys(),
    get: (key) => forage.getItem(key),
    set: async (key, value) => {
      await forage.setItem(key, value);
    },
    remove: (key) => forage.removeItem(key),
    each: async (visit) => {
      await forage.iterate((value, key) => {
        visit(key, value);
      });
    },
  };
}

/** Used when the browser gives no database (some private modes): everything works, nothing outlives the tab. */
export function memoryDisk(): Disk {
  const held = new Map<string, unknown>();
  return {
    keys: () => Promise.resolve([...held.keys()]),
    get: (key) => Promise.resolve(held.get(key) ?? null),
    set: (key, value) => {
      held.set(key, structuredClone(value));
      return Promise.resolve();
    },
    remove: (key) => {
      held.delete(key);
      return Promise.resolve();
    },
    each: (visit) => {
      for (const [key, value] of held) visit(key, value);
      return Promise.resolve();
    },
  };
}
