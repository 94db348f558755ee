'use client';

import { useState } from 'react';
import { readingsPerSpot } from '@/core/quality';
import { isRefusal } from '@/core/refusal';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';

/** Zero and shim before use, and what the gauge reads on the part before this system: both are taken into account. */
export function GaugeCare() {
  const { view, log } = useJob();
  const units = useUnits();
  const { job, check } = view;
  const [zero, setZero] = useState<number | undefined>(0);
  const [shim, setShim] = useState<number>();
  const [read, setRead] = useState<number>();
  const [faceId, setFaceId] = useState(job.part.faces[0]?.id ?? '');
  const [base, setBase] = useState<number>();
  const digits = units.system === 'metric' ? { digits: 1 } : { digits: 2 };
  const { gauge } = check;
  const correction = gauge && !isRefusal(gauge.correction) ? gauge.correction : undefined;
  const percent = (value: number) => written(amount('share', Math.abs(value)), units);
  return (
    <Panel title="Gauge and base" place="gauge">
      <div className="grid gap-6 lg:grid-cols-2">
        <div className="space-y-3">
          <div className="grid grid-cols-3 gap-3">
            <NumberField
              label="On the zero plate"
              quantity="film"
              value={zero}
              onChange={setZero}
              expects={[0.1e-6, 20e-6]}
            />
            <NumberField
              label="Shim"
              quantity="film"
              value={shim}
              onChange={setShim}
              expects={expects.dryFilm}
            />
            <NumberField
              label="It read"
              quantity="film"
              value={read}
              onChange={setRead}
              expects={expects.dryFilm}
            />
          </div>
          <Button
            disabled={zero === undefined || !shim || !read}
            onClick={() => {
              if (zero !== undefined && shim && read)
                log('gauge check', { type: 'gauge-check', zero, shim, read });
            }}
          >
            Record the check
          </Button>
          <div data-gauge>
            {!gauge ? (
              <Notice tone="care">
                The gauge was not checked for this job. Zero and shim it before readings count for anything.
              </Notice>
            ) : isRefusal(gauge.correction) ? (
              <Notice tone="stop">{units.says(gauge.correction)}</Notice>
            ) : correction?.usable ? (
              <Notice tone="good">
                Read {percent(correction.off)} {correction.off >= 0 ? 'high' : 'low'} on the shim
                {correction.zero === 0
                  ? ''
                  : `, ${written(amount('film', correction.zero), units, digits)} on zero`}
                : readings after it are corrected.
              </Notice>
            ) : (
              <Notice tone="stop">
                {percent(correction?.off ?? 0)} off on the shim: more than a tenth. Mend or replace the gauge;
                its readings are not corrected.
              </Notice>
            )}
          </div>
        </div>
        <div className="space-y-3">
          <div className="grid grid-cols-2 gap-3">
            <SelectField
              label="Face"
              value={faceId}
              onChange={(event) => setFaceId(event.target.value)}
              options={job.part.faces.map(({ id, name }) => ({ value: id, label: name }))}
            />
            <NumberField
              label="Base reading"
              quantity="film"
              value={base}
              onChange={setBase}
              expects={[0.2e-6, 200e-6]}
            />
          </div>
          <Button
            disabled={!base}
            onClick={() => {
              if (base) log('base reading', { type: 'base', faceId, reading: base });
              setBase(undefined);
            }}
          >
            Record the base
          </Button>
          <p className="text-sm text-ink-soft" data-bases>
            {check.bases.size === 0
              ? `On blasted, rough or primed parts: take ${readingsPerSpot} before the first coat, or before a layer to measure that one alone. What they read is taken off.`
              : job.part.faces
                  .flatMap(({ id, name }) =>
                    check.bases.has(id)
                      ? [`${name}: ${written(amount('film', check.bases.get(id)), units, digits)} taken off.`]
                      : [],
                  )
                  .join(' ')}
          </p>
        </div>
      </div>
    </Panel>
  );
}
