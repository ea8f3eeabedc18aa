'use client';

import { useState } from 'react';
import { twinAddress } from '@/session/roomAddress';

/** Where this browser keeps the room, and where another room of the same machine may be. */
export function RoomAddress({ isEmpty = false }: { readonly isEmpty?: boolean }) {
  const [{ origin, twin }] = useState(() => ({
    origin: window.location.origin,
    twin: twinAddress(window.location.href),
  }));
  if (isEmpty && twin === null) return null;
  return (
    <p className="max-w-[84ch] text-[0.8125rem] text-slate">
      {isEmpty ? 'Your fish are not here?' : `Your room lives in this browser, at ${origin}.`} Each address
      has a room of its own
      {twin !== null && (
        <>
          : another may be at <a href={twin}>{twin.replace(/^https?:\/\//, '')}</a>
        </>
      )}
      . {!isEmpty && 'To move it, save it here and open the file there.'}
    </p>
  );
}
