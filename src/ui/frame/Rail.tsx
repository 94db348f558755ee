'use client';

import Link from 'next/link';
import { useState } from 'react';
import { usePathname } from 'next/navigation';
import { Menu as MenuIcon } from 'lucide-react';
import { isAt, places } from './places';
import { Switches } from './Switches';
import { fetched } from '@/ui/fetched';

const PhoneMenu = fetched(() => import('./PhoneMenu').then((loaded) => loaded.PhoneMenu));

/** The shop rail: at the left edge where there is room, behind one button at the top of a phone. */
export function Rail() {
  const path = usePathname();
  const [open, setOpen] = useState(false);
  const inJob = path.startsWith('/job/') || path.startsWith('/of/job');
  const here = places.find(({ href }) => isAt(path, href)) ?? places[0];
  return (
    <>
      <nav
        aria-label="Shop"
        className="no-print sticky top-0 hidden h-dvh w-[5.25rem] shrink-0 flex-col overflow-y-auto bg-rail text-[#f6f5f1] md:flex"
      >
        <div className="wide py-3.5 text-center text-sm font-bold">Fluorite</div>
        {places.map(({ href, name, Icon }) => {
          const on = isAt(path, href);
          return (
            <Link
              key={href}
              href={href}
              prefetch={false}
              aria-current={on ? 'page' : undefined}
              className={`flex min-h-16 shrink-0 flex-col items-center justify-center gap-1 border-l-4 text-[0.8rem] focus-visible:-outline-offset-3 focus-visible:outline-[#c3abff] ${on ? 'border-[#c3abff] bg-rail-on font-semibold' : 'border-transparent hover:bg-rail-on/60'}`}
            >
              <Icon aria-hidden className="size-5" strokeWidth={1.6} />
              {name}
            </Link>
          );
        })}
        <div className="mt-auto border-t border-[#4b4360]">
          <Switches className="flex min-h-14 w-full flex-col items-center justify-center gap-1 text-[0.8rem] hover:bg-rail-on/60 focus-visible:-outline-offset-3 focus-visible:outline-[#c3abff]" />
        </div>
      </nav>
      {/* In a job its own bar stands there. */}
      <nav
        aria-label="Shop"
        className={`no-print flex items-center justify-between bg-rail px-4 text-[#f6f5f1] md:hidden ${inJob ? 'hidden' : ''}`}
      >
        <Link href="/" prefetch={false} className="wide flex min-h-11 items-center font-bold">
          Fluorite
        </Link>
        <button
          type="button"
          aria-haspopup="dialog"
          className="flex min-h-11 items-center gap-2 px-2 font-semibold"
          onClick={() => setOpen(true)}
        >
          {here?.name} <MenuIcon aria-hidden className="size-5" />
        </button>
        {open && <PhoneMenu onClose={() => setOpen(false)} />}
      </nav>
    </>
  );
}
