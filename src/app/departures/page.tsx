import { DeparturesScreen } from '@/features/departures/DeparturesScreen';

export default function Page() {
  return <DeparturesScreen />;
}
