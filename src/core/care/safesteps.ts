import type { CleaningStep, StepRow } from './step';

/**
 * Pressure out, before anything is opened and after everything that put it under pressure.
 *
 * Source: usual caution; the gun’s own instructions outrank it
 */
export const relief: StepRow = ({ airless, under, bleeder }) =>
  airless
    ? {
        id: 'relief',
        phase: 'safe',
        says: 'Relieve the pressure: pump off, trigger into the grounded metal pail, prime valve open, trigger lock on.',
        takes: 60,
        risks: ['injection', 'ground'],
        relieves: true,
      }
    : {
        id: 'relief',
        phase: 'safe',
        says: under
          ? 'Shut off the air, release the pot or cup pressure, then pull the trigger until it is quiet.'
          : bleeder
            ? 'Switch the air off at its source: a bleeder gun blows with the trigger released. Then pull the trigger until it is quiet.'
            : 'Shut off the air and pull the trigger until it is quiet.',
        because: under
          ? 'A cup or pot holds its pressure after the air is off.'
          : 'The hose holds air after the valve is shut.',
        prevents: under
          ? 'A lid opened under pressure throws out what is in it.'
          : 'Parts taken off under air fly.',
        takes: 20,
        risks: ['pressure'],
        relieves: true,
      };

const again = (
  airless: boolean,
  says: string,
): Pick<CleaningStep, 'phase' | 'says' | 'takes' | 'risks' | 'relieves'> => ({
  phase: 'safe',
  says,
  takes: airless ? 60 : 20,
  risks: [airless ? 'injection' : 'pressure'],
  relieves: true,
});

const airOffAgain = 'Air off, pressure out of cup or pot again, trigger until it is quiet.';

/**
 * Pressure let off once more before the tip comes off.
 *
 * Source: usual caution; the gun’s own instructions outrank it
 */
export const reliefAgain: StepRow = ({ airless, under, gelled }) =>
  under &&
  !(airless && gelled) && {
    id: 'relief-again',
    ...again(airless, airless ? 'Relieve the pressure again, trigger lock on.' : airOffAgain),
    because: 'Flushing put it under pressure.',
    prevents: airless
      ? 'A filter opened under pressure injects.'
      : 'A lid or a nozzle taken off under pressure.',
  };

/**
 * After the storage liquid or the proof; a gelled airless that is to be stored is refused before.
 *
 * Source: usual caution; the gun’s own instructions outrank it
 */
export const reliefLast: StepRow = ({ airless, under, approach }) =>
  (airless || (under && approach === 'strip')) && {
    id: 'relief-last',
    ...again(airless, airless ? 'Relieve the pressure once more, trigger lock on.' : airOffAgain),
    because: airless ? 'Filling put it under pressure.' : 'The proof put it under pressure.',
    prevents: airless ? 'A gun that stands loaded.' : 'A lid opened under pressure tomorrow.',
  };

/**
 * The tip comes off, the pressure relieved.
 *
 * Source: usual caution; the gun’s own instructions outrank it
 */
export const tipOff: StepRow = ({ airless }) =>
  airless && {
    id: 'tip-off',
    phase: 'safe',
    says: 'Take tip and guard off and lay them in the flush liquid.',
    takes: 60,
    risks: ['injection'],
    opens: true,
  };
