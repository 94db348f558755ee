'use client';

import { stickSigns, type StickSign } from '@/core/thinning';
import { withApproach } from '@/facts/job';
import { useStore } from '@/store/hooks';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { stickWords } from '@/words/stick';

const byCup = 'cup';

/** Some sheets and many hands know no cup: the paint is right when a stick shows so. */
export function EndPoint() {
  const store = useStore();
  const { work, thin } = useJob().view;
  const { endPoint } = work.approach;
  return (
    <SelectField
      label="Thinned until"
      value={endPoint ?? byCup}
      onChange={(event) =>
        store.put(
          withApproach(work, {
            endPoint: event.target.value === byCup ? undefined : (event.target.value as StickSign),
          }),
          'thinned until',
        )
      }
      options={[
        { value: byCup, label: thin.choice ? 'The cup reads in its band' : 'As supplied: no cup applies' },
        ...stickSigns.map((sign) => ({ value: sign, label: `Stick: ${stickWords[sign].toLowerCase()}` })),
      ]}
    />
  );
}
