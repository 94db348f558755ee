'use client';

import { useMemo, useRef, useState } from 'react';
import { readingsPerSpot } from '@/core/quality';
import { isRefusal, type Outcome } from '@/core/refusal';
import { gaugeUnits, type GaugeUnit } from '@/exchange/gaugewords';
import type { Decimal } from '@/exchange/gaugenumbers';
import {
  isMapped,
  previewReadings,
  recognised,
  withFilm,
  type GaugeQuestions,
  type GaugeTable,
} from '@/exchange/readingscsv';
import { readGaugeFile } from '@/workers/gauge';
import { mostSpots } from '@/facts/job';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { PreviewedReadings } from './PreviewedReadings';
import { UnsaidColumns } from './UnsaidColumns';

const unasked = { value: '', label: 'Choose' };

/** A gauge’s table taken in: what its columns, unit and numbers are is recognised or asked, every row previewed. */
export function ImportReadings() {
  const { view, log } = useJob();
  const units = useUnits();
  const input = useRef<HTMLInputElement>(null);
  const [table, setTable] = useState<Outcome<GaugeTable>>();
  const [mapping, setMapping] = useState<GaugeQuestions>({});
  const [withCopies, setWithCopies] = useState(false);
  const { job, check } = view;
  const { spec, coatsOn } = check;
  const read = table && !isRefusal(table) ? table : undefined;
  const preview = useMemo(
    () =>
      read && isMapped(mapping)
        ? previewReadings(read, mapping, job.part.faces, spec, readingsPerSpot, mostSpots)
        : undefined,
    [read, mapping, job.part.faces, spec],
  );
  const faces = job.part.faces.length;
  const open = async (file: File | undefined) => {
    if (!file) return;
    const found = await readGaugeFile(file).result;
    setTable(found);
    setMapping(found && !isRefusal(found) ? recognised(found, faces) : {});
    if (input.current) input.current.value = '';
  };
  const kept = preview?.readings.filter(({ duplicate }) => withCopies || !duplicate) ?? [];
  const take = () => {
    log(
      `${kept.length} readings from a file`,
      ...kept.map(({ faceId, spot, film }) => ({ type: 'film' as const, faceId, spot, reading: film })),
    );
    setTable(undefined);
  };
  const columns = (read?.columns ?? []).map((name, i) => ({
    value: String(i),
    label: name || `Column ${i + 1}`,
  }));
  const choose = (part: GaugeQuestions) => setMapping({ ...mapping, ...part });
  /** What is not known yet is asked: nothing is chosen then. */
  const asking = (known: unknown) => (known === undefined ? [unasked] : []);
  const shown = (known: number | string | undefined) => (known === undefined ? '' : String(known));
  return (
    <Panel
      title="Readings from a gauge’s file"
      place="import"
      tools={
        <Button disabled={coatsOn === 0} onClick={() => input.current?.click()}>
          Choose a CSV file
        </Button>
      }
    >
      <input
        ref={input}
        type="file"
        accept=".csv,.txt,.tsv,text/csv"
        aria-label="Gauge file"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => void open(event.target.files?.[0])}
      />
      {!table && (
        <p className="text-sm text-ink-soft">
          Columns divided by commas, semicolons or tabs; decimal points or commas. Nothing is taken before you
          have seen it.
        </p>
      )}
      {table && isRefusal(table) && <Notice tone="stop">{units.says(table)}</Notice>}
      {read && (
        <div className="space-y-4" data-import>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
            <SelectField
              label="Film"
              value={shown(mapping.film)}
              options={[...asking(mapping.film), ...columns]}
              onChange={({ target }) => setMapping(withFilm(read, faces, mapping, Number(target.value)))}
            />
            <SelectField
              label="Unit"
              value={shown(mapping.unit)}
              options={[...asking(mapping.unit), ...gaugeUnits.map((unit) => ({ value: unit, label: unit }))]}
              onChange={({ target }) => choose({ unit: target.value as GaugeUnit })}
            />
            <SelectField
              label="Decimal mark"
              value={shown(mapping.decimal)}
              options={[
                ...asking(mapping.decimal),
                { value: 'point', label: 'Point: 48.5' },
                { value: 'comma', label: 'Comma: 48,5' },
              ]}
              onChange={({ target }) => choose({ decimal: target.value as Decimal })}
            />
            <SelectField
              label="Face"
              value={shown(mapping.face)}
              options={[
                ...asking(mapping.face),
                { value: 'first', label: `All on ${job.part.faces[0]?.name ?? ''}` },
                ...columns,
              ]}
              onChange={({ target: { value } }) =>
                choose({ face: value === 'first' ? value : Number(value) })
              }
            />
            <SelectField
              label="Spot"
              value={shown(mapping.spot)}
              options={[
                ...asking(mapping.spot),
                { value: 'in order', label: `In order, ${readingsPerSpot} a spot` },
                ...columns,
              ]}
              onChange={({ target: { value } }) =>
                choose({ spot: value === 'in order' ? value : Number(value) })
              }
            />
          </div>
          {!preview && <UnsaidColumns table={read} known={mapping} />}
          {preview && (
            <PreviewedReadings
              preview={preview}
              withCopies={withCopies}
              unit={mapping.unit}
              onCopies={setWithCopies}
              onUnit={(unit) => choose({ unit })}
            />
          )}
          <div className="flex flex-wrap gap-3">
            {preview && (
              <Button onClick={take} disabled={kept.length === 0}>
                Take {plural(kept.length, 'reading', 'readings')}
              </Button>
            )}
            <Button onClick={() => setTable(undefined)}>Leave it</Button>
          </div>
        </div>
      )}
    </Panel>
  );
}
