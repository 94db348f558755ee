import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';
import { newJob } from './newjob';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const litres = async (visitor: Visitor) =>
  Number(/asks for ([\d.]+) L/.exec(await visitor.text('[aria-label="Next"]'))?.[1]);

describe('Quantity', () => {
  it('counts both sides, mouldings, thirst, cards and reserve, and says where it goes', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan');
    await visitor.sees('The plan asks for 9.03 L for 3 coats.');
    await visitor.open('Outer faces');
    await visitor.choose('Sides', 'Both');
    // Half of the doors twice: 16.8 m² instead of 11.2.
    await visitor.sees('16.8 m²', 'header');
    await visitor.choose('Sides', 'One');
    await visitor.sees('11.2 m²', 'header');
    await visitor.type('Shape', '1.5');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('14.0 m²', 'header');
    await visitor.type('Shape', '1');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('asks for 9.03 L');
    await visitor.part('Paint');
    await visitor.open('Reckoned with');
    await visitor.type('Soaks in', '50');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees(/drunk by it\s+0\.56 L/);
    // 11.2 m² × 50 mL ÷ 0.55, and a fifth in reserve: 1.22 L more.
    await visitor.page.waitForFunction(() => document.body.innerText.includes('asks for 10.2'));
    expect(await litres(visitor)).toBeCloseTo(10.25, 1);
    await visitor.sees('cannot be blended: running out means the whole face again');
    const reason = await visitor.page.$eval(
      '::-p-aria([name="Reason for the reserve"])',
      (field) => (field as HTMLInputElement).value,
    );
    expect(reason).toBe('No blending into a dry edge on a door');
  });

  it('splits into batches that fit the pot, each with its time, and tells the fills of a face', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#paint');
    await visitor.sees(
      /Outer faces: \d+ mL a face and coat\. One fill of \d+ mL does 3; refill between faces\./,
      '[data-fills]',
    );
    await visitor.open('Reckoned with');
    await visitor.type('The pot holds', '3');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('4 batches');
    await visitor.sees(
      /\d\d:\d\d\s+Mix batch 2: .*\s+empty by .*\d\d:\d\d; the pot is full/,
      '[data-batches]',
    );
    await visitor.type('The pot holds', '100 mL');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees(/alone takes \d\.\d\d L, the pot holds 0\.10 L\. Use a larger pot\./);
  });
});

describe('the shelf', () => {
  it('leftover mix goes into another job of the same coating, and keeps its age', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/new');
    await newJob(visitor, {
      name: 'Spare door',
      ground: 'Wood',
      width: '0.7',
      height: '2',
      product: 'Satin lacquer W20 Water-borne lacquer',
      gun: 'Four-stage turbine',
    });
    await visitor.sees('Spare door', 'h1');
    await visitor.page.keyboard.press('2');
    await visitor.sees(/Pour W20/);
    await visitor.part('How much');
    await visitor.sees('Use mix left over from');
    await visitor.sees(/Mixed at \d\d:\d\d: it keeps its age/);
    await visitor.type('How much of it', '99999');
    await visitor.sees('There was less than that.');
    await visitor.type('How much of it', '200');
    await visitor.press('Put it in first');
    await visitor.sees(/Pour W20 satin lacquer until the scale reads \d+ g/);
    await visitor.doNext();
    await visitor.page.keyboard.press('2');
    await visitor.sees(/Leftover in it from\s+Saloon doors, car 6/, '[aria-label="Because"]');
  });

  it('a sheet is duplicated, found again, and reminds of its next check', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/settings');
    await visitor.type('Check each coating sheet again after', '14');
    await visitor.page.keyboard.press('Enter');
    await visitor.go('/coatings');
    await visitor.sees('▲ recheck due');
    await visitor.type('Search', 'peroxide');
    await visitor.sees('Shell gel coat G7');
    expect(await visitor.text('main')).not.toContain('Bracket enamel');
    await visitor.go('/coatings/demo-shell-gelcoat');
    await visitor.sees('Recheck due since');
    await visitor.press('Checked today, nothing changed');
    await visitor.page.waitForFunction(() => !document.body.innerText.includes('Recheck due since'));
    await visitor.press('Sheet menu');
    await visitor.press('Duplicate');
    await visitor.sees('Shell gel coat G7, copy', 'h1');
  });

  it('a looked-into can counts from then on', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/coatings/demo-bracket-enamel');
    await visitor.sees(/Q3-902[\s\S]*12\.07 L left/, '[aria-label="Cans on the shelf"]');
    await visitor.press(/^Q3-902/);
    await visitor.type('Left in it', '11.5');
    await visitor.type('Lot', '');
    await visitor.press('Save');
    await visitor.sees('What does the can say?');
    await visitor.type('Lot', 'Q3-902');
    await visitor.press('Save');
    await visitor.sees(/11\.50 L left/, '[aria-label="Cans on the shelf"]');
    await visitor.reload();
    await visitor.sees(/11\.50 L left/, '[aria-label="Cans on the shelf"]');
  });
});
