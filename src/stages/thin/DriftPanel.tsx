'use client';

import { useMemo } from 'react';
import { individuals } from '@/core/quality';
import type { DriftWatch } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { clockTime } from '@/words/clock';
import { driftFigure } from './driftfigure';
import { amount, figure as figureOf, written } from '@/words/figures';

/** The mix while it is in use: where it drifts, how long it stays in the band, every timing on one chart. */
export function DriftPanel() {
  const { view } = useJob();
  const units = useUnits();
  const { drift, band, inBand } = view.thin;
  // Before the band is reached nothing is in use yet.
  if (!drift || !band || (inBand !== 'inside' && drift.points.length < 2)) return null;
  const { rate, rateSd } = drift.drift;
  const sure = Math.abs(rate) > 1.6 * rateSd;
  const percent = (share: number) => written(amount('share', Math.abs(share)), units, { digits: 1 });
  return (
    <Panel title="Drift watch">
      <p className="text-sm" data-drift>
        {drift.points.length < 2 ? (
          `Mixes usually thicken by about ${percent(rate)} an hour. Time it again while it is in use to know this one.`
        ) : (
          <>
            It {rate >= 0 ? 'thickens' : 'thins'} by about <b>{percent(rate)}</b> an hour
            {sure ? '' : ', not yet sure'}. {leftWords(drift, view.now, units)}
          </>
        )}
      </p>
      <DriftChart drift={drift} />
      <FlagNotice drift={drift} />
    </Panel>
  );
}

function leftWords({ left, points }: DriftWatch, now: number, units: Units): string {
  const last = points.at(-1)?.at ?? now;
  const gone = (now - last) / 1000;
  const at = (hours: number) => hours * 3600 - gone;
  if (!Number.isFinite(left.hours) || left.hours > 24) return 'It stays in the band for the day.';
  if (at(left.hours) <= 0) return 'It should be out of the band by now: stir, and time the cup.';
  const soon = Math.max(at(left.low), 0);
  const late =
    Number.isFinite(left.high) && left.high < 48
      ? written(amount('duration', at(left.high)), units)
      : 'much longer';
  return `In the band for about ${written(amount('duration', at(left.hours)), units)} more (${written(amount('duration', soon), units)} to ${late}), till ${clockTime(last + left.hours * 3_600_000)}.`;
}

function FlagNotice({ drift }: { readonly drift: DriftWatch }) {
  const chart = individuals(drift.points.flatMap(({ entries }) => entries.map(({ seconds }) => seconds)));
  const flags = [...new Set(chart?.flags.values() ?? [])];
  if (flags.length === 0) return null;
  const words = {
    outside: 'a timing lies outside its limits',
    'one-side': 'eight timings lie on one side of the mean',
    rising: 'six timings rise one after another',
    falling: 'six timings fall one after another',
  };
  return <Notice tone="care">Look closer: {flags.map((flag) => words[flag]).join('; ')}.</Notice>;
}

function DriftChart({ drift }: { readonly drift: DriftWatch }) {
  const { view } = useJob();
  const colours = useColours();
  const { band } = view.thin;
  const figure = useMemo(() => band && driftFigure(drift, band, colours), [drift, band, colours]);
  if (!figure || !band || drift.points.length < 2) return null;
  return (
    <Plot
      data={figure.data}
      layout={figure.layout}
      height={220}
      figures={[figureOf(view, 'thin.aim', (band.min + band.max) / 2)]}
      label={`Individuals chart: ${drift.points.length} readings while in use, with their limits and the band.`}
    />
  );
}
