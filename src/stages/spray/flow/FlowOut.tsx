'use client';

import { useMemo, useState } from 'react';
import { fieldFacts } from '@/core/evenness';
import {
  filmWindow,
  flowWarmer,
  ripple,
  usualFlowLimits,
  flowMoves,
  standing,
  type FlowLever,
} from '@/core/flowout';
import { isRefusal } from '@/core/refusal';
import { useRecords } from '@/store/hooks';
import { angleOf, evenSetup, flowLimits, landedNow, layField, sprayedFaces } from '@/facts/job';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours, veil } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { flowFigure } from './flowfigure';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const leverWords = (units: Units): Record<FlowLever, string> => ({
  film: 'A fifth more film',
  thinner: 'Thinned by a fifth',
  slower: 'The next slower thinner',
  warmer: `${written(amount('temperatureStep', flowWarmer), units)} warmer`,
  flatter: 'Laid half as steep',
});
const states = [
  ['peel', 'It kept its peel'],
  ['even', 'It flowed out'],
  ['run', 'It ran'],
] as const;

/** Between peel and runs: where this coat stands, its thinnest and thickest place too, and which lever moves it where. */
export function FlowOut() {
  const { view, log } = useJob();
  const units = useUnits();
  const colours = useColours();
  const jobs = useRecords('job');
  const { job } = view;
  const [faceId, setFaceId] = useState(sprayedFaces(job.part)[0]?.id ?? '');
  const [turn, setTurn] = useState<number>();
  const setup = evenSetup(view, faceId);
  const landed = isRefusal(setup) ? setup : landedNow(view, setup.coat);
  const limits = useMemo(() => flowLimits(jobs), [jobs]);
  const key = isRefusal(setup)
    ? ''
    : JSON.stringify([setup.face, setup.gun, setup.film, setup.passes, setup.openings]);
  const facts = useMemo(() => {
    if (isRefusal(setup)) return setup;
    const field = layField(setup);
    return isRefusal(field) ? field : fieldFacts(field, setup.limits);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds every value the map is laid from
  }, [key]);
  if (isRefusal(setup) || isRefusal(landed) || isRefusal(facts)) {
    const no = [setup, landed, facts].find((each) => isRefusal(each));
    return (
      <Panel title="Flow-out">
        <Notice tone="care">{no ? units.says(no) : ''}</Notice>
      </Panel>
    );
  }
  const angle = turn ?? angleOf(setup.face);
  const point = { film: facts.mean, landed, angle };
  const window = filmWindow(landed, angle, limits);
  const now = standing(point, limits);
  const moves = flowMoves(point, limits);
  if (isRefusal(window) || isRefusal(now) || isRefusal(moves)) return null;
  const film = (value: number) => written(amount('film', value), units);
  const figure = flowFigure({
    landed,
    angle,
    limits,
    film: facts.mean,
    least: facts.least.film,
    most: facts.most.film,
    system: units.system,
    colours,
    veil,
  });
  const peels = facts.mean < window.peel;
  const runs = facts.mean > window.run;
  const shut = window.peel > window.run;
  const says = shut
    ? 'There is no film that does both here: it runs before it levels.'
    : runs
      ? 'It runs: less film at once, or a thicker or quicker mix.'
      : peels
        ? 'It keeps its peel: more wet film, a slower thinner, or thinner mix.'
        : facts.most.film > window.run
          ? 'It flows out; only the thickest places run.'
          : facts.least.film < window.peel
            ? 'It flows out; only the thinnest places keep their peel.'
            : 'It flows out and stays where it is.';
  const tone =
    shut || runs
      ? 'stop'
      : peels || facts.most.film > window.run || facts.least.film < window.peel
        ? 'care'
        : 'good';
  const words = leverWords(units);
  const percent = (value: number) => `${Math.round(value * 100)} %`;
  return (
    <Panel title={`Flow-out of ${setup.coat.coat.name}, an estimate`} place="flow">
      <div className="grid items-end gap-3 sm:grid-cols-2">
        <SelectField
          label="Face"
          value={faceId}
          onChange={(event) => {
            setFaceId(event.target.value);
            setTurn(undefined);
          }}
          options={sprayedFaces(job.part).map(({ id, name }) => ({ value: id, label: name }))}
        />
        <label className="flex min-h-11 items-center gap-3 text-sm">
          <span className="w-40 shrink-0">
            Panel at{' '}
            <b>
              <Printed figure={amount('angle', angle)} />
            </b>{' '}
            from lying flat
          </span>
          <input
            type="range"
            min={0}
            max={90}
            step={5}
            value={Math.round((angle * 180) / Math.PI)}
            onChange={(event) => setTurn((Number(event.target.value) * Math.PI) / 180)}
            className="min-h-11 w-full accent-[var(--act)]"
          />
        </label>
      </div>
      <div className="mt-3" data-flow>
        <Notice tone={tone}>
          <b>{says}</b> Levels from {film(window.peel)}
          {Number.isFinite(window.run) ? `, runs from ${film(window.run)}` : ', never runs lying flat'}. The
          coat has {film(facts.mean)} wet, {film(facts.least.film)} at its thinnest and{' '}
          {film(facts.most.film)} at its thickest place.
        </Notice>
      </div>
      <div className="mt-3 grid gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="min-w-0">
          <Plot
            data={figure.data}
            layout={figure.layout}
            height={320}
            label={`Window between peel and runs over film and viscosity. ${says}`}
          />
          <p className="text-xs text-ink-soft">
            Levelling after Orchard for a ripple of <Printed figure={amount('distance', ripple)} />, an upper
            bound; slide of the surface until it sets. Landed at about{' '}
            <Printed figure={amount('dynamicViscosity', landed.viscosity)} />, setting e-fold in{' '}
            <Printed figure={amount('time', landed.setting)} digits={0} />: defaults by what carries the
            coating, its thinner and the room
            {landed.yield ? `, and holding ${landed.yield} Pa by itself` : ''}.
          </p>
        </div>
        <div className="space-y-4">
          <table className="w-full text-right text-sm" data-moves>
            <thead className="text-ink-soft">
              <tr className="border-b border-hairline">
                <th className="py-1 text-left font-normal">Lever</th>
                <th className="font-normal">levels</th>
                <th className="font-normal">slides</th>
              </tr>
            </thead>
            <tbody>
              <tr className="border-b border-hairline font-bold">
                <th className="py-1 text-left">As it is</th>
                <td>{percent(now.peel)}</td>
                <td>{percent(now.run)}</td>
              </tr>
              {moves.map(({ lever, peel, run }) => (
                <tr key={lever} className="border-b border-hairline">
                  <th className="py-1 text-left font-normal">{words[lever]}</th>
                  <td>{percent(peel)}</td>
                  <td>{percent(run)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="text-xs text-ink-soft">
            Of what is needed to level, and of the slide that still passes: above 100 % and below 100 % is
            right. Extra thinner leaves less dry film of the same wet one.
          </p>
          <div>
            <h3 className="text-sm font-bold">What did the coat do?</h3>
            <div className="mt-1 flex flex-wrap gap-2">
              {states.map(([seen, label]) => (
                <Button
                  key={seen}
                  onClick={() =>
                    log(`flow-out: ${label.toLowerCase()}`, {
                      type: 'flowed',
                      coatId: setup.coat.coat.id,
                      seen,
                      film: facts.mean,
                      viscosity: landed.viscosity,
                      density: landed.density,
                      setting: landed.setting,
                      angle,
                      ...(landed.yield ? { holds: landed.yield } : {}),
                    })
                  }
                >
                  {label}
                </Button>
              ))}
            </div>
            <p className="mt-1 text-xs text-ink-soft" data-calibrated>
              {limits.peels + limits.runs === 0
                ? `Limits are defaults: a ripple down to a twentieth, ${written(amount('distance', usualFlowLimits.sag), units)} of slide. Your verdicts move them.`
                : `Limits from ${limits.peels} verdicts of peel and ${limits.runs} of runs: levelling ${limits.levelling.toFixed(1)}, slide ${written(amount('distance', limits.sag), units)}.`}
            </p>
          </div>
        </div>
      </div>
    </Panel>
  );
}
