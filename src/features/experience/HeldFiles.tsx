'use client';

import { useState } from 'react';
import { useExperienceLine } from '@/session/react/useExperience';
import { Button } from '@/ui/Button';
import { Cell, Row, Table } from '@/ui/Table';
import { toast } from '@/ui/toast';
import { countOf, monthName } from '@/words/en';
import type { Held } from '@/workers/experienceWork';

const SHOWN = 10;
/** So many more are shown by a press: thousands at once would keep the screen waiting. */
const MORE = 200;

/** The files that were taken in, each to be removed. */
export function HeldFiles({ held, onChange }: { readonly held: Held; readonly onChange: () => void }) {
  const { ask } = useExperienceLine();
  const [shown, setShown] = useState(SHOWN);
  const [sure, setSure] = useState(false);
  const remove = async (which: readonly string[] | 'all', said: string): Promise<void> => {
    const answer = await ask((remote, room) => remote.remove(room, which));
    setSure(false);
    if (answer.ok) toast(said);
    else toast.error('The files could not be removed. Nothing was changed.');
    onChange();
  };
  const { files } = held;
  return (
    <>
      <Table
        caption="Experience files"
        heads={['File', { name: 'Made' }, { name: 'Stays', figures: true }, { name: 'Remove', hidden: true }]}
      >
        {files.slice(0, shown).map(({ room, name, made, stays }) => (
          <Row key={room}>
            <Cell>
              <span className="[overflow-wrap:anywhere]">{name}</span>
            </Cell>
            <Cell>{monthName(made)}</Cell>
            <Cell figures>{stays}</Cell>
            <Cell>
              <Button
                tone="quiet"
                aria-label={`Remove ${name}`}
                onClick={() => remove([room], `${name} removed. Your own record is as it was.`)}
              >
                Remove
              </Button>
            </Cell>
          </Row>
        ))}
      </Table>
      <div className="mt-2 flex flex-wrap gap-2">
        {files.length > shown && (
          <Button tone="quiet" onClick={() => setShown(shown + MORE)}>
            Show {Math.min(MORE, files.length - shown)} more
          </Button>
        )}
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
