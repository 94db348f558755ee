import { Rigs } from '@/shop/rigs/Rigs';

export default function RigsPage() {
  return <Rigs />;
}
