'use client';

import { useState } from 'react';
import { celsius, type RoomAt } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import { boothDay } from '@/standins/boothsensor';
import { midnightOf } from '@/facts/job';
import { thinAir } from '@/facts/job/altitude';
import { roomDay, thinnerForRoom } from '@/facts/job/roomday';
import { Choice } from '@/ui/Choice';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { useWidth } from '@/ui/width';
import { endOfDay, timeOfDay } from '@/words/clock';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

type Source = 'entered' | 'readings' | 'simulated';

/** When of this day the room would be right for this sheet, and which thinner it then asks for. */
export function RightTimes() {
  const { view } = useJob();
  const units = useUnits();
  const { plan, now } = view;
  const { sheet, climate: room } = plan;
  const [source, setSource] = useState<Source>('entered');
  const [coldest, setColdest] = useState(() => (room?.air ?? celsius(18)) - 4);
  const [warmest, setWarmest] = useState(() => (room?.air ?? celsius(18)) + 3);
  const [damp, setDamp] = useState(0.8);
  const [lag, setLag] = useState(2 * 3600);
  const midnight = midnightOf(now);
  const { curve, spans } = roomDay(
    view,
    source === 'simulated'
      ? { by: 'curve', curve: boothDay(new Date(midnight).toDateString()) }
      : source === 'readings'
        ? { by: 'readings' }
        : { by: 'entered', coldest, warmest, dawnHumidity: damp, lag },
  );
  const clock = (s: number) => (s === 86_400 ? endOfDay() : timeOfDay(midnight + s * 1000));
  const thinner = thinnerForRoom(view);
  const high = thinAir(view.work, view.shop);
  return (
    <Panel title="Best time to spray">
      <Fold
        title="By"
        says={
          source === 'entered' ? (
            <>
              forecast: <Printed figure={amount('temperature', coldest)} /> to{' '}
              <Printed figure={amount('temperature', warmest)} />,{' '}
              <Printed figure={amount('share', damp)} digits={0} /> at dawn
            </>
          ) : source === 'readings' ? (
            'the readings of today'
          ) : (
            'the simulated sensor'
          )
        }
      >
        <div className="grid grid-cols-2 items-end gap-3 lg:grid-cols-4">
          <div className="col-span-2 max-w-md lg:col-span-4">
            <Choice
              label="The day, by"
              value={source}
              onChange={setSource}
              options={[
                { value: 'entered', label: 'Forecast' },
                { value: 'readings', label: 'Readings' },
                { value: 'simulated', label: 'Simulated' },
              ]}
            />
          </div>
          {source === 'entered' && (
            <>
              <NumberField
                label="Coldest"
                quantity="temperature"
                value={coldest}
                onChange={(value) => value !== undefined && setColdest(value)}
                expects={expects.air}
                lazily
              />
              <NumberField
                label="Warmest"
                quantity="temperature"
                value={warmest}
                onChange={(value) => value !== undefined && setWarmest(value)}
                expects={expects.air}
                lazily
              />
              <NumberField
                label="Humidity at dawn"
                quantity="share"
                value={damp}
                onChange={(value) => value !== undefined && value > 0 && value <= 1 && setDamp(value)}
                expects={expects.humidity}
                lazily
              />
              <NumberField
                label="Part warms later by"
                quantity="duration"
                value={lag}
                onChange={(value) => value !== undefined && setLag(value)}
                expects={[0, 8 * 3600]}
                lazily
              />
            </>
          )}
        </div>
      </Fold>
      {isRefusal(curve) ? (
        <p className="mt-3 text-sm font-semibold text-care">▲ {units.says(curve)}</p>
      ) : (
        <>
          <DayStrip curve={curve} spans={spans} now={(now - midnight) / 1000} clock={clock} />
          <p className="mt-2" data-right>
            {spans.length === 0 ? (
              <b className="text-stop">■ At no hour of this day.</b>
            ) : (
              <>
                Right for {sheet.name}:{' '}
                <b>
                  {spans
                    .map(({ from, to }) =>
                      from === 0 && to === 86_400 ? 'all day' : `${clock(from)}–${clock(to)}`,
                    )
                    .join(', ')}
                </b>
                .
              </>
            )}{' '}
            <span className="text-sm text-ink-soft">
              {source === 'simulated' ? 'Simulated booth sensor. ' : ''}An estimate: read the room before the
              coat.
            </span>
          </p>
        </>
      )}
      {thinner && (
        <p className="mt-1 text-sm" data-thinner-advice>
          Thinner for this air: <b>{thinner.name}</b>
          {thinner.by === 'large'
            ? ', one step slower because the surface is large'
            : thinner.by === 'nearest'
              ? ', the nearest the sheet has'
              : ', as the sheet has it'}
          .
        </p>
      )}
      {high && (
        <p className="mt-1 text-sm">
          At <Printed figure={amount('length', high.altitude)} /> the air is{' '}
          <Printed figure={amount('share', high.share)} digits={0} /> thinner: a compressor delivers that much
          less, and solvent leaves quicker.
        </p>
      )}
    </Panel>
  );
}

interface StripProps {
  readonly curve: readonly RoomAt[];
  readonly spans: readonly { readonly from: number; readonly to: number }[];
  readonly now: number;
  readonly clock: (s: number) => string;
}

/** The day from midnight to midnight: air and part as lines, the right hours as a band. */
function DayStrip({ curve, spans, now, clock }: StripProps) {
  const [place, width] = useWidth<HTMLDivElement>(640);
  const height = 110;
  const all = curve.flatMap(({ air, part }) => [air, part]);
  const [low, high] = [Math.min(...all) - 1, Math.max(...all) + 1];
  const x = (at: number) => (at / 86_400) * width;
  const y = (kelvin: number) => 90 - ((kelvin - low) / (high - low)) * 80;
  const line = (of: (room: RoomAt) => number) =>
    curve.map((room) => `${x(room.at).toFixed(1)},${y(of(room)).toFixed(1)}`).join(' ');
  return (
    <div ref={place} className="mt-3">
      <svg
        width={width}
        height={height}
        className="block"
        role="img"
        aria-label={`The room over the day; right in ${spans.length} spans.`}
      >
        {spans.map(({ from, to }) => (
          <rect key={from} x={x(from)} y={4} width={x(to) - x(from)} height={88} className="fill-good-wash" />
        ))}
        {[0, 6, 12, 18, 24].map((hour) => (
          <g key={hour}>
            <line x1={x(hour * 3600)} x2={x(hour * 3600)} y1={4} y2={92} stroke="var(--hairline)" />
            <text
              x={x(hour * 3600)}
              y={107}
              textAnchor={hour === 0 ? 'start' : hour === 24 ? 'end' : 'middle'}
              className="fill-ink-soft text-[12px]"
            >
              {clock(hour * 3600)}
            </text>
          </g>
        ))}
        <polyline points={line(({ air }) => air)} fill="none" stroke="var(--ink)" strokeWidth={2} />
        <polyline
          points={line(({ part }) => part)}
          fill="none"
          stroke="var(--act)"
          strokeWidth={2}
          strokeDasharray="5 4"
        />
        <line x1={x(now)} x2={x(now)} y1={4} y2={92} stroke="var(--care)" strokeWidth={2} />
        <text x={4} y={y(curve[2]?.air ?? low) - 5} className="fill-ink text-[12px]">
          air
        </text>
        <text x={width - 28} y={y(curve[94]?.part ?? low) - 5} className="fill-act text-[12px]">
          part
        </text>
      </svg>
    </div>
  );
}
