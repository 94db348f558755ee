'use client';

import type { HandSeen, MotionPlan } from '@/core/motion';
import { amount } from '@/words/figures';
import { handAdvice, handDoubts, handSays, strokeFaultWords } from '@/words/hand';
import { Notice } from './Notice';
import { Printed } from './Printed';
import { useUnits } from './units';

interface Props {
  readonly seen: HandSeen;
  readonly plan: MotionPlan;
  readonly simulated: boolean;
}

/** What a hand did, stroke by stroke: each bar is its pace against the plan, what is out is said beside it. */
export function HandResult({ seen, plan, simulated }: Props) {
  const units = useUnits();
  const most = Math.max(...seen.strokes.map(({ speed }) => speed), plan.speed) * 1.15;
  return (
    <section aria-label="What the hand did" data-hand-seen={seen.strokes.length}>
      <Notice tone={handAdvice(seen, plan, units) ? 'care' : 'good'}>
        <b>{handSays(seen, plan, units)}</b>
        {simulated && <span className="ml-2 text-care">simulated hand</span>}
      </Notice>
      <ol className="mt-3 space-y-1" aria-label="Strokes">
        {seen.strokes.map((stroke, i) => (
          <li
            key={i}
            className="grid grid-cols-[2rem_minmax(0,1fr)_auto] items-center gap-2 text-sm"
            data-stroke={i + 1}
          >
            <span className="text-right font-bold">{i + 1}</span>
            <span className="relative h-6 border border-hairline bg-sheet">
              <span
                aria-hidden
                className={`absolute inset-y-0 left-0 ${stroke.doubtful ? 'bg-hairline' : stroke.out.length > 0 ? 'bg-care' : 'bg-good'}`}
                style={{ width: `${(stroke.speed / most) * 100}%` }}
              />
              <span
                aria-hidden
                className="absolute -inset-y-0.5 w-0.5 bg-ink"
                style={{ left: `${(plan.speed / most) * 100}%` }}
              />
            </span>
            <span className="min-w-44">
              <Printed figure={amount('speed', stroke.speed)} />
              {!seen.tiltUnknown && Math.abs(stroke.tilt) > 0.02 && (
                <>
                  , <Printed figure={amount('angle', Math.abs(stroke.tilt))} digits={0} /> of tilt
                </>
              )}
              {stroke.out.length > 0 && (
                <b className="text-care"> ▲ {stroke.out.map((each) => strokeFaultWords[each]).join(', ')}</b>
              )}
              {stroke.doubtful && <span className="text-ink-soft"> not sure</span>}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-2 text-sm text-ink-soft">
        The line is the pace that was planned, <Printed figure={amount('speed', plan.speed)} />. Pace ±{' '}
        <Printed figure={amount('share', seen.speedSpread)} digits={0} /> from stroke to stroke; wrist{' '}
        <Printed figure={amount('angle', seen.arc)} digits={0} /> from end to end
        {seen.pauses.length > 0 && (
          <>; stood {seen.pauses.length === 1 ? 'once' : `${seen.pauses.length} times`} between strokes</>
        )}
        . How long a stroke is, is taken from the face; how far the gun was off is not felt.
      </p>
      {handDoubts(seen).map((each) => (
        <p key={each} className="mt-1 text-sm text-care">
          ▲ {each}
        </p>
      ))}
    </section>
  );
}
