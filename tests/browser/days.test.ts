import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { ahead, another, lineOf, readRoom, untilSpray, startCoat, endCoat } from './follow';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** So many minutes later, the page opened anew. */
async function later(visitor: Visitor, minutes: number): Promise<void> {
  await ahead(visitor, minutes);
  await visitor.reload();
}

async function tapped(visitor: Visitor): Promise<string> {
  const before = await lineOf(visitor);
  await visitor.doNext();
  await another(visitor, before);
  return before;
}

describe('filler, epoxy and colour over three days, from nothing', () => {
  let visitor: Visitor;

  it('begins with three products, three guns and the work between them', async () => {
    visitor = (await Visitor.arrive(browser, 'plain', '/new')).stay();
    await newJob(visitor, {
      name: 'Bonnet, blocked',
      ground: 'Steel',
      width: '1.2 m',
      height: '0.5 m',
      product: 'Sprayed filler, epoxy, colour',
      closer: async () => {
        await visitor.open('3 products');
        await visitor.type('Nozzle for the filler', '2.2 mm');
        await visitor.type('Nozzle for the epoxy', '1.6 mm');
        await visitor.type('Nozzle for the colour', '1.4 mm');
      },
    });
    await visitor.part('Stack');
    await visitor.sees(/Before Epoxy: sand with P180, 80\sµm off; wipe clean; mask/, '[data-layers]');
    await visitor.sees(/Before Colour: sand with P400/, '[data-layers]');
    await readRoom(visitor, ['21', '21', '50']);
  });

  it('first day: the filler goes on, and is too soft to sand', async () => {
    await untilSpray(visitor);
    await startCoat(visitor, /^Start coat/);
    await endCoat(visitor, 'End coat 1');
    await startCoat(visitor, 'Start coat 2 early');
    await endCoat(visitor, 'End coat 2');
    await startCoat(visitor, 'Start coat 3 early');
    await endCoat(visitor, 'End coat 3');
    await visitor.sees(/Let filler harden: sand with P180|Let filler harden: sand from \d\d:\d\d/);
    await visitor.sees('May be worked on in', '[data-tray]');
    await visitor.sees(/Sand with P180[\s\S]*from \d\d:\d\d[\s\S]*Wipe clean\s*to come/, '[data-between]');
  });

  it('second day: sanded with what it took and gave, wiped, masked; the epoxy goes on', async () => {
    await later(visitor, 20 * 60);
    await visitor.sees(/Sand with P180, 80\sµm off before epoxy/, '[aria-label="Next"]');
    await visitor.press('Record work with its numbers');
    await visitor.type('Film taken off', '95');
    await visitor.type('It took', '40 min');
    await visitor.press('Put on record');
    await visitor.sees(/Wipe clean before epoxy/, '[aria-label="Next"]');
    // What came off in truth stands in the ledger: 242 × 2 and the guide, less 95.
    const stays = await visitor.page.$eval('[data-map-layer] [data-fact="film.stays"]', (each) =>
      Number((each as HTMLElement).dataset.value),
    );
    expect(stays * 1e6).toBeGreaterThan(300);
    expect(await tapped(visitor)).toContain('Wipe clean');
    expect(await tapped(visitor)).toContain('Mask');
    await visitor.sees('Now the epoxy: nothing of it is mixed yet.');
    await tapped(visitor);
    const said = (await untilSpray(visitor)).join('\n');
    expect(said).toContain('HVLP gun, epoxy: 1.6 mm');
    await startCoat(visitor, /^Start coat/);
    await endCoat(visitor, /^End coat 4$/);
    await visitor.sees(/Let epoxy harden: sand/);
  });

  it('third day: what was wiped hours ago is wiped again, and the colour goes on until it hides', async () => {
    await later(visitor, 24 * 60);
    await visitor.sees(/Sand with P400/, '[aria-label="Next"]');
    await tapped(visitor);
    await tapped(visitor);
    await tapped(visitor);
    await visitor.sees('Now the colour: nothing of it is mixed yet.');
    await later(visitor, 90);
    await visitor.sees(
      /Wipe clean before colour 1[\s\S]*What was done no longer counts/,
      '[aria-label="Next"]',
    );
    await tapped(visitor);
    await tapped(visitor);
    await untilSpray(visitor);
    await startCoat(visitor, /^Start coat/);
    await endCoat(visitor, 'End coat 5');
    await startCoat(visitor, 'Start coat 6 early');
    await endCoat(visitor, 'End coat 6');
    await visitor.sees('Does it hide what is below?');
    await visitor.press('It hides');
    await visitor.sees(/All coats are on/);
  });

  it('the log says what was done between the coats', async () => {
    const id = new URL(visitor.page.url()).pathname.split('/')[2] ?? '';
    await visitor.go(`/logbook?job=${id}`);
    await visitor.sees('Colour 2 hides');
    // Only what is in sight is drawn: leaf back to the second day.
    const sanded = /Sand with P180, 95\sµm off, on Filler, took 40\smin/;
    await (await visitor.page.waitForSelector('[aria-label="Entries"]'))?.hover();
    for (let back = 0; back < 40 && !sanded.test(await visitor.text('main')); back += 1) {
      await visitor.page.mouse.wheel({ deltaY: 400 });
      await new Promise((drawn) => setTimeout(drawn, 150));
    }
    expect(await visitor.text('main')).toMatch(sanded);
  });
});

describe('a missed tack window', () => {
  it('found dry it is missed, soft it is not abraded, and abraded it takes the next coat', async () => {
    const visitor = await Visitor.arrive(browser, 'plain', '/coatings');
    await visitor.press('New sheet');
    await visitor.type('Name on the can', 'Rust coat R3');
    await visitor.choose('Coating type', 'Moisture-curing coating');
    await visitor.press('Make the sheet');
    await visitor.press('Edit');
    await visitor.open('Times');
    await visitor.page.click('::-p-aria([name="The next coat wants it tacky"])');
    await visitor.press('Save');
    await visitor.sees(/The next coat wants it\s+tacky: dry has missed it/);
    await visitor.go('/new');
    await newJob(visitor, {
      name: 'Gate',
      ground: 'Steel',
      width: '1 m',
      height: '1 m',
      product: 'Rust coat R3',
      gun: 'HVLP, compressor',
      closer: async () => {
        await visitor.open(/^Rust coat R3, /);
        await visitor.type('Nozzle', '1.5 mm');
      },
    });
    await readRoom(visitor, ['21', '21', '60']);
    await untilSpray(visitor);
    await startCoat(visitor, /^Start coat/);
    await endCoat(visitor, 'End coat 1');
    await visitor.sees(/Leave coat 1 to flash/);
    await later(visitor, 150);
    // The room was read too long ago to go on by it.
    await visitor.sees('open', '[data-stage="spray"]');
    await visitor.press('Dry');
    await visitor.sees(/The recoat window is missed\. It is too soft to abrade until/);
    await visitor.sees('recoat window closed', '[data-stage="spray"]');
    expect(await visitor.page.$$('[data-next-action]')).toHaveLength(0);
    await later(visitor, 6 * 60);
    await visitor.sees('Let it harden, scuff, clean, then recoat.');
    await visitor.press('Scuffed and cleaned');
    await visitor.sees(/before coat 2 of 2/, '[aria-label="Next"]');
    await visitor.sees(/coat 2 of 2/);
  });
});
