import type { Fact } from '@/words/line';
import { FromTag } from './FromTag';
import { Printed } from './Printed';
import { TermLabel } from './TermLabel';

/** What stands behind a sentence: each reading, limit and rule with its value. */
export function Facts({ title, facts }: { readonly title: string; readonly facts: readonly Fact[] }) {
  if (facts.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="text-sm font-bold">{title}</h2>
      <dl className="mt-1">
        {facts.map(({ label, value, figure, from }) => (
          <div
            key={label}
            className="flex items-baseline justify-between gap-3 border-b border-hairline py-1.5 text-sm"
          >
            <dt className="text-ink-soft">
              <TermLabel label={label} />
              <FromTag from={from} />
            </dt>
            <dd className="text-right font-bold">
              <Printed figure={figure}>{value}</Printed>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
