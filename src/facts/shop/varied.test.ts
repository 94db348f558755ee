import fc from 'fast-check';
import { aJob, coatsIn, end, kit, logged, setting, start } from '../../../tests/fixtures/job';
import { sprayedIn, type Use } from './uses';
import { against, varied } from './varied';

const sprayed = logged(
  aJob(),
  [-90, { type: 'climate', air: 294, part: 293, humidity: 0.5 }],
  [-60, setting()],
  ...coatsIn(aJob()).flatMap(
    ({ id }, i) =>
      [
        [-50 + i * 20, start(id)],
        [-40 + i * 20, end(id)],
      ] as const,
  ),
);
const use = sprayedIn(sprayed, kit)[0] as Use;
const set = use.setting as NonNullable<Use['setting']>;

describe('what differs between two uses', () => {
  it.each<[string, Partial<Use>, readonly string[]]>([
    ['nothing', {}, []],
    ['a hand is no machine', { setting: { ...set, speed: set.speed * 1.05 } }, []],
    ['the pressure', { setting: { ...set, pressure: set.pressure * 1.2 } }, ['pressure']],
    [
      'read elsewhere it is no comparison',
      { setting: { ...set, pressure: set.pressure * 5, pressureAt: 'wall' } },
      [],
    ],
    [
      'the nozzle and the speed',
      { setting: { ...set, bore: 1.8e-3, speed: set.speed * 1.5 } },
      ['fitted', 'speed'],
    ],
    ['the room', { room: { air: 303, part: 303, humidity: 0.8 } }, ['air', 'humidity']],
    [
      'another thinner, whose share says nothing then',
      { thinner: { id: 'x', name: 'X', share: 0.3 } },
      ['thinner'],
    ],
    ['not what nobody recorded', { setting: undefined, room: undefined }, []],
  ])('%s', (_, says, found) => {
    expect(varied(use, { ...use, ...says })).toEqual(found);
  });

  it('the same whichever comes first', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        fc.integer({ min: 1, max: 4 }),
        (by, coats) => {
          const other = {
            ...use,
            coats,
            setting: { ...set, pressure: set.pressure * by, fluid: set.fluid / by },
          };
          expect(varied(use, other)).toEqual(varied(other, use));
        },
      ),
    );
  });
});

describe('what speaks against as wanted', () => {
  const film = { mean: 30e-6, aim: 29e-6, min: 25e-6, max: 35e-6, readings: [30e-6] };
  it.each<[Partial<Use>, readonly string[]]>([
    [{}, []],
    [{ film }, []],
    [{ film: { ...film, mean: 40e-6 } }, ['film']],
    [{ faults: ['runs'] }, ['faults']],
    [{ faults: ['runs'], reworks: 1 }, []],
  ])('%#', (says, found) => {
    expect(against({ ...use, ...says })).toEqual(found);
  });
});
