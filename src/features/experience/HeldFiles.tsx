'use client';

import { useMemo, useState } from 'react';
import { foldName } from '@/core/model';
import { useExperienceLine } from '@/session/react/useExperience';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { LongList } from '@/ui/LongList';
import { toast } from '@/ui/toast';
import { countOf, monthName } from '@/words/en';
import type { Held } from '@/workers/experienceWork';

const ROW_PX = 40;
/** From so many files on they are found by name. */
const MANY = 10;

/** The files that were taken in, each to be removed. Only those in sight are drawn. */
export function HeldFiles({ held, onChange }: { readonly held: Held; readonly onChange: () => void }) {
  const { ask } = useExperienceLine();
  const [typed, setTyped] = useState('');
  const [sure, setSure] = useState(false);
  const { files } = held;
  const shown = useMemo(() => {
    const part = foldName(typed);
    return files.filter(({ name }) => foldName(name).includes(part));
  }, [files, typed]);
  const remove = async (which: readonly string[] | 'all', said: string): Promise<void> => {
    const answer = await ask((remote, room) => remote.remove(room, which));
    setSure(false);
    if (answer.ok) toast(said);
    else toast.error('The files could not be removed. Nothing was changed.');
    onChange();
  };
  return (
    <>
      {files.length > MANY && (
        <TextField
          label="Name of a file"
          type="search"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      )}
      {shown.length < files.length && (
        <p className="text-[0.75rem] text-slate" aria-live="polite">
          {shown.length} of {countOf(files.length, 'file')}
        </p>
      )}
      <LongList
        label="Experience files"
        items={shown}
        keyOf={({ room }) => room}
        rowPx={ROW_PX}
        className="mt-1 max-h-80"
        rowClass="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-x-3 border-b border-line"
      >
        {({ room, name, made, stays }, tabIndex) => (
          <>
            <span className="min-w-0">
              <span className="block truncate" title={name}>
                {name}
              </span>
            </span>
            <span className="text-[0.8125rem] text-slate">
              {monthName(made)}, {countOf(stays, 'stay')}
            </span>
            <Button
              tone="quiet"
              aria-label={`Remove ${name}`}
              tabIndex={tabIndex}
              onClick={() => remove([room], `${name} removed. Your own record is as it was.`)}
            >
              Remove
            </Button>
          </>
        )}
      </LongList>
      <div className="mt-2 flex flex-wrap gap-2">
        {sure ? (
          <>
            <Button
              onClick={() => remove('all', 'All experience files removed. Your own record is as it was.')}
            >
              Yes, remove {countOf(files.length, 'file')}
            </Button>
            <Button tone="quiet" onClick={() => setSure(false)}>
              Keep them
            </Button>
          </>
        ) : (
          <Button tone="quiet" onClick={() => setSure(true)}>
            Remove all
          </Button>
        )}
      </div>
    </>
  );
}
