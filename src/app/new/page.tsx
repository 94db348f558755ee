import { NewJob } from '@/shop/newjob/NewJob';

export default function NewJobPage() {
  return <NewJob />;
}
