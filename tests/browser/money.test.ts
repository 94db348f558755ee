import type { Browser } from 'puppeteer-core';
import { PDFDocument } from 'pdf-lib';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const panels = '/job/demo-livery-panels';
const walls = '/job/demo-depot-walls';

describe('what it costs', () => {
  it('names what has no price, takes rates from Settings, and quotes with a margin to a PDF', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${panels}/plan#cost`);
    await visitor.sees(/Not counted, because nobody priced it: .*hands/);
    await visitor.sees('▲ not all priced', '[data-cost]');
    await visitor.go('/settings');
    await visitor.open(/^Dates, money/);
    await visitor.type('An hour of hands', '48');
    await visitor.type('Thinner', '7');
    await visitor.type('Cleaning fluid', '4');
    await visitor.type('Waste, to be rid of', '1');
    await visitor.go(`${panels}/plan#cost`);
    await visitor.sees(/Hands\s+mixing and thinning, 30 min/, '[data-cost]');
    await visitor.open(/^Quote/);
    await visitor.press('Of the price');
    await visitor.type('Margin, share of the price', '100');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees(/A margin is a share of the price: it lies below 100/);
    await visitor.type('Margin, share of the price', '30');
    await visitor.page.keyboard.press('Tab');
    await visitor.type('Tax on the price', '20');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('In all', '[data-quote]');
    const rows = (await visitor.text('[data-quote]')).match(/[\d.]+(?=\s*(\n|$))/g)!.map(Number);
    const [cost, , net, tax, all] = rows as [number, number, number, number, number];
    expect(net).toBeCloseTo(cost / 0.7, 1);
    expect(all).toBeCloseTo(net + tax, 1);
    const pdf = await PDFDocument.load(await visitor.downloaded('Quote as PDF', '.pdf'));
    expect(pdf.getPageCount()).toBe(1);
    const csv = String(await visitor.downloaded('Cost as CSV', '.csv'));
    expect(csv.split('\n')[0]).toBe('column,kind,what,quantity,unit,price,cost,currency');
  });
});

describe('what is to be bought', () => {
  it('is what open jobs want and the shelf does not hold, in packs, with a list to take along', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/care#buy');
    await visitor.sees(/Frame primer M1.*short; wanted/, '[data-buy]');
    await visitor.sees('Enter the sizes it is sold in', '[data-buy]');
    await visitor.open(/^Sizes it is sold in/);
    await visitor.type('A pack holds', '1');
    await visitor.type('Price of it', '55');
    await visitor.page.keyboard.press('Tab');
    await visitor.press('Add');
    await visitor.sees(/3 × 1\.00\sL: 165\.00/, '[data-buy]');
    await visitor.choose('Keep count of', 'Gloves');
    await visitor.sees('Gloves: 2, for 0 left of 1 at least', '[data-buy]');
    const list = String(await visitor.downloaded('Shopping list', '.txt'));
    expect(list).toContain('3 × 1.00');
    expect(list).toContain('Gloves: 2');
  });
});

describe('a house in an afternoon', () => {
  it('is planned by the sun, face by face, and never beyond its limits', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${walls}/plan#day`);
    await visitor.open(/^Sprayed outdoors/);
    await visitor.type('Latitude, south below nought', '50');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('Outdoors: sun, wind, dew');
    await visitor.type('Longitude, west below nought', '8');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('say which way it faces', '[data-outdoors]');
    await visitor.page.$eval('input[type=date]', (field) => {
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      set.call(field, '2026-06-21');
      field.dispatchEvent(new Event('input', { bubbles: true }));
    });
    await visitor.choose('Colour', 'Dark');
    await visitor.type('Coldest', '12');
    await visitor.type('Warmest', '25');
    await visitor.page.keyboard.press('Tab');
    await visitor.choose('Faces', 'South');
    await visitor.sees('surface too hot', '[data-outdoors]');
    await visitor.sees(/In this order:/, '[data-order]');
    await visitor.type('Wind', '6');
    await visitor.type('Gusts', '4');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees(/Gusts are not weaker than the wind/);
    await visitor.type('Gusts', '9');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('No face can be sprayed on this day.', '[data-order]');
    await visitor.reload();
    await visitor.sees('No face can be sprayed on this day.', '[data-order]');
    await visitor.choose('Wind comes from', 'West');
    await visitor.type('How far off', '4');
    await visitor.choose('To the', 'East');
    await visitor.press('Add it');
    await visitor.sees(/Cars, 4(\.00)?\sm to the east: ■ drops fall on it wet/, '[data-around]');
    await visitor.go(`${panels}/plan#day`);
    await visitor.open(/^Sprayed outdoors/);
    await visitor.type('Latitude, south below nought', '50');
    await visitor.page.keyboard.press('Tab');
    await visitor.go(`${panels}/plan#ready`);
    await visitor.sees('The wind is not read.');
    await visitor.open(/^Read again/);
    await visitor.type('Strongest gust', '7');
    await visitor.press('Record');
    await visitor.sees('It blows too hard for this gun.');
    await visitor.sees(/Gusts of 7\.00\sm\/s; this gun stops at 5\.00\sm\/s/);
  });
});
