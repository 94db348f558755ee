'use client';

import { useEffect, useRef, useState } from 'react';
import { readingsPerSpot } from '@/core/quality';
import { isRefusal } from '@/core/refusal';
import { readGauge, type GaugeQuestion } from '@/standins/filmgauge';
import type { FaceSpot } from '@/facts/job';
import { BigKeys } from '@/ui/BigKeys';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { hasSerial, serialLine } from '@/ui/live/port';
import { simulatedGauge } from '@/ui/live/simulatedgauge';
import { useLiveLine } from '@/ui/live/useliveline';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Check } from '@/ui/Check';
import { useUnits } from '@/ui/units';
import { amount, written, writtenParts } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const spotKey = ({ faceId, spot }: Pick<FaceSpot, 'faceId' | 'spot'>) => `${faceId}/${spot}`;

/** The faces with their spots; a spot is chosen, its readings are typed or taken from the simulated gauge. */
export function SpotMap() {
  const { view, log } = useJob();
  const units = useUnits();
  const { check, job } = view;
  const { spots, verdict, spec, coatsOn } = check;
  const open = spots.find(({ readings }) => readings.length < readingsPerSpot) ?? spots[0];
  const [chosen, setChosen] = useState<string>();
  const [reading, setReading] = useState<number>();
  const [bigKeys, setBigKeys] = useState(false);
  const spot = spots.find((each) => spotKey(each) === chosen) ?? open;
  const face = job.part.faces.find(({ id }) => id === spot?.faceId);
  const digits = units.system === 'metric' ? { digits: 1 } : { digits: 2 };
  const states = new Map(isRefusal(verdict) ? [] : verdict.spots.map((each) => [each.id, each] as const));

  const record = (readings: readonly number[], simulated: boolean) => {
    if (!spot) return;
    log(
      `film, ${face?.name ?? ''} spot ${spot.spot + 1}`,
      ...readings.map((each) => ({
        type: 'film' as const,
        faceId: spot.faceId,
        spot: spot.spot,
        reading: each,
        ...(simulated ? { simulated } : {}),
      })),
    );
    setReading(undefined);
    // A full spot passes the gauge on to the next one.
    if (spot.readings.length + readings.length >= readingsPerSpot) setChosen(undefined);
  };
  const fromGauge = () =>
    spot &&
    record(
      Array.from({ length: readingsPerSpot }, (_, i) =>
        readGauge({
          jobId: job.id,
          faceId: spot.faceId,
          dry: spec.nominal,
          x: spot.x,
          y: spot.y,
          taken: spot.readings.length + i,
        }),
      ),
      true,
    );
  // A gauge on a line measures on by itself, reading after reading; the stand-in until every wanted spot is full.
  const line = useLiveLine((read, _t, simulated) => {
    if (read.kind === 'film' && coatsOn > 0) record([read.value], simulated);
  });
  const full = check.spots.every(({ readings }) => readings.length >= readingsPerSpot);
  const { status, simulated: standIn, close } = line;
  const streaming = status !== 'off' && standIn;
  useEffect(() => {
    if (full && streaming) close();
  }, [full, streaming, close]);
  const asked = useRef<GaugeQuestion>(undefined);
  useEffect(() => {
    asked.current = spot && {
      jobId: job.id,
      faceId: spot.faceId,
      dry: spec.nominal,
      x: spot.x,
      y: spot.y,
      taken: spot.readings.length,
    };
  });
  if (!spot) return null;
  return (
    <Panel
      title="Where it is measured"
      place="map"
      tools={<Check label="Big keys" checked={bigKeys} onChange={setBigKeys} className="text-sm" />}
    >
      <div className="grid gap-6 xl:grid-cols-[minmax(0,1fr)_18rem]">
        <div className="flex flex-wrap gap-5">
          {job.part.faces.map(({ id, name, width, height }) => (
            <figure key={id} className="min-w-0 max-w-full grow">
              <div
                className="relative border-2 border-ink bg-sheet"
                style={{
                  aspectRatio: `${Math.min(Math.max(width / height, 0.62), 2.2)}`,
                  width: `min(${Math.min(Math.max(width / height, 0.62), 2.2) * 17}rem, 100%)`,
                }}
              >
                {spots
                  .filter(({ faceId }) => faceId === id)
                  .map((each) => {
                    const found = states.get(spotKey(each));
                    const here = spotKey(each) === spotKey(spot);
                    const mark = found?.state === 'low' ? '▼' : found?.state === 'high' ? '▲' : '';
                    const box = !found
                      ? 'border-ink-soft bg-paper border-dashed'
                      : found.state === 'inside'
                        ? 'border-good bg-good-wash'
                        : 'border-stop bg-stop-wash';
                    return (
                      <button
                        key={each.spot}
                        type="button"
                        aria-pressed={here}
                        aria-label={`${name}, spot ${each.spot + 1}: ${found ? `${written(amount('film', found.mean), units, digits)}, ${found.state}` : 'not measured'}`}
                        onClick={() => setChosen(spotKey(each))}
                        className={`absolute flex size-11 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 text-xs font-bold ${box} ${here ? 'outline-3 outline-offset-2 outline-act' : ''}`}
                        style={{ left: `${each.x * 100}%`, top: `${each.y * 100}%` }}
                      >
                        {found
                          ? `${mark}${writtenParts(amount('film', found.mean), units, units.system === 'metric' ? { digits: 0 } : {}).number}`
                          : each.spot + 1}
                      </button>
                    );
                  })}
              </div>
              <figcaption className="mt-1 text-sm text-ink-soft">{name}</figcaption>
            </figure>
          ))}
        </div>
        <div className="space-y-3">
          <h3 className="font-bold">
            {face?.name}, spot {spot.spot + 1}
          </h3>
          <p className="min-h-6 text-sm">
            {spot.readings.length === 0 ? (
              <span className="text-ink-soft">No readings yet.</span>
            ) : (
              spot.readings.map(({ id, reading: each, simulated }) => (
                <span key={id} className="mr-3 inline-block font-bold">
                  <Printed figure={amount('film', each)} {...digits} />
                  {simulated && <span className="ml-1 text-xs font-normal text-care">sim.</span>}
                </span>
              ))
            )}
          </p>
          <NumberField
            label={`Reading ${spot.readings.length + 1}`}
            quantity="film"
            value={reading}
            onChange={setReading}
            expects={coatsOn > 0 ? [spec.min * 0.4, spec.max * 2] : expects.dryFilm}
            place="reading"
            big
            onEnter={() => reading !== undefined && reading > 0 && record([reading], false)}
          />
          {bigKeys && (
            <BigKeys
              label={`Reading ${spot.readings.length + 1}`}
              quantity="film"
              enter="Record"
              expects={coatsOn > 0 ? [spec.min * 0.4, spec.max * 2] : expects.dryFilm}
              onDone={(value) => record([value], false)}
              onCancel={() => setBigKeys(false)}
            />
          )}
          <div className="flex flex-wrap gap-2">
            <Button
              disabled={reading === undefined || reading <= 0 || coatsOn === 0}
              onClick={() => reading !== undefined && record([reading], false)}
            >
              Record
            </Button>
            <Button disabled={coatsOn === 0} onClick={fromGauge}>
              Simulated gauge: take {readingsPerSpot}
            </Button>
            {hasSerial() && (
              <Button
                disabled={coatsOn === 0}
                aria-pressed={status !== 'off' && !standIn}
                onClick={() => (status === 'off' ? line.open(serialLine(), false) : close())}
              >
                {status !== 'off' && !standIn ? 'Put the gauge away' : 'Gauge on a cable'}
              </Button>
            )}
            <Button
              disabled={coatsOn === 0}
              aria-pressed={streaming}
              onClick={() =>
                streaming
                  ? close()
                  : line.open(
                      simulatedGauge(() => asked.current),
                      true,
                    )
              }
            >
              {streaming ? 'Stop the simulated gauge' : 'Simulated gauge: stream'}
            </Button>
          </div>
          {coatsOn === 0 && <p className="text-sm text-ink-soft">Readings count once a coat is on.</p>}
          {line.trouble && (
            <Notice tone="care">
              {typeof line.trouble === 'string' ? line.trouble : units.says(line.trouble)}
            </Notice>
          )}
        </div>
      </div>
    </Panel>
  );
}
