'use client';

import { useMemo, useState } from 'react';
import { absorptances, celsius, type Shade } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import { outdoorDay, type OutdoorDay } from '@/facts/job/outdoors';
import type { Face, Job, Outdoors as Said } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField, TextField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useJob } from '@/ui/job/context';
import { useUnits } from '@/ui/units';
import { endOfDay, timeOfDay } from '@/words/clock';
import { amount } from '@/words/figures';
import { compass, compassOf, shadeWords } from '@/words/outdoors';
import { Drifts } from './Drifts';
import { FaceDay } from './FaceDay';

/** Sun, wind and dew over a day outdoors: when each face may be sprayed, and in which order round the building. */
export function Outdoors() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const minute = Math.floor(view.now / 60_000);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from the job, the shop and the minute
  const found = useMemo(() => outdoorDay(view), [view.job, view.shop, minute]);
  const day = isRefusal(found) ? undefined : found;
  const wanted =
    view.job.outdoors !== undefined || ['outdoors', 'sun'].includes(view.job.part.exposure ?? '');
  // Work indoors has one line of it, and no more.
  if (!wanted)
    return (
      <div className="border-b border-hairline px-4 md:px-5">
        <Weather day={day} wanted={false} />
      </div>
    );
  return (
    <Panel title="Outdoors: sun, wind, dew" place="outdoors">
      <Weather day={day} wanted />
      {isRefusal(found) && <Notice tone="care">{units.says(found)}</Notice>}
      {!isRefusal(found) && <Slots day={found} />}
      <Drifts />
      {view.job.outdoors && (
        <Button
          look="quiet"
          className="mt-3"
          onClick={() => store.put({ ...view.job, outdoors: undefined }, 'sprayed indoors')}
        >
          It is sprayed indoors: forget place and wind
        </Button>
      )}
    </Panel>
  );
}

const skies = [
  { value: '0', label: 'Clear' },
  { value: '0.5', label: 'Half' },
  { value: '1', label: 'Covered' },
] as const;

interface WeatherProps {
  readonly day: OutdoorDay | undefined;
  /** It is sprayed outdoors, as far as anybody said. */
  readonly wanted: boolean;
}

/** Where it stands, and the weather as a forecast says it. Nothing is fetched. */
function Weather({ day, wanted }: WeatherProps) {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const said = job.outdoors ?? {};
  const [refused, setRefused] = useState(false);
  const put = (next: Partial<Said>) => store.put({ ...job, outdoors: { ...said, ...next } }, 'outdoors');
  const reckoned = day?.weather;
  const assumed = new Set(day?.assumed);
  const hint = (key: keyof Said) => (assumed.has(key) ? 'A default' : undefined);
  const absorbs = said.absorptance ?? reckoned?.absorptance ?? absorptances.middle;
  const shade =
    (Object.keys(absorptances) as Shade[]).find((each) => absorptances[each] === absorbs) ?? 'middle';
  const here = () =>
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        const rad = Math.PI / 180;
        put({
          latitude: Math.round(coords.latitude * 100) * 0.01 * rad,
          longitude: Math.round(coords.longitude * 100) * 0.01 * rad,
        });
      },
      () => setRefused(true),
    );
  return (
    <Fold
      title={wanted ? 'Place and weather' : 'Sprayed outdoors?'}
      open={wanted && (said.latitude === undefined || said.longitude === undefined)}
      says={
        !reckoned ? (
          'place and weather: when the sun allows it, face by face'
        ) : (
          <>
            <Printed figure={amount('temperature', reckoned.coldest)} /> to{' '}
            <Printed figure={amount('temperature', reckoned.warmest)} />, gusts of{' '}
            <Printed figure={amount('speed', reckoned.gusts)} />
            {assumed.size > 0 && `, ${assumed.size} of it defaults`}
          </>
        )
      }
    >
      <div className="grid grid-cols-2 items-start gap-3 lg:grid-cols-4">
        <NumberField
          label="Latitude, south below nought"
          quantity="angle"
          value={said.latitude}
          onChange={(latitude) => put({ latitude })}
          expects={[-1.58, 1.58]}
          lazily
        />
        <NumberField
          label="Longitude, west below nought"
          quantity="angle"
          value={said.longitude}
          onChange={(longitude) => put({ longitude })}
          expects={[-3.15, 3.15]}
          lazily
        />
        <div className="col-span-2 self-end">
          <Button onClick={here}>Where this device is</Button>
          {refused && (
            <p className="mt-1 text-sm text-care">▲ The device does not say. Type it in, two decimals do.</p>
          )}
        </div>
        <TextField
          label="Day"
          type="date"
          value={said.day ?? ''}
          onChange={(event) => put({ day: event.target.value || undefined })}
          hint="Today where empty"
        />
        <SelectField
          label="Colour"
          value={shade}
          hint={hint('absorptance')}
          onChange={(event) => put({ absorptance: absorptances[event.target.value as Shade] })}
          options={(Object.keys(absorptances) as Shade[]).map((value) => ({
            value,
            label: shadeWords[value],
          }))}
        />
        <NumberField
          label="Coldest"
          quantity="temperature"
          value={said.coldest ?? reckoned?.coldest}
          onChange={(coldest) => put({ coldest })}
          expects={[celsius(-10), celsius(35)]}
          hint={hint('coldest')}
          lazily
        />
        <NumberField
          label="Warmest"
          quantity="temperature"
          value={said.warmest ?? reckoned?.warmest}
          onChange={(warmest) => put({ warmest })}
          expects={[celsius(-5), celsius(45)]}
          hint={hint('warmest')}
          lazily
        />
        <NumberField
          label="Humidity at dawn"
          quantity="share"
          value={said.dawnHumidity ?? reckoned?.dawnHumidity}
          onChange={(dawnHumidity) => put({ dawnHumidity })}
          expects={[0.3, 1]}
          hint={hint('dawnHumidity')}
          lazily
        />
        <NumberField
          label="Wind"
          quantity="speed"
          value={said.wind ?? reckoned?.wind}
          onChange={(wind) => put({ wind })}
          expects={[0, 15]}
          hint={hint('wind')}
          lazily
        />
        <NumberField
          label="Gusts"
          quantity="speed"
          value={said.gusts ?? reckoned?.gusts}
          onChange={(gusts) => put({ gusts })}
          expects={[0, 20]}
          hint={hint('gusts')}
          lazily
        />
        <Choice
          label="Sky"
          value={String(said.cloud ?? reckoned?.cloud ?? 0)}
          onChange={(cloud) => put({ cloud: Number(cloud) })}
          options={skies}
        />
      </div>
    </Fold>
  );
}

/** Each face over the day, and the order round them. */
function Slots({ day }: { readonly day: OutdoorDay }) {
  const { view } = useJob();
  const store = useStore();
  const { job } = view;
  const { faces, order, gusts, midnight } = day;
  const clock = (s: number) => (s >= 86_400 ? endOfDay() : timeOfDay(midnight + s * 1000));
  const turn = (id: string, facing: number | undefined) =>
    store.put(
      {
        ...job,
        part: {
          ...job.part,
          faces: job.part.faces.map((each) => (each.id === id ? { ...each, facing } : each)),
        },
      } satisfies Job,
      'facing',
    );
  return (
    <div className="mt-3 space-y-3" data-outdoors>
      {gusts.found >= gusts.care && (
        <Notice tone={gusts.found >= gusts.stop ? 'stop' : 'care'}>
          Gusts of <Printed figure={amount('speed', gusts.found)} />: with this gun care from{' '}
          <Printed figure={amount('speed', gusts.care)} />, stop at{' '}
          <Printed figure={amount('speed', gusts.stop)} />. Defaults: what stands downwind decides.
        </Notice>
      )}
      <p data-order>
        {order.length === 0 ? (
          <b className="text-stop">
            {faces.some(({ spans }) => spans.length > 0)
              ? '■ Too late for any face today: enter another day.'
              : '■ No face can be sprayed on this day.'}
          </b>
        ) : (
          <>
            In this order:{' '}
            <b>
              {order
                .map(
                  ({ id, start }) => `${faces.find(({ face }) => face.id === id)?.face.name} ${clock(start)}`,
                )
                .join(', ')}
            </b>
            {order.length < faces.length && (
              <span className="text-stop">
                {' '}
                ■ Not on this day:{' '}
                {faces
                  .filter(({ face }) => !order.some(({ id }) => id === face.id))
                  .map(({ face }) => face.name)
                  .join(', ')}
              </span>
            )}
            .
          </>
        )}
      </p>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {faces.map((each) => (
          <li key={each.face.id} className="grid items-start gap-3 py-3 md:grid-cols-[13rem_minmax(0,1fr)]">
            <div>
              <b>{each.face.name}</b>
              {each.face.lies === 'upright' && <Facing face={each.face} onTurn={turn} />}
            </div>
            <FaceDay out={each} clock={clock} />
          </li>
        ))}
      </ul>
      <p className="text-xs text-ink-soft">
        An estimate by sun, sky and wind: thin metal follows it in minutes, masonry hours behind. Read the
        surface before the gun is lifted.
      </p>
    </div>
  );
}

interface FacingProps {
  readonly face: Face;
  readonly onTurn: (id: string, facing: number | undefined) => void;
}

const step = (2 * Math.PI) / compass.length;

function Facing({ face, onTurn }: FacingProps) {
  return (
    <SelectField
      label="Faces"
      value={face.facing === undefined ? '' : compassOf(face.facing)}
      onChange={(event) => {
        const at = compass.findIndex((each) => each === event.target.value);
        onTurn(face.id, at < 0 ? undefined : at * step);
      }}
      options={[
        { value: '', label: 'Not said: in the sun' },
        ...compass.map((value) => ({ value, label: value })),
      ]}
    />
  );
}
