import { allCauses, causes } from '@/core/permission';
import { celsius } from '@/core/climate';
import type { ToldItem } from '@/facts/job';
import { aJob, logged, readyToSpray, seen, start } from '../../tests/fixtures/job';
import { itemWords } from './remedies';
import { openWords } from './permission';
import { nextLine } from './nextline';
import { tooEarlyWords } from './tooearly';
import { unitsOf } from './units';

const metric = unitsOf('metric');
const us = unitsOf('us');
const told = (cause: (typeof allCauses)[number], more: Partial<ToldItem> = {}): ToldItem => ({
  by: 'record',
  id: 'x',
  group: 'room',
  met: false,
  cause,
  ...causes[cause],
  ...more,
});

describe('the permission list in words', () => {
  it('asks nothing more of the coat that is going on, and Plan tells of the pot instead of asking for one', () => {
    const ready = readyToSpray();
    expect(openWords(seen(logged(ready, [0, start(ready.layers[0]!.coats[0]!.id)])))).toBe(
      'being sprayed now',
    );
    const line = nextLine(seen(ready), 'plan', metric);
    expect(line.says).toMatch(/^2\.\d+\sL in the pot\.$/);
    expect(line.detail).toMatch(/^The plan asks for \d/);
  });

  it('says every cause, its limit and its remedies, with nothing left unfilled, in both unit systems', () => {
    const view = seen(readyToSpray());
    for (const cause of allCauses)
      for (const units of [metric, us])
        for (const more of [
          {},
          { found: 0.35, min: 0.4, max: 0.7, quantity: 'share' as const, until: view.now },
        ]) {
          const { says, limit, remedies } = itemWords(told(cause, more), view, units);
          expect([cause, remedies.length > 0 && says.length > 8]).toEqual([cause, true]);
          for (const text of [says, limit, ...remedies]) expect(text).not.toMatch(/[{}]|undefined|NaN/);
        }
  });

  it('tells what a remedy would change: humidity, minutes and water', () => {
    const dry = { air: celsius(20), part: celsius(20), humidity: 0.35 };
    const view = seen(logged(readyToSpray(), [-5, { type: 'climate', ...dry }]));
    const says = (units: typeof metric) =>
      itemWords(
        told('too-dry', { id: 'humidity', found: 0.35, min: 0.43, max: 0.7, quantity: 'share' }),
        view,
        units,
      );
    expect(says(metric).big).toEqual({ number: '35', unit: '%' });
    expect(says(metric).limit).toBe('The sheet: 43–70\u00a0%.');
    expect(says(metric).remedies.join(' ')).toMatch(
      /Humidify: 35\s%\s→\s45\s% in about 20\smin, an estimate, 86\sg of water for 50\sm³ of air\. No wet floor near mains\./,
    );
    expect(says(us).remedies.join(' ')).toMatch(/of water for 1,?766\sft³ of air/);
  });

  it('a part in dew is warmed to a temperature, not to a difference', () => {
    const damp = { air: celsius(21), part: celsius(10), humidity: 0.5 };
    const view = seen(logged(readyToSpray(), [-5, { type: 'climate', ...damp }]));
    const dew = view.permission.items.find(({ id }) => id === 'dew')!;
    expect(itemWords(dew, view, metric).remedies.join(' ')).toMatch(/Warm the part.*: 10\s°C → 13\.2\s°C/);
  });

  it('the next line of Spray counts what is open, says the first, and its tap goes through it', () => {
    const line = nextLine(seen(readyToSpray()), 'spray', metric);
    expect(line.says).toMatch(/^\d+ things before coat 1 of 2\. You have read the safety data sheet/);
    expect(line.tap).toMatchObject({ says: 'Start coat 1', does: { kind: 'start', coatId: 'lacquer-1' } });
    const bare = nextLine(seen(aJob()), 'spray', metric);
    expect(bare.tap?.does.kind).not.toBe('log');
  });
});

describe('ending a coat that hardly was begun', () => {
  it('asks with the time that went by, the time it takes and the faces', () => {
    expect(tooEarlyWords({ sprayed: 4, takes: 540, faces: 8, recorded: 0 }, 'End coat 1')).toEqual({
      asks: 'End coat 1 after 4\u00a0s?',
      says: 'A coat takes about 9\u00a0min, and none of 8 faces is on record.',
    });
    expect(tooEarlyWords({ sprayed: 500, takes: 540, faces: 8, recorded: 7 }, 'End coat 1').says).toContain(
      'and 7 of 8 faces are on record',
    );
  });
});
