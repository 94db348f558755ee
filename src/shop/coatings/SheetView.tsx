'use client';

import type { Coating } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Cautions } from '@/ui/Cautions';
import { Facts } from '@/ui/Facts';
import { Notice } from '@/ui/Notice';
import { refusedThinners } from '@/facts/job';
import { RefusedDiluents } from '@/ui/RefusedDiluents';
import { useUnits } from '@/ui/units';
import { PeroxideDoubt } from '@/ui/PeroxideDoubt';
import { CanShelf } from './CanShelf';
import { InItsPlace } from './InItsPlace';
import { JobsBehind } from './JobsBehind';
import { Lessons } from './Lessons';
import { plural } from '@/words/line';
import { defaultGroups, sheetFacts } from '@/words/sheetfacts';

/** What is confirmed with a group. */
const beside: Readonly<Record<string, readonly string[]>> = { film: ['coats'], components: ['densities'] };

/** A product sheet to read at the bench: every number in the shop's units, defaults marked until confirmed. */
export function SheetView({ sheet }: { readonly sheet: Coating }) {
  const units = useUnits();
  const store = useStore();
  const groups = sheetFacts(sheet, units);
  const defaults = defaultGroups(sheet, units);
  const confirm = (field: string) => {
    // How many coats stands with the film, how heavy the parts are with the parts.
    const meant = [field, ...(beside[field] ?? [])];
    store.put(
      { ...sheet, assumed: sheet.assumed.filter((each) => !meant.includes(each)) },
      'default confirmed',
    );
  };
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="space-y-6">
        <JobsBehind sheet={sheet} />
        <PeroxideDoubt sheet={sheet} />
        <RefusedDiluents refused={refusedThinners(sheet)} />
        {sheet.assumed.length > 0 && (
          <Notice tone="care">
            {defaults > 0
              ? `${plural(defaults, 'group is a class default', 'groups are class defaults')}, not from this product’s paper. Edit them, or confirm those that are as on the paper.`
              : 'Single values are class defaults still: how heavy a part is, viscosity by temperature, or how often it is stirred and timed. Edit them where the paper states them.'}
          </Notice>
        )}
        <div className="gap-x-10 md:columns-2">
          {groups.map(({ title, facts, field }) => {
            const assumed = sheet.assumed.includes(field);
            const open = assumed || (field === 'components' && sheet.assumed.includes('densities'));
            return (
              <div key={title} className="mb-6 break-inside-avoid">
                <Facts title={assumed ? `${title} (default)` : title} facts={facts} />
                {open && (
                  <Button look="quiet" onClick={() => confirm(field)}>
                    As on the paper: confirm “{title}”
                  </Button>
                )}
              </div>
            );
          })}
        </div>
      </div>
      <aside className="space-y-6">
        <div>
          <CanShelf sheet={sheet} />
          <InItsPlace sheet={sheet} />
        </div>
        <Lessons sheet={sheet} />
        <Cautions hazards={sheet.hazards} stage="spray" />
      </aside>
    </div>
  );
}
