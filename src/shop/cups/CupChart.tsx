'use client';

import { useMemo } from 'react';
import { flowCups } from '@/core/cups';
import { useRecords } from '@/store/hooks';
import { cupOf } from '@/facts/job';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours } from '@/ui/theme/colours';
import { cupChartFigure } from './cupchartfigure';

/** Every cup on one axis of viscosity: where it reads, and its seconds at both ends. */
export function CupChart() {
  const colours = useColours();
  const cups = useRecords('cup');
  const own = useMemo(
    () =>
      cups.map(cupOf).filter((cup) => cup !== undefined && !cup.relative && cup.standard.startsWith('own')),
    [cups],
  );
  const figure = useMemo(
    () => cupChartFigure([...flowCups, ...own.filter((cup) => cup !== undefined)], colours),
    [own, colours],
  );
  return (
    <Panel title="All cups on one axis">
      <Plot
        data={figure.data}
        layout={figure.layout}
        height={440}
        label={`${flowCups.length + own.length} cups by the viscosity they read: ${figure.words}`}
      />
      <p className="text-sm text-ink-soft">
        Each bar is a cup’s own range, with its seconds at both ends. A reading outside it is worth less.
      </p>
    </Panel>
  );
}
