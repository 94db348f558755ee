import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const doors = '/job/demo-saloon-doors';
const brackets = '/job/demo-seat-brackets';

describe('a look round the part', () => {
  it('finds grease on what comes in, and the gun stays down until it is mended', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${doors}/plan#part`);
    await visitor.press('Look it over as it came in');
    await visitor.sees('The surface as it came in');
    await visitor.press('Greasy, water draws back');
    await visitor.sees(/■ Greasy, water draws back, Outer faces, edges/, '[data-found]');
    await visitor.go(`${doors}/plan#ready`);
    await visitor.sees('Cleaned and dry where the round found it was not: Outer faces.');
    await visitor.go(`${doors}/check#look`);
    await visitor.press('Look there again');
    await visitor.press('Clean and dry');
    await visitor.go(`${doors}/plan#ready`);
    await visitor.sees('Ready to spray?');
    expect(await visitor.text('main')).not.toContain('Cleaned and dry where the round found');
  });

  it('walks a mirror round by round, holds it for a bare spot, and asks once whether it is what was agreed', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${brackets}/plan#part`);
    await visitor.open(/^Cast iron/);
    await visitor.choose('Accept on', 'Mirror');
    await visitor.go(`${brackets}/check#look`);
    await visitor.press('A bare spot');
    await visitor.sees('▲ open', '[data-misses]');
    await visitor.press(/^The other 2 of this round/);
    await visitor.press('Hides');
    await visitor.sees('How many specks and fibres stand in it?');
    for (let i = 0; i < 9; i += 1) await visitor.press('One of specks more');
    await visitor.press('Counted');
    await visitor.sees(/■ 9 specks and fibres/, '[data-dust]');
    await visitor.press('None');
    await visitor.press('Even');
    await visitor.press('Even');
    await visitor.press('Bent in long waves');
    await visitor.sees('Long waves are the ground’s', '[data-found]');
    await visitor.sees(/Everything is looked at: \d places not as it should be/, '[data-walked]');
    // With faults standing nobody is asked to say yes.
    expect(await visitor.text('main')).not.toContain('It is a mirror');
    await visitor.press('Touched up');
    await visitor.sees('✓ touched up', '[data-misses]');
    await visitor.reload();
    await visitor.sees('✓ touched up', '[data-misses]');
    await visitor.sees(/■ 9 specks and fibres/, '[data-dust]');
  });

  it('reads a guide coat, and never digs a high place', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', `${brackets}/check#look`);
    await visitor.open(/^Highs and lows by guide coat/);
    await visitor.press('Row 1, column 1: level');
    await visitor.press('Record round 1');
    await visitor.sees('▲ There is no film left to sand off.', '[data-sand-next]');
    await visitor.press('Row 2, column 2: level');
    await visitor.press('Row 2, column 2: low');
    await visitor.press('Row 3, column 3: level');
    await visitor.press('Record round 2');
    await visitor.sees('Do not dig the high ones', '[data-sand-next]');
  });
});

describe('people', () => {
  it('are taken from the records, renamed with their past, and say who may leave what out', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/practice#people');
    await visitor.press('Add Rook');
    await visitor.sees(/coats take \d\.\d\d times their trigger time/, '[data-people]');
    await visitor.open(/^Name, what may be left out/);
    await visitor.type('Name', 'Rook the elder');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('Formerly Rook', '[data-people]');
    await visitor.sees(/coats take \d\.\d\d times their trigger time/, '[data-people]');
    await visitor.go(`${doors}/plan#day`);
    await visitor.choose('Whose hand', 'Rook the elder');
    await visitor.sees(/Coats take \d\.\d\d times the trigger time, from 3 coats/);
    await visitor.go(`${doors}/plan#ready`);
    await visitor.press('Not needed');
    await visitor.sees('Rook the elder may leave this out.');
  });
});
