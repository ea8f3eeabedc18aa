import { LineUpsScreen } from '@/features/lineups/LineUpsScreen';

export default function Page() {
  return <LineUpsScreen />;
}
