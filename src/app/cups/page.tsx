import { Cups } from '@/shop/cups/Cups';

export default function CupsPage() {
  return <Cups />;
}
