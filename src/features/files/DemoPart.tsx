'use client';

import { toast } from '@/ui/toast';
import { useRooms } from '@/session/react/RoomProvider';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';

/** The way into the made-up room and out of it. */
export function DemoPart() {
  const { session, name: room, goTo, resetDemo } = useRooms();
  const removeDemo = async (): Promise<void> => {
    await session.replaceAll({ documents: [], entries: [] });
    goTo('own');
  };
  return (
    <Section title={room === 'demo' ? 'This is the demo room' : 'Demo room'}>
      {room === 'demo' ? (
        <div className="flex flex-wrap gap-2">
          <Button tone="main" onClick={() => goTo('own')}>
            Go to my room
          </Button>
          <Button onClick={() => removeDemo()}>Remove</Button>
          <Button onClick={() => resetDemo().then(() => toast('Demo reset.'))}>Reset demo</Button>
        </div>
      ) : (
        <>
          <p className="mb-2 text-slate">Four made-up tanks to try things on, kept apart from your room.</p>
          <Button onClick={() => goTo('demo')}>Open the demo room</Button>
        </>
      )}
    </Section>
  );
}
