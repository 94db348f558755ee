'use client';

import { useMemo } from 'react';
import { thinCurve } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours, veil } from '@/ui/theme/colours';
import { curveFigure } from './curvefigure';
import { figure as figureOf } from '@/words/figures';
import { inSentence } from '@/words/line';

/** Seconds against thinner: readings, prediction with its spread, the band, the sheet's limit, the next addition. */
export function Curve() {
  const { view } = useJob();
  const colours = useColours();
  const { thin } = view;
  const figure = useMemo(
    () => thin.question && curveFigure(thin, thinCurve(thin.question), colours, veil),
    [thin, colours],
  );
  if (!figure) return null;
  return (
    <Panel title={`Cup seconds against ${thin.thinner ? inSentence(thin.thinner.name) : 'thinner'} added`}>
      <Plot
        data={figure.data}
        layout={figure.layout}
        height={320}
        figures={[figureOf(view, 'thin.aim', thin.band && (thin.band.min + thin.band.max) / 2)]}
        label={`Thinning curve: ${thin.readings.length} readings, band ${thin.band?.min} to ${thin.band?.max} seconds.`}
      />
    </Panel>
  );
}
