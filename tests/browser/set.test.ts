import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Browser } from 'puppeteer-core';
import { photograph, poseOf } from '../../bench/card/camera';
import { sceneOf } from '../../bench/card/scene';
import { launch, temporaryFile, Visitor } from './driver';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** A simulated card as a file of so many pixels, drawn larger by the browser itself. */
async function cardFile(visitor: Visitor, fault: string, width: number): Promise<string> {
  await visitor.choose('Simulated camera, gun is', fault);
  await visitor.press('Simulate a card');
  await visitor.page.waitForSelector('[data-card-read] img');
  const data = await visitor.page.evaluate(async (wide) => {
    const image = document.querySelector('[data-card-read] img') as HTMLImageElement;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = wide;
    canvas.height = Math.round((wide * image.naturalHeight) / image.naturalWidth);
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    return canvas.toDataURL('image/jpeg', 0.9);
  }, width);
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'fluorite-')), 'card.jpg');
  fs.writeFileSync(file, Buffer.from(data.split(',')[1] ?? '', 'base64'));
  return file;
}

const chooseFile = async (visitor: Visitor, file: string) => {
  const input = await visitor.page.waitForSelector('input[aria-label="Choose a photo"]');
  await (input as { uploadFile: (file: string) => Promise<void> } | null)?.uploadFile(file);
};

describe('Set', () => {
  it('reads a card from a photo of twelve megapixels to a pattern saved with the rig', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    const file = await cardFile(visitor, 'Heavy centre', 3000);
    await visitor.go('/job/demo-livery-panels/set#card');
    // A picture read on the page itself would leave no room for its clock.
    await visitor.page.evaluate(() => {
      const beats = { during: 0 };
      (window as unknown as { beats: typeof beats }).beats = beats;
      setInterval(() => {
        if (document.querySelector('[role=status] progress')) beats.during += 1;
      }, 5);
    });
    await chooseFile(visitor, file);
    await visitor.sees(/Heavy centre, \d+ % sure\./, '[data-card-read]');
    // 260 mm of fan, its ends thin: a tenth of the middle lies well inside.
    await visitor.sees(/Fan\s+(1[6-9]|2[0-3])\d mm/, '[data-card-read]');
    expect(
      await visitor.page.evaluate(() => (window as unknown as { beats: { during: number } }).beats.during),
    ).toBeGreaterThan(3);
    await visitor.press('Keep this card');
    await visitor.sees('Heavy centre. A little more air, or a little less fluid.', '[aria-label="Next"]');
    await visitor.go('/rigs/demo-gravity');
    await visitor.sees(/Heavy centre, (1[6-9]|2[0-3])\d mm wide at 2\.00 bar/, '[data-patterns]');
  });

  it('keeps a read card on screen until what keeps people whole is gone through', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    await visitor.choose('Simulated camera, gun is', 'Heavy centre');
    await visitor.press('Simulate a card');
    await visitor.sees(/Heavy centre, \d+ % sure\./, '[data-card-read]');
    await visitor.page.$$eval('[data-card-read] button', (buttons) =>
      buttons.forEach((each) => each.innerText === 'Keep this card' && each.click()),
    );
    await visitor.page.waitForSelector('[role="dialog"] [data-safe]');
    await visitor.page.keyboard.press('Escape');
    await visitor.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
    // Left: nothing is said to be kept, and nothing is lost.
    expect(await visitor.text('body')).not.toContain('Kept with');
    await visitor.press('Keep this card');
    await visitor.sees('Kept with');
    await visitor.sees('Heavy centre. A little more air, or a little less fluid.', '[aria-label="Next"]');
  });

  it('reads a card that lies turned and aslant on a bench, light film on a dark card', async () => {
    const scene = sceneOf('turned', { fault: 'one-sided', square: true });
    const pose = { ...poseOf('turned'), turn: 13, tiltX: 8, tiltY: -9, fills: 0.8 };
    const dark = { paper: [40, 42, 46], paint: [232, 230, 222], ink: [236, 236, 234] } as const;
    const { data, width, height } = photograph({ ...scene, stock: dark }, pose, 'turned');
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    const jpeg = await visitor.page.evaluate(
      (pixels, w, h) => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [w, h];
        const bytes = Uint8ClampedArray.from(atob(pixels), (each) => each.charCodeAt(0));
        canvas.getContext('2d')!.putImageData(new ImageData(bytes, w, h), 0, 0);
        return canvas.toDataURL('image/jpeg', 0.85);
      },
      Buffer.from(data).toString('base64'),
      width,
      height,
    );
    const file = temporaryFile('turned.jpg', Buffer.from(jpeg.split(',')[1] ?? '', 'base64'));
    await chooseFile(visitor, file);
    await visitor.sees(/One-sided, \d+ % sure/, '[data-card-read]');
    const said = await visitor.page.$eval('[data-card-read]', (panel) => panel.textContent);
    const fan = Number(/Fan\s*(\d+)\s*mm/.exec(said)?.[1]);
    expect(Math.abs(fan / (scene.width * 1000) - 1)).toBeLessThan(0.06);
  });

  it('refuses what is no card: a text file, a blank picture', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    await chooseFile(visitor, temporaryFile('notes.jpg', 'not a picture at all'));
    await visitor.sees('This file is no picture. Choose a photo of the card', '[data-card-read]');
  });

  it('a card without the printed square is scaled by two taps and the length between them', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    const file = await cardFile(visitor, 'Even and fine', 900);
    // The square is painted over with the paper beside it.
    const bare = await visitor.page.evaluate(
      async (data) => {
        const image = new Image();
        image.src = data;
        await image.decode();
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [image.width, image.height];
        const context = canvas.getContext('2d')!;
        context.drawImage(image, 0, 0);
        context.drawImage(
          image,
          image.width * 0.3,
          0,
          image.width * 0.2,
          image.height * 0.12,
          0,
          0,
          image.width * 0.2,
          image.height * 0.12,
        );
        return canvas.toDataURL('image/jpeg', 0.92);
      },
      `data:image/jpeg;base64,${fs.readFileSync(file).toString('base64')}`,
    );
    fs.writeFileSync(file, Buffer.from(bare.split(',')[1] ?? '', 'base64'));
    await chooseFile(visitor, file);
    await visitor.sees('Tap two points', '[data-card-read]');
    const picture = (await visitor.page.$('[data-card-read] svg'))!;
    await picture.scrollIntoView();
    const box = (await picture.boundingBox())!;
    // From edge to edge of the picture’s height: a little over a third of a metre.
    await visitor.page.mouse.click(box.x + box.width / 2, box.y + 2);
    await visitor.page.mouse.click(box.x + box.width / 2, box.y + box.height - 2);
    await visitor.type('2 of 2 points tapped. They are apart', '380');
    await visitor.press('Read it');
    await visitor.sees(/Even and fine, \d+ % sure/, '[data-card-read]');
    await visitor.sees(/Fan\s+2\d\d mm/, '[data-card-read]');
  });

  it('says what to do when there is no camera', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    await visitor.press('Take a photo');
    await visitor.sees(/hoose a photo/, '[role=dialog]');
  });

  it('climbs a pressure ladder and goes back one', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#card');
    await visitor.type('Each step', '0.1');
    await visitor.page.keyboard.press('Enter');
    const rung = async (at: string, yes: readonly string[]) => {
      await visitor.type('Card sprayed at', at);
      for (const question of yes) await visitor.page.click(`::-p-xpath(//label[contains(., "${question}")])`);
      await visitor.press('Note this card');
    };
    await rung('1.8', ['Is it wet']);
    await visitor.sees('It improved. Spray the next card at 1.90 bar.', '[data-ladder]');
    await rung('1.9', ['Is it wet', 'free of large drops', 'Are the ends soft']);
    await visitor.sees('Spray the next card at 2.00 bar.', '[data-ladder]');
    await rung('2.0', ['Is it wet', 'free of large drops']);
    await visitor.sees('Go back to 1.90 bar: more only makes mist.', '[data-ladder]');
  });

  it('shows what one lever does, sets both schools, and takes a change back', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set');
    await visitor.sees('Drop size', '[data-effects]');
    await visitor.type('Distance', '260');
    await visitor.sees(/Transfer as set\s+estimate\s+48 %/, '[data-effects]');
    await visitor.press('Reduced air and fluid, closer in');
    await visitor.sees('on the aim');
    await visitor.open(/^Read and set/);
    await visitor.type('Fluid knob, turns', '1.75');
    await visitor.press('Record this setting');
    await visitor.part('Card');
    await visitor.sees('What was changed last');
    await visitor.sees('things changed at once: no card can tell which of them did it.');
    await visitor.press('Go back to what it was');
    await visitor.sees('Spray a test card and look at it.');
    await visitor.part('The gun');
    const fluid = await visitor.page.$eval(
      '::-p-aria([name="Fluid"])',
      (field) => (field as HTMLInputElement).value,
    );
    expect(fluid).toBe('190');
  });

  it('refuses a mixed set, and says what would restore the film', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set');
    await visitor.open(/^Fitted/);
    await visitor.sees('one set, 1.3 mm');
    await visitor.choose('Needle', 'N 1.4');
    await visitor.sees(/belongs to another; fit/);
    await visitor.choose('Nozzle', 'F 1.4');
    await visitor.sees('one set, 1.4 mm');
    await visitor.press('The film');
    await visitor.type('Fluid', '260');
    await visitor.sees(/To bring the film back:.*move at/, '[data-restore]');
  });

  it('asks for a card again after a refill, and says why', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/spray');
    await visitor.press('Cup filled again');
    await visitor.go('/job/demo-livery-panels/set');
    await visitor.sees('The cup was filled again since the last one', '[aria-label="Next"]');
  });

  it('warms a turbine, finds its distance by three cards, and asks for a card after a fall', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-saloon-doors/set');
    const next = '[aria-label="Next"]';
    await visitor.press('Set like this');
    await visitor.part('Card');
    await visitor.sees('Let the turbine run five minutes.', next);
    await visitor.press('Turbine on');
    await visitor.sees(/The turbine is warm from \d/, next);
    await visitor.open(/^Find the distance/);
    // The five questions of each card, the middle the best of the three.
    for (const [says, yes] of [
      ['Card 1 of 3: spray it from 175 mm', 5],
      ['Card 2 of 3: spray it from 150 mm', 4],
      ['Card 3 of 3: spray it from 200 mm', 2],
    ] as const) {
      await visitor.sees(says, '[data-distance-search]');
      await visitor.page.$$eval(
        '[data-distance-search] input[type=checkbox]',
        (boxes, n) => boxes.slice(0, n).forEach((box) => (box as HTMLInputElement).click()),
        yes,
      );
      await visitor.press('Keep this score');
    }
    await visitor.sees(/Best from 169 mm/, '[data-distance-search]');
    await visitor.press('Set it so, and keep it for this gun');
    await visitor.sees('169 mm was best with this gun');
    await visitor.part('The gun');
    const lever = (name: string) =>
      visitor.page.$eval(
        `::-p-aria([name="${name}"][role="textbox"])`,
        (field) => (field as HTMLInputElement).value,
      );
    expect(await lever('Distance')).toBe('169');
    // Half the trigger lets half through, and the pace answers.
    const [fluid, speed] = [Number(await lever('Fluid')), Number(await lever('Speed'))];
    await visitor.type('Trigger', '60');
    await visitor.page.waitForFunction(
      (was) =>
        Number((document.querySelector('[data-lever="Fluid"] input') as HTMLInputElement).value) < was * 0.7,
      {},
      fluid,
    );
    expect(Number(await lever('Speed')) / speed).toBeCloseTo(0.6, 1);
    await visitor.part('Card');
    await visitor.open(/^Does it arrive wet/);
    await visitor.page.$eval('[data-arrival] button:last-child', (dry) => (dry as HTMLButtonElement).click());
    await visitor.sees('Dry, dusty. Come closer', next);
    await visitor.open(/^Did it have a fall/);
    await visitor.press('The needle was dropped');
    await visitor.sees('The gun had a fall since the last one', next);
  });

  it('tells the wall gauge, the tank and the water of an air line', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-livery-panels/set#air');
    await visitor.sees(
      /Set the wall to 2\.5\d bar with the trigger pulled: the gun then has 2\.00 bar at its inlet\./,
      '[data-wall]',
    );
    await visitor.sees('a hose of 10.0 mm');
    await visitor.go('/job/demo-saloon-doors/set');
    await visitor.type('Pressure', '0.9');
    await visitor.sees(/ends at 0\.52 bar|An HVLP cap ends at 0\.69 bar/);
  });

  it('compares tips, checks the pump, and prices a worn one', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/job/demo-depot-walls/set#which');
    await visitor.open(/^Side by side/);
    await visitor.type('Tip codes to compare', '417, 817, 9');
    await visitor.sees('“9” is not a tip code.');
    await visitor.type('Tip codes to compare', '417, 817');
    // One orifice, twice the fan: the same flow, half the film.
    await visitor.sees(
      /417\s+203 mm\s+1020 mL\/min\s+139 µm[\s\S]*817\s+40[67] mm\s+1020 mL\/min\s+(69|70) µm/,
      '[data-tips]',
    );
    await visitor.sees('The pump keeps up');
    await visitor.type('Fan of 517 now, at 305\u00a0mm', '180');
    await visitor.sees('Renew it: a quarter is gone.');
    // 1.5 times what a new tip gives.
    await visitor.type('Or timed: caught', '1.53 L');
    await visitor.type('In', '60');
    await visitor.sees(/flow 1\.5\d × of a new tip, timed/);
    await visitor.type('Or timed: caught', '');
    await visitor.type('Fan of 517 now, at 305\u00a0mm', '400');
    await visitor.sees('A worn tip sprays narrower, not wider.');
  });

  it('calibrates a rig by a weighed gun', async () => {
    const visitor = await Visitor.arrive(browser, 'demo', '/rigs/demo-gravity');
    await visitor.open('Calibrate the flow');
    await visitor.type('Gun before', '812');
    await visitor.type('Gun after', '702');
    await visitor.type('In', '30');
    // 110 g of 1.10 kg/L in 30 s
    await visitor.sees(/200 mL\/min ± \d+ %: driven by \d\.\d+ bar/, '[data-calibrated]');
    await visitor.press('Use it for this gun');
    await visitor.sees('Bay 2 gravity gun is calibrated.');
    await visitor.type('Gun before', '812');
    await visitor.type('Gun after', '900');
    await visitor.type('In', '30');
    await visitor.sees('The gun must weigh less after spraying than before.');
  });
});
