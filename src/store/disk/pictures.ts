import localforage from 'localforage/dist/localforage.nopromises.min';

/** Where pictures live, by the id of their photo: apart from the records, so that none is read before it is looked at. */
export interface Pictures {
  keys(): Promise<string[]>;
  get(id: string): Promise<Blob | undefined>;
  set(id: string, picture: Blob): Promise<void>;
  remove(id: string): Promise<void>;
}

/** A database of the browser for pictures alone. Bytes, not blobs: some browsers forget what a stored blob points to. */
export function browserPictures(name = 'fluorite-pictures'): Pictures {
  const forage = localforage.createInstance({ name, storeName: 'pictures', driver: localforage.INDEXEDDB });
  return {
    keys: () => forage.keys(),
    get: async (id) => {
      const bytes = await forage.getItem<ArrayBuffer>(id);
      return bytes ? new Blob([bytes], { type: 'image/jpeg' }) : undefined;
    },
    set: async (id, picture) => {
      await forage.setItem(id, await picture.arrayBuffer());
    },
    remove: (id) => forage.removeItem(id),
  };
}

/** Kept as long as the tab is open. */
export function memoryPictures(): Pictures {
  const held = new Map<string, Blob>();
  return {
    keys: () => Promise.resolve([...held.keys()]),
    get: (id) => Promise.resolve(held.get(id)),
    set: (id, picture) => {
      held.set(id, picture);
      return Promise.resolve();
    },
    remove: (id) => {
      held.delete(id);
      return Promise.resolve();
    },
  };
}
