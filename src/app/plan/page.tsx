import { SharedPlan } from '@/features/stock/first/SharedPlan';

export default function Page() {
  return <SharedPlan />;
}
