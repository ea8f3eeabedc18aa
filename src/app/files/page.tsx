import { FilesScreen } from '@/features/files/FilesScreen';

export default function Page() {
  return <FilesScreen />;
}
