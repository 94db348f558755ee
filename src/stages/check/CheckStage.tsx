'use client';

import { isRefusal } from '@/core/refusal';
import { sandedSinceMeasured } from '@/facts/shop/rework';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { usePart } from '@/ui/part';
import { useUnits } from '@/ui/units';
import { conditionFacts } from '@/words/check';
import { GaugeCare } from './film/GaugeCare';
import { RuleChoice } from './film/RuleChoice';
import { SpotMap } from './film/SpotMap';
import { fetched } from '@/ui/fetched';

const Look = fetched(() => import('./look/Look').then((found) => found.Look));
const AgainstMap = fetched(() => import('./film/AgainstMap').then((found) => found.AgainstMap));
const ImportReadings = fetched(() => import('./film/ImportReadings').then((found) => found.ImportReadings));
const ProcessCharts = fetched(() => import('./charts/ProcessCharts').then((found) => found.ProcessCharts));
const DefectFinder = fetched(() => import('./defects/DefectFinder').then((found) => found.DefectFinder));
const PutRight = fetched(() => import('./defects/PutRight').then((found) => found.PutRight));
const Photos = fetched(() => import('./report/Photos').then((found) => found.Photos));
const CustomerView = fetched(() => import('./report/CustomerView').then((found) => found.CustomerView));
const ReportView = fetched(() => import('./report/ReportView').then((found) => found.ReportView));

const parts = {
  film: 'Film',
  look: 'Look',
  gauge: 'Gauge',
  defects: 'Defects',
  rework: 'Put right',
  charts: 'Process',
  photos: 'Photos',
  report: 'Report',
};

export function CheckStage() {
  const part = usePart(parts);
  return (
    <StageFrame stage="check" parts={parts} part={part} filmStack beside={<RuleChoice />}>
      {part === 'film' && <FilmPart />}
      {part === 'look' && <Look />}
      {part === 'defects' && <DefectFinder />}
      {part === 'gauge' && (
        <>
          <GaugeCare />
          <ImportReadings />
          <AgainstMap />
        </>
      )}
      {part === 'rework' && <PutRight />}
      {part === 'photos' && <Photos />}
      {part === 'charts' && <ProcessCharts />}
      {part === 'report' && (
        <>
          <CustomerView />
          <ReportView />
        </>
      )}
    </StageFrame>
  );
}

/** What was measured, by which rule it passes, and what follows from it. */
function FilmPart() {
  const { view } = useJob();
  const units = useUnits();
  const { verdict } = view.check;
  const sanded = sandedSinceMeasured(view);
  return (
    <>
      <SpotMap />
      {sanded && (
        <div className="px-4 pt-3 md:px-5">
          <Notice tone="care">
            {sanded.did === 'strip' ? 'Stripped' : 'Sanded or wiped'} since it was measured: where that was
            done, the readings say too much. Measure there anew.
          </Notice>
        </div>
      )}
      {!isRefusal(verdict) && (
        <Panel title="Found against the limit">
          <ul className="divide-y divide-hairline border-y border-hairline" data-conditions>
            {conditionFacts(verdict.conditions, units).map(({ label, value, holds }) => (
              <li key={label} className="flex flex-wrap items-center justify-between gap-2 py-2">
                <span>
                  <b className={holds ? 'text-good' : 'text-stop'}>{holds ? '✓ holds' : '■ fails'}</b> {label}
                </span>
                <b>{value}</b>
              </li>
            ))}
          </ul>
        </Panel>
      )}
    </>
  );
}
