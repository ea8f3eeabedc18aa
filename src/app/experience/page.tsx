import { ExperienceScreen } from '@/features/experience/ExperienceScreen';

export default function Page() {
  return <ExperienceScreen />;
}
