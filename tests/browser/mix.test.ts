import type { Browser } from 'puppeteer-core';
import { launch, temporaryFile, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('Mix', () => {
  it('tells a mix off its ratio, what it means, and mends it with more of what is short', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/mix');
    await visitor.press('Discard this mix');
    await visitor.sees('Pour C4 livery green until the scale reads', '[aria-label="Next"]');
    await visitor.type('C4 livery green, poured', '1000');
    await visitor.type('C4 hardener, poured', '200');
    // 4 : 1 by volume at 1.18 and 1.06: 1000 g want 224.6 g, so 10.9 % short and 25 g to add.
    await visitor.sees('C4 hardener 10.9 % short. Under-hardened it stays soft');
    await visitor.sees('Add 25 g C4 hardener.');
    await visitor.press('Mixed as entered');
    await visitor.sees('Off ratio. Add 25 g C4 hardener and stir.');
    expect(await visitor.cell('mix')).toContain('off ratio');
    await visitor.doNext();
    await visitor.sees('Let it rest until');
    expect(await visitor.cell('mix')).toContain('resting');
    await visitor.sees('On the ratio, within what is allowed.');
  });

  it('doses within the sheet’s maximum, and a batch within the pot', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-seat-shells/mix#size');
    await visitor.type('G accelerator', '0.9');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('G accelerator: 0.9 % is over the sheet’s maximum of 0.5 %.');
    await visitor.press('Use 0.50 %');
    await visitor.sees('Pour G7 gel coat until');
    await visitor.type('Mix now', '8');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('A batch of 8.00 L does not go into a pot of 5.00 L.');
    await visitor.type('Mix now', '0.1');
    await visitor.page.keyboard.press('Enter');
    // 0.6 g of accelerator on a scale of whole grams would be rounded to 1 g, over the cap: it is not weighed.
    await visitor.press(/^Poured \d+ g$/);
    await visitor.sees(/Put in G accelerator: (\d drops|0\.\d mL in a syringe)/);
    await visitor.press('Undo');
    await visitor.press(/^Mix .* the smallest batch whose doses weigh well$/);
    await visitor.sees(/Pour G7 gel coat until the scale reads \d+ g/);
  });

  it('prints a label for the pot, and gives it as a PDF', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/mix#pot');
    await visitor.open('What stands on it');
    await visitor.page.waitForSelector('[data-label]');
    const label = await visitor.page.$eval('[data-label]', (drawing) => drawing.getAttribute('aria-label'));
    expect(label).toMatch(/Livery green C4\. For Livery panels, car 6\. Ratio 4 : 1 by volume\./);
    expect(label).toMatch(/Lots C4-0441, CH-207/);
    const pdf = await visitor.download('Label as PDF', '.pdf');
    expect(pdf.startsWith('%PDF')).toBe(true);
    await visitor.page.evaluate(() => {
      window.print = () => undefined;
    });
    await visitor.press('Print label');
    const printed = await visitor.page.pdf({ preferCSSPageSize: true });
    const high = await visitor.page.$eval('[data-label]', (drawing) =>
      Number(drawing.getAttribute('viewBox')?.split(' ')[3]),
    );
    expect(high).toBeGreaterThan(62);
    // One page of the label’s own size in points: 100 mm wide, as high as its warnings want.
    const text = Buffer.from(printed).toString('latin1');
    expect(text.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
    const [, width, height] = /MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(text) ?? [];
    expect(Number(width)).toBeCloseTo((100 / 25.4) * 72, -1);
    expect(Number(height)).toBeCloseTo((high / 25.4) * 72, -1);
  });

  it('flags an old can, and boxes two lots together', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-truck-frames/mix');
    await visitor.sees(/Lot M1-077 is past its date, .* Open a fresh can/);
    await visitor.go('/coatings/demo-frame-primer');
    await visitor.press('Add a can');
    await visitor.type('Lot', 'M1-090');
    await visitor.type('Left in it', '500 mL');
    await visitor.press('Put it on the shelf');
    await visitor.sees('M1-090', '[aria-label="Cans on the shelf"]');
    await visitor.go('/job/demo-truck-frames/mix#size');
    // The one in date is taken, but it came from another lot than the batch before, and holds too little.
    await visitor.sees('An earlier batch of this job was lot M1-077; this one is M1-090.');
    await visitor.sees(/the can is \d\.\d\d L short of this batch/);
    await visitor.page.click('::-p-xpath(//label[contains(., "M1-077")])');
    await visitor.sees('boxed together');
  });

  it('what is poured back thins the can, and the next batch knows it', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/mix#pot');
    await visitor.type('How much goes back', '500');
    await visitor.press('Poured back');
    await visitor.part('How much');
    await visitor.sees(/thinned 0\.\d % by returns/, '[aria-label="Cans on the shelf"]');
    await visitor.press('Discard this mix');
    await visitor.sees(/Thinner in the can already\s+\d+ g/, '[aria-label="Because"]');
    // Nine litres of one part are not weighed: cans are opened.
    await visitor.part('Pour');
    await visitor.sees(/stays in it/, '[data-place="opened"], main');
    await visitor.press(/^Took 8\.\d+ L, stirred$/);
    await visitor.sees(/8\.\d+ L in the pot/);
  });

  it('says what pouring back would do to each can, before it is done', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/mix#pot');
    await visitor.press('Rinsings');
    await visitor.type('How much goes back', '100');
    await visitor.sees(
      /W20-118, then \d\.\d\d L: .*% thinner, .* of the 10 % its sheet allows/,
      '[data-effects]',
    );
    await visitor.sees(/W20-121, then 5\.\d\d L/, '[data-effects]');
  });

  it('offers no acetone for a gel coat, whatever its sheet was made to say', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings/demo-shell-gelcoat');
    await visitor.press('Edit');
    await visitor.press('Add a thinner');
    await visitor.open(/^Thinner 2/);
    await visitor.type('Thinner', 'Acetone');
    await visitor.sees('Acetone does not go into this. A gel coat goes on as supplied');
    await visitor.press('Save');
    await visitor.sees('Acetone does not go into this.');
  });
});

describe('a sheet changed in the middle of a job', () => {
  it('leaves the job alone, offers itself, and compares', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings/demo-satin-lacquer');
    await visitor.press('Edit');
    await visitor.type('Revision', '4');
    await visitor.open(/^Viscosity/);
    await visitor.type('Band from', '24');
    await visitor.type('Band to', '28');
    await visitor.press('Save');
    await visitor.sees('These jobs began with an earlier sheet');
    await visitor.go('/job/demo-saloon-doors/mix');
    await visitor.sees('The sheet of Satin lacquer W20 was changed after this job began.');
    expect(await visitor.cell('thin')).toContain('21–25');
    await visitor.press('Compare');
    await visitor.sees(/Band in Ford cup 4\s+Viscosity\s+21–25 s\s+24–28 s/, '[data-compare]');
    await visitor.press('Close');
    await visitor.press('Take the changed sheet');
    await visitor.page.waitForFunction(() =>
      document.querySelector('[data-strip] [data-stage="thin"]')?.textContent?.includes('24–28'),
    );
    await visitor.go('/logbook?job=demo-saloon-doors');
    await visitor.sees('Took the changed sheet of Satin lacquer W20: revision 3 to 4');
    await visitor.go('/coatings/demo-satin-lacquer');
    await visitor.press('Compare revisions');
    await visitor.sees('21–25 s', '[data-compare]');
  });

  it('goes out as a table and comes back, and says which row is wrong', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings');
    await visitor.press('Export as CSV');
    const chosen = await visitor.download('Write 21 columns', '.csv');
    expect(chosen.split('\n')[0]).toMatch(/^Name,Coating type,Revision/);
    await visitor.press('Export as CSV');
    const table = await visitor.download('Whole records', '.csv');
    expect(table.split('\n')[0]).toContain('film.aim [m]');
    await visitor.upload(temporaryFile('same.csv', table));
    await visitor.sees('0 new, 0 changed, 10 the same, 0 refused.');
    await visitor.press('Leave it');
    const wrong = table.replace(/,two-part-clear,/, ',sparkling,');
    await visitor.upload(temporaryFile('wrong.csv', wrong));
    await visitor.sees(/1 refused\. Nothing is written yet/);
    await visitor.sees('class: not one of the values known here');
  });
});
