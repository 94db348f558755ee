import { RigSheet } from '@/shop/rigs/RigSheet';

export default async function RigSheetPage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <RigSheet id={decodeURIComponent((await params).id)} />;
}
