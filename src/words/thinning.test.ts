import { priorBelief } from '@/core/thinning';
import { celsius } from '@/core/climate';
import { flowCup, secondsFromViscosity, viscosityFromSeconds } from '@/core/cups';
import type { Job, NewEntry, PlannedCoat } from '@/records';
import type { JobView } from '@/facts/job';
import {
  aJob,
  changed,
  coatsChanged,
  colour,
  fitRoom,
  ford,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  reading,
  seen,
  trueSeconds,
  water,
} from '../../tests/fixtures/job';
import { unitsOf } from './units';
import { bandWords } from './thin';
import { nextLine } from './nextline';
import { stripCells } from './strip';

const metric = unitsOf('metric');
const us = unitsOf('us');
const plain = (text: string | undefined) => (text ?? '').replace(/\u00a0/g, ' ');
const thin = (view: JobView, units = metric) => {
  const line = nextLine(view, 'thin', units);
  return { ...line, says: plain(line.says), detail: plain(line.detail) };
};
const cell = (view: JobView) => stripCells(view, metric).find(({ stage }) => stage === 'thin');
const labels = (view: JobView) => nextLine(view, 'thin', metric).because.map(({ label }) => plain(label));

const thick = logged(
  aJob(),
  [-60, fitRoom],
  [-55, mixedLacquer],
  [-50, reading(trueSeconds(0))],
  [-49, reading(trueSeconds(0))],
);
const inBand = logged(
  thick,
  [-45, water(0.13)],
  [-40, reading(trueSeconds(0.13))],
  [-39, reading(trueSeconds(0.13))],
);
const first = (job: Job, thinning: PlannedCoat['thinning']): Job =>
  coatsChanged(job, (_, i) => (i === 0 ? { thinning } : {}));

describe('how an addition is measured', () => {
  it('by a running total on the scale', () => {
    const { says, big } = thin(seen(thick));
    expect(says).toBe(`Add ${big.number} g water. Scale reads ${2000 + Number(big.number)} g.`);
  });

  it('by a scale that is tared each time', () => {
    const { says, big } = thin(seen(changed(thick, { approach: { measure: 'tare' } })));
    expect(says).toBe(`Tare the scale, then add ${big.number} g water.`);
  });

  it('by the marks of a pot, in whole marks', () => {
    const { says, big, tap } = thin(
      seen(changed(thick, { approach: { measure: 'pot' } }), { shop: { potStep: 10e-6 } }),
    );
    expect(big.unit).toBe('mL');
    expect(Number(big.number) % 10).toBe(0);
    // 2 kg at 1.04 is 1.923 L.
    const mark = (1.9231 + Number(big.number) / 1000).toFixed(3);
    expect(says).toBe(`Fill up with ${big.number} mL water, to the ${mark} L mark.`);
    expect(tap?.does).toMatchObject({ kind: 'log', entries: [{ type: 'addition', what: 'water' }] });
  });

  it('tells what it does to the mix, in either system', () => {
    expect(labels(seen(thick))).toEqual(
      expect.arrayContaining([
        'Solids after it, by volume',
        'VOC after it, as applied',
        'Wet film then for the aim',
        'Thinner still allowed',
        'Gloss',
        'This step',
      ]),
    );
    expect(thin(seen(thick), us).says).toMatch(/^Add [\d.]+ oz water\. Scale reads \d+\slb [\d.]+ oz\.$/);
  });

  it('names the approach behind a step, and the earlier batches behind a belief', () => {
    const step = seen(changed(thick, { approach: { thinBy: { kind: 'mass-steps', step: 0.01 } } }));
    const facts = nextLine(step, 'thin', metric).because;
    expect(facts).toContainEqual({ label: 'This step', value: 'one step of the approach' });
    const lesson = priorBelief(124e-6, 0.03, 1e-6, 'unknown', { median: 8.7, sd: 0.05 }).start;
    const taught = nextLine(seen(thick, { lessons: () => [lesson] }), 'thin', metric).because;
    expect(taught).toContainEqual(expect.objectContaining({ label: 'Based on', value: '1 earlier batch' }));
  });
});

describe('a pot that reads in the band', () => {
  const iso = { ...ford, id: 'iso', name: 'ISO 4', standardId: 'iso-4' };
  const inIso = (degrees: number) => {
    const seconds = secondsFromViscosity(
      flowCup('iso-4')!,
      viscosityFromSeconds(flowCup('ford-4')!, trueSeconds(0.13)) as number,
    ) as number;
    const one = (by: number) => ({ ...(reading(seconds + by, degrees) as object), cupId: 'iso' }) as NewEntry;
    return seen(logged(thick, [-40, water(0.13)], [-35, one(0)], [-34, one(0.1)]), { cups: [ford, iso] });
  };

  it('by another cup than the band’s is not called certain, and says what would settle it', () => {
    const line = thin(inIso(23));
    expect(line.tone).toBe('care');
    expect(line.says).toMatch(/^Read in the band, and \d+\s% sure of it\./);
    expect(line.detail).toContain('the conversion between cups: time it in Ford');
  });

  it('in the band’s own cup and warmth is', () => {
    const own = logged(
      thick,
      [-40, water(0.13)],
      [-35, reading(trueSeconds(0.13))],
      [-34, reading(trueSeconds(0.13) + 0.1)],
    );
    expect(thin(seen(own))).toMatchObject({ tone: 'good', says: 'In the band. Strain it and fill the gun.' });
  });
});

describe('coats with their own recipe', () => {
  it('neat goes on unthinned', () => {
    const view = seen(first(thick, { by: 'neat' }));
    expect(thin(view)).toMatchObject({
      says: 'This coat goes on unthinned. Strain it and fill the gun.',
      tone: 'good',
    });
    expect(cell(view)).toMatchObject({ number: 'neat', tone: 'good' });
  });

  it('an extra within the sheet is said after the band', () => {
    const view = seen(first(inBand, { by: 'extra', extra: 0.02 }));
    expect(thin(view).says).toMatch(
      /^In the band\. Extra for lacquer 1: add 40 g water\. Scale reads 2170 g\.$/,
    );
    expect(cell(view)?.state).toBe('extra for this coat');
    expect(nextLine(view, 'thin', metric).tap?.does).toMatchObject({
      entries: [{ type: 'addition', coatId: 'lacquer-1', mass: expect.closeTo(0.04, 9) }],
    });
  });

  it('past the sheet it asks for a trial piece, then marks what is added', () => {
    const off = first(inBand, { by: 'extra', extra: 0.09 });
    expect(thin(seen(off))).toMatchObject({
      says: 'Off the sheet: spray a trial piece before lacquer 1.',
      tone: 'stop',
    });
    expect(cell(seen(off))?.state).toBe('trial piece first');
    const tried = seen(logged(off, [-5, { type: 'trial', coatId: 'lacquer-1', text: 'fine' }]));
    expect(thin(tried).tone).toBe('care');
    expect(nextLine(tried, 'thin', metric).tap?.does).toMatchObject({ entries: [{ offSheet: true }] });
  });
});

describe('when not to thin', () => {
  it('a two-part mix that has doubled is discarded', () => {
    const sheet = { ...colour, target: { cupId: 'ford-4', min: 19, max: 24, temperature: celsius(20) } };
    const timed = (seconds: number) =>
      ({ ...(reading(seconds, 20) as object), batchId: 'c' }) as ReturnType<typeof reading>;
    const job = logged(
      aJob([sheet]),
      [-60, mixedColour()],
      [-58, timed(27)],
      [-57, timed(27.2)],
      [-5, timed(60)],
      [-4, timed(60.5)],
    );
    const view = seen(job);
    expect(thin(view)).toMatchObject({
      says: 'Do not thin this mix. It is curing: discard it.',
      tone: 'stop',
    });
    expect(cell(view)).toMatchObject({ state: 'curing', tone: 'stop' });
    expect(nextLine(view, 'thin', metric).tap?.does).toMatchObject({ entries: [{ type: 'discard' }] });
  });

  it('at the sheet’s maximum it says what to do instead, warming first where that helps', () => {
    const sheet = { ...lacquer, thinning: { ...lacquer.thinning, maximum: 0.01 } };
    const full = logged(
      aJob([sheet]),
      [-60, fitRoom],
      [-55, mixedLacquer],
      [-45, water(0.02)],
      [-40, reading(26)],
      [-39, reading(26)],
    );
    const { says, detail } = thin(seen(full));
    expect(says).toBe('The sheet’s maximum is reached, still above the band.');
    expect(detail).toMatch(/^Do not go on\. Warm it to 2\d(\.\d)? °C: it then sprays like 23\.0 s\./);
  });

  it('warm and right as it is: nothing is added, and both temperatures are told', () => {
    const at = (seconds: number, degrees: number) =>
      thin(
        seen(
          logged(
            aJob(),
            [-60, fitRoom],
            [-55, mixedLacquer],
            [-40, reading(seconds, degrees)],
            [-39, reading(seconds, degrees)],
          ),
        ),
      );
    const warm = at(23.5, 30);
    expect(warm.says).toBe('In the band as it is, at 30 °C. Strain it and fill the gun.');
    expect(warm.detail).toMatch(/^It would read 2\d\.\d s at 23 °C: warm thin paint is not thinned paint\./);
    expect(warm.tone).toBe('care');
    expect(at(28.3, 14).says).toBe('Right for 23 °C, but it is at 14 °C: warm it before it is sprayed.');
    expect(at(23, 23).tone).toBe('good');
  });

  it('a stick test is asked about by no watch', () => {
    const stick = { type: 'stick', batchId: 'b', sign: 'drips-steady', temperature: celsius(23) } as const;
    const view = seen(logged(aJob(), [-60, mixedLacquer], [-50, stick]));
    expect(thin(view).says).not.toContain('Time the cup');
  });
});

describe('bands in words', () => {
  it('are whole seconds where they are, and tenths where not', () => {
    const cup = seen(thick).thin.band!.cup;
    expect(plain(bandWords({ cup, min: 21, max: 25 }))).toBe('21–25 s');
    expect(plain(bandWords({ cup, min: 21.234, max: 25.5 }))).toBe('21.2–25.5 s');
  });
});
