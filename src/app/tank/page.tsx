import { TankScreen } from '@/features/tank/TankScreen';

export default function Page() {
  return <TankScreen />;
}
