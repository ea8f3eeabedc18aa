'use client';

import { useRoomState } from '@/session/react/RoomProvider';
import { Link } from '@/ui/Link';
import { countOf } from '@/words/en';

/** Records that are set aside: how many, and where. A room without a tank may get its own back from a saved file. */
export function SetAside({ hasTanks }: { readonly hasTanks: boolean }) {
  const aside = useRoomState((state) => state.aside.length);
  if (aside === 0) return null;
  return (
    <p className="border-l-2 border-lamp pl-3 lg:col-span-2">
      {countOf(aside, 'record')} {aside === 1 ? 'is' : 'are'} set aside: damaged, or contradicted by others.{' '}
      <Link href="/files" className="text-deep underline">
        See Files
      </Link>
      {hasTanks
        ? '; the rest of the room works without.'
        : '. Have you a saved room? Merge it there: entries whose tank is back come in by themselves.'}
    </p>
  );
}
