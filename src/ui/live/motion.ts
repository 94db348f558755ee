import type { MotionSample } from '@/core/motion';

/** A recording under way: what was felt so far, until it is ended. */
export interface MotionRecording {
  readonly end: () => readonly MotionSample[];
}

const perDegree = Math.PI / 180;
/** ms after which a phone that felt nothing is asked about. */
const silent = 1500;

interface Asking {
  readonly requestPermission?: () => Promise<'granted' | 'denied'>;
}

/** Does this device say it can feel how it moves? */
export const feelsMotion = (): boolean => typeof DeviceMotionEvent !== 'undefined';

/**
 * Begins to record what the device feels.
 *
 * @param quiet called once where nothing is felt: a laptop has the words and not the sensor
 * @throws why it is not allowed
 */
export async function recordMotion(quiet: () => void): Promise<MotionRecording> {
  if (!feelsMotion()) throw new Error('This device does not feel how it moves: use a phone.');
  const { requestPermission } = DeviceMotionEvent as unknown as Asking;
  if (requestPermission && (await requestPermission().catch(() => 'denied')) !== 'granted')
    throw new Error(
      'The phone does not let this page feel its motion. Allow it in the settings of the site.',
    );
  const samples: MotionSample[] = [];
  const felt = ({ accelerationIncludingGravity: a, rotationRate: w, timeStamp }: DeviceMotionEvent) => {
    if (typeof a?.x !== 'number' || typeof a.y !== 'number' || typeof a.z !== 'number') return;
    samples.push({
      t: timeStamp / 1000,
      a: [a.x, a.y, a.z],
      // Turned about its own x, y and z.
      w: [(w?.beta ?? 0) * perDegree, (w?.gamma ?? 0) * perDegree, (w?.alpha ?? 0) * perDegree],
    });
  };
  window.addEventListener('devicemotion', felt);
  const waits = setTimeout(() => samples.length === 0 && quiet(), silent);
  return {
    end: () => {
      clearTimeout(waits);
      window.removeEventListener('devicemotion', felt);
      return samples;
    },
  };
}
