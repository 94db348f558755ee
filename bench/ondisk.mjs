import fs from 'node:fs';

/** Writes a shop straight onto the disk of the browser, as `bench/bigshop.ts` wrote it to a file: a key a line. */
export async function onDisk(page, file) {
  const lines = fs.readFileSync(file, 'utf8').split('\n');
  for (let i = 0; i < lines.length; i += 50)
    await page.evaluate(
      (some) =>
        new Promise((done, failed) => {
          const asked = indexedDB.open('fluorite');
          asked.onerror = () => failed(asked.error);
          asked.onsuccess = () => {
            const writing = asked.result.transaction('records', 'readwrite');
            for (const [key, value] of some.map((line) => JSON.parse(line)))
              writing.objectStore('records').put(value, key);
            writing.oncomplete = () => {
              asked.result.close();
              done();
            };
          };
        }),
      lines.slice(i, i + 50),
    );
}
