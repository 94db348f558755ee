'use client';

import { trustClock, useClockSetBack } from '@/store/clock';
import { worthSaying } from '@/store/steadyclock';
import { amount, written } from '@/words/figures';
import { Button } from '../Button';
import { Notice } from '../Notice';
import { useUnits } from '../units';

/** Says that this device’s clock went back, and that nothing is reckoned by that until somebody wants it. */
export function ClockSetBack() {
  const units = useUnits();
  const back = useClockSetBack();
  if (back < worthSaying) return null;
  return (
    <div className="no-print" data-set-back>
      <Notice tone="care">
        This device’s clock was set back by {written(amount('duration', back / 1000), units)}. Fluorite
        reckons on as if it had not been: no pot grows younger. Put the clock right, or go by it as it is.
        <span className="ml-2 inline-flex">
          <Button look="quiet" onClick={trustClock}>
            The clock is right
          </Button>
        </span>
      </Notice>
    </div>
  );
}
