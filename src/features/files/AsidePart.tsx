'use client';

import { useState } from 'react';
import { countOf, faultLine } from '@/words/en';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { saveText } from '@/session/saveFile';
import { Section } from '@/ui/Screen';
import type { SessionState } from '@/session/types';

type Aside = SessionState['aside'][number];

const NAMES = { document: 'A document', entry: 'An entry of the journal' } as const;

/** What of a damaged record can still be told: the kind of thing it was. */
function whatItWas({ what, raw }: Aside): string {
  const { kind, type, id } = (raw ?? {}) as { kind?: unknown; type?: unknown; id?: unknown };
  const said = [kind, type, id].filter((one): one is string => typeof one === 'string');
  return said.length > 0 ? `${NAMES[what]} (${said.join(', ')})` : NAMES[what];
}

/** So many are listed at first. */
const SHOWN = 8;

const whyOf = ({ why }: Aside): string =>
  typeof why === 'string' ? why : why.length === 0 ? 'damaged' : why.map(faultLine).join(' ');

/** Records that could not be read: listed, to be saved or removed. The rest of the room works without them. */
export function AsidePart() {
  const { session } = useRooms();
  const aside = useRoomState((state) => state.aside);
  const [isWhole, setWhole] = useState(false);
  if (aside.length === 0) return null;
  const save = (some: readonly Aside[]): void =>
    saveText(`lomvik-set-aside-${todayIso()}.json`, JSON.stringify(some, null, 2));
  return (
    <Section title="Set aside" aside={countOf(aside.length, 'record')}>
      <p className="mb-2 text-slate">
        These records are damaged, or the others contradict them. They are kept here, and in every file that
        you save; nothing else is affected.
      </p>
      <ul>
        {(isWhole ? aside : aside.slice(0, SHOWN)).map((one) => (
          <li key={one.key} className="flex flex-wrap items-center gap-2 border-b border-line py-1.5">
            <span className="min-w-0 flex-1">
              {whatItWas(one)}: <span className="break-words text-slate">{whyOf(one)}</span>
            </span>
            <Button tone="quiet" onClick={() => save([one])}>
              Save
            </Button>
            <Button tone="quiet" onClick={() => session.dropAside(one.key)}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => save(aside)}>Save all</Button>
        {!isWhole && aside.length > SHOWN && (
          <Button tone="quiet" onClick={() => setWhole(true)}>
            Show all {aside.length}
          </Button>
        )}
      </div>
    </Section>
  );
}
