'use client';

import { addPicture, removePicture } from '@/core/commands';
import { useMemo, useRef, useState } from 'react';
import type { Resident } from '@/core/events';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import { shrinkPicture } from '@/ui/shrinkPicture';
import { dayOfYear } from '@/words/en';

/** Pictures of a fish in the order of time; each is made small and kept with the room. */
export function Photos({ resident }: { readonly resident: Resident }) {
  const { session, run } = useCommands();
  const nameOf = useResidentName();
  const documents = useRoomState((state) => state.documents);
  const input = useRef<HTMLInputElement>(null);
  const [refused, setRefused] = useState('');
  const [busy, setBusy] = useState(false);
  const photos = useMemo(
    () =>
      Object.values(documents)
        .flatMap((document) =>
          document.kind === 'photo' && document.body?.resident === resident.id
            ? [{ id: document.id, ...document.body }]
            : [],
        )
        .sort((a, b) => (a.on < b.on ? -1 : 1)),
    [documents, resident.id],
  );
  const add = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    setRefused('');
    setBusy(true);
    const small = await shrinkPicture(file);
    setBusy(false);
    if (!small.ok) return setRefused(small.why);
    await run(`A picture of ${nameOf(resident)}`, [addPicture(resident.id, small.data, session.stamp)]);
  };
  return (
    <Section
      title="Pictures"
      aside={
        <Button tone="quiet" disabled={busy} onClick={() => input.current?.click()}>
          {busy ? 'resizing…' : 'Add picture'}
        </Button>
      }
    >
      <input
        ref={input}
        type="file"
        accept="image/*"
        className="sr-only"
        aria-label={`A picture of ${nameOf(resident)}`}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          void add(file);
        }}
      />
      {refused && (
        <p role="alert" className="text-buoy">
          {refused}
        </p>
      )}
      {photos.length === 0 && (
        <p className="text-slate">None yet. One a season shows growth, colour and scars.</p>
      )}
      <ul className="flex gap-2 overflow-x-auto">
        {photos.map((photo) => (
          <li key={photo.id} className="w-40 shrink-0">
            {/* eslint-disable-next-line @next/next/no-img-element -- a picture out of the room's own store: there is nothing for a loader to fetch */}
            <img
              src={photo.data}
              alt={`${nameOf(resident)} on ${dayOfYear(photo.on)}`}
              className="aspect-[4/3] w-full object-cover"
            />
            <span className="fig flex items-center justify-between text-[0.75rem] text-slate">
              {dayOfYear(photo.on)}
              <Button
                tone="quiet"
                aria-label={`Remove the picture of ${dayOfYear(photo.on)}`}
                onClick={() => run('Picture removed', [removePicture(photo.id)])}
              >
                remove
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </Section>
  );
}
