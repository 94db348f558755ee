import type { Browser } from 'puppeteer-core';
import { launch, temporaryFile, Visitor } from './driver';
import { readRoom } from './follow';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const withoutDate = (bundle: string) => bundle.replace(/"exported": "[^"]+"/, '');

describe('files', () => {
  it('leave one browser and arrive in another identical', async () => {
    const first = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/thin');
    await first.doNext();
    await first.go('/settings');
    const out = await first.download('Export everything');

    const second = await Visitor.arrive(browser, 'plain', '/settings');
    await second.upload(temporaryFile('shop.fluorite.json', out));
    await second.sees(/\d+ new, 0 changed, 0 the same, 0 refused/);
    await second.press(/^Take in \d+ records$/);
    await second.sees('records are in');
    expect(withoutDate(await second.download('Export everything'))).toBe(withoutDate(out));

    await second.upload(temporaryFile('again.fluorite.json', out));
    await second.sees(/0 new, 0 changed, \d+ the same/);
    await second.press('Leave it');
    await second.press('Remove everything');
    await second.press(/^Remove everything$/);
    // It is said only once it is written.
    await second.sees('Everything is removed.');
    await second.go('/');
    await second.sees('The bench is empty');
  });

  it('a single job travels with what it needs', async () => {
    const first = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/plan');
    await first.press('Job menu');
    const out = await first.download('Export this job');
    const second = await Visitor.arrive(browser, 'plain', '/settings');
    await second.upload(temporaryFile('job.fluorite.json', out));
    await second.press(/^Take in \d+ records$/);
    await second.go('/job/demo-livery-panels/spray');
    await second.sees('Livery panels, car 6', 'h1');
    await second.sees('Colour 1');
  });

  it('is sent by the system’s own sheet, in a form it takes, and taken in on the other device', async () => {
    const first = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/plan');
    await first.press('Job menu');
    // Nothing here can send: the file is saved, and where to go with it is said.
    const saved = await first.download('Send to another device');
    await first.sees('take it in there: Settings, Import a file');
    await first.page.evaluate(() => {
      const kept: { name?: string; text?: string } = {};
      Object.assign(window, { kept });
      navigator.canShare = ({ files = [] }: ShareData = {}) =>
        files.every(({ type }) => type === 'text/plain');
      navigator.share = async ({ files = [] }: ShareData = {}) => {
        Object.assign(kept, { name: files[0]?.name, text: await files[0]?.text() });
      };
    });
    await first.press('Job menu');
    await first.press('Send to another device');
    const sent = await first.page
      .waitForFunction(() => {
        const { kept } = window as unknown as { kept: { name?: string; text?: string } };
        return kept.text === undefined ? undefined : kept;
      })
      .then((found) => found.jsonValue());
    expect(sent?.name).toMatch(/\.fluorite\.txt$/);
    expect(withoutDate(sent?.text ?? '')).toBe(withoutDate(saved));
    const second = await Visitor.arrive(browser, 'plain', '/settings');
    await second.upload(temporaryFile('sent.fluorite.txt', sent?.text ?? ''));
    await second.press(/^Take in \d+ records$/);
    await second.go('/job/demo-livery-panels/plan');
    await second.sees('Livery panels, car 6', 'h1');
  });

  it('that are damaged, foreign, newer or huge are refused, and nothing is half taken in', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    const before = await visitor.download('Export everything');
    const bad: [string, string | number, string][] = [
      ['cut.json', before.slice(0, before.length / 2), 'cut off or damaged'],
      ['foreign.json', '{"hello":1}', 'not a Fluorite file'],
      ['text.json', 'not json at all', 'not a Fluorite file'],
      ['newer.json', before.replace(/"version": 3(\s*})$/, '"version": 7$1'), 'newer Fluorite'],
      ['huge.json', 200 * 1024 * 1024, 'The file has 200 MB'],
    ];
    for (const [name, text, says] of bad) {
      await visitor.upload(temporaryFile(name, text));
      await visitor.sees(says, '[role="alert"]');
    }
    expect(withoutDate(await visitor.download('Export everything'))).toBe(withoutDate(before));
  });
});

describe('a backup into a folder', () => {
  it('is written at a tap, read back, and can be taken in again; the folder is remembered', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    // The browser’s own private folder stands in for one that a person chooses.
    await visitor.page.evaluateOnNewDocument(() => {
      (window as unknown as { showDirectoryPicker: unknown }).showDirectoryPicker = async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle('backups', { create: true });
    });
    await visitor.go('/settings');
    await visitor.press('Back up into a folder');
    await visitor.sees('Backed up into the folder, and read back.');
    await visitor.sees('Last exported today.');
    await visitor.reload();
    await visitor.press('Back up into “backups”');
    await visitor.sees('Backed up into the folder, and read back.');
    const backups = await visitor.page.evaluate(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('backups');
      const found: [string, string][] = [];
      for await (const [name, handle] of folder as unknown as AsyncIterable<[string, FileSystemFileHandle]>)
        found.push([name, await (await handle.getFile()).text()]);
      return found;
    });
    expect(backups).toHaveLength(2);
    const [[name, text]] = backups as [[string, string]];
    expect(name).toMatch(/^fluorite-backup-2\d{3}-.*\.fluorite\.json$/);
    const other = await Visitor.arrive(browser, 'plain', '/settings');
    await other.upload(temporaryFile(name, text));
    await other.sees(/\d+ new, 0 changed, 0 the same, 0 refused/);
  });
});

describe('the store', () => {
  it('keeps two tabs on one job together', async () => {
    const one = await Visitor.arrive(browser, 'demo', '/job/demo-seat-shells/plan');
    const two = await one.secondTab('/job/demo-seat-shells/plan');
    await one.page.bringToFront();
    await readRoom(one, ['22', '21', '50']);
    await two.page.bringToFront();
    await two.sees(/Mix [\d.]+ L for 3 coats/);
    await two.part('Stack');
    await two.press('Add a coat');
    await one.page.bringToFront();
    // One more than its sheet says, and said so.
    await one.sees(/4 × \d+ µm/);
    await one.sees('The coats together stay thicker than the sheet allows.');
    await one.reload();
    await one.sees(/4 × \d+ µm/);
  });

  it('opens with the rest when a record is damaged, and exports it as found', async () => {
    const visitor = await Visitor.arrive(browser, 'demo');
    await visitor.page.evaluate(async () => {
      const open = indexedDB.open('fluorite');
      const database = await new Promise<IDBDatabase>(
        (resolve) => (open.onsuccess = () => resolve(open.result)),
      );
      const write = database.transaction('records', 'readwrite');
      write
        .objectStore('records')
        .put({ revision: 4, record: { kind: 'job', version: 1, id: 'torn', name: 'Torn' } }, 'job/torn');
      await new Promise((resolve) => (write.oncomplete = resolve));
      database.close();
    });
    await visitor.reload();
    await visitor.sees('One record is damaged and set apart.');
    await visitor.sees('Saloon doors, car 6');
    await visitor.press('See and export');
    expect(await visitor.download('Export as found')).toContain('"Torn"');
    await visitor.press('Remove');
    await visitor.reload();
    expect(await visitor.text('body')).not.toContain('damaged');
  });

  it('opens safely without concluding anything, and what was set apart is taken back', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/?safe');
    await visitor.sees('Safe start');
    expect(await visitor.download('Export everything')).toContain('demo-saloon-doors');
    await visitor.press('Set “Saloon doors, car 6” apart');
    await visitor.sees('by hand, at a safe start');
    await visitor.press('Open the shop');
    await visitor.page.waitForSelector('[data-strip]');
    expect(await visitor.text('main')).not.toContain('Saloon doors, car 6');
    await visitor.go('/job/demo-saloon-doors/plan');
    await visitor.sees('This job is not here');
    await visitor.go('/settings');
    await visitor.press('Take it back');
    await visitor.go('/job/demo-saloon-doors/plan');
    await visitor.sees('Saloon doors, car 6');
  });

  it('takes the demo out again and leaves what is one’s own', async () => {
    const visitor = await Visitor.arrive(browser, 'plain');
    await visitor.sees('The bench is empty');
    await visitor.press('Load the demo shop');
    await visitor.sees('Depot outside walls, north');
    await visitor.go('/cups');
    await visitor.press('Add a cup');
    await visitor.type('Name', 'My own cup');
    await visitor.press('Add it');
    await visitor.sees('My own cup');
    await visitor.go('/settings');
    await visitor.press('Take the demo shop out');
    await visitor.sees('The demo shop is out.');
    await visitor.go('/cups');
    await visitor.sees('My own cup');
    expect(await visitor.text('main')).not.toContain('DIN cup 4, bay 2');
  });
});
