import { TodayScreen } from '@/features/today/TodayScreen';

export default function Page() {
  return <TodayScreen />;
}
