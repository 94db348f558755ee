'use client';

import { useMemo } from 'react';
import { createPortal } from 'react-dom';
import { fileName } from '@/exchange/filename';
import { codeCells, labelLayout, labelSize } from '@/exchange/label';
import type { Label } from '@/words/label';
import type { BatchState } from '@/facts/job';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { useJob } from '@/ui/job/context';
import { Fold } from '@/ui/Fold';
import { Panel } from '@/ui/Panel';
import { usePrint } from '@/ui/print';
import { useUnits } from '@/ui/units';
import { labelOf } from '@/words/label';
import { arrived } from '@/ui/fetched';

/** The label for the pot: seen as it prints, at its own size, or taken as a PDF. */
export function PotLabel({ batch }: { readonly batch: BatchState }) {
  const { view } = useJob();
  const units = useUnits();
  const label = labelOf(view, batch, units);
  const { height } = labelLayout(label);
  const { printing, print } = usePrint();

  const save = async () => {
    // The PDF writer is large and seldom wanted.
    const writer = await arrived(import('@/exchange/labelpdf'));
    if (!writer) return;
    const { labelPdf } = writer;
    const file = await labelPdf(label);
    const day = new Date(batch.mixedAt).toISOString().slice(0, 10);
    download(fileName(`label ${label.title}`, day, 'pdf'), new Uint8Array(file), 'application/pdf');
  };
  return (
    <Panel
      title="Label for the pot"
      tools={
        <span className="flex flex-wrap gap-2">
          <Button onClick={print}>Print label</Button>
          <Button onClick={() => void save()}>Label as PDF</Button>
        </span>
      }
    >
      {printing &&
        createPortal(
          <div data-paper="label">
            <style>{`@page { size: ${labelSize.width}mm ${height}mm; margin: 0 }`}</style>
            <LabelDrawing label={label} />
          </div>,
          document.body,
        )}
      <Fold
        title="What stands on it"
        says={`${label.title}, ${label.lines.length} lines and a code`}
        verb="Show"
      >
        <LabelDrawing label={label} />
      </Fold>
    </Panel>
  );
}

/** Black on white in both themes: it is a piece of paper. */
function LabelDrawing({ label }: { readonly label: Label }) {
  const { width } = labelSize;
  const layout = labelLayout(label);
  const { height } = layout;
  const path = useMemo(() => codePath(label.data), [label.data]);
  return (
    <svg
      data-label
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Label: ${label.title}. ${label.lines.map(({ label: name, value }) => `${name} ${value}`).join('. ')}`}
      className="w-full max-w-md border border-hairline"
    >
      <rect width={width} height={height} fill="var(--label-paper)" />
      <g fill="var(--label-ink)">
        <text x={4} y={8.5} fontSize={layout.title.size} fontWeight={700}>
          {label.title}
        </text>
        {label.lines.map(({ label: name, value }, i) => (
          <g key={name}>
            <text x={4} y={layout.lines[i]?.y} fontSize={2.6}>
              {name}
            </text>
            <text x={21} y={layout.lines[i]?.y} fontSize={layout.lines[i]?.size} fontWeight={700}>
              {value}
            </text>
          </g>
        ))}
        {layout.hazards.map(({ text, y }) => (
          <text key={y} x={4} y={y} fontSize={2.2} fontWeight={700}>
            {text}
          </text>
        ))}
        <text x={4} y={layout.foot} fontSize={2}>
          {label.foot}
        </text>
        <path d={path} transform="translate(68 11) scale(28)" />
      </g>
    </svg>
  );
}

/** The code as one path on a unit square. */
function codePath(text: string): string {
  const cells = codeCells(text);
  const side = 1 / cells.length;
  return cells
    .flatMap((row, y) =>
      row.map((dark, x) => (dark ? `M${x * side} ${y * side}h${side}v${side}h${-side}z` : '')),
    )
    .join('');
}
