'use client';

import { useMemo, useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { laidReadings } from '@/facts/job';
import { SelectField } from '@/ui/Field';
import { evenFigure } from '@/ui/figures/evenfigure';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import { traceWords } from '@/words/traces';

/** Readings over the film the strokes should have left, and what they say of the hand. */
export function AgainstMap() {
  const { view } = useJob();
  const units = useUnits();
  const colours = useColours();
  const { job, check, plan } = view;
  const measured = job.part.faces.filter(({ id }) =>
    check.spots.some(({ faceId, readings }) => faceId === id && readings.length > 0),
  );
  const [chosen, setFaceId] = useState(measured[0]?.id);
  const faceId = measured.find(({ id }) => id === chosen)?.id ?? measured[0]?.id ?? '';
  // Laid again when the job changes, not with every second of the clock.
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from the job and the rig
  const laid = useMemo(() => laidReadings(view, faceId), [job, view.rig, faceId]);
  const figure = useMemo(
    () =>
      isRefusal(laid)
        ? undefined
        : evenFigure({ ...laid, system: units.system, colours, readings: laid.places }),
    [laid, units.system, colours],
  );
  if (measured.length === 0) return null;
  return (
    <Panel title="Predicted against measured" place="against">
      {measured.length > 1 && (
        <SelectField
          label="Face"
          value={faceId}
          onChange={(event) => setFaceId(event.target.value)}
          options={measured.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      {isRefusal(laid) || !figure ? (
        <Notice tone="care">{isRefusal(laid) ? units.says(laid) : ''}</Notice>
      ) : (
        <div className="grid gap-5 2xl:grid-cols-[minmax(0,1fr)_20rem]">
          <Plot
            data={figure.data}
            layout={figure.layout}
            height={360}
            label={`Map of the dry film the coats on ${laid.setup.face.name} should have, with ${laid.places.length} measured places on it.`}
          />
          <div data-traces>
            {isRefusal(laid.traces) ? (
              <p className="text-sm text-ink-soft">{units.says(laid.traces)}</p>
            ) : (
              <ul className="space-y-2">
                {traceWords(laid.traces, laid.turned, plan.transfer, units).map((words) => (
                  <li key={words} className="border-l-4 border-act pl-3">
                    {words}
                  </li>
                ))}
              </ul>
            )}
            <p className="mt-3 text-xs text-ink-soft">
              Coloured by the strokes as set, every coat that is on; the rings are spot means. Few readings
              claim little: only what nine in ten such sets of readings would show is said.
              {laid.turned ? ' The map lies with its strokes: its left is the face’s top.' : ''}
            </p>
          </div>
        </div>
      )}
    </Panel>
  );
}
