'use client';

import { Button, ButtonLink } from '../Button';
import { Notice } from '../Notice';
import { useTakeOut } from '../takeout';
import { WrittenApart } from './WrittenApart';
import { useShopState, useStore } from '@/store/hooks';
import type { Trouble } from '@/store/trouble';

const troubleWords: Record<Trouble, string> = {
  full: 'This device is out of room. What you do now is kept in this tab only. Make room, then try again, or export.',
  'write-failed':
    'The last change could not be written to this device. It is kept in this tab. Try again, or export.',
  newer:
    'A newer Fluorite has written on this device. This tab is older: it shows what it can, and writes nothing more until it is loaded again.',
  'second-tab':
    'Another tab of this browser writes here. This page came over an insecure connection, where only one tab may: nothing you do in this one is kept. Go on in the other, or close it and load this one again.',
  'no-disk':
    'This browser gives no storage here (a private window?). Everything works, but ends with this tab: export before you close it.',
};

/** Says at once when records cannot be read or written, and always offers a way out. */
export function StorageTrouble() {
  const store = useStore();
  const { trouble, damaged, asking } = useShopState();
  // What was set apart by hand is known already.
  const broken = damaged.filter(({ apart }) => !apart);
  const takeOut = useTakeOut();
  return (
    <div className="no-print space-y-1" aria-live="assertive">
      {trouble && (
        <Notice tone="stop">
          {troubleWords[trouble]}
          <span className="ml-2 inline-flex flex-wrap gap-2">
            <Button look="quiet" onClick={() => void takeOut('shop')}>
              Export everything
            </Button>
            {(trouble === 'newer' || trouble === 'second-tab') && (
              <Button look="quiet" onClick={() => location.reload()}>
                Load again
              </Button>
            )}
            {(trouble === 'full' || trouble === 'write-failed') && (
              <Button look="quiet" onClick={() => void store.retry()}>
                Try again
              </Button>
            )}
          </span>
        </Notice>
      )}
      {broken.length > 0 && (
        <Notice tone="care">
          {broken.length === 1 ? 'One record is damaged' : `${broken.length} records are damaged`} and set
          apart. Everything else is here.{' '}
          <ButtonLink href="/settings#damaged" look="quiet">
            See and export
          </ButtonLink>
        </Notice>
      )}
      {asking.length > 0 && <WrittenApart />}
    </div>
  );
}
