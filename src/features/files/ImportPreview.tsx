'use client';

import { countOf } from '@/words/en';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import { Ledger } from '@/ui/Screen';
import type { Look } from '@/workers/roomWork';

interface Props {
  readonly name: string;
  readonly look: Look;
  /** Whether this room was changed after the file was looked at first. */
  readonly changedSince: boolean;
  readonly watchRuns: boolean;
  /** Where a fish of a file would come to. */
  readonly tankName: string;
  readonly onAgree: () => void;
  readonly onLeave: () => void;
}

const all = (names: readonly string[]): string => (names.length === 0 ? 'none' : names.join(', '));

/** What a file holds and what it would change. Nothing is touched until the keeper agrees. */
export function ImportPreview({ name, look, changedSince, watchRuns, tankName, onAgree, onLeave }: Props) {
  const words = useWords();
  if (look.kind === 'refused') {
    return (
      <div role="alert" className="border-l-2 border-buoy pl-3">
        <p className="font-semibold text-buoy">{name} cannot be imported. Nothing was changed.</p>
        <FaultList faults={look.faults} more={look.more} />
        <Button className="mt-2" onClick={onLeave}>
          OK
        </Button>
      </div>
    );
  }
  if (look.kind === 'plan') {
    return (
      <div className="border-l-2 border-deep pl-3">
        <p>
          {name} is a plan: a tank of{' '}
          {[look.plan.tank.lengthCm, look.plan.tank.widthCm, look.plan.tank.heightCm]
            .map((cm) => words.tank('length', cm))
            .join(' × ')}{' '}
          with {countOf(look.plan.groups.length, 'group')}. It would become a new tank with that list; nothing
          else changes.
        </p>
        <div className="mt-2 flex gap-2">
          <Button tone="main" onClick={onAgree}>
            Add tank
          </Button>
          <Button onClick={onLeave}>Cancel</Button>
        </div>
      </div>
    );
  }
  if (look.kind === 'life') {
    const { life } = look;
    return (
      <div className="border-l-2 border-deep pl-3">
        <p>
          {name} is the history of {life.name || `${life.count} ${life.species.replace(/-/g, ' ')}`}
          {life.keeper && `, kept by ${life.keeper}`}: {life.story.length} lines, {life.lengths.length}{' '}
          lengths. It would arrive in {tankName} today, {words.quantity('length', life.lengthCm)} long;
          nothing else changes.
        </p>
        <div className="mt-2 flex gap-2">
          <Button tone="main" onClick={onAgree}>
            Confirm arrival
          </Button>
          <Button onClick={onLeave}>Cancel</Button>
        </div>
      </div>
    );
  }
  const { changes } = look;
  return (
    <div className="border-l-2 border-deep pl-3">
      {changedSince && (
        <p role="alert" className="mb-2 text-lamp">
          This room has changed since. Check again what would change:
        </p>
      )}
      <p className="mb-2">
        {name} is a room of {look.tanks} tanks and {look.entries} entries
        {look.exportedOn ? `, saved ${look.exportedOn.slice(0, 10)}` : ''}. It would take the place of this
        room:
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
      ) : (
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
      )}
      <p className="mt-2 text-slate">This room is kept and can be restored under Files.</p>
      <div className="mt-2 flex gap-2">
        <Button tone={changes.entries.removed > 0 ? 'warn' : 'main'} onClick={onAgree}>
          Replace this room
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </div>
  );
}
