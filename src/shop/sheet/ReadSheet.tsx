'use client';

import { useEffect, useRef, useState, type DragEvent } from 'react';
import { isRefusal } from '@/core/refusal';
import { Button, ButtonLink } from '@/ui/Button';
import { fieldBox, FieldShell } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { useUnits } from '@/ui/units';
import { readPaper, type ReadPaper } from '@/workers/sheet';
import { ConfirmSheet } from './ConfirmSheet';

/** A product’s paper, chosen, dropped or pasted, read, and confirmed fact by fact. */
export function ReadSheet() {
  const units = useUnits();
  const input = useRef<HTMLInputElement>(null);
  const task = useRef<ReturnType<typeof readPaper>>(undefined);
  const [reading, setReading] = useState(false);
  const [refused, setRefused] = useState<string>();
  const [paper, setPaper] = useState<ReadPaper>();
  const [pasted, setPasted] = useState('');
  const [over, setOver] = useState(false);
  useEffect(() => () => task.current?.cancel(), []);

  const read = async (file: Blob) => {
    task.current?.cancel();
    setRefused(undefined);
    setReading(true);
    task.current = readPaper(file);
    const outcome = await task.current.result;
    setReading(false);
    if (outcome === undefined) return;
    if (isRefusal(outcome)) setRefused(units.says(outcome));
    else setPaper(outcome);
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const [file] = event.dataTransfer.files;
    if (file) void read(file);
  };

  if (paper) return <ConfirmSheet paper={paper} onBack={() => setPaper(undefined)} />;
  return (
    <Page
      title="Read a sheet"
      says="The product’s technical sheet: what it states is proposed, with the words it came from. Nothing is taken over unseen."
      tools={<ButtonLink href="/coatings">To the coatings</ButtonLink>}
    >
      <div className="max-w-3xl space-y-6">
        <div
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={drop}
          className={`space-y-3 border-2 border-dashed p-6 ${over ? 'border-act bg-act-wash' : 'border-ink-soft'}`}
        >
          <p>Drop a file here: a PDF, a saved page, or text.</p>
          <Button look="main" disabled={reading} onClick={() => input.current?.click()}>
            Choose a file
          </Button>
          <input
            ref={input}
            type="file"
            accept=".pdf,.txt,.html,.htm,application/pdf,text/plain,text/html"
            aria-label="Product sheet"
            className="hidden"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file) void read(file);
            }}
          />
        </div>
        <div className="space-y-3">
          <FieldShell label="Or paste its text">
            {({ id }) => (
              <textarea
                id={id}
                rows={8}
                className={`${fieldBox} py-2`}
                value={pasted}
                maxLength={200_000}
                onChange={(event) => setPasted(event.target.value)}
              />
            )}
          </FieldShell>
          <Button
            disabled={reading || pasted.trim() === ''}
            onClick={() => void read(new Blob([pasted], { type: 'text/plain' }))}
          >
            Read the text
          </Button>
        </div>
        {reading && (
          <p role="status" className="flex items-center gap-4">
            The paper is being read.
            <Button look="quiet" onClick={() => task.current?.cancel()}>
              Stop
            </Button>
          </p>
        )}
        {refused && (
          <div role="alert">
            <Notice tone="stop">{refused}</Notice>
          </div>
        )}
      </div>
    </Page>
  );
}
