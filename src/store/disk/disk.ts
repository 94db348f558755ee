import localforage from 'localforage';

/** What a key holds on disk: the record and how many times it has been written. */
export interface Envelope {
  readonly revision: number;
  readonly record: unknown;
  /** Set apart by hand, and why: kept, and nothing is concluded from it. */
  readonly apart?: string;
}

/** Where records live. One key a record. */
export interface Disk {
  keys(): Promise<string[]>;
  get(key: string): Promise<unknown>;
  set(key: string, value: unknown): Promise<void>;
  remove(key: string): Promise<void>;
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
  };
}
