import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { readArchive } from '@/exchange/archive';
import { previewBundle, type BundlePreview, writeBundle } from '@/exchange/bundle';
import { previewReadings, readGaugeTable, recognised } from '@/exchange/readingscsv';
import { previewSheetsCsv, writeSheetsCsv } from '@/exchange/sheetcsv';
import { triedOut } from '@/exchange/trial';
import { stages } from '@/facts/job';
import { viewsOf } from '@/facts/records';
import { classSheet, coatingClasses, type Job, type Photo } from '@/records';
import { canonical } from '@/records/canonical';
import { memoryDisk } from '@/store/disk/disk';
import { memoryPictures } from '@/store/disk/pictures';
import type { ShopStore } from '@/store/shopstore';
import { takeOut } from '@/store/takeout';
import { nextLine } from '@/words/nextline';
import { stripCells } from '@/words/strip';
import { unitsOf } from '@/words/units';
import { anyShop } from '../../../tests/fixtures/anyjob';
import { opened } from '../../../tests/fixtures/ground';
import { deeds, mutatedBytes, mutatedJson, mutatedText } from '../../../tests/fixtures/mutate';
import { takeIn } from './takein';

/** `npm run fuzz` makes it many. */
const runs = Number(process.env.FUZZ ?? 120);
const share = (part: number) => ({ numRuns: Math.max(Math.round(runs * part), 5), endOnFailure: true });
const now = Date.parse('2026-11-27T12:00:00.000Z');
const at = new Date(now).toISOString();
const units = unitsOf('metric');

const existing = (store: ShopStore) => ({
  records: [...store.getState().records.values()],
  docs: store.docs(),
});

/** Whatever came in, every screen can still be drawn, and everything leaves and comes back. */
async function stillStands(store: ShopStore): Promise<void> {
  const { records } = store.getState();
  const jobs = [...records.values()].filter((record): record is Job => record.kind === 'job');
  const { views, inconclusive } = viewsOf(records, jobs, now);
  expect(inconclusive).toEqual([]);
  for (const view of views) {
    stripCells(view, units);
    for (const stage of stages) nextLine(view, stage, units);
  }
  await store.folded();
  const text = writeBundle([...records.values()], at, store.docs());
  const again = await opened(memoryDisk());
  const preview = previewBundle(text, existing(again));
  if (isRefusal(preview)) throw new Error(preview.says);
  expect(await takeIn(again, { ...preview, file: new File([text], 'x.json') }, false)).not.toHaveProperty(
    'refused',
  );
  const said = (of: ShopStore) => canonical([...of.getState().records].sort(([a], [b]) => (a < b ? -1 : 1)));
  expect(said(again)).toBe(said(store));
}

async function takes(store: ShopStore, preview: BundlePreview, file: File): Promise<void> {
  const items = triedOut(preview.items, existing(store).records, now);
  for (const { state, why } of items) expect(state === 'refused' ? why : 'fine').toBeTruthy();
  await takeIn(store, { ...preview, items, file }, true);
}

describe('files that were changed at random', () => {
  it('bundles stop nothing: what is taken in can be concluded, exported and taken in again', async () => {
    await fc.assert(
      fc.asyncProperty(fc.nat(40), deeds, fc.boolean(), async (seed, list, stamped) => {
        const { records } = anyShop(seed);
        const source = await opened(memoryDisk());
        await source.commit([...records.values()], [], 'any shop');
        const text = writeBundle([...records.values()], at, stamped ? source.docs() : undefined);
        const file = mutatedJson(text, list);
        // Into an empty shop, and into the one it came from.
        for (const store of [await opened(memoryDisk()), source]) {
          const preview = previewBundle(file, existing(store));
          if (isRefusal(preview)) {
            expect(preview.says.length).toBeGreaterThan(10);
            continue;
          }
          await takes(store, preview, new File([file], 'x.fluorite.json'));
          await stillStands(store);
        }
      }),
      share(0.5),
    );
  }, 3_600_000);

  const sheets = writeSheetsCsv(coatingClasses.slice(0, 6).map((of) => classSheet(of, of, of, '2026-11-01')));
  const gauge = `Face;Spot;Thickness µm\n${Array.from({ length: 40 }, (_, i) => `Front;${(i % 9) + 1};${40 + i},5`).join('\n')}`;

  it('tables are read or refused, and what is read is a sheet or a film', async () => {
    await fc.assert(
      fc.asyncProperty(deeds, async (list) => {
        const file = mutatedText(sheets, list);
        const preview = previewSheetsCsv(file, []);
        const store = await opened(memoryDisk());
        if (!isRefusal(preview)) {
          await takes(store, preview, new File([file], 'x.csv'));
          await stillStands(store);
        }
        const table = readGaugeTable(mutatedText(gauge, list));
        if (isRefusal(table)) return;
        const found = previewReadings(
          table,
          { film: 0, unit: 'µm', decimal: 'comma', face: 'first', spot: 'in order', ...recognised(table, 1) },
          [{ id: 'f', name: 'Front' }],
          { min: 4e-5, max: 6e-5 },
          3,
          60,
        );
        for (const { film, spot } of found.readings) {
          expect(film).toBeGreaterThan(0);
          expect(Number.isInteger(spot)).toBe(true);
        }
      }),
      share(0.4),
    );
  }, 3_600_000);

  it('archives with photos are taken in whole, or not at all', async () => {
    const pictures = memoryPictures();
    const source = await opened(memoryDisk(), { pictures: () => pictures });
    for (const id of ['p', 'q'])
      await pictures.set(id, new Blob([Uint8Array.from([0xff, 0xd8, ...Array(300).keys()])]));
    const photo: Photo = {
      id: 'p',
      kind: 'photo',
      version: 2,
      jobId: 'job',
      at,
      name: '',
      width: 4,
      height: 3,
      marks: [],
    };
    await source.commit(
      [
        { ...photo, id: 'p' },
        { ...photo, id: 'q' },
      ],
      [],
      'photos',
    );
    const archive = new Uint8Array(await ((await takeOut(source, at))?.file as Blob).arrayBuffer());
    await fc.assert(
      fc.asyncProperty(deeds, async (list) => {
        const file = new File([mutatedBytes(archive, list)], 'x.fluorite.zip');
        const read = await readArchive(file);
        if (isRefusal(read)) return;
        const kept = memoryPictures();
        const store = await opened(memoryDisk(), { pictures: () => kept });
        const preview = previewBundle(read.bundle, existing(store));
        if (isRefusal(preview)) return;
        const outcome = await takeIn(store, { ...preview, pictures: read.pictures, file }, true);
        if (!isRefusal(outcome)) return stillStands(store);
        expect(store.getState().records.size).toBe(0);
        expect(await kept.keys()).toEqual([]);
      }),
      share(0.1),
    );
  }, 3_600_000);
});
