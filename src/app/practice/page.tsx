import { Practice } from '@/shop/practice/Practice';

export default function PracticePage() {
  return <Practice />;
}
