'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { fieldFacts } from '@/core/evenness';
import { isRefusal } from '@/core/refusal';
import { handFor } from '@/facts/shop/hand';
import { useMeasuredHands } from '@/ui/measuredhands';
import { filmOnFace, type EvenSetup, hasFlake } from '@/facts/job';
import { handFelt, strokesFelt } from '@/facts/job/handfelt';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import { evenFigure, mapMargin, sectionFigure } from '@/ui/figures/evenfigure';
import { amount, coatFigure, written } from '@/words/figures';
import { flakeTone } from '@/words/missed';

interface Props {
  readonly setup: EvenSetup;
  /** Every coat together, dry. */
  readonly all: boolean;
}

/** The map of the film, with sections, how much of it is inside its limits, and where the paint goes. */
export function EvenMap({ setup, all }: Props) {
  const { view } = useJob();
  const units = useUnits();
  const colours = useColours();
  const { hand } = handFor(view.job, view.shop, useMeasuredHands());
  const [who, setWho] = useState<'steady' | 'hand' | 'felt'>('steady');
  const felt = all ? undefined : handFelt(view, setup.coat.coat.id, setup.face.id);
  const [number, setNumber] = useState(1);
  const [at, setAt] = useState({ x: 0.5, y: 0.5 });
  // The cursor answers at once; the sections are drawn when the hand leaves time for it.
  const cut = useDeferredValue(at);
  const { passes } = setup;
  const done = useMemo(() => felt && strokesFelt(felt), [felt]);
  const one = who === 'hand' ? { spread: hand, number } : who === 'felt' && done ? { done } : undefined;
  // The job is seen anew every second; a map is laid again only when what it depends on changes.
  const key = JSON.stringify([
    all,
    one,
    setup.coat.coat.id,
    setup.face.id,
    setup.film,
    setup.gun,
    passes,
    setup.openings,
    setup.limits,
    all && view.work.coats,
  ]);
  const drawn = useMemo(
    () => filmOnFace(view, setup, all ? view.spray.coats.map(({ coat }) => coat.id) : undefined, one),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds every value the map is laid from
    [key],
  );
  const facts = useMemo(() => (isRefusal(drawn) ? drawn : fieldFacts(drawn.field, drawn.limits)), [drawn]);
  const figures = useMemo(
    () => (isRefusal(drawn) ? undefined : evenFigure({ ...drawn, system: units.system, colours })),
    [drawn, units.system, colours],
  );
  const along = useMemo(
    () =>
      isRefusal(drawn)
        ? undefined
        : sectionFigure({ ...drawn, system: units.system, colours, way: 'along', at: cut.y }),
    [drawn, cut.y, units.system, colours],
  );
  const across = useMemo(
    () =>
      isRefusal(drawn)
        ? undefined
        : sectionFigure({ ...drawn, system: units.system, colours, way: 'across', at: cut.x }),
    [drawn, cut.x, units.system, colours],
  );
  if (isRefusal(drawn) || !figures || !along || !across)
    return (
      <Panel title="Film on the face">
        <Notice tone="care">{isRefusal(drawn) ? units.says(drawn) : ''}</Notice>
      </Panel>
    );
  const { field, limits } = drawn;
  if (isRefusal(facts))
    return (
      <Panel title="Film on the face">
        <Notice tone="care">{units.says(facts)}</Notice>
      </Panel>
    );
  const [wide, tall] = [field.dx * field.cols, field.dy * field.rows];
  const height = Math.min(Math.max(Math.round(620 * (tall / wide)) + 40, 220), 420);
  const percent = (value: number) => written(amount('share', value), units, { digits: 0 });
  const place = ({ x, y }: { x: number; y: number }) =>
    `${written(amount('length', x), units)} along, ${written(amount('length', y), units)} across`;
  const film = (value: number) => written(amount('film', value), units);
  const cell = [
    Math.min(Math.floor(at.y * field.rows), field.rows - 1),
    Math.min(Math.floor(at.x * field.cols), field.cols - 1),
  ] as const;
  const here = field.film[cell[0] * field.cols + cell[1]] ?? 0;
  return (
    <Panel
      title={all ? 'Film on the face, all coats, dry' : `Film on the face, wet, ${setup.coat.coat.name}`}
      place="even"
      tools={
        <span className="flex flex-wrap items-center gap-3">
          <Choice
            label="Whose hand"
            hideLabel
            value={who}
            onChange={setWho}
            options={[
              { value: 'steady', label: 'Steady' },
              { value: 'hand', label: 'As a hand does it' },
              ...(felt ? [{ value: 'felt' as const, label: 'As it was felt' }] : []),
            ]}
          />
          {who === 'felt' && felt?.simulated && <b className="text-sm text-care">simulated hand</b>}
          {who === 'hand' && <Button onClick={() => setNumber((n) => n + 1)}>Another time</Button>}
        </span>
      }
    >
      <div className="grid gap-4 2xl:grid-cols-[minmax(0,1fr)_17rem]">
        <div className="min-w-0">
          <div className="grid grid-cols-[minmax(0,1fr)_7rem]">
            <Plot
              data={along.data}
              layout={along.layout}
              height={84}
              figures={[coatFigure(view, 'coat.wet', setup.coat.coat, setup.aim)]}
              label={`Film along the strokes at ${written(amount('length', at.y * tall), units)}.`}
            />
            <span />
            <div className="relative">
              <Plot
                data={figures.data}
                layout={figures.layout}
                height={height}
                label={`Map of the film: ${percent(facts.inside)} inside the limits, thinnest ${film(facts.least.film)} at ${place(facts.least)}, thickest ${film(facts.most.film)} at ${place(facts.most)}.`}
                onPick={(x, y) =>
                  setAt({
                    x: x / Number(figures.layout.xaxis.range[1]),
                    y: y / Number(figures.layout.yaxis.range[0]),
                  })
                }
              />
              {/* The sections’ lines lie over the map, so that moving one does not draw the map anew. */}
              <span
                aria-hidden
                className="pointer-events-none absolute border-l-2 border-act"
                style={{
                  left: `calc(${mapMargin.l}px + (100% - ${mapMargin.l + mapMargin.r}px) * ${at.x})`,
                  top: mapMargin.t,
                  bottom: mapMargin.b,
                }}
              />
              <span
                aria-hidden
                className="pointer-events-none absolute border-t-2 border-act"
                style={{
                  top: `calc(${mapMargin.t}px + (100% - ${mapMargin.t + mapMargin.b}px) * ${at.y})`,
                  left: mapMargin.l,
                  right: mapMargin.r,
                }}
              />
            </div>
            <Plot
              data={across.data}
              layout={across.layout}
              height={height}
              label={`Film across the strokes at ${written(amount('length', at.x * wide), units)}.`}
            />
          </div>
          <div className="grid gap-x-4 sm:grid-cols-2">
            <Cut
              label="Section across at"
              value={at.x}
              onChange={(x) => setAt({ ...at, x })}
              says={written(amount('length', at.x * wide), units)}
            />
            <Cut
              label="Section along at"
              value={at.y}
              onChange={(y) => setAt({ ...at, y })}
              says={written(amount('length', at.y * tall), units)}
            />
          </div>
          <p className="mt-1 flex flex-wrap gap-x-4 text-sm text-ink-soft">
            <Key className="bg-care-wash border-care" words={`under ${film(limits.min)}`} />
            <Key className="bg-good-wash border-good" words="inside" />
            <Key className="bg-stop-wash border-stop" words={`over ${film(limits.max)}`} />
            <span>
              Here: <b className="text-ink">{film(here)}</b>
            </span>
          </p>
        </div>
        <div data-even className="grid items-start gap-x-6 sm:grid-cols-[10rem_minmax(0,1fr)] 2xl:block">
          <div>
            <p className="text-sm text-ink-soft">Inside the limits</p>
            <p className="text-5xl font-bold [font-stretch:75%] tabular-nums" data-inside>
              {percent(facts.inside)}
            </p>
            <p className="mb-2 text-sm text-ink-soft">
              {percent(facts.under)} under, {percent(facts.over)} over
            </p>
          </div>
          <dl className="grid gap-x-6 border-t border-hairline text-sm lg:grid-cols-2 2xl:block">
            {[
              ['Mean', film(facts.mean)],
              ['Scatter of the mean', written(amount('share', facts.cv), units)],
              ['Thinnest', `${film(facts.least.film)}, ${place(facts.least)}`],
              ['Thickest', `${film(facts.most.film)}, ${place(facts.most)}`],
              ['On the part', written(amount('volume', field.onPart), units)],
              ['Lost as mist', written(amount('volume', field.mist), units)],
              ['Past the part', written(amount('volume', field.past), units)],
            ].map(([label, value]) => (
              <div key={label} className="flex justify-between gap-3 border-b border-hairline py-1.5">
                <dt className="text-ink-soft">{label}</dt>
                <dd className="text-right font-bold">{value}</dd>
              </div>
            ))}
          </dl>
          {hasFlake(setup.coat) && <p className="mt-2 text-sm">{flakeTone}</p>}
          <p className="col-span-full mt-2 text-xs text-ink-soft">
            One piece, one coat of paint as it leaves the gun. Pattern: {patternWords[setup.pattern]}.
            Transfer and its fall with distance are estimates.
          </p>
        </div>
      </div>
    </Panel>
  );
}

const patternWords = {
  card: 'read from this gun’s last card',
  shape: 'the shape given below',
  default: 'a parabola, until a card is read',
};

const Key = ({ className, words }: { readonly className: string; readonly words: string }) => (
  <span className="flex items-center gap-1.5">
    <span aria-hidden className={`size-3 border ${className}`} />
    {words}
  </span>
);

interface CutProps {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly says: string;
}

function Cut({ label, value, onChange, says }: CutProps) {
  return (
    <label className="flex min-h-11 items-center gap-3 text-sm">
      <span className="w-36 shrink-0">
        {label} <b>{says}</b>
      </span>
      <input
        type="range"
        min={0}
        max={100}
        value={Math.round(value * 100)}
        onChange={(event) => onChange(Number(event.target.value) / 100)}
        className="min-h-11 w-full accent-[var(--act)]"
      />
    </label>
  );
}
