'use client';

import { withApproach } from '@/facts/job';
import { useMemo } from 'react';
import { measuredProfile, shapeProfile, steadiness } from '@/core/evenness';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const overlaps = ['0.5', '0.66', '0.75', '0.9'] as const;
/** How far off its place a hand lays a stroke, as a share of the spacing. A default. */
const handErrs = 0.1;

/** The schools of overlap, and what each does with this gun’s own pattern: layers, spacing, and how even it lays. */
export function Approach() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { work, set } = view;
  const { overlap } = work.approach;
  const { point } = set;
  const held = overlaps.find((each) => Math.abs(Number(each) - overlap) < 0.005) ?? '0.5';
  const read = view.rig?.patterns?.at(-1)?.pattern.profile;
  const rows = useMemo(() => {
    const profile = read ? measuredProfile(read) : shapeProfile(1);
    const uneven = (each: number, jitter: number) => {
      const found = steadiness(profile, each, jitter);
      return isRefusal(found) ? undefined : found.peakToValley;
    };
    return overlaps.map((each) => ({
      each,
      straight: uneven(Number(each), 0),
      erring: uneven(Number(each), handErrs),
    }));
  }, [read]);
  const percent = (value: number | undefined) => written(amount('share', value), units, { digits: 0 });
  return (
    <Panel title="Overlap" place="overlap-choice">
      <div className="max-w-2xl space-y-2">
        <Choice
          label="Overlap"
          hideLabel
          value={held}
          options={overlaps.map((value) => ({
            value,
            label: written(amount('share', Number(value)), units, { digits: 0 }),
          }))}
          onChange={(value) => store.put(withApproach(work, { overlap: Number(value) }), 'overlap')}
        />
        <p className="text-sm text-ink-soft">
          {Math.abs(point.overlap - overlap) > 0.005 && (
            <>
              <b>
                {point.from === 'set' ? 'The gun is set to' : 'The coat asks for'}{' '}
                <Printed figure={figure(view, 'gun.overlap', point.overlap)} digits={0} />
              </b>
              {point.from === 'set'
                ? ', and what is chosen here holds from its next setting on. '
                : ' overlap. '}
            </>
          )}
          Strokes <Printed figure={figure(view, 'gun.spacing', point.spacing)} /> apart:{' '}
          {(1 / (1 - point.overlap)).toFixed(1)} layers of film. More overlap wants a quicker hand.
        </p>
        <table className="w-full text-right text-sm" data-overlaps>
          <thead className="text-ink-soft">
            <tr className="border-b border-hairline">
              <th className="py-1 text-left font-normal">Overlap</th>
              <th className="font-normal">Uneven</th>
              <th className="font-normal">strokes off by a tenth</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ each, straight, erring }) => (
              <tr key={each} className={`border-b border-hairline ${each === held ? 'font-bold' : ''}`}>
                <th className="py-1 text-left font-[inherit]">
                  <Printed figure={amount('share', Number(each))} digits={0} />
                </th>
                <td>{percent(straight)}</td>
                <td>{percent(erring)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="text-xs text-ink-soft">
          Unevenness between strokes, % of average, with{' '}
          {read ? 'the pattern last read from this gun’s card' : 'a parabola: a default until a card is read'}
          .
        </p>
      </div>
    </Panel>
  );
}
