'use client';

import { withApproach } from '@/facts/job';
import { blendOf, type Blend } from '@/facts/job/blend';
import { fitBlend, type BlendPlan } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { useWidth } from '@/ui/width';
import { amount, written } from '@/words/figures';
import { plural } from '@/words/line';
import { Printed } from '@/ui/Printed';

const fields = [
  ['coverage', 'Must hide to', [0.02, 1.5]],
  ['keepOut', 'Kept edge at', [0.1, 3]],
  ['step', 'Each coat steps by', [0.02, 0.4]],
  ['fade', 'Fades over', [0.05, 0.6]],
] as const;

/** A colour faded into a panel: how far each coat reaches, film and hiding over the distance, and where it would show. */
export function BlendPlanner() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { work, plan, points } = view;
  const own = blendOf(work, plan.coats);
  const [first] = own?.coats ?? [];
  if (!own || !first) return null;
  const { blend, coats: blends, found } = own;
  const fit = fitBlend({ ...blend, coats: blends.length });
  const change = (said: Partial<Blend>) =>
    store.put(withApproach(work, { blend: { ...blend, ...said } }), 'blend');
  const point = points.find(({ coat }) => coat.id === first.id)?.point;
  return (
    <Panel title="Blend" place="blend">
      <Fold
        title="The fade"
        says={
          <>
            hides to <Printed figure={amount('distance', blend.coverage)} />, edge kept at{' '}
            <Printed figure={amount('distance', blend.keepOut)} />, steps of{' '}
            <Printed figure={amount('distance', blend.step)} />, over{' '}
            <Printed figure={amount('distance', blend.fade)} />
            {work.approach.blend ? '' : ': defaults'}
          </>
        }
      >
        <div className="grid grid-cols-2 items-start gap-3 lg:grid-cols-5">
          {fields.map(([name, label, span]) => (
            <NumberField
              key={name}
              label={label}
              quantity="distance"
              value={blend[name]}
              onChange={(value) => value !== undefined && value >= 0 && change({ [name]: value })}
              expects={span}
              lazily
            />
          ))}
          <NumberField
            label="Dry film that hides"
            quantity="film"
            value={blend.hides}
            onChange={(hides) => hides && hides > 0 && change({ hides })}
            expects={[5e-6, 150e-6]}
            lazily
            hint={work.approach.blend ? undefined : 'Two coats: a default'}
          />
        </div>
        <div className="mt-3 max-w-md">
          <Choice
            label="Order of reach"
            value={blend.order}
            onChange={(order) => change({ order })}
            options={[
              { value: 'outward', label: 'Each beyond the last' },
              { value: 'inward', label: 'Furthest first' },
            ]}
          />
        </div>
      </Fold>
      {isRefusal(found) ? (
        <div className="mt-3">
          <Notice tone="stop">{units.says(found)}</Notice>
        </div>
      ) : (
        <div className="mt-3 space-y-3" data-blend>
          <BlendDrawing found={found} keepOut={blend.keepOut} />
          {found.warnings.includes('keep-out') && (
            <Notice tone="stop">
              The fade reaches <Printed figure={amount('distance', found.ends)} />, past the edge that must
              keep its colour.{' '}
              {fit.coats > 0
                ? `With this fade ${plural(fit.coats, 'coat fits', 'coats fit')}.`
                : 'With this fade not one coat fits.'}
            </Notice>
          )}
          {fit.fade !== undefined && Math.abs(fit.fade - blend.fade) > 0.005 && (
            <Button onClick={() => change({ fade: Math.floor((fit.fade ?? 0) * 200) / 200 })}>
              Fade over {written(amount('distance', Math.floor(fit.fade * 200) / 200), units)}, the longest
              that stays inside the edge
            </Button>
          )}
          {found.warnings.includes('steep') && (
            <Notice tone="care">
              Hiding falls by <Printed figure={amount('share', found.steepest)} digits={0} /> over{' '}
              <Printed figure={amount('distance', 0.1)} />: it will show as an edge. A longer fade, or wider
              steps.
            </Notice>
          )}
          {found.warnings.includes('thin') && (
            <Notice tone="care">
              The middle does not hide with {blends.length} {blends.length === 1 ? 'coat' : 'coats'}: one
              more, or a ground coat of its shade.
            </Notice>
          )}
          {found.warnings.length === 0 && (
            <Notice tone="good">
              It hides to <Printed figure={amount('distance', blend.coverage)} /> and is gone at{' '}
              <Printed figure={amount('distance', found.ends)} />, before the edge at{' '}
              <Printed figure={amount('distance', blend.keepOut)} />.
            </Notice>
          )}
          <p className="text-sm text-ink-soft">
            In the fade: wrist rolled out, trigger eased
            {point?.pressure === undefined
              ? ''
              : `, pressure down to about ${written(amount('pressure', point.pressure), units)}`}{' '}
            (a default). A clear bed under the fade and clear over the whole face hide its edge.
          </p>
        </div>
      )}
    </Panel>
  );
}

function BlendDrawing({ found, keepOut }: { readonly found: BlendPlan; readonly keepOut: number }) {
  const units = useUnits();
  const [place, width] = useWidth<HTMLDivElement>(680);
  const [height, floor] = [190, 150];
  const far = found.along.at(-1)?.x ?? 1;
  const x = (metres: number) => 8 + (metres / far) * (width - 16);
  const line = found.along
    .map(({ x: at, hiding }) => `${x(at).toFixed(1)},${(floor - hiding * 130).toFixed(1)}`)
    .join(' ');
  return (
    <div ref={place}>
      <svg
        width={width}
        height={height}
        className="block"
        role="img"
        aria-label={`Hiding over the distance from the repair; the last trace ends at ${written(amount('distance', found.ends), units)}.`}
      >
        <polygon points={`${x(0)},${floor} ${line} ${x(far)},${floor}`} className="fill-act/25" />
        <polyline points={line} fill="none" stroke="var(--act)" strokeWidth={2.5} />
        <line x1={x(0)} x2={x(far)} y1={floor} y2={floor} stroke="var(--ink)" strokeWidth={2} />
        <line
          x1={x(keepOut)}
          x2={x(keepOut)}
          y1={10}
          y2={floor}
          stroke="var(--stop)"
          strokeWidth={3}
          strokeDasharray="6 4"
        />
        <text x={x(keepOut) - 6} y={20} textAnchor="end" className="fill-stop text-[13px] font-bold">
          keeps its colour
        </text>
        {found.coats.map(({ full, ends }, i) => (
          <g key={i} stroke="var(--ink)" strokeWidth={3}>
            <line x1={x(0)} x2={x(full)} y1={floor + 8 + i * 9} y2={floor + 8 + i * 9} />
            <line
              x1={x(full)}
              x2={x(ends)}
              y1={floor + 8 + i * 9}
              y2={floor + 8 + i * 9}
              strokeDasharray="3 4"
              opacity={0.6}
            />
          </g>
        ))}
        <text x={x(0) + 6} y={floor - 112} className="fill-ink text-[13px]">
          hiding <Printed as="tspan" figure={amount('share', found.along[0]?.hiding)} digits={0} />
        </text>
        <text x={x(found.ends) + 6} y={floor - 6} textAnchor="start" className="fill-ink text-[13px]">
          <Printed as="tspan" figure={amount('distance', found.ends)} />
        </text>
      </svg>
    </div>
  );
}
