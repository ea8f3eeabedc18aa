import { LifeScreen } from '@/features/life/LifeScreen';

export default function Page() {
  return <LifeScreen />;
}
