import { Coatings } from '@/shop/coatings/Coatings';

export default function CoatingsPage() {
  return <Coatings />;
}
