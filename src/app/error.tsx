'use client';

import { useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { download } from '@/ui/download';
import { Page } from '@/ui/Page';

interface Props {
  readonly error: Error;
  readonly reset: () => void;
}

/** When a screen fails: the records are safe, and there is a way out. */
export default function ScreenFailed({ error, reset }: Props) {
  const store = useStore();
  const exportAll = async () => {
    const { takeOut } = await import('@/store/takeout');
    const now = new Date().toISOString();
    download('shop-rescue.fluorite.json', takeOut(store, now));
  };
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
        <Button className="min-h-16" onClick={() => void exportAll()}>
          Export everything
        </Button>
      </div>
      <p className="mt-6 text-sm text-ink-soft">What went wrong: {error.message}</p>
    </Page>
  );
}
