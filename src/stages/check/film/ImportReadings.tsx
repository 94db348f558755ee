'use client';

import { useMemo, useRef, useState } from 'react';
import { readingsPerSpot } from '@/core/quality';
import { isRefusal, type Outcome } from '@/core/refusal';
import {
  gaugeUnits,
  guessMapping,
  previewReadings,
  readGaugeTable,
  type GaugeMapping,
  type GaugeTable,
  type GaugeUnit,
} from '@/exchange/readingscsv';
import { mostSpots } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { amount, jobFigure } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** Bytes past which a file is not even read. */
const largest = 8 * 1024 * 1024;
const shownRows = 6;

/** A gauge’s table taken in: columns named, unit asked about, every row previewed, doubtful ones said. */
export function ImportReadings() {
  const { view, log } = useJob();
  const units = useUnits();
  const input = useRef<HTMLInputElement>(null);
  const [table, setTable] = useState<Outcome<GaugeTable>>();
  const [mapping, setMapping] = useState<GaugeMapping>();
  const [withCopies, setWithCopies] = useState(false);
  const { job, check } = view;
  const { spec, coatsOn } = check;
  const read = table && !isRefusal(table) ? table : undefined;
  const preview = useMemo(
    () => read && mapping && previewReadings(read, mapping, job.part.faces, spec, readingsPerSpot, mostSpots),
    [read, mapping, job.part.faces, spec],
  );
  const open = async (file: File | undefined) => {
    if (!file) return;
    const found = file.size > largest ? readGaugeTable('\u0000') : readGaugeTable(await file.text());
    setTable(found);
    setMapping(isRefusal(found) ? undefined : guessMapping(found));
    if (input.current) input.current.value = '';
  };
  const kept = preview?.readings.filter(({ duplicate }) => withCopies || !duplicate) ?? [];
  const take = () => {
    log(
      `${kept.length} readings from a file`,
      ...kept.map(({ faceId, spot, film }) => ({ type: 'film' as const, faceId, spot, reading: film })),
    );
    setTable(undefined);
    setMapping(undefined);
  };
  const columns = (read?.columns ?? []).map((name, i) => ({
    value: String(i),
    label: name || `Column ${i + 1}`,
  }));
  const chosen = (value: string) => (value === '' ? undefined : Number(value));
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
      {read && mapping && preview && (
        <div className="space-y-4" data-import>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            <SelectField
              label="Film"
              value={String(mapping.film)}
              options={columns}
              onChange={(event) => setMapping({ ...mapping, film: Number(event.target.value) })}
            />
            <SelectField
              label="Unit"
              value={mapping.unit}
              options={gaugeUnits.map((unit) => ({ value: unit, label: unit }))}
              onChange={(event) => setMapping({ ...mapping, unit: event.target.value as GaugeUnit })}
            />
            <SelectField
              label="Face"
              value={mapping.face === undefined ? '' : String(mapping.face)}
              options={[{ value: '', label: `All on ${job.part.faces[0]?.name ?? ''}` }, ...columns]}
              onChange={(event) => setMapping({ ...mapping, face: chosen(event.target.value) })}
            />
            <SelectField
              label="Spot"
              value={mapping.spot === undefined ? '' : String(mapping.spot)}
              options={[{ value: '', label: `In order, ${readingsPerSpot} a spot` }, ...columns]}
              onChange={(event) => setMapping({ ...mapping, spot: chosen(event.target.value) })}
            />
          </div>
          {preview.meant && (
            <Notice tone="care">
              In {mapping.unit} these readings lie far from the{' '}
              <Printed
                figure={jobFigure(view, 'film.wanted-least', spec.min)}
                to={jobFigure(view, 'film.wanted-most', spec.max)}
              />{' '}
              of this part. Are they {preview.meant}?{' '}
              <button
                type="button"
                className="min-h-11 font-semibold text-act underline underline-offset-4"
                onClick={() => setMapping({ ...mapping, unit: preview.meant as GaugeUnit })}
              >
                Use {preview.meant}
              </button>
            </Notice>
          )}
          {preview.duplicates > 0 && (
            <Check
              label={`Take the ${plural(preview.duplicates, 'copy', 'copies')} of rows too`}
              checked={withCopies}
              onChange={setWithCopies}
            />
          )}
          <table className="w-full text-left text-sm">
            <thead className="text-ink-soft">
              <tr className="border-b border-hairline">
                <th className="py-1 font-normal">Row</th>
                <th className="font-normal">Face</th>
                <th className="font-normal">Spot</th>
                <th className="font-normal">Film</th>
              </tr>
            </thead>
            <tbody>
              {preview.readings.slice(0, shownRows).map(({ row, faceId, spot, film, duplicate }) => (
                <tr key={row} className="border-b border-hairline">
                  <td className="py-1">{row}</td>
                  <td>{job.part.faces.find(({ id }) => id === faceId)?.name}</td>
                  <td>{spot + 1}</td>
                  <td>
                    <b>
                      <Printed
                        figure={amount('film', film)}
                        {...(units.system === 'metric' ? { digits: 1 } : { digits: 2 })}
                      />
                    </b>
                    {duplicate ? ' copy' : ''}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {preview.readings.length > shownRows && (
            <p className="text-sm text-ink-soft">and {preview.readings.length - shownRows} more.</p>
          )}
          {preview.problems.length > 0 && (
            <details>
              <summary className="flex min-h-11 items-center font-semibold text-care">
                ▲ {plural(preview.problems.length, 'row is', 'rows are')} left out
              </summary>
              <ul className="text-sm">
                {preview.problems.slice(0, 40).map(({ row, says }) => (
                  <li key={row}>
                    Row {row}: {says}
                  </li>
                ))}
              </ul>
            </details>
          )}
          <div className="flex flex-wrap gap-3">
            <Button onClick={take} disabled={kept.length === 0}>
              Take {plural(kept.length, 'reading', 'readings')}
            </Button>
            <Button onClick={() => setTable(undefined)}>Leave it</Button>
          </div>
        </div>
      )}
    </Panel>
  );
}
