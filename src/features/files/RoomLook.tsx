'use client';

import { countOf, dayName, sayContradiction, sayPartThatDiffers } from '@/words/en';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import { Ledger } from '@/ui/Screen';
import type { Look } from '@/workers/roomWork';

/** So many lines of one sort are shown. */
const SHOWN = 12;

const all = (names: readonly string[]): string => (names.length === 0 ? 'none' : names.join(', '));

/** Lines of one sort, the first of them, and how many more. */
function Lines({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <div className="mt-2">
      <p className="font-medium">{title}</p>
      <ul className="mt-1 list-disc pl-5 text-[0.875rem]">
        {lines.slice(0, SHOWN).map((line, i) => (
          <li key={`${i}-${line}`} className="break-words">
            {line}
          </li>
        ))}
      </ul>
      {lines.length > SHOWN && <p className="text-slate">and {lines.length - SHOWN} more</p>}
    </div>
  );
}

type RoomFile = Extract<Look, { kind: 'room' }>;

/** What the two rooms would be together: what comes in, what differs, what contradicts. */
function MergeLook({ merge }: Pick<RoomFile, 'merge'>) {
  const words = useWords();
  if (merge.nothingNew)
    return <p>The file has nothing that this room does not have. Nothing would change.</p>;
  return (
    <>
      <Ledger
        rows={[
          ['Entries that come in', merge.entriesIn],
          ['Entries that only this room has; they stay', merge.entriesOut],
          ['Tanks, lists and plans that come in', merge.documentsIn],
        ]}
      />
      <Lines
        title={`${countOf(merge.parts.length, 'part')} ${merge.parts.length === 1 ? 'differs' : 'differ'}: what was said last stands`}
        lines={merge.parts.map((part) => sayPartThatDiffers(part, words))}
      />
      <Lines
        title={`${countOf(merge.aside.length, 'record')} that the rest contradicts: set aside under Files, not lost`}
        lines={merge.aside.map((one) => sayContradiction(one, words))}
      />
    </>
  );
}

/** What a saved room holds, and what it would change: merged with this room, or in its place. Nothing is touched until the keeper agrees. */
export function RoomLook({
  name,
  look,
  changedSince,
  watchRuns,
  onMerge,
  onReplace,
  onLeave,
}: {
  readonly name: string;
  readonly look: RoomFile;
  /** Whether this room was changed after the file was looked at first. */
  readonly changedSince: boolean;
  readonly watchRuns: boolean;
  readonly onMerge: () => void;
  readonly onReplace: () => void;
  readonly onLeave: () => void;
}) {
  const { changes, merge } = look;
  const replacing = (
    <>
      <Ledger
        rows={[
          ['Would be added', all(changes.documents.added)],
          ['Would be changed', all(changes.documents.changed)],
          ['Would be removed', all(changes.documents.removed)],
          ['Entries added', changes.entries.added],
          ['Entries changed', changes.entries.changed],
          ['Entries removed', changes.entries.removed],
        ]}
      />
      <Button
        className="mt-2"
        tone={changes.entries.removed > 0 ? 'warn' : merge.stranger ? 'main' : undefined}
        onClick={onReplace}
      >
        Replace this room
      </Button>
    </>
  );
  return (
    <div className="border-l-2 border-deep pl-3">
      {changedSince && (
        <p role="alert" className="mb-2 text-lamp">
          This room has changed since. Check again what would change:
        </p>
      )}
      <p className="mb-2">
        {name} is a room of {countOf(look.tanks, 'tank')} and {countOf(look.entries, 'entry', 'entries')}
        {look.exportedOn ? `, saved ${dayName(look.exportedOn)}` : ''}.
      </p>
      {look.leftOut > 0 && (
        <div role="alert" className="mb-2 border-l-2 border-lamp pl-3">
          <p>
            {look.leftOut} of its records cannot be imported. They stay in the file; the others can be opened.
          </p>
          <FaultList faults={look.faults} more={look.more} />
        </div>
      )}
      {watchRuns && (
        <p className="mb-2 text-lamp">
          A watch is running in this room. Finish it first, or its minutes are lost.
        </p>
      )}
      {changes.same ? (
        <p>It is the same as this room. Nothing would change.</p>
      ) : merge.emptyHere ? (
        <>
          <p className="mb-2">This room is empty: the file opens as it is.</p>
          <Button tone="main" className="mr-2" onClick={onReplace}>
            Open this room
          </Button>
        </>
      ) : merge.stranger ? (
        <>
          <p className="mb-2">It is another room. It would take the place of this one:</p>
          {replacing}
        </>
      ) : (
        <>
          <h3 className="mt-3 font-semibold">Merge: this room and the file together</h3>
          <MergeLook merge={merge} />
          {!merge.nothingNew && (
            <Button tone="main" className="mt-2" onClick={onMerge}>
              Merge
            </Button>
          )}
          <details className="mt-4">
            <summary className="cursor-pointer text-deep">
              Put the file in the place of this room instead
            </summary>
            <div className="mt-2">{replacing}</div>
          </details>
        </>
      )}
      {merge.stranger && !merge.emptyHere && !changes.same && (
        <details className="mt-4">
          <summary className="cursor-pointer text-deep">Bring both rooms together instead</summary>
          <div className="mt-2">
            <MergeLook merge={merge} />
            <Button className="mt-2" onClick={onMerge}>
              Merge
            </Button>
          </div>
        </details>
      )}
      {!merge.emptyHere && (
        <p className="mt-3 text-slate">This room is kept as it is now and can be restored under Files.</p>
      )}
      <Button className="mt-2" onClick={onLeave}>
        Cancel
      </Button>
    </div>
  );
}
