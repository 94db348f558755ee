'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { combFound } from '@/facts/job/wetcomb';
import { Button } from '@/ui/Button';
import { combWords } from '@/words/comb';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { amount, coatFigure, figure } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** The wet comb: an interval between two teeth, taken at once, against the aim of the coat on the gun. */
export function Comb() {
  const { view, log } = useJob();
  const { running, coats } = view.spray;
  const coat = running ?? coats.filter(({ state }) => state === 'done').at(-1);
  const [wetted, setWetted] = useState<number>();
  const [dry, setDry] = useState<number>();
  if (!coat) return null;
  const complete = wetted !== undefined && dry !== undefined;
  const last = coat.combs.at(-1);
  const { speed } = view.spray;
  const read = complete ? { wetted, dry } : last;
  const found = read && combFound(coat, read, speed);
  const refused = complete && isRefusal(found) ? found : undefined;
  return (
    <Panel title={`Wet comb, ${coat.coat.name.toLowerCase()}`}>
      <div className="grid items-start gap-4 sm:grid-cols-[11rem_11rem_auto_1fr]">
        <NumberField
          label="Last wetted tooth"
          quantity="film"
          value={wetted}
          onChange={setWetted}
          expects={expects.wetFilm}
        />
        <NumberField
          label="First dry tooth"
          quantity="film"
          value={dry}
          onChange={setDry}
          expects={expects.wetFilm}
          error={refused?.says}
        />
        <Button
          className="sm:mt-6"
          disabled={!complete || refused !== undefined}
          onClick={() => complete && log('wet comb', { type: 'comb', coatId: coat.coat.id, wetted, dry })}
        >
          Record
        </Button>
        <div className="sm:mt-6">
          {found && !isRefusal(found) && (
            <Notice tone={combWords[found.verdict].tone}>
              {combWords[found.verdict].says} Aim{' '}
              <Printed figure={coatFigure(view, 'coat.wet', coat.coat, coat.wet)} />
              {!complete && last && (
                <>
                  , last read <Printed figure={amount('film', last.wetted)} to={amount('film', last.dry)} />
                </>
              )}
              .
              {found.speed !== undefined && (found.verdict === 'low' || found.verdict === 'high') && (
                <b data-speed-fix>
                  {' '}
                  Next coat at <Printed figure={amount('speed', found.speed)} /> instead of{' '}
                  <Printed figure={figure(view, 'gun.speed', speed)} />.
                </b>
              )}
            </Notice>
          )}
        </div>
      </div>
      <p className="mt-2 text-xs text-ink-soft">
        Read it at once: fast solvent leaves in flight, so the comb is a lower bound for the dry film.
      </p>
    </Panel>
  );
}
