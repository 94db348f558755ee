'use client';

import { isoNow } from '@/store/clock';
import { useState } from 'react';
import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import { useStore } from '@/store/hooks';
import { rigMoisture, waterRows } from '@/facts/shop/water';
import { Button, ButtonLink } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { EmptyState } from '@/ui/EmptyState';
import { expects } from '@/words/expects';
import { Facts } from '@/ui/Facts';
import { SelectField } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { liquidWords, waterWords } from '@/words/care';
import { dayWords } from '@/words/caredue';
import { DueList } from './DueList';
import { useCare } from './usecare';
import { amount, written } from '@/words/figures';

/** Water in the air: by today's weather, and as found; drains, filters and dryers. */
export function AirPart() {
  const { rigs, jobs, dues, now } = useCare();
  const fed = rigs.filter(({ air }) => air === 'compressor');
  const [id, setId] = useState('');
  const [air, setAir] = useState<number | undefined>(celsius(20));
  const [humidity, setHumidity] = useState<number | undefined>(0.6);
  const [room, setRoom] = useState<number | undefined>(celsius(18));
  const [working, setWorking] = useState<number | undefined>(3 * 3600);
  const units = useUnits();
  const rig = fed.find((each) => each.id === id) ?? fed.find(({ compressor }) => compressor) ?? fed[0];
  if (!rig)
    return (
      <EmptyState title="No gun takes air from a compressor">
        <p>Turbines and airless pumps bring no water of their own.</p>
        <ButtonLink href="/rigs">To the guns</ButtonLink>
      </EmptyState>
    );
  const known = air !== undefined && humidity !== undefined && room !== undefined && working !== undefined;
  const found = known ? rigMoisture(rig, { air, humidity, room, working }) : undefined;
  const own = dues.filter((due) => due.kind === 'air' && due.rig.id === rig.id);
  const undated = rig.airParts?.filter(({ since }) => !since) ?? [];
  return (
    <div className="border-t border-hairline">
      <Panel title="Water by the weather" place="moisture">
        <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]" data-moisture>
          <div className="grid grid-cols-1 gap-3 self-start sm:grid-cols-2">
            <div className="sm:col-span-2">
              <SelectField
                label="Gun set-up"
                value={rig.id}
                onChange={(event) => setId(event.target.value)}
                options={fed.map(({ id: value, name }) => ({ value, label: name }))}
              />
            </div>
            <NumberField
              label="Air outside"
              quantity="temperature"
              value={air}
              onChange={setAir}
              expects={expects.air}
            />
            <NumberField
              label="Its humidity"
              quantity="share"
              value={humidity}
              onChange={setHumidity}
              expects={expects.humidity}
            />
            <NumberField
              label="Room the line hangs in"
              quantity="temperature"
              value={room}
              onChange={setRoom}
              expects={expects.air}
            />
            <NumberField
              label="Trigger pulled, a day"
              quantity="runTime"
              value={working}
              onChange={setWorking}
              expects={[0.1 * 3600, 12 * 3600]}
            />
          </div>
          {found &&
            (isRefusal(found) ? (
              <Notice tone="care">{units.says(found)}</Notice>
            ) : (
              <div className="space-y-3">
                <Facts
                  title="To be expected"
                  facts={[
                    {
                      label: 'In the tank, an hour',
                      value: liquidWords((found.inTank * 3600) / 1000, units),
                    },
                    {
                      label: 'In the line, an hour',
                      value: liquidWords((found.inLine * 3600) / 1000, units),
                    },
                    { label: 'A day', value: liquidWords(found.aDay / 1000, units) },
                    {
                      label: 'A separator bowl lasts',
                      value: Number.isFinite(found.bowlLasts)
                        ? written(amount('duration', found.bowlLasts), units)
                        : 'dry line',
                    },
                    {
                      label: 'Humidity at the gun',
                      value: written(amount('share', found.atGun), units, { digits: 0 }),
                    },
                  ]}
                />
                <Notice tone={found.atGun > 0.6 ? 'care' : 'plain'}>
                  {found.atGun > 0.6
                    ? 'Damp at the gun: drain before each coat, mind blush and fish-eyes; a dryer, or a longer run of cool pipe before the separator.'
                    : found.aDay > 0.2
                      ? 'Drain the tank at the end of the day at the latest.'
                      : 'Little water in this weather.'}
                </Notice>
                <p className="text-xs text-ink-soft">
                  Tank ten degrees over the air it draws and a bowl of {liquidWords(50e-6, units)} are
                  defaults.
                </p>
              </div>
            ))}
        </div>
      </Panel>
      <WaterFound key={rig.id} rig={rig} rows={waterRows(rig, jobs)} now={now} />
      <Panel title="Drains, filters, dryers">
        {own.length > 0 ? (
          <DueList dues={own} now={now} />
        ) : (
          <p className="text-ink-soft">None of them is dated on the gun’s page yet.</p>
        )}
        {undated.length > 0 && (
          <p className="mt-2 text-sm">
            Without a day: {undated.map(({ name, kind }) => name ?? kind).join(', ')}.
          </p>
        )}
        <div className="mt-3">
          <ButtonLink href={`/rigs/${rig.id}`}>Parts of its line</ButtonLink>
        </div>
      </Panel>
    </div>
  );
}

function WaterFound({
  rig,
  rows,
  now,
}: {
  readonly rig: Rig;
  readonly rows: ReturnType<typeof waterRows>;
  readonly now: number;
}) {
  const store = useStore();
  const units = useUnits();
  const [where, setWhere] = useState<'tank' | 'separator' | 'gun'>('separator');
  const [volume, setVolume] = useState<number | undefined>();
  const [air, setAir] = useState<number | undefined>();
  const [humidity, setHumidity] = useState<number | undefined>();
  const keep = () => {
    if (volume === undefined) return;
    const entry = {
      at: isoNow(),
      where,
      volume,
      ...(air === undefined ? {} : { air }),
      ...(humidity === undefined ? {} : { humidity }),
    };
    // Draining is what it is found by.
    const airParts = rig.airParts?.map((part) =>
      (where === 'tank' && part.kind === 'drain') || (where === 'separator' && part.kind === 'separator')
        ? { ...part, since: new Date(now).toISOString().slice(0, 10) }
        : part,
    );
    store.put(
      { ...rig, ...(airParts ? { airParts } : {}), waterFound: [...(rig.waterFound ?? []), entry] },
      'water found',
    );
    setVolume(undefined);
  };
  const atGun = rows.find(
    ({ found }) => found.where === 'gun' && now - Date.parse(found.at) < 14 * 86_400_000,
  );
  return (
    <Panel title="Water found" place="water">
      {atGun && (
        <Notice tone="stop">
          Water at the gun on {dayWords(Date.parse(atGun.found.at))}: no coat before the line is drained and
          blown out. It gives fish-eyes, blush and rust.
        </Notice>
      )}
      <form
        className="my-3 max-w-3xl space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <Choice
          label="Where"
          value={where}
          onChange={setWhere}
          options={(['tank', 'separator', 'gun'] as const).map((value) => ({
            value,
            label: waterWords[value],
          }))}
        />
        <div className="grid gap-3 sm:grid-cols-3">
          <NumberField
            label="How much"
            quantity="dose"
            value={volume}
            onChange={setVolume}
            expects={[0.5e-6, 2e-3]}
          />
          <NumberField
            label="Air outside then"
            quantity="temperature"
            value={air}
            onChange={setAir}
            expects={expects.air}
          />
          <NumberField
            label="Its humidity then"
            quantity="share"
            value={humidity}
            onChange={setHumidity}
            expects={expects.humidity}
          />
        </div>
        <Button type="submit" look="main" disabled={volume === undefined}>
          Drained, put on record
        </Button>
      </form>
      {rows.length > 0 && (
        <ul className="max-w-3xl divide-y divide-hairline border-y border-hairline text-sm" data-water>
          {rows.map(({ found, expected, sprayed }) => (
            <li key={found.at + found.where} className="flex flex-wrap justify-between gap-x-4 py-2">
              <span>
                <b>{waterWords[found.where]}</b> {dayWords(Date.parse(found.at))}
              </span>
              <span>
                <b>{liquidWords(found.volume, units)}</b>
                <span className="text-ink-soft">
                  {expected !== undefined &&
                    sprayed > 0 &&
                    `, ${liquidWords(expected, units)} to be expected of ${written(amount('duration', sprayed), units)} sprayed`}
                </span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}
