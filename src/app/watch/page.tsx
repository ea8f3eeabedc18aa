import { WatchScreen } from '@/features/watch/WatchScreen';

export default function Page() {
  return <WatchScreen />;
}
