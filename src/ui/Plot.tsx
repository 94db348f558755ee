'use client';

import { useEffect, useRef, useState, type PointerEvent } from 'react';
import type * as PlotLibraryModule from 'plotly.js-cartesian-dist-min';
import type { Config, Data, Layout } from 'plotly.js-cartesian-dist-min';

import type { Figure } from '@/facts/figure';
import { ownerKey } from '@/words/figures';
import { Printed } from './Printed';

type PlotLibrary = typeof PlotLibraryModule;

interface Props {
  readonly data: readonly Partial<Data>[];
  readonly layout: Partial<Layout>;
  /** Says in words what the chart shows. */
  readonly label: string;
  readonly height: number;
  /** The figures it draws among its points: aims and limits that stand elsewhere too. */
  readonly figures?: readonly Figure[];
  /** Called with where on the chart’s own axes the pointer is pressed or dragged. */
  readonly onPick?: (x: number, y: number) => void;
}

/** What Plotly keeps of an axis on the element it drew on. */
interface DrawnAxis {
  readonly _offset: number;
  readonly _length: number;
  readonly p2d: (pixel: number) => number;
}

const config: Partial<Config> = {
  displayModeBar: false,
  displaylogo: false,
  staticPlot: true,
};

/** As far below the screen as a chart begins to be drawn. */
const ahead = '300px';

/** Calls back as soon as an element is on the screen, nearly there, or printed. */
function onceNear(element: Element, near: () => void): () => void {
  const watcher = new IntersectionObserver(
    (seen) => {
      if (seen.some(({ isIntersecting }) => isIntersecting)) near();
    },
    { rootMargin: ahead },
  );
  watcher.observe(element);
  window.addEventListener('beforeprint', near);
  return () => {
    watcher.disconnect();
    window.removeEventListener('beforeprint', near);
  };
}

/**
 * A Plotly chart. The library is fetched from our own files the first time one is drawn, and nowhere else; a chart out of sight
 * waits, since drawing one holds a slow phone up.
 */
export function Plot({ data, layout, label, height, figures = [], onPick }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [plotly, setPlotly] = useState<PlotLibrary>();
  const [missing, setMissing] = useState(false);

  const [near, setNear] = useState(false);

  useEffect(() => (box.current ? onceNear(box.current, () => setNear(true)) : undefined), []);

  useEffect(() => {
    if (!near) return;
    let gone = false;
    void import('plotly.js-cartesian-dist-min').then(
      (loaded) => {
        if (!gone) setPlotly(loaded);
      },
      () => {
        if (!gone) setMissing(true);
      },
    );
    return () => {
      gone = true;
    };
  }, [near]);

  useEffect(() => {
    const element = box.current;
    if (!plotly || !element) return;
    void plotly.react(element, [...data] as Data[], { showlegend: false, ...layout, height }, config);
  }, [plotly, data, layout, height]);

  useEffect(() => {
    const element = box.current;
    if (!plotly || !element) return;
    let drawn = element.clientWidth;
    const watcher = new ResizeObserver(() => {
      // It also says how wide it is when it begins to watch, and the chart was drawn as wide just now.
      if (element.offsetParent === null || element.clientWidth === drawn) return;
      drawn = element.clientWidth;
      void plotly.Plots.resize(element);
    });
    watcher.observe(element);
    return () => {
      watcher.disconnect();
      plotly.purge(element);
    };
  }, [plotly]);

  const pick = (event: PointerEvent<HTMLDivElement>) => {
    const drawn = box.current as unknown as { _fullLayout?: { xaxis: DrawnAxis; yaxis: DrawnAxis } } | null;
    if (!onPick || !drawn?._fullLayout || event.buttons === 0) return;
    const { left, top } = event.currentTarget.getBoundingClientRect();
    const { xaxis, yaxis } = drawn._fullLayout;
    const [x, y] = [event.clientX - left - xaxis._offset, event.clientY - top - yaxis._offset];
    if (x >= 0 && x <= xaxis._length && y >= 0 && y <= yaxis._length) onPick(xaxis.p2d(x), yaxis.p2d(y));
  };
  return (
    <div
      role="img"
      aria-label={label}
      style={{ height }}
      className={`relative w-full overflow-hidden ${onPick ? 'cursor-crosshair touch-none' : ''}`}
      onPointerDown={pick}
      onPointerMove={pick}
    >
      <div ref={box} className="h-full w-full" />
      <span hidden>
        {figures.map((figure) => (
          <Printed key={`${figure.fact} ${ownerKey(figure.of)}`} figure={figure} />
        ))}
      </span>
      {!plotly && (
        <p className="absolute inset-0 flex items-center justify-center text-sm text-ink-soft">
          {missing ? 'The chart did not arrive; its numbers stand beside it.' : 'Drawing the chart'}
        </p>
      )}
    </div>
  );
}
