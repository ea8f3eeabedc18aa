import { WaterScreen } from '@/features/water/WaterScreen';

export default function Page() {
  return <WaterScreen />;
}
