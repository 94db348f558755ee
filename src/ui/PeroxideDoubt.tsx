import { oddPeroxide } from '@/core/mixing';
import type { Coating } from '@/records';
import { Notice } from './Notice';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** A polyester whose ratio no sheet would ask for. */
export function PeroxideDoubt({
  sheet,
}: {
  readonly sheet: Pick<Coating, 'chemistry' | 'components' | 'ratioBy'>;
}) {
  const share = sheet.chemistry === 'polyester' ? oddPeroxide(sheet.components, sheet.ratioBy) : undefined;
  if (share === undefined) return null;
  return (
    <Notice tone="stop">
      This ratio puts <Printed figure={amount('share', share)} /> peroxide by mass into a polyester. Sheets
      ask for 1 to 5 %: more runs hot and may catch fire, less never cures. Read the paper again before
      anything is mixed.
    </Notice>
  );
}
