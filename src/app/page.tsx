import { RoomScreen } from '@/features/room/RoomScreen';

export default function Page() {
  return <RoomScreen />;
}
