import { LeaversScreen } from '@/features/leavers/LeaversScreen';

export default function Page() {
  return <LeaversScreen />;
}
