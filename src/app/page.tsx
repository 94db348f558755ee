import { Bench } from '@/shop/bench/Bench';

export default function BenchPage() {
  return <Bench />;
}
