'use client';

import { plural } from '@/words/line';
import { Fold } from '@/ui/Fold';
import { useNarrow } from '@/ui/narrow';
import { ButtonLink } from '@/ui/Button';
import { DueList } from '../care/DueList';
import { useCare } from '../care/usecare';

/** As many as fit under the jobs without hiding them. */
const shown = 4;

/** How much of it there is, for the head of the page. */
export function CareCount() {
  const { dues } = useCare();
  const over = dues.filter(({ state }) => state === 'over').length;
  const soon = dues.filter(({ state }) => state === 'soon').length;
  if (over + soon === 0) return null;
  return (
    <ButtonLink href="/care" className="min-h-16 max-md:px-2 max-md:text-sm">
      Care:{' '}
      {[over > 0 ? `${over} overdue` : '', soon > 0 ? `${soon} this week` : ''].filter(Boolean).join(', ')}
    </ButtonLink>
  );
}

/** What of the guns and their air is overdue or due this week. */
export function CareDue() {
  const { dues, kit, now } = useCare();
  const narrow = useNarrow();
  const near = dues.filter(({ state }) => state !== 'later');
  const orders = kit.filter(({ order }) => order).length;
  if (near.length === 0 && orders === 0) return null;
  const more = near.length - shown;
  return (
    <section aria-label="Care" className="mt-6" data-care-due>
      <Fold
        title={<span className="text-lg">Care</span>}
        says={plural(near.length, 'thing') + ' due'}
        verb="Show"
        open={!narrow}
      >
        <div className="mb-1.5 flex flex-wrap items-baseline justify-end gap-3">
          <ButtonLink href="/care" look="quiet">
            {more > 0 ? `${more} more` : 'Calendar'}
            {orders > 0 ? ` · ${orders} to order` : ''}
          </ButtonLink>
        </div>
        {near.length > 0 && <DueList dues={near.slice(0, shown)} now={now} />}
      </Fold>
    </section>
  );
}
