'use client';

import { leastOpening } from '@/core/airgun';
import { isRefusal } from '@/core/refusal';
import { airChainOf, type PressurePlace } from '@/facts/job/airchain';
import type { LeverRange, MovedLever } from '@/facts/job/leverranges';
import type { LeversJudged } from '@/facts/job/levers';
import type { Rig } from '@/records';
import { useJob } from '@/ui/job/context';
import { LeverLine } from '@/ui/LeverLine';
import { useNarrow } from '@/ui/narrow';
import { NumberField } from '@/ui/NumberField';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { expects } from '@/words/expects';
import { amount, written } from '@/words/figures';
import { placeWords, pressureQuantity } from '@/words/pressure';
import type { useLevers } from './levermoves';

interface Props {
  readonly moves: ReturnType<typeof useLevers>;
  readonly ranges: Readonly<Record<MovedLever, LeverRange>>;
  readonly judged: LeversJudged;
  readonly rig: Rig;
}

/** The levers one under another, each a line to move along and a number to type. */
export function LeverLines({ moves, ranges, judged: { over, point }, rig }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const narrow = useNarrow();
  const { set } = view;
  const { levers, pressure, distance, pressureAt, gives } = moves;
  const airless = rig.atomising === 'airless';
  const pressureOf = pressureQuantity(set.point.pressure ?? 1e5);
  const most = point.fluidMost;
  return (
    <div className="border-t border-hairline">
      <LeverLine
        name={airless ? 'Pressure' : 'Air'}
        note={
          <>
            {placeWords[pressureAt]}
            {pressure !== undefined && <Elsewhere rig={rig} pressure={pressure} at={pressureAt} />}
          </>
        }
        value={pressure}
        {...ranges.air}
        says={pressure === undefined ? 'not said' : written(amount(pressureOf, pressure), units)}
        onMove={moves.movePressure}
      >
        <NumberField
          label="Pressure"
          hideLabel
          digits={3}
          quantity={pressureOf}
          value={pressure}
          onChange={moves.movePressure}
          expects={pressureOf === 'pumpPressure' ? expects.pumpPressure : expects.airPressure}
          error={
            over &&
            (over.of === 'rig'
              ? `${rig.name} ends at ${written(amount(pressureOf, over.limit), units)}.`
              : `An HVLP cap ends at ${written(amount(pressureOf, over.limit), units)}: above this it is no longer HVLP.`)
          }
        />
      </LeverLine>
      <LeverLine
        name="Fluid"
        note={
          airless ? (
            'what the tip sprays'
          ) : most === undefined ? (
            'no set'
          ) : (
            <>
              of at most <Printed figure={amount('fluidFlow', most)} />
            </>
          )
        }
        value={levers.flow}
        {...ranges.flow}
        answers={gives === 'flow'}
        says={written(amount('fluidFlow', levers.flow), units)}
        onMove={moves.move('flow')}
      >
        <NumberField
          label="Fluid"
          hideLabel
          digits={3}
          quantity="fluidFlow"
          value={levers.flow}
          onChange={moves.move('flow')}
          expects={expects.fluid}
        />
      </LeverLine>
      {!airless && (!narrow || moves.trigger < 1) && (
        <LeverLine
          name="Trigger"
          note={moves.trigger < 1 ? 'not pulled through' : 'pulled through'}
          value={moves.trigger}
          track={{ from: 0, to: 1 }}
          good={{ from: leastOpening, to: 1 }}
          says={written(amount('share', moves.trigger), units, { digits: 0 })}
          onMove={moves.moveTrigger}
        >
          <NumberField
            label="Trigger"
            hideLabel
            digits={3}
            quantity="share"
            value={moves.trigger}
            onChange={moves.moveTrigger}
            expects={[0.2, 1]}
          />
        </LeverLine>
      )}
      <LeverLine
        name="Distance"
        note={
          <>
            fan <Printed figure={amount('distance', levers.fan)} />
          </>
        }
        value={distance}
        {...ranges.distance}
        says={distance === undefined ? 'not said' : written(amount('distance', distance), units)}
        onMove={moves.moveDistance}
      >
        <NumberField
          label="Distance"
          hideLabel
          digits={3}
          quantity="distance"
          value={distance}
          onChange={moves.moveDistance}
          expects={expects.gunDistance}
        />
      </LeverLine>
      <LeverLine
        name="Overlap"
        note={
          <>
            strokes <Printed figure={amount('distance', point.spacing)} /> apart
          </>
        }
        value={levers.overlap}
        {...ranges.overlap}
        answers={gives === 'overlap'}
        says={written(amount('share', levers.overlap), units, { digits: 0 })}
        onMove={moves.move('overlap')}
      >
        <NumberField
          label="Overlap"
          hideLabel
          digits={3}
          quantity="share"
          value={levers.overlap}
          onChange={moves.move('overlap')}
          expects={[0.3, 0.92]}
        />
      </LeverLine>
      <LeverLine
        name="Speed"
        note={
          <>
            hand <Printed figure={amount('speed', set.hand.usual)} />
          </>
        }
        value={levers.speed}
        {...ranges.speed}
        answers={gives === 'speed'}
        says={written(amount('speed', levers.speed), units)}
        onMove={moves.move('speed')}
      >
        <NumberField
          label="Speed"
          hideLabel
          digits={3}
          quantity="speed"
          value={levers.speed}
          onChange={moves.move('speed')}
          expects={expects.speed}
        />
      </LeverLine>
      <p className="mt-2 text-sm text-ink-soft">
        Green: gun, paint and coat allow it together. Hatched: they cannot. Between marks: not known.
      </p>
    </div>
  );
}

/** The same pressure at the other places of the line: which is which is a third or the whole. */
function Elsewhere({
  rig,
  pressure,
  at,
}: {
  readonly rig: Rig;
  readonly pressure: number;
  readonly at: PressurePlace;
}) {
  const chain = airChainOf(rig, pressure, at);
  if (!chain || isRefusal(chain)) return null;
  const { cap, inlet, wall, capAssumed } = chain;
  const told = [
    ['wall', at === 'wall' || wall === undefined || isRefusal(wall) ? undefined : wall],
    ['inlet', at === 'inlet' ? undefined : inlet],
    ['cap', at === 'cap' ? undefined : cap],
  ] as const;
  const others = told.filter(([, value]) => value !== undefined);
  if (others.length === 0) return null;
  return (
    <span className="block" data-elsewhere>
      {others.map(([place, value], i) => (
        <span key={place}>
          {i > 0 ? ', ' : ''}
          <b className="text-ink">
            <Printed figure={amount('pressure', value)} />
          </b>{' '}
          {placeWords[place]}
        </span>
      ))}
      {cap === undefined || !capAssumed ? '' : ': a default of HVLP guns, until a cap gauge is read'}
    </span>
  );
}
