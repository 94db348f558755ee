import { Logbook } from '@/shop/logbook/Logbook';

export default function LogbookPage() {
  return <Logbook />;
}
