'use client';

import { Printed } from '@/ui/Printed';
import { amount } from '@/words/figures';
import { areaOfDraft } from './draftarea';
import type { ScreenProps } from './conversation';

type Props = Pick<ScreenProps, 'draft' | 'ahead'> & { readonly screen: 'what' | 'size' | 'system' | 'when' };

/** The figure of a screen beside what leads on, where the answer itself may be out of sight. */
export function FigureSoFar({ screen, draft, ahead }: Props) {
  const area = areaOfDraft(draft);
  const figure =
    screen === 'size' && area > 0
      ? amount('area', area)
      : screen === 'system' && ahead?.litres !== undefined
        ? amount('volume', ahead.litres)
        : undefined;
  return (
    <b className="ml-auto text-lg whitespace-nowrap" aria-hidden>
      {figure && <Printed figure={figure} />}
    </b>
  );
}
