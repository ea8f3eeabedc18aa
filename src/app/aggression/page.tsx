import { AggressionScreen } from '@/features/aggression/AggressionScreen';

export default function Page() {
  return <AggressionScreen />;
}
