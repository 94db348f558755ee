'use client';

import { isRefusal } from '@/core/refusal';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useWidth } from '@/ui/width';
import { useUnits } from '@/ui/units';
import { placeWords, pressureQuantity } from '@/words/pressure';
import { fittingName } from '@/words/set';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** The rig as a schematic, each number at its place: what feeds it, what is fitted, how far and how wide it sprays. */
export function RigDrawing() {
  const { view } = useJob();
  const units = useUnits();
  const { set, rig } = view;
  const [place, width] = useWidth<HTMLDivElement>(500);
  // Where the drawing is too small for its words they stand under it.
  const words = width >= 500;
  const from =
    set.setting ??
    (isRefusal(set.proposal)
      ? undefined
      : {
          ...set.proposal,
          ...set.proposal.fitting,
          fluid: set.point.fluid ?? 0,
          fan: set.point.fan,
        });
  if (!rig || !from) return null;
  const airless = rig.atomising === 'airless';
  const pressure = `${written(amount(pressureQuantity(from.pressure), from.pressure), units)} ${placeWords[from.pressureAt]}`;
  const text = 'fill-ink text-[15px] font-bold';
  const soft = 'fill-ink-soft text-[13px]';
  return (
    <Panel title={rig.name}>
      <div ref={place}>
        <svg
          viewBox={words ? '0 0 500 240' : '0 10 420 230'}
          width={words ? 500 : Math.min(width, 420)}
          className="block"
          role="img"
          aria-label={`${rig.name}: ${fittingName(from, units)}, ${pressure}, ${written(amount('fluidFlow', from.fluid), units)}, ${written(amount('distance', from.distance), units)} from the work, fan ${written(amount('distance', from.fan), units)}.`}
        >
          <g fill="none" stroke="var(--ink)" strokeWidth={2.5}>
            <path d="M96 92 H206 V116 H150 L140 176 H112 L120 116 H96 Z" fill="var(--sheet)" />
            <path d="M206 96 H226 L232 100 V108 L226 112 H206 Z" fill="var(--ink)" />
            {rig.feed === 'gravity' && (
              <path d="M160 92 V78 L140 40 H196 L174 78 V92" fill="var(--act-wash)" />
            )}
            {(rig.feed === 'suction' || rig.feed === 'pressure-cup') && (
              <path d="M176 116 V128 H150 V196 H208 V128 H186 V116" fill="var(--act-wash)" />
            )}
            {(rig.feed === 'pressure-pot' || rig.feed === 'pump') && (
              <path d="M170 116 C170 190 70 150 56 200 M28 200 H84 V232 H28 Z" />
            )}
            {!airless && <path d="M116 176 C112 216 60 206 40 176" />}
          </g>
          <path
            d="M232 104 L400 40 V168 Z"
            className="fill-act/15"
            stroke="var(--act)"
            strokeDasharray="4 4"
          />
          <line x1={404} x2={404} y1={20} y2={200} stroke="var(--ink)" strokeWidth={5} />
          <line x1={232} x2={400} y1={186} y2={186} stroke="var(--ink-soft)" />
          {words && (
            <>
              <text x={316} y={204} textAnchor="middle" className={text}>
                <Printed as="tspan" figure={figure(view, 'gun.distance', from.distance)} />
              </text>
              <text x={316} y={220} textAnchor="middle" className={soft}>
                to the work
              </text>
              <text x={414} y={100} className={text}>
                <Printed as="tspan" figure={figure(view, 'gun.fan', from.fan)} />
              </text>
              <text x={414} y={116} className={soft}>
                fan
              </text>
              <text x={226} y={40} className={text}>
                {fittingName(from, units)}
              </text>
              <text x={226} y={56} className={soft}>
                {airless ? 'tip' : 'needle, nozzle, cap'}
              </text>
              <text x={0} y={14} className={text}>
                {pressure}
              </text>
              <text x={0} y={30} className={soft}>
                trigger pulled, {rig.air === 'none' ? 'pump' : rig.air}
              </text>
              <text x={222} y={146} className={text}>
                <Printed as="tspan" figure={figure(view, 'gun.fluid', from.fluid)} />
              </text>
              <text x={222} y={161} className={soft}>
                fluid
              </text>
            </>
          )}
        </svg>
      </div>
      {!words && (
        <dl className="grid grid-cols-2 gap-x-4 text-sm">
          {(
            [
              [airless ? 'tip' : 'needle, nozzle, cap', fittingName(from, units)],
              [`trigger pulled, ${rig.air === 'none' ? 'pump' : rig.air}`, pressure],
              ['fluid', <Printed key="fluid" figure={figure(view, 'gun.fluid', from.fluid)} />],
              ['to the work', <Printed key="to" figure={figure(view, 'gun.distance', from.distance)} />],
              ['fan', <Printed key="fan" figure={figure(view, 'gun.fan', from.fan)} />],
            ] as const
          ).map(([name, value]) => (
            <div key={name} className="border-b border-hairline py-1.5">
              <dt className="text-ink-soft">{name}</dt>
              <dd className="font-bold">{value}</dd>
            </div>
          ))}
        </dl>
      )}
      {!airless && (
        <p className="text-sm text-ink-soft">
          Horns in line with the stroke: the fan stands across it.{' '}
          {rig.feed === 'pressure-cup' ? 'Keep the cup’s vent and check valve clear.' : ''}
        </p>
      )}
    </Panel>
  );
}
