'use client';

import { Check } from '@/ui/Check';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { clockTime } from '@/words/clock';

/** Mix that has set in the gun. */
export function Setting() {
  const { view, log } = useJob();
  const { clean } = view;
  if (clean.state !== 'dirty') return null;
  const { gelled, gels } = clean;
  return (
    <section aria-label="What is in it" className="space-y-2" data-setting>
      {gelled && (
        <Notice tone="stop">
          {gels !== undefined && gels <= view.now
            ? `By the clock the mix set at about ${clockTime(gels)}. `
            : 'The mix has set. '}
          Do not force trigger or pressure. The list is now for gelled mix: what does not come loose is
          renewed.
        </Notice>
      )}
      {!gelled && gels !== undefined && (
        <p className="text-sm">
          In the gun it sets at about <b>{clockTime(gels)}</b>, an estimate from the pot life.
        </p>
      )}
      {(clean.sheet.times.potLife !== undefined || gelled) && (
        <Check
          label="It has set in the gun"
          checked={gelled}
          onChange={(done) =>
            log('set in the gun', { type: 'tick', list: 'clean', step: 'gelled', done, rigId: clean.rigId })
          }
        />
      )}
    </section>
  );
}
