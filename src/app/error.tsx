'use client';

import { Button, ButtonLink } from '@/ui/Button';
import { Page } from '@/ui/Page';
import { useTakeOut } from '@/ui/takeout';

interface Props {
  readonly error: Error;
  readonly reset: () => void;
}

/** When a screen fails: the records are safe, and there is a way out. */
export default function ScreenFailed({ error, reset }: Props) {
  const takeOut = useTakeOut();
  return (
    <Page
      title="This screen failed"
      says="What was recorded is safe on this device. Try the screen again, or go on from the bench."
    >
      <div className="flex flex-wrap gap-3">
        <Button look="main" onClick={reset}>
          Try again
        </Button>
        <ButtonLink href="/" className="min-h-16">
          To the bench
        </ButtonLink>
        <Button className="min-h-16" onClick={() => void takeOut('shop-rescue')}>
          Export everything
        </Button>
      </div>
      <p className="mt-6 text-sm text-ink-soft">What went wrong: {error.message}</p>
    </Page>
  );
}
