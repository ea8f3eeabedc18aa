import { ArrivalsScreen } from '@/features/arrivals/ArrivalsScreen';

export default function Page() {
  return <ArrivalsScreen />;
}
