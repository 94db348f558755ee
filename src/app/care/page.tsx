import { Care } from '@/shop/care/Care';

export default function CarePage() {
  return <Care />;
}
