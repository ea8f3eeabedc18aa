'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { addPicture } from '@/core/commands';
import { residentsOf, type Resident } from '@/core/events';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useTanks } from '@/session/react/useTanks';
import { takeSharedFile } from '@/session/sharedFile';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Empty, Section } from '@/ui/Screen';
import { shrinkPicture } from '@/ui/shrinkPicture';

/** A picture that another app shared: whose is it? */
function Picture({ data, onDone }: { readonly data: string; readonly onDone: () => void }) {
  const { session, run } = useCommands();
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const nameOf = useResidentName();
  const [who, setWho] = useState('');
  const all = tanks.flatMap(({ id }) => residentsOf(room, id));
  const resident: Resident | undefined = all.find(({ id }) => id === who);
  const add = async (): Promise<void> => {
    if (!resident) return;
    if (await run(`A picture of ${nameOf(resident)}`, [addPicture(resident.id, data, session.stamp)]))
      onDone();
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      {/* eslint-disable-next-line @next/next/no-img-element -- a picture that was handed over: there is nothing for a loader to fetch */}
      <img src={data} alt="The picture that was shared" className="max-h-40" />
      <SelectField label="Whose picture is it?" value={who} onChange={({ target }) => setWho(target.value)}>
        <option value="">choose</option>
        {tanks.map(({ id, body }) => (
          <optgroup key={id} label={body.name}>
            {residentsOf(room, id).map((one) => (
              <option key={one.id} value={one.id}>
                {nameOf(one)}
              </option>
            ))}
          </optgroup>
        ))}
      </SelectField>
      <Button tone="main" disabled={!resident} onClick={add}>
        Add picture
      </Button>
      <Button onClick={onDone}>Leave it</Button>
    </div>
  );
}

/** What another app handed over to the installed app. `look` opens a file as if it had been chosen; it keeps its identity. */
export function SharedPart({ look }: { readonly look: (file: File) => Promise<void> }) {
  const shared = useSearchParams().get('shared');
  const [picture, setPicture] = useState<string | null>(null);
  const [refused, setRefused] = useState('');
  useEffect(() => {
    if (shared !== 'file' && shared !== 'picture') return;
    void takeSharedFile().then(async (file) => {
      if (!file) return;
      if (shared === 'file') return look(file);
      const small = await shrinkPicture(file);
      if (small.ok) setPicture(small.data);
      else setRefused(small.why);
    });
  }, [shared, look]);
  if (shared === 'late')
    return (
      <Empty>Lomvik was not ready to take what was shared: share it once more. Nothing was sent on.</Empty>
    );
  if (refused !== '')
    return (
      <p role="alert" className="text-buoy">
        {refused}
      </p>
    );
  if (picture === null) return null;
  return (
    <Section title="Shared picture">
      <Picture data={picture} onDone={() => setPicture(null)} />
    </Section>
  );
}
