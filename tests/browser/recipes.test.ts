import type { Browser } from 'puppeteer-core';
import { PDFDocument } from 'pdf-lib';
import { launch, Visitor } from './driver';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const brackets = '/job/demo-seat-brackets';

describe('what a job teaches the next', () => {
  it('a fault traced to water in the air, mended, put away as a recipe that the next job starts from', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/care#air');
    await visitor.choose('Gun set-up', 'Casting bay pressure pot');
    await visitor.press('Gun');
    await visitor.type('How much', '4');
    await visitor.press('Drained, put on record');
    await visitor.sees('Water at the gun on');
    await visitor.go(`${brackets}/check#defects`);
    await visitor.type('What you see or feel', 'fish');
    await visitor.press(/^Fish-eyes/);
    await visitor.sees(/^\s*\d+ %\s*Water or oil from the air line/, '[data-causes]');
    await visitor.sees('water was found at the gun', '[data-because]');
    await visitor.press('Record this change');
    await visitor.press('Yes, it is gone');
    await visitor.sees('What you see or feel');
    await visitor.press('Job menu');
    await visitor.press('Put away');
    await visitor.press('As wanted');
    await visitor.type('What would you do otherwise?', 'Drain the line at noon');
    await visitor.press('Put it away');
    await visitor.sees('7 open jobs');
    await visitor.go('/logbook#recipes');
    await visitor.open(/^Bracket enamel Q3 with Casting bay pressure pot on cast iron/);
    await visitor.sees(/A new job starts as Seat brackets, shift run, .*: as wanted\./, '[data-recipes]');
    await visitor.sees('Drain the line at noon', '[data-recipes]');
    await visitor.go('/new');
    await newJob(visitor, {
      name: 'More brackets',
      ground: 'Cast iron',
      width: '0.42',
      height: '0.28',
      product: 'Bracket enamel Q3 Quick-dry enamel',
      gun: 'Casting bay pressure pot',
      closer: () => visitor.sees(/Worked before:.*starts as Seat brackets, shift run/, '[data-recipe]'),
    });
    await visitor.sees('More brackets', 'h1');
    await visitor.sees(/Begun as\s+Seat brackets, shift run/, '[aria-label="Because"]');
    await visitor.page.keyboard.press('4');
    await visitor.open(/^Worked before/);
    await visitor.press('Set the gun as for Seat brackets, shift run');
    await visitor.page.keyboard.press('4');
    await visitor.sees(/1\.[48] mm · 3\.\d+ bar/, 'nav');
  });

  it('a way to put it right is chosen by film, hands and date, and becomes the next steps', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${brackets}/check#defects`);
    await visitor.press(/^Orange peel/);
    await visitor.press('Ways to put it right');
    await visitor.press('cured');
    await visitor.sees(/✓ Flat/, '[data-ways]');
    await visitor.open(/^Not open/);
    await visitor.sees('Wipe off, clean, start again: it is no longer wet.', '[data-ways]');
    await visitor.press('Plan it: Flat and recoat the whole face, to a break');
    await visitor.go(`${brackets}/spray`);
    await visitor.sees('Second, again');
    await visitor.sees(/harden: sand from/, '[aria-label="Next"]');
  });

  it('what all jobs say, told apart as asked, and taken out', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/logbook#book');
    await visitor.sees(/Film got: .* 1 of 8 say so/, '[data-book]');
    await visitor.choose('What', 'Thinning error');
    await visitor.sees(/Satin lacquer W20\s+2\s+−?\d+ %/, '[aria-label="In numbers"]');
    await visitor.press('Person');
    await visitor.sees(/Heron\s+1/, '[aria-label="In numbers"]');
    await visitor.choose('Person', 'Heron');
    await visitor.sees('1 use of a product', '[data-book]');
    const table = await visitor.download('Take these out as CSV', '.csv');
    expect(table.trim().split('\n')).toHaveLength(2);
    expect(table).toContain('Bracket enamel Q3');
  });

  it('the customer’s page says what was done and how to look after it, on one page', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${brackets}/check#report`);
    await visitor.open(/^Customer’s page/);
    await visitor.sees(
      /2 coats of Bracket enamel Q3[\s\S]*Thickness: \d+ µm on average[\s\S]*Fully hard/,
      '[data-customer]',
    );
    const file = await PDFDocument.load(await visitor.downloaded('Customer’s page as PDF', '.pdf'));
    expect(file.getPageCount()).toBe(1);
  });
});

describe('the register of sheets', () => {
  it('says which state of a sheet held when, and which jobs used it', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings');
    await visitor.open(/^Register/);
    await visitor.sees(/Bracket enamel Q3[\s\S]*Used by Seat brackets, shift run/, '[data-register]');
    const table = await visitor.download('Register as CSV', '.csv');
    expect(table).toContain('Seat brackets, shift run');
  });
});

describe('how dates, times and money are written', () => {
  it('as the device does, or as the shop says, on every screen', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    await visitor.open(/^Dates, money, mark/);
    await visitor.press('Nov 28, 4:40 pm');
    await visitor.choose('Currency', 'EUR, Euro');
    await visitor.go('/');
    await visitor.sees(/, \d{1,2}:\d\d\s[ap]m/, 'h1');
    await visitor.go('/job/demo-depot-walls/plan#paint');
    await visitor.sees(/for €\d+\.\d\d;/);
    await visitor.go('/settings');
    await visitor.open(/^Dates, money, mark/);
    await visitor.press('28 Nov, 16:40');
    await visitor.go('/');
    await visitor.sees(/, \d\d:\d\d$/, 'h1');
  });
});
