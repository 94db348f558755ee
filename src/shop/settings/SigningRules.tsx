'use client';

import { usualSigning } from '@/core/quality';
import { signingOf } from '@/facts/shop/people';
import type { Shop } from '@/records';
import { Fold } from '@/ui/Fold';
import { CommitField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { ButtonLink } from '@/ui/Button';
import { plural } from '@/words/line';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

/** What somebody shows before being signed off, and how long that holds. */
export function SigningRules({ shop, set }: Props) {
  const rules = signingOf(shop);
  const put = (said: Partial<typeof rules>) => set({ signing: { ...rules, ...said } });
  const whole = (text: string, least: number, most: number, then: (n: number) => void) => {
    const n = Number(text);
    if (Number.isInteger(n) && n >= least && n <= most) then(n);
  };
  return (
    <Fold
      className="border-b border-hairline px-4 md:px-5"
      title="People and signing off"
      says={`${plural(shop.people?.length ?? 0, 'person', 'people')} · ${rules.parts} in a row, ${plural(rules.drills, 'drill')}${shop.signing ? '' : ', as is usual'}`}
    >
      <div className="grid max-w-3xl gap-4 sm:grid-cols-2">
        <CommitField
          label="Parts or mixes in a row inside their limits"
          type="number"
          min={3}
          max={200}
          value={String(rules.parts)}
          onCommit={(text) => whole(text, 3, 200, (parts) => put({ parts }))}
        />
        <CommitField
          label="Gun drills in a row solved"
          type="number"
          min={0}
          max={50}
          value={String(rules.drills)}
          onCommit={(text) => whole(text, 0, 50, (drills) => put({ drills }))}
        />
        <NumberField
          label="Of the practice panel inside the film"
          quantity="share"
          value={rules.panel}
          onChange={(panel) => panel !== undefined && panel > 0 && panel <= 1 && put({ panel })}
          expects={[0.4, 0.98]}
          lazily
        />
        <NumberField
          label="A signature holds"
          quantity="days"
          value={rules.lasts / 86_400}
          onChange={(days) => days && put({ lasts: Math.max(1, Math.round(days)) * 86_400 })}
          expects={[30, 1100]}
          lazily
          hint={shop.signing ? undefined : `A default: ${usualSigning.lasts / 86_400} days`}
        />
        <ButtonLink href="/practice#people">Who works here</ButtonLink>
      </div>
    </Fold>
  );
}
