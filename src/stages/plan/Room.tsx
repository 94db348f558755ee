'use client';

import { Check, CircleHelp, OctagonX } from 'lucide-react';
import { useState } from 'react';
import { boothSensor } from '@/standins/boothsensor';
import { midnightOf, type Fitness } from '@/facts/job';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Fold } from '@/ui/Fold';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { clockTime } from '@/words/clock';
import { fitnessLine } from '@/words/plan';

const marks: Record<Fitness['state'], { Icon: typeof Check; ink: string }> = {
  good: { Icon: Check, ink: 'text-good' },
  stop: { Icon: OctagonX, ink: 'text-stop' },
  unknown: { Icon: CircleHelp, ink: 'text-ink-soft' },
};

/** A reading older than this is read again. */
const hour = 3_600_000;

/** Air, part and humidity as read now, and whether the sheet lets one spray in them. */
export function Room() {
  const { view, log } = useJob();
  const units = useUnits();
  const { climate, fitness } = view.plan;
  const fresh = climate !== undefined && view.now - Date.parse(climate.at) < hour;
  const [air, setAir] = useState(climate?.air);
  const [part, setPart] = useState(climate?.part);
  const [humidity, setHumidity] = useState(climate?.humidity);
  const [gusts, setGusts] = useState<number>();
  const [asked, setAsked] = useState(false);
  const complete = air !== undefined && part !== undefined && humidity !== undefined && humidity <= 1;
  const missing = (value: number | undefined) =>
    asked && value === undefined ? 'Enter what you read.' : undefined;
  const record = () => {
    setAsked(true);
    if (complete)
      log('room read', {
        type: 'climate',
        air,
        part,
        humidity,
        ...(gusts === undefined ? {} : { gusts }),
        ...(view.shop.altitude === undefined ? {} : { altitude: view.shop.altitude }),
      });
  };
  const sense = () => {
    const midnight = midnightOf(view.now);
    const shows = boothSensor((view.now - midnight) / 1000, new Date(midnight).toDateString());
    log('room read', {
      type: 'climate',
      ...shows,
      ...(view.shop.altitude === undefined ? {} : { altitude: view.shop.altitude }),
      simulated: true,
    });
  };
  return (
    <Panel title="Room and part">
      <Fold
        place="room"
        open={!fresh}
        title={climate ? 'Read again' : 'Read it'}
        says={climate ? `read ${clockTime(Date.parse(climate.at), view.now)}` : 'not read yet'}
        verb="Open"
      >
        <div className="grid items-start gap-4 sm:grid-cols-[1fr_1fr_1fr_auto]">
          <NumberField
            label="Air"
            quantity="temperature"
            value={air}
            onChange={setAir}
            expects={expects.air}
            error={missing(air)}
            onEnter={record}
          />
          <NumberField
            label="Part"
            quantity="temperature"
            value={part}
            onChange={setPart}
            expects={expects.air}
            error={missing(part)}
            onEnter={record}
          />
          <NumberField
            label="Relative humidity"
            quantity="share"
            value={humidity}
            onChange={setHumidity}
            expects={expects.humidity}
            error={humidity !== undefined && humidity > 1 ? 'Humidity ends at 100 %.' : missing(humidity)}
            onEnter={record}
          />
          {view.job.outdoors && (
            <NumberField
              label="Strongest gust"
              quantity="speed"
              value={gusts}
              onChange={setGusts}
              expects={[0, 15]}
              onEnter={record}
            />
          )}
          <Button className="sm:mt-6" onClick={record}>
            Record
          </Button>
        </div>
        <p className="mt-2 flex flex-wrap items-center gap-x-3 text-sm">
          <Button look="quiet" onClick={sense}>
            Read the booth sensor
          </Button>
          <span className="font-semibold text-care">Simulated device</span>
        </p>
      </Fold>
      <ul className="mt-2 grid gap-x-6 sm:grid-cols-2">
        {fitness.map((each) => {
          const { name, value, limits, verdict } = fitnessLine(each, units);
          const { Icon, ink } = marks[each.state];
          return (
            <li key={each.id} className="flex items-center gap-3 border-b border-hairline py-2 text-sm">
              <Icon aria-hidden className={`size-5 shrink-0 ${ink}`} />
              <span className="flex-1">
                {name} <b>{value}</b>
              </span>
              <span className="text-right text-ink-soft">
                {limits}
                <span className={`block font-semibold ${ink}`}>{verdict}</span>
              </span>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
