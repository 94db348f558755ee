'use client';

import { useMemo, useState } from 'react';
import { capability, individuals, partsToSignOff, signOff } from '@/core/quality';
import { isRefusal } from '@/core/refusal';
import { useRecords } from '@/store/hooks';
import { measuredSpots, type ProcessBy } from '@/facts/shop/process';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import { histogramFigure, individualsFigure } from './processfigure';

const flagWords = {
  outside: 'outside the control lines',
  'one-side': 'eight on one side of the mean',
  rising: 'six rising',
  falling: 'six falling',
};

/** What the readings say of a process: in order, how often, how capable, and who is signed off. */
export function ProcessCharts() {
  const { view } = useJob();
  const units = useUnits();
  const colours = useColours();
  const jobs = useRecords('job');
  const rigs = useRecords('rig');
  const sheets = useRecords('coating');
  const all = useMemo(() => measuredSpots(jobs), [jobs]);
  const [by, setBy] = useState<ProcessBy>('job');
  const [key, setKey] = useState<string>();
  const keys = [...new Set(all.map((each) => each[by]))];
  const mine = {
    job: view.job.id,
    operator: view.shop.operator,
    rig: view.work.layer.rigId,
    sheet: view.plan.sheet.id,
  }[by];
  const chosen = key !== undefined && keys.includes(key) ? key : keys.includes(mine) ? mine : keys[0];
  const named = (id: string) =>
    (by === 'job' ? jobs : by === 'rig' ? rigs : by === 'sheet' ? sheets : []).find((each) => each.id === id)
      ?.name ??
    (id || 'Nobody named');
  const own = all.filter((each) => each[by] === chosen);
  const values = own.map(({ share }) => share * 100);
  const last = own.at(-1);
  const limits = { min: (last?.min ?? 0) * 100, max: (last?.max ?? 1) * 100 };
  const question = { values, limits, unit: '% of the aim', colours };
  const chart = individuals(values);
  const able = capability(values, limits);
  const signed = signOff(own.map(({ inside }) => inside));
  const flags = chart ? [...chart.flags] : [];
  return (
    <Panel title="The process" place="process">
      <div className="grid gap-3 sm:grid-cols-2">
        <Choice
          label="Taken together by"
          value={by}
          onChange={(next) => {
            setBy(next);
            setKey(undefined);
          }}
          options={[
            { value: 'job', label: 'Job' },
            { value: 'operator', label: 'Person' },
            { value: 'rig', label: 'Gun set-up' },
            { value: 'sheet', label: 'Coating' },
          ]}
        />
        {keys.length > 0 && (
          <SelectField
            label="Which"
            value={chosen}
            onChange={(event) => setKey(event.target.value)}
            options={keys.map((id) => ({ value: id, label: named(id) }))}
          />
        )}
      </div>
      {values.length < 2 ? (
        <p className="mt-3 text-sm text-ink-soft">
          Two measured spots make a chart. Take readings under Film.
        </p>
      ) : (
        <>
          <div className="mt-4 grid gap-5 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
            <Plot
              {...individualsFigure(question)}
              height={320}
              label={`${values.length} spots in order, ${flags.length} flagged.`}
            />
            <Plot
              {...histogramFigure(question)}
              height={320}
              label="How often which film, against its limits."
            />
          </div>
          <p className="text-sm text-ink-soft">
            Spot means as a share of their own aim. Green: limits. Dotted: control lines, mean ± 2.66 mean
            ranges. Below: how far each moved from the last.
          </p>
          <div className="mt-3 grid gap-5 lg:grid-cols-2" data-process>
            <dl className="border-t border-hairline text-sm">
              {[
                ['Spots', String(values.length)],
                ...(isRefusal(able)
                  ? [['Capability', units.says(able)]]
                  : [
                      [
                        'Capability, nearer limit',
                        `${able.cpk.toFixed(2)}; nine in ten between ${able.low.toFixed(2)} and ${able.high.toFixed(2)}`,
                      ],
                      ['Both limits', able.cp.toFixed(2)],
                      ['Scatter', `${able.spread.toFixed(1)} % of the aim`],
                    ]),
              ].map(([label, value]) => (
                <div key={label} className="flex justify-between gap-3 border-b border-hairline py-1.5">
                  <dt className="text-ink-soft">{label}</dt>
                  <dd className="text-right font-bold">{value}</dd>
                </div>
              ))}
            </dl>
            <div className="space-y-2">
              <Notice tone={signed.signed ? 'good' : 'care'}>
                <b>
                  {signed.signed
                    ? 'Signed off by evidence. '
                    : `${signed.inRow} of ${signed.wanted} in a row. `}
                </b>
                {signed.signed
                  ? `${signed.inRow} spots in a row inside their range.`
                  : `${partsToSignOff} spots in a row inside their range sign ${by === 'operator' ? 'a person' : 'a process'} off: a default.`}
              </Notice>
              {flags.slice(0, 4).map(([i, flag]) => (
                <p key={i} className="text-sm text-stop">
                  ◆ Spot {i + 1}: {flagWords[flag]}.
                </p>
              ))}
              {flags.length === 0 && <p className="text-sm text-good">✓ No point flagged.</p>}
            </div>
          </div>
        </>
      )}
    </Panel>
  );
}
