import { DiaryScreen } from '@/features/diary/DiaryScreen';

export default function Page() {
  return <DiaryScreen />;
}
