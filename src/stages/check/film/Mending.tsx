'use client';

import { useMemo } from 'react';
import { extraCoat, judgeFilm, mendings } from '@/core/quality';
import { isRefusal } from '@/core/refusal';
import { filmByCoat, type JobView } from '@/facts/job';
import { transferSeen } from '@/facts/shop/paintused';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { clockTime } from '@/words/clock';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** Where and how to correct, coat by coat and in all, and what the paint used says of transfer. */
export function Mending() {
  const { view } = useJob();
  const units = useUnits();
  const { check, job, spray, plan, work } = view;
  const { verdict, spec } = check;
  const film = (value: number) =>
    written(amount('film', value), units, units.system === 'metric' ? { digits: 0 } : {});
  const name = (id: string) => {
    const [faceId, spot] = id.split('/');
    return `${job.part.faces.find((face) => face.id === faceId)?.name ?? ''}, spot ${Number(spot) + 1}`;
  };
  const byCoat = useMemo(() => filmByCoat(work), [work]);
  const last = [...spray.coats].reverse().find(({ state }) => state === 'done');
  const found = isRefusal(verdict) ? [] : mendings(verdict.spots, spec);
  const low = found.filter(({ kind }) => kind === 'coat');
  const more =
    isRefusal(verdict) || !last || low.length === 0
      ? undefined
      : extraCoat(
          Math.min(...verdict.spots.map(({ mean }) => mean)),
          Math.max(...verdict.spots.map(({ mean }) => mean)),
          last.dry.aim,
          spec,
        );
  const recoat = last && recoatWords(view);
  const seen = transferSeen(view);
  return (
    <Panel title="What follows from it" place="mending">
      <div className="grid gap-6 lg:grid-cols-2" data-mending>
        <div className="space-y-3">
          {found.length === 0 ? (
            <p className="text-sm">
              {isRefusal(verdict) ? units.says(verdict) : 'No spot wants correcting.'}
            </p>
          ) : (
            <ul className="divide-y divide-hairline border-y border-hairline text-sm">
              {found.map(({ id, kind, by }) => (
                <li key={id} className="flex justify-between gap-3 py-1.5">
                  <span>{name(id)}</span>
                  <b className="text-stop">
                    {kind === 'coat' ? `▼ ${film(by)} more` : `▲ sand ${film(by)} off`}
                  </b>
                </li>
              ))}
            </ul>
          )}
          {more && !isRefusal(more) && last && (
            <Notice tone="care">
              {more.coats} {more.coats === 1 ? 'coat' : 'coats'} of {film(last.dry.aim)} would bring the
              thinnest spot to its aim.{' '}
              {more.onlyThere
                ? `The thickest would then have ${film(more.thickest)}, over ${film(spec.max)}: coat only where it is thin, faded out.`
                : `The thickest would then have ${film(more.thickest)}.`}{' '}
              {recoat}
            </Notice>
          )}
          {found.some(({ kind }) => kind === 'sand') && (
            <p className="text-sm">
              Sand when it is hard, measuring as you go; the dust is not to be breathed.
            </p>
          )}
        </div>
        <div className="space-y-4">
          <div>
            <h3 className="text-sm font-bold">Face by face</h3>
            <ul className="text-sm" data-faces-film>
              {job.part.faces.flatMap(({ id, name: face }) => {
                const own = judgeFilm(
                  check.spots
                    .filter(({ faceId }) => faceId === id)
                    .map(({ spot, films }) => ({ id: `${id}/${spot}`, readings: films })),
                  spec,
                  job.approach.acceptance,
                );
                return isRefusal(own) || check.coatsOn === 0
                  ? []
                  : [
                      <li key={id} className="flex justify-between gap-3 border-b border-hairline py-1.5">
                        <span>{face}</span>
                        <b className={own.passes ? 'text-good' : 'text-stop'}>
                          {own.passes ? '✓ passes' : '■ fails'}, mean {film(own.mean)}
                        </b>
                      </li>,
                    ];
              })}
            </ul>
          </div>
          <div>
            <h3 className="text-sm font-bold">Coat by coat</h3>
            {byCoat.length === 0 ? (
              <p className="text-sm text-ink-soft">Nothing measured yet.</p>
            ) : (
              <ul className="text-sm">
                {byCoat.map(({ coatId, total, own, count }) => (
                  <li key={coatId} className="flex justify-between gap-3 border-b border-hairline py-1.5">
                    <span>{view.work.coats.find(({ id }) => id === coatId)?.name}</span>
                    <span>
                      {own === undefined ? (
                        ''
                      ) : (
                        <>
                          <b>{film(own)}</b> its own,{' '}
                        </>
                      )}
                      <b>{film(total)}</b> in all, {count} readings
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </div>
          {seen && (
            <p className="text-sm" data-transfer>
              {isRefusal(seen.transfer) ? (
                units.says(seen.transfer)
              ) : (
                <>
                  Transfer from paint used and film found: {seen.atLeast && 'at least '}
                  <b>
                    <Printed figure={amount('share', seen.transfer)} digits={0} />
                  </b>
                  ; reckoned with <Printed figure={figure(view, 'gun.transfer', plan.transfer)} digits={0} />.{' '}
                  <Printed figure={amount('volume', seen.used)} /> went through the gun
                  {seen.leftOver > 0
                    ? `; ${written(amount('volume', seen.leftOver), units)} was thrown away.`
                    : seen.atLeast
                      ? ', with what was thrown away: nobody said how much that was.'
                      : '.'}
                </>
              )}
            </p>
          )}
        </div>
      </div>
    </Panel>
  );
}

/** What one more coat means for the clock. */
function recoatWords({ spray, check }: JobView): string {
  const { recoat } = spray;
  if (recoat?.closes && recoat.state !== 'closed')
    return `The recoat window is open until ${clockTime(recoat.closes)}.`;
  if (recoat?.state === 'closed') return 'The recoat window has closed: scuff and clean first.';
  return check.coatsOn > 0
    ? 'Every planned coat is on: add one in Plan; its own window counts from the last.'
    : '';
}
