import { CoatingSheet } from '@/shop/coatings/CoatingSheet';

export default async function CoatingSheetPage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <CoatingSheet id={decodeURIComponent((await params).id)} />;
}
