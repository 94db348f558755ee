'use client';

import { isRefusal } from '@/core/refusal';
import { fixesOf, type Fitting } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { amount } from '@/words/figures';
import { fixesInWords } from '@/words/fixes';
import { fittingName } from '@/words/set';
import { gradeWords, verdictSays } from '@/words/verdict';

const tones = { first: 'text-good', usable: 'text-ink', thin: 'text-care', no: 'text-stop' } as const;

/** What could be fitted, best first, each with how well it fits this coat, what that costs, and what would make it work. */
export function Fittings() {
  const { view } = useJob();
  const units = useUnits();
  const { fittings, point } = view.set;
  if (isRefusal(fittings)) return null;
  const tips = fittings[0]?.label === 'tip';
  const isFitted = ({ bore, tip }: Fitting) =>
    view.set.setting !== undefined &&
    (tip === undefined ? Math.abs((bore ?? 0) - (point.bore ?? 0)) < 1e-6 : tip === point.tip);
  return (
    <Panel title={tips ? 'Tips the shop owns' : 'Nozzles the shop owns'}>
      <ol className="divide-y divide-hairline" data-place="fittings" aria-label="What could be fitted">
        {fittings.map((fitting) => (
          <li key={fittingName(fitting, units)} className="py-2" data-grade={fitting.verdict.grade}>
            <div className="grid grid-cols-[7rem_minmax(0,1fr)] gap-x-4 gap-y-1 sm:grid-cols-[7rem_minmax(0,1fr)_auto]">
              <p className="font-bold">
                {fittingName(fitting, units)}
                {isFitted(fitting) && (
                  <span className="block text-sm font-semibold text-act">◆ fitted now</span>
                )}
              </p>
              <p className={`font-semibold ${tones[fitting.verdict.grade]}`}>
                {verdictSays(fitting, view.set, units)}
              </p>
              <p className="col-start-2 text-sm text-ink-soft sm:col-start-3 sm:text-right">
                <Printed figure={amount('speed', fitting.point.speed)} /> ·{' '}
                <Printed figure={amount('fluidFlow', fitting.point.fluid)} />
                {!tips && (
                  <>
                    {' '}
                    of <Printed figure={amount('fluidFlow', fitting.point.most)} />
                  </>
                )}
              </p>
            </div>
            <Fixes fitting={fitting} />
          </li>
        ))}
      </ol>
      <p className="mt-3 text-sm text-ink-soft">
        {gradeWords.first.sign} lays the coat at a speed a hand is comfortable with · {gradeWords.usable.sign}{' '}
        at a cost · {gradeWords.thin.sign} within the sheet · {gradeWords.no.sign} does not.
      </p>
    </Panel>
  );
}

/** What would make it work, and what would not. */
function Fixes({ fitting }: { readonly fitting: Fitting }) {
  const { view } = useJob();
  const units = useUnits();
  const fixes = fixesOf(view, fitting);
  if (fixes.length === 0) return null;
  return (
    <details data-fixes>
      <summary className="flex min-h-11 items-center text-sm font-semibold">
        What would make the {fittingName(fitting, units)} work
      </summary>
      <ul className="pb-1 text-sm">
        {fixesInWords(fixes, units).map(({ works, says }) => (
          <li key={says} className="grid grid-cols-[1.5rem_1fr] py-0.5">
            <b aria-hidden className={works ? 'text-good' : 'text-ink-soft'}>
              {works ? '✓' : '–'}
            </b>
            {says}
          </li>
        ))}
      </ul>
    </details>
  );
}
