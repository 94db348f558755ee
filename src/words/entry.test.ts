import { celsius } from '@/core/climate';
import { logEntry, type EntryType, type NewEntry } from '@/records';
import { unitsOf } from './units';
import {
  aJob,
  card,
  end,
  fitRoom,
  logged,
  mixedLacquer,
  reading,
  setting,
  start,
  water,
} from '../../tests/fixtures/job';
import { entryWords, typeWords } from './entry';

const metric = unitsOf('metric');
const us = unitsOf('us');

/** One entry of every kind, with what it says. */
const all: readonly (readonly [NewEntry, string])[] = [
  [fitRoom, 'air 21 °C, part 20 °C, 50 % humidity'],
  [{ type: 'stir', batchId: 'b' }, 'the mix'],
  [{ type: 'refill' }, 'again, from the same batch'],
  [
    {
      type: 'hand',
      coatId: 'lacquer-1',
      faceId: 'none',
      planned: 0.4,
      strokes: [
        { lasts: 3, speed: 0.4, varied: 0, tilt: 0, arc: 0 },
        { lasts: 3, speed: 0.5, varied: 0, tilt: 0, arc: 0 },
      ],
    },
    'a face, Lacquer 1: 2 strokes, 0.40 m/s planned',
  ],
  [{ type: 'face-done', coatId: 'lacquer-1', faceId: 'none', side: 2 }, 'Lacquer 1 on a face, back'],
  [{ type: 'pause', coatId: 'lacquer-1' }, 'Lacquer 1'],
  [{ type: 'resume', coatId: 'lacquer-1' }, 'Lacquer 1'],
  [{ type: 'touch', coatId: 'lacquer-1', found: 'tacky' }, 'Lacquer 1 is tacky'],
  [
    {
      type: 'flowed',
      coatId: 'lacquer-1',
      seen: 'peel',
      film: 90e-6,
      viscosity: 0.2,
      density: 1040,
      setting: 90,
      angle: 1.57,
    },
    'Lacquer 1 kept its peel at 90 µm wet',
  ],
  [{ type: 'incident', what: 'needle-dropped', note: 'on concrete' }, 'the needle was dropped: on concrete'],
  [{ type: 'turbine-on', rigId: 'rig' }, 'its air warms and steadies'],
  [
    {
      type: 'card',
      layerId: 'lacquer',
      verdict: 'dry',
      distance: 0.2,
      arrival: { after: 10, found: 'dry' },
    },
    'dry, dusty from 200 mm; dry 10 s after it arrived',
  ],
  [{ type: 'texture', coatId: 'lacquer-1', found: 'dry-rough' }, 'Lacquer 1 is rough and dry'],
  [{ type: 'parts', count: 4 }, '+4'],
  [
    { type: 'inspected', faceId: 'front', zone: 'edges', asks: 'bare', found: 'bare' },
    'bare spots, edges of Fronts: a bare spot',
  ],
  [
    { type: 'inspected', faceId: 'front', zone: 'field', asks: 'dust', found: 'counted', nibs: 3, fibres: 1 },
    'dust and lint, open face of Fronts: 3 specks, 1 fibre',
  ],
  [
    { type: 'inspected', faceId: 'none', zone: 'field', asks: 'colour', found: 'matches' },
    'colour, open face of a face: matches in both, neighbour not polished',
  ],
  [
    { type: 'guide', faceId: 'front', highs: [1], lows: [2, 3] },
    'on Fronts: 1 place cut through, 2 low, of 24',
  ],
  [
    { type: 'miss', text: 'Bare spot, edges', faceId: 'front', how: 'brush', who: 'Ida' },
    'Bare spot, edges, Fronts; brush, Ida',
  ],
  [{ type: 'miss-closed', missId: 'none', did: 'let-be' }, 'a miss: let be'],
  [{ type: 'skip', item: 'masking', why: 'nothing to mask' }, 'masking: nothing to mask'],
  [{ type: 'handover', text: 'Rack three is still wet.' }, 'Rack three is still wet.'],
  [
    { type: 'poured', batchId: 'b', layerId: 'lacquer', volume: 2e-3, partId: 'base', mass: 2 },
    'Lacquer, 2000 g',
  ],
  [
    {
      type: 'leftover',
      batchId: 'b',
      layerId: 'lacquer',
      volume: 2e-3,
      from: 'Gate',
      mixedAt: '2026-11-23T08:00:00.000Z',
      mass: 0.4,
      thinner: 0.02,
    },
    '400 g from Gate',
  ],
  [{ type: 'returned', canId: 'c', mass: 0.3, thinner: 0.1 }, '300 g, 100 g of it thinner'],
  [mixedLacquer, 'Lacquer 2000 g'],
  [reading(33.4, 19.5), '33.4 s at 19.5 °C'],
  [water(0.15), '150 g water'],
  [{ type: 'addition', batchId: 'b', what: 'unthinned', mass: 0.3 }, '300 g unthinned mix'],
  [
    { type: 'addition', batchId: 'b', what: 'water', mass: 0.1, coatId: 'lacquer-2', offSheet: true },
    '100 g water, extra for Lacquer 2, off the sheet',
  ],
  [
    { type: 'stick', batchId: 'b', sign: 'drips-run', temperature: celsius(20) },
    'it runs off in a thread at 20 °C',
  ],
  [
    { type: 'structure', batchId: 'b', cupId: 'cup', fresh: 30, stood: 36 },
    'fresh 30.0 s, after standing 36.0 s',
  ],
  [{ type: 'trial', coatId: 'lacquer-1', text: 'Looked at' }, 'Looked at, for Lacquer 1'],
  [{ type: 'discard', batchId: 'b', why: 'Skinned' }, 'Skinned'],
  [setting(), '1.5 mm, 0.42 bar at the cap, trigger pulled, 250 mL/min, 0.25 m/s'],
  [card('split'), 'split'],
  [start('lacquer-1'), 'Lacquer 1'],
  [end('lacquer-2'), 'Lacquer 2'],
  [{ type: 'abraded', coatId: 'gone' }, 'a coat'],
  [{ type: 'comb', coatId: 'lacquer-1', wetted: 75e-6, dry: 100e-6 }, '75–100 µm on Lacquer 1'],
  [{ type: 'film', faceId: 'front', spot: 2, reading: 29.4e-6 }, '29.4 µm, Fronts, spot 3'],
  [{ type: 'tick', list: 'clean', step: 'flush', done: false }, 'flush, taken back'],
  [{ type: 'symptom', symptom: 'spits', part: 'packing', found: true }, 'spits: packing was it'],
  [
    { type: 'symptom', symptom: 'no-flow', part: 'of-older-days', found: false },
    'nothing comes: of-older-days was not it',
  ],
  [{ type: 'waste', what: 'used', volume: 0.4e-3 }, 'solvent used, 0.40 L'],
  [{ type: 'waste', what: 'sludge', mass: 0.12, note: 'drum 3' }, 'sludge, 120 g. drum 3'],
  [{ type: 'defect', name: 'Run', note: 'lower edge' }, 'Run. lower edge'],
  [{ type: 'action', text: 'Opened the doors' }, 'Opened the doors'],
  [{ type: 'outcome', actionId: 'a', helped: 'partly' }, 'the change helped in part'],
  [{ type: 'rework', defect: 'runs', did: 'flat-recoat' }, 'runs: flatted and recoated'],
  [{ type: 'rework', defect: 'dust', did: 'accepted' }, 'dust: accepted as it is'],
  [
    { type: 'gauge-check', zero: -0.4e-6, shim: 50e-6, read: 51e-6 },
    'zero −0.4 µm, shim of 50.0 µm read 51.0 µm',
  ],
  [{ type: 'base', faceId: 'front', reading: 12e-6 }, '12.0 µm on Fronts, what lies below'],
  [{ type: 'hiding', faceId: 'front', hides: false }, 'Fronts does not hide what is below'],
  [{ type: 'look', text: 'Die-back', found: 'good' }, 'Die-back: nothing showed'],
  [{ type: 'look', text: 'Die-back', found: 'worse' }, 'Die-back: something showed'],
  [
    { type: 'worked', layerId: 'lacquer', what: 'sand', grit: 320, takes: 5e-6, lasts: 900, note: 'wet' },
    'Sand with P320, 5 µm off, on Lacquer, took 15 min. wet',
  ],
  [{ type: 'left-out', workId: 'gone', why: 'still wet' }, 'Work that is no longer planned: still wet'],
  [{ type: 'swapped', layerId: 'gone', rigId: 'r' }, 'for a layer'],
  [{ type: 'judged', coatId: 'lacquer-1', asks: 'hides', yes: false }, 'Lacquer 1 does not hide yet'],
  [{ type: 'judged', coatId: 'lacquer-1', asks: 'even', yes: true }, 'Lacquer 1 lies even'],
  [{ type: 'note', text: 'Rain' }, 'Rain'],
];

describe('the logbook', () => {
  it.each(all)('%p', (entry, says) => {
    const job = logged(aJob(), [0, entry]);
    expect(logEntry.safeParse(job.log[0]).success).toBe(true);
    expect(entryWords(job.log[0]!, job, metric).replace(/\u00a0/g, ' ')).toBe(says);
  });

  it('has a name and a sentence for every kind of entry', () => {
    const kinds = new Set(all.map(([{ type }]) => type));
    expect([...kinds].sort()).toEqual((Object.keys(typeWords) as EntryType[]).sort());
  });

  it('speaks the user’s units', () => {
    const job = logged(aJob(), [0, { ...fitRoom, air: celsius(20) } as NewEntry], [1, water(0.1)]);
    expect(entryWords(job.log[0]!, job, us)).toContain('68\u00a0°F');
    expect(entryWords(job.log[1]!, job, us)).toContain('3.53\u00a0oz');
  });
});
