'use client';

import type { Walk } from '@/facts/job';
import { defects } from '@/core/diagnosis';
import { Button } from '@/ui/Button';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { showPart } from '@/ui/showpart';
import { useJob } from '@/ui/job/context';
import { amount } from '@/words/figures';
import { dustReasons, sourceWords, standardNames } from '@/words/inspection';
import { plural } from '@/words/line';

/** What was counted against what the standard bears, and where it most likely came from. */
export function Dusted({ walk }: { readonly walk: Walk }) {
  const { view, log } = useJob();
  const { dust, sources, counts, standard } = walk;
  if (!dust) return null;
  const fibres = counts.reduce((sum, each) => sum + each.fibres, 0);
  const named = view.check.defects.open.some(({ defect }) => defect === 'dust');
  const area = counts.reduce((sum, each) => sum + each.area, 0);
  return (
    <Panel title="Dust and lint">
      <p className="text-sm" data-dust>
        <b className={dust.passes ? 'text-good' : 'text-stop'}>
          {dust.passes ? '✓ ' : '■ '}
          {plural(dust.count, 'speck or fibre', 'specks and fibres')}
        </b>{' '}
        ({plural(fibres, 'fibre')}) on <Printed figure={amount('area', area)} />; {standardNames[standard]}{' '}
        bears {Math.max(Math.floor(dust.limit * area), 1)}, a default.
      </p>
      {sources.length > 0 && (
        <ol className="mt-3 space-y-2 text-sm" data-dust-from>
          {sources.slice(0, 3).map(({ source, because }) => (
            <li key={source}>
              <b>{sourceWords[source].name}</b>: {because.map((each) => dustReasons[each]).join(', ')}.{' '}
              <span className="text-ink-soft">{sourceWords[source].change}</span>
            </li>
          ))}
        </ol>
      )}
      {!dust.passes && !named && (
        <Button
          className="mt-3"
          onClick={() => {
            log('defect: dust', {
              type: 'defect',
              name: defects.dust.name,
              defect: 'dust',
              note: `${dust.count} counted on the round`,
            });
            showPart('defects');
          }}
        >
          Put dust among the defects
        </Button>
      )}
    </Panel>
  );
}
