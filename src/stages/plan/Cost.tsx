'use client';

import { useMemo } from 'react';
import { quote, type CostLine, type JobCost } from '@/core/money';
import { isRefusal } from '@/core/refusal';
import { writeCostCsv } from '@/exchange/costcsv';
import { fileName } from '@/exchange/filename';
import { jobViewOf } from '@/facts/records';
import { costSeen } from '@/facts/shop/cost';
import type { Shop } from '@/records';
import { useShopState, useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { download } from '@/ui/download';
import { arrived } from '@/ui/fetched';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { costRows, costWords, lineSays, missingSays, perArea, quotePage, sumOf } from '@/words/cost';
import { money } from '@/words/money';

/** What the job costs by its plan, what of it was found, and what is asked for it. */
export function Cost() {
  const { view } = useJob();
  const { records } = useShopState();
  const units = useUnits();
  const minute = Math.floor(view.now / 60_000) * 60_000;
  const seen = useMemo(() => {
    const others = view.job.layers
      .filter(({ id }) => id !== view.work.layer.id)
      .flatMap(({ id }) => jobViewOf(records, view.job.id, minute, { inHand: id }) ?? []);
    return costSeen([view, ...others]);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is derived from the records and the minute
  }, [records, view.job, view.work.layer.id, minute]);
  const { planned, found, area, pieces } = seen;
  const missing = missingSays(planned);
  const sum = sumOf(planned);
  const csv = () =>
    download(
      fileName(`${view.job.name} cost`, new Date(view.now).toISOString().slice(0, 10), 'csv'),
      writeCostCsv(planned, found, view.shop.currency),
      'text/csv',
    );
  return (
    <>
      <Panel title="What it costs" place="cost" tools={<Button onClick={csv}>Cost as CSV</Button>}>
        <table className="w-full max-w-3xl border-collapse text-sm" data-cost>
          <thead>
            <tr className="border-b-2 border-ink text-left">
              <th scope="col" className="py-1 pr-4">
                For
              </th>
              <th scope="col" className="py-1 pr-4 text-right whitespace-nowrap">
                By the plan
              </th>
              <th scope="col" className="py-1 text-right whitespace-nowrap">
                On record
              </th>
            </tr>
          </thead>
          <tbody>
            {costRows(seen).map(({ id, planned: plan, found: done }) => (
              <tr key={id} className="border-b border-hairline align-top">
                <th scope="row" className="py-1.5 pr-4 text-left font-normal">
                  <b>{costWords[id]}</b>
                  <span className="block text-xs text-ink-soft">{lineSays(plan, units)}</span>
                  {done && (
                    <span className="block text-xs text-ink-soft">On record: {lineSays(done, units)}</span>
                  )}
                </th>
                <Amount line={plan} />
                <Amount line={done} />
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr className="border-b-2 border-ink">
              <th scope="row" className="py-1.5 pr-4 text-left">
                In all
                <span className="block text-xs font-normal text-ink-soft">
                  {sum !== undefined && area > 0 && perArea(sum, area, units)}
                  {sum !== undefined && pieces > 1 && `, ${money(sum / pieces)} a piece`}
                </span>
              </th>
              <Total cost={planned} />
              <Total cost={found} />
            </tr>
          </tfoot>
        </table>
        {missing && (
          <div className="mt-3 max-w-3xl">
            <Notice tone="care">
              {missing} Paint is priced on its sheet, parts that wear with their gun, the rest in Settings.{' '}
              <ButtonLink href="/settings" look="quiet">
                Rates
              </ButtonLink>
            </Notice>
          </div>
        )}
        <p className="mt-2 max-w-3xl text-xs text-ink-soft">
          Times to set up, mix and clean are defaults; before anything is mixed half of the most thinner is
          reckoned with. On record is what was poured, timed and written down, and nothing else.
        </p>
      </Panel>
      <Quoted total={planned} />
    </>
  );
}

const Amount = ({ line }: { readonly line: CostLine | undefined }) => (
  <td className="py-1.5 pr-4 text-right whitespace-nowrap last:pr-0">
    {line?.cost === undefined ? '–' : money(line.cost)}
    {line?.unpriced && <span className="block text-xs text-care">▲ not all priced</span>}
  </td>
);

function Total({ cost }: { readonly cost: JobCost }) {
  const sum = sumOf(cost);
  return (
    <td className="py-1.5 pr-4 text-right font-bold last:pr-0">
      {sum === undefined ? '–' : money(sum)}
      {cost.missing.length > 0 && cost.lines.length > 0 && (
        <span className="block text-xs font-normal text-care">
          {sum === undefined ? '▲ nothing is priced' : '▲ and what has no price'}
        </span>
      )}
    </td>
  );
}

const usualAddition = { kind: 'mark-up', share: 0.3 } as const;

/** The price asked: a margin of it or a mark-up on the cost, tax last. */
function Quoted({ total }: { readonly total: JobCost }) {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { shop } = view;
  const { rates } = shop;
  const addition = rates?.addition ?? usualAddition;
  const offered = quote(total.total, addition, rates?.tax);
  const set = (said: Partial<NonNullable<Shop['rates']>>) =>
    store.put({ ...shop, rates: { ...rates, ...said } }, 'rates');
  const save = async () => {
    if (isRefusal(offered)) return;
    const writer = await arrived(import('@/exchange/customerpdf'));
    if (!writer) return;
    download(
      fileName(`${view.job.name} quote`, new Date(view.now).toISOString().slice(0, 10), 'pdf'),
      new Uint8Array(
        await writer.customerPdf(quotePage(view, offered, units), (id) => store.picture(id), shop.logo),
      ),
      'application/pdf',
    );
  };
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      place="quote"
      title="Quote"
      says={
        isRefusal(offered)
          ? units.says(offered)
          : sumOf(total) === undefined
            ? 'nothing is priced yet'
            : `${money(offered.gross)}${offered.tax > 0 ? ' with tax' : ''}`
      }
      verb="Show"
    >
      <div className="grid max-w-3xl gap-4 sm:grid-cols-3">
        <Choice
          label="Added to the cost"
          value={addition.kind}
          onChange={(kind) => set({ addition: { ...addition, kind } })}
          options={[
            { value: 'mark-up', label: 'Of the cost' },
            { value: 'margin', label: 'Of the price' },
          ]}
        />
        <NumberField
          label={addition.kind === 'margin' ? 'Margin, share of the price' : 'Mark-up, share of the cost'}
          quantity="share"
          value={addition.share}
          onChange={(share) => share !== undefined && set({ addition: { ...addition, share } })}
          expects={[0, addition.kind === 'margin' ? 0.9 : 3]}
          error={isRefusal(offered) && offered.refused === 'margin' ? units.says(offered) : undefined}
          hint={rates?.addition ? undefined : 'A default'}
          lazily
        />
        <NumberField
          label="Tax on the price"
          quantity="share"
          value={rates?.tax}
          onChange={(tax) => set({ tax })}
          expects={[0, 0.3]}
          lazily
        />
      </div>
      {!isRefusal(offered) && sumOf(total) !== undefined && (
        <dl className="my-3 max-w-md text-sm" data-quote>
          {[
            ['Cost, as far as it is priced', offered.cost],
            [addition.kind === 'margin' ? 'Margin' : 'Mark-up', offered.added],
            ['Price', offered.net],
            ...(offered.tax > 0
              ? ([
                  ['Tax', offered.tax],
                  ['In all', offered.gross],
                ] as const)
              : []),
          ].map(([label, value]) => (
            <div key={label} className="flex justify-between gap-3 border-b border-hairline py-1.5">
              <dt>{label}</dt>
              <dd className="font-bold">{money(Number(value))}</dd>
            </div>
          ))}
        </dl>
      )}
      {total.missing.length > 0 && (
        <p className="mb-3 text-sm text-care">
          ▲ {missingSays(total)} A quote that leaves it out is too low.
        </p>
      )}
      <Button disabled={isRefusal(offered) || sumOf(total) === undefined} onClick={() => void save()}>
        Quote as PDF
      </Button>
    </Fold>
  );
}
