import { HierarchyScreen } from '@/features/hierarchy/HierarchyScreen';

export default function Page() {
  return <HierarchyScreen />;
}
