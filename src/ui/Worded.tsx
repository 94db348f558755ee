import type { Wording } from '@/words/figures';
import { Printed } from './Printed';

/** Words with figures among them. */
export function Worded({ of }: { readonly of: Wording }) {
  if (typeof of === 'string') return of;
  return of.map((each, i) =>
    typeof each === 'string' ? (
      each
    ) : (
      <Printed key={i} figure={each.figure}>
        {each.says}
      </Printed>
    ),
  );
}
