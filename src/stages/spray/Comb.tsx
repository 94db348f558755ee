'use client';

import { useState } from 'react';
import { judgeComb, speedFor, type CombVerdict } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';

const verdicts: Record<CombVerdict, { tone: 'good' | 'care'; says: string }> = {
  inside: { tone: 'good', says: 'Wet film is right.' },
  undecided: { tone: 'good', says: 'The aim lies between the teeth: as right as this comb can tell.' },
  low: { tone: 'care', says: 'Too little wet film. Go slower, or closer.' },
  high: { tone: 'care', says: 'Too much wet film: it may run. Go quicker.' },
};

/** Half the tolerance of the wet film round its aim that counts as right. */
const band = 0.12;

/** The wet comb: an interval between two teeth, taken at once, against the aim of the coat on the gun. */
export function Comb() {
  const { view, log } = useJob();
  const units = useUnits();
  const { running, coats } = view.spray;
  const coat = running ?? coats.filter(({ state }) => state === 'done').at(-1);
  const [wetted, setWetted] = useState<number>();
  const [dry, setDry] = useState<number>();
  if (!coat) return null;
  const complete = wetted !== undefined && dry !== undefined;
  const judged = complete
    ? judgeComb({ wetted, dry }, coat.wet * (1 - band), coat.wet * (1 + band))
    : undefined;
  const last = coat.combs.at(-1);
  const lastJudged = last && judgeComb(last, coat.wet * (1 - band), coat.wet * (1 + band));
  const shown = judged ?? lastJudged;
  const read = complete ? { wetted, dry } : last;
  const { speed } = view.spray;
  const wanted = read && coat.wet > 0 ? speedFor(speed, (read.wetted + read.dry) / 2, coat.wet) : undefined;
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
          error={judged && isRefusal(judged) ? judged.says : undefined}
        />
        <Button
          className="sm:mt-6"
          disabled={!complete || isRefusal(judged)}
          onClick={() => complete && log('wet comb', { type: 'comb', coatId: coat.coat.id, wetted, dry })}
        >
          Record
        </Button>
        <div className="sm:mt-6">
          {shown && !isRefusal(shown) && (
            <Notice tone={verdicts[shown].tone}>
              {verdicts[shown].says} Aim {units.show('film', coat.wet)}
              {!judged && last ? `, last read ${units.range('film', last.wetted, last.dry)}` : ''}.
              {wanted !== undefined && !isRefusal(wanted) && (shown === 'low' || shown === 'high') ? (
                <b data-speed-fix>
                  {' '}
                  Next coat at {units.show('speed', wanted)} instead of {units.show('speed', speed)}.
                </b>
              ) : null}
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
