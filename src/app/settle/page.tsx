import { SettleScreen } from '@/features/settle/SettleScreen';

export default function Page() {
  return <SettleScreen />;
}
