import { ReadSheet } from '@/shop/sheet/ReadSheet';

export default function SheetPage() {
  return <ReadSheet />;
}
