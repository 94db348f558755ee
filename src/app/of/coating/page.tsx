'use client';

import { usePathname } from 'next/navigation';
import { namedBy } from '@/offline/pages';
import { CoatingSheet } from '@/shop/coatings/CoatingSheet';

export default function CoatingSheetPage() {
  const { id } = namedBy(usePathname());
  return <CoatingSheet key={id} id={id} />;
}
