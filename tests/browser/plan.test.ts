import type { Browser } from 'puppeteer-core';
import { launch, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const undo = async ({ page }: Visitor, redo = false) => {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.down('Control');
  if (redo) await page.keyboard.down('Shift');
  await page.keyboard.press('z');
  if (redo) await page.keyboard.up('Shift');
  await page.keyboard.up('Control');
};

describe('Plan', () => {
  it('a film outside the sheet’s limits is said beside the field and stops the job; undo takes it back', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#stack');
    await visitor.sees('The plan asks for 9.03 L for 3 coats.');
    await visitor.open('1. First');
    await visitor.type('Dry film', '60');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('The sheet allows 25–35 µm.');
    await visitor.sees('A coat is planned thicker than the sheet allows.');
    expect(await visitor.cell('plan')).toContain('not fit to spray');
    await undo(visitor);
    await visitor.sees('The plan asks for 9.03 L for 3 coats.');
    expect(await visitor.text('main')).not.toContain('The sheet allows');
    await undo(visitor, true);
    await visitor.sees('A coat is planned thicker than the sheet allows.');
  });

  it('a film may be typed in any unit, and nothing is kept before the field is left', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#stack');
    await visitor.open('1. First');
    await visitor.type('Dry film', '1.3 mil');
    await visitor.sees('The plan asks for 9.03 L for 3 coats.');
    await visitor.page.keyboard.press('Tab');
    // 1.3 mil is 33.0 µm, 106 µm wet at 31.3 %
    await visitor.sees('106 µm');
    expect(
      await visitor.page.$eval('::-p-aria([name="Dry film"])', (field) => (field as HTMLInputElement).value),
    ).toContain('33.02');
  });

  it('what cannot be read stays in the field and changes nothing', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#stack');
    await visitor.open('1. First');
    for (const [typed, says] of [
      ['thick', 'is not a number'],
      ['-5', 'cannot be below zero'],
      ['20 psi', 'psi is a unit of pressure'],
      ['12 furlongs', 'is not a unit known here'],
    ] as const) {
      await visitor.type('Dry film', typed);
      await visitor.page.keyboard.press('Tab');
      await visitor.sees(says);
      expect(
        await visitor.page.$eval(
          '::-p-aria([name="Dry film"])',
          (field) => (field as HTMLInputElement).value,
        ),
      ).toBe(typed);
    }
    await visitor.sees('The plan asks for 9.03 L for 3 coats.');
  });

  it('coats and faces are added, changed and removed', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#stack');
    await visitor.press('Add a coat');
    await visitor.sees('The coats together stay thicker than the sheet allows.');
    await visitor.open('4. Coat 4');
    await visitor.press('Remove coat 4');
    await visitor.sees('The plan asks for 9.03 L for 3 coats.');
    await visitor.part('Part');
    await visitor.press('Add a face');
    await visitor.sees('12.2 m²', 'header');
    await visitor.press('Remove Face');
    await visitor.sees('11.2 m²', 'header');
    await visitor.open('Outer faces');
    await visitor.type('Count', '2');
    await visitor.page.keyboard.press('Enter');
    await visitor.sees('8.4 m²', 'header');
    await visitor.type('Width', '24 in');
    await visitor.page.keyboard.press('Tab');
    await visitor.sees('8.0 m²', 'header');
  });

  it('another ground is called so everywhere, and only what can be etched is asked about', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-truck-frames/plan');
    const box = '::-p-aria([name="Etched before the first coat, as its sheet asks"][role="checkbox"])';
    const etched = () => visitor.page.$eval(box, (each) => (each as HTMLInputElement).checked);
    await visitor.press(/^Say otherwise$|Blasted steel/);
    expect(await visitor.page.$(box)).toBeNull();
    await visitor.press('Aluminium');
    await visitor.sees('Part: Aluminium');
    expect(await etched()).toBe(true);
    await visitor.press('Steel');
    await visitor.sees('Part: Steel');
    expect(await etched()).toBe(false);
    await visitor.page.click(box);
    await visitor.reload();
    await visitor.press(/^Say otherwise$|^Steel/);
    expect(await etched()).toBe(true);
  });

  it('the school of overlap changes spacing and layers everywhere', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/plan#paint');
    await visitor.sees('Strokes 118 mm apart: 2.0 layers of film.');
    await visitor.press('75 %');
    await visitor.sees('Strokes 59 mm apart: 4.0 layers of film.');
    await visitor.go('/job/demo-saloon-doors/set');
    await visitor.sees('strokes 59 mm apart');
  });
});

describe('Set', () => {
  it('levers hold the film together, and say so when they cannot', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/set');
    await visitor.sees('on the aim');
    await visitor.type('Fluid', '200');
    await visitor.sees('on the aim');
    const speed = () =>
      visitor.page.$eval('::-p-aria([name="Speed"][role="textbox"])', (field) =>
        Number((field as HTMLInputElement).value),
      );
    expect(await speed()).toBeLessThan(0.2);
    await visitor.press('The film');
    await visitor.type('Speed', '0.4');
    await visitor.sees(/\d+ % too little/);
    await visitor.type('Pressure', '2 bar');
    await visitor.sees('Four-stage turbine, cup gun ends at 0.52 bar.');
  });

  it('a faulty card names one change and asks for another card', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/set');
    await visitor.doNext();
    await visitor.part('Card');
    for (const [verdict, says] of [
      ['One-sided', 'Turn the cap half round.'],
      ['Coarse drops', 'One step more air'],
      ['Dry, dusty', 'Come closer'],
    ] as const) {
      await visitor.press(verdict);
      await visitor.sees(says);
      expect(await visitor.cell('set')).toContain(verdict.toLowerCase());
    }
  });
});
