'use client';

import { useMemo } from 'react';
import { createPortal } from 'react-dom';
import { fileName } from '@/exchange/filename';
import { Worded } from '@/ui/Worded';
import { chartPoints, type Report, type ReportChart } from '@/exchange/report';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Picture } from '@/ui/Picture';
import { usePrint, usePrintAsked } from '@/ui/print';
import { useUnits } from '@/ui/units';
import { jobReport } from '@/exchange/jobreport';
import { arrived } from '@/ui/fetched';

/** The job’s record as it leaves the shop: on screen, on paper, as a PDF. */
export function ReportView() {
  const { view } = useJob();
  const units = useUnits();
  const store = useStore();
  const cans = useRecords('can');
  const photos = useRecords('photo');
  const { printing, print } = usePrint();
  usePrintAsked(print);
  // Written anew when the job changes, not with every second of the clock.
  const report = useMemo(
    () => jobReport(view, cans, photos, units),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from the job and the rig
    [view.job, view.rig, cans, photos, units],
  );
  const save = async () => {
    // The PDF writer is large and seldom wanted.
    const writer = await arrived(import('@/exchange/reportpdf'));
    if (!writer) return;
    const { reportPdf } = writer;
    download(
      fileName(view.job.name, new Date(view.now).toISOString().slice(0, 10), 'pdf'),
      new Uint8Array(await reportPdf(report, (id) => store.picture(id))),
      'application/pdf',
    );
  };
  return (
    <Panel
      title="Report"
      place="report"
      tools={
        <span className="flex flex-wrap gap-2">
          <Button onClick={print}>Print the report</Button>
          <Button onClick={() => void save()}>Report as PDF</Button>
        </span>
      }
    >
      <div
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
        tabIndex={0}
        role="region"
        aria-label="The report as it is printed"
        className="max-h-[75dvh] overflow-y-auto border border-hairline focus-visible:-outline-offset-3"
      >
        <ReportPages report={report} />
      </div>
      {printing &&
        createPortal(
          <div data-paper="report">
            <style>{'@page { size: A4; margin: 15mm }'}</style>
            <ReportPages report={report} />
          </div>,
          document.body,
        )}
    </Panel>
  );
}

/** Black on white in both themes: it is a piece of paper. */
function ReportPages({ report }: { readonly report: Report }) {
  return (
    <article className="max-w-3xl bg-[var(--label-paper)] p-6 text-[var(--label-ink)]" data-report>
      <h2 className="text-2xl font-bold">{report.title}</h2>
      <p className="text-sm">{report.under}</p>
      {report.sections.map(({ title, facts = [], table = [], lines = [], chart, photos = [] }) => (
        <section key={title} className="mt-5 break-inside-avoid-page">
          <h3 className="border-b border-current font-bold">{title}</h3>
          {facts.length > 0 && (
            <dl className="text-sm">
              {facts.map(([label, value], i) => (
                <div
                  key={`${label}${i}`}
                  className="grid grid-cols-[minmax(0,11rem)_minmax(0,1fr)] gap-3 py-0.5"
                >
                  <dt>{label}</dt>
                  <dd className="font-semibold">
                    <Worded of={value} />
                  </dd>
                </div>
              ))}
            </dl>
          )}
          {table.length > 0 && (
            <div className="overflow-x-auto" role="region" aria-label={title}>
              <table className="w-full text-left text-xs">
                <thead>
                  <tr>
                    {table[0]?.map((cell, k) => (
                      <th key={k} className="border-b border-current py-1 pr-2">
                        <Worded of={cell} />
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {table.slice(1).map((row, i) => (
                    <tr key={i}>
                      {row.map((cell, k) => (
                        <td key={k} className="py-0.5 pr-2">
                          <Worded of={cell} />
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          {lines.map((line, i) => (
            <p key={i} className="text-sm">
              {line}
            </p>
          ))}
          {chart && <ChartDrawing chart={chart} />}
          {photos.map(({ id, says, width, height, marks }) => (
            <figure key={says} className="mt-2 max-w-sm">
              <span className="relative block">
                <Picture id={id} alt={says} width={width} height={height} />
                {marks.map(({ x, y }, i) => (
                  <span
                    key={i}
                    aria-hidden
                    className="absolute flex size-6 -translate-1/2 items-center justify-center rounded-full border-2 border-[#a4291f] bg-white text-xs font-bold text-[#a4291f]"
                    style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
                  >
                    {i + 1}
                  </span>
                ))}
              </span>
              <figcaption className="text-xs">{says}</figcaption>
            </figure>
          ))}
        </section>
      ))}
      <p className="mt-6 text-xs">{report.foot}</p>
    </article>
  );
}

function ChartDrawing({ chart }: { readonly chart: ReportChart }) {
  const [width, height, forMarks] = [600, 156, 130];
  const plotted = width - 20 - forMarks;
  const { points, limits, control, mean, marks } = chartPoints(chart, plotted, height - 36, 11);
  const y = (up: number) => height - 26 - up;
  const across = (up: number, dash?: string) => (
    <line
      x1={10}
      x2={10 + plotted}
      y1={y(up)}
      y2={y(up)}
      stroke="currentColor"
      strokeDasharray={dash}
      strokeWidth={dash ? 0.8 : 1.2}
    />
  );
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="mt-2 w-full"
      role="img"
      aria-label={`${points.length} readings in order; ${marks.map(({ says }) => says).join(', ')}.`}
    >
      {limits.map((up) => (
        <g key={`l${up}`}>{across(up)}</g>
      ))}
      {control.map((up) => (
        <g key={`c${up}`}>{across(up, '3 3')}</g>
      ))}
      {across(mean, '8 3')}
      <polyline
        points={points.map(([px, py]) => `${px + 10},${y(py)}`).join(' ')}
        fill="none"
        stroke="currentColor"
      />
      {points.map(([px, py], i) => (
        <circle key={i} cx={px + 10} cy={y(py)} r={2.5} fill="currentColor" />
      ))}
      {marks.map(({ at, says }) => (
        <text key={says} x={18 + plotted} y={y(at) + 3.5} fontSize={10} fill="currentColor">
          {says}
        </text>
      ))}
      <text x={10} y={height - 6} fontSize={10} fill="currentColor">
        Readings 1 to {points.length}, in order
      </text>
    </svg>
  );
}
