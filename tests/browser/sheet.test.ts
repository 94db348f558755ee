import fs from 'node:fs';
import path from 'node:path';
import type { Browser } from 'puppeteer-core';
import { PDFDocument } from 'pdf-lib';
import { drawn } from '../../bench/sheets/draw';
import { launch, temporaryFile, Visitor } from './driver';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const sheet = (name: string) => fs.readFileSync(path.join('bench', 'sheets', 'tuned', name), 'utf8');

async function choose(visitor: Visitor, file: string): Promise<void> {
  const input = await visitor.page.waitForSelector('input[type="file"]');
  await (input as unknown as { uploadFile(file: string): Promise<void> }).uploadFile(file);
}

async function paste(visitor: Visitor, text: string): Promise<void> {
  await visitor.page.waitForSelector('textarea');
  // A paste hands its text over whole.
  await visitor.page.focus('textarea');
  await visitor.page.evaluate((said) => document.execCommand('insertText', false, said), text);
  await visitor.press('Read the text');
}

const tick = (visitor: Visitor, fact: string) =>
  visitor.page.$$eval(
    '[aria-label="What it states"] label',
    (rows, name) =>
      rows
        .find((row) => (row as HTMLElement).innerText.startsWith(name))
        ?.querySelector('input')
        ?.click(),
    fact,
  );

describe('Reading a sheet', () => {
  it('a PDF becomes a sheet, and the sheet a job with its first number', async () => {
    const visitor = await Visitor.arrive(browser, 'plain', '/rigs');
    await visitor.press('New gun');
    await visitor.type('Name', 'Yard pump');
    await visitor.choose('Atomising', 'Airless');
    await visitor.press('Save');
    await visitor.go('/coatings');
    await visitor.press('Read a sheet');
    await choose(visitor, temporaryFile('us-epoxy.pdf', Buffer.from(await drawn(sheet('us-epoxy.txt')))));
    await visitor.sees('PIERHEAD EPOXY PRIMER 55', 'h1');
    const said = await visitor.text('[aria-label="What it states"]');
    // Both systems on the paper, one in the shop.
    expect(said).toMatch(/Mixing ratio\s+4 : 1 by volume/);
    expect(said).toMatch(/Pot life\s+6 h at 25 °C/);
    expect(said).toMatch(/Dry film, one coat\s+51–76 µm/);
    expect(said).toMatch(/Tick it when you have read it there/);
    // The words a fact came from are marked on the paper.
    await visitor.page.focus('[aria-label="What it states"] li:nth-child(4) input');
    await visitor.sees(/Pot Life\s+6 hours at 77°F/, '[data-said]');
    await visitor.page.keyboard.press('ArrowDown');
    await visitor.sees(/Induction Time/, '[data-said]');
    await tick(visitor, 'Mixing ratio');
    await visitor.press('Make the sheet');
    await visitor.sees('PIERHEAD EPOXY PRIMER 55', 'h1');
    await visitor.sees(/Airless gun/);

    await visitor.go('/new');
    await newJob(visitor, {
      name: 'Pier rail',
      ground: 'Steel',
      width: '2',
      height: '3',
      product: 'PIERHEAD EPOXY PRIMER 55',
    });
    await visitor.sees(/Read the room, then mix [\d.]+ L/);
    await visitor.sees('6.0 m²', 'header');
  });

  it('a newer paper says what it changes, and which jobs it touches', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/sheet');
    await paste(
      visitor,
      [
        'Satin lacquer W20',
        'Issue date: 20 November 2026',
        'Viscosity for spraying: 22-26 s Ford cup 4 at 23 °C',
        'Dry film: 28-38 µm per coat',
        'Flash: 40-50 min between coats',
        'Recoat: after 90 min',
        'Relative humidity: max. 65 %',
      ].join('\n'),
    );
    await visitor.sees('Satin lacquer W20', 'h1');
    await visitor.sees(/Newer paper of Satin lacquer W20/);
    const changes = await visitor.text('[aria-label="What changes"]');
    expect(changes).toMatch(/\d+ changes/);
    for (const each of [/22–26 s/, /28–38 µm/, /50 min/, /90 min/, /–65 %/]) expect(changes).toMatch(each);
    await visitor.sees(/Open jobs that began with the sheet as it stood: .*Saloon doors, car 6/);
    await visitor.press('Take the newer paper');
    await visitor.sees('These jobs began with an earlier sheet');
    await visitor.press('Compare revisions');
    await visitor.sees('22–26 s', '[data-compare]');
  });

  it('a sheet nobody held against its paper for long is asked about where it is used', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    await visitor.type('Check each coating sheet again after', '30');
    await visitor.page.keyboard.press('Enter');
    await visitor.go('/job/demo-saloon-doors/mix');
    await visitor.sees(/The sheet of Satin lacquer W20 was last held against its paper on \d{1,2} \w+ \d{4}/);
    await visitor.press('It is as on the paper');
    await visitor.page.waitForFunction(
      () => !document.body.innerText.includes('last held against its paper'),
    );
    await visitor.go('/job/demo-livery-panels/plan');
    await visitor.press('Read the newer paper');
    await visitor.sees('Read a sheet', 'h1');
  });

  it('a gel coat is read by weight of peroxide, and its mix stays shut until somebody has read it', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/sheet');
    await paste(visitor, sheet('gelcoat.txt'));
    await visitor.sees('Oxbow Gel Coat G2', 'h1');
    const said = await visitor.text('[aria-label="What it states"]');
    expect(said).toMatch(/Mixing ratio\s+100 : 2 by mass/);
    expect(said).toMatch(/Thinner\s+none allowed/);
    await visitor.press('Make the sheet');
    await visitor.sees('Mix, by mass (default)');
    await visitor.sees(/Peroxide catalyst\s+2 parts/);
  });

  it('says what is wrong with a paper it cannot read', async () => {
    const visitor = await Visitor.arrive(browser, 'plain', '/sheet');
    const blank = await PDFDocument.create();
    blank.addPage();
    await choose(visitor, temporaryFile('scan.pdf', Buffer.from(await blank.save())));
    await visitor.sees('There is no text in this document', '[role="alert"]');
    await choose(visitor, temporaryFile('broken.pdf', Buffer.from('%PDF-1.7 and nothing else')));
    await visitor.sees('it is damaged or no PDF', '[role="alert"]');
    await paste(visitor, 'Dear all,\n\nthe meeting is on Monday.');
    await visitor.sees('Hardly anything a product sheet states', '[role="alert"]');
  });
});
