'use client';

import Link from 'next/link';
import { Dialog } from '../Dialog';
import { places } from './places';
import { Switches } from './Switches';

/** The places of the shop on a phone. Fetched when it is first opened, so that the bench itself loads light. */
export function PhoneMenu({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Shop">
      <ul className="divide-y divide-hairline border-y border-hairline">
        {places.map(({ href, name, Icon }) => (
          <li key={href}>
            <Link
              href={href}
              prefetch={false}
              onClick={onClose}
              className="flex min-h-14 items-center gap-4 px-2 text-lg hover:bg-act-wash"
            >
              <Icon aria-hidden className="size-6" strokeWidth={1.6} />
              {name}
            </Link>
          </li>
        ))}
      </ul>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <Switches className="flex min-h-14 items-center justify-center gap-3 border-2 border-ink font-semibold" />
      </div>
    </Dialog>
  );
}
