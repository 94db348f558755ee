'use client';

import { usePathname } from 'next/navigation';
import { namedBy } from '@/offline/pages';
import { RigSheet } from '@/shop/rigs/RigSheet';

export default function RigSheetPage() {
  const { id } = namedBy(usePathname());
  return <RigSheet key={id} id={id} />;
}
