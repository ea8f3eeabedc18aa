'use client';

import { Button } from '@/ui/Button';
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

/** So many faults are shown on the screen. */
const SHOWN = 12;

function Faults({ faults, more }: { readonly faults: readonly string[]; readonly more: number }) {
  const rest = Math.max(0, faults.length - SHOWN) + more;
  return (
    <>
      <ul className="fig mt-1 text-[13px]">
        {faults.slice(0, SHOWN).map((fault) => (
          <li key={fault} className="break-words">
            {fault}
          </li>
        ))}
      </ul>
      {rest > 0 && <p className="text-slate">and {rest} more</p>}
    </>
  );
}

const all = (names: readonly string[]): string => (names.length === 0 ? 'none' : names.join(', '));

/** What a file holds and what it would change. Nothing is touched until the keeper agrees. */
export function ImportPreview({ name, look, changedSince, watchRuns, tankName, onAgree, onLeave }: Props) {
  if (look.kind === 'refused') {
    return (
      <div role="alert" className="border-l-2 border-buoy pl-3">
        <p className="font-semibold text-buoy">{name} was not taken in. The room is as it was.</p>
        <Faults faults={look.faults} more={look.more} />
        <Button className="mt-2" onClick={onLeave}>
          All right
        </Button>
      </div>
    );
  }
  if (look.kind === 'plan') {
    return (
      <div className="border-l-2 border-deep pl-3">
        <p>
          {name} is a plan: a tank of {look.plan.tank.lengthCm} × {look.plan.tank.widthCm} ×{' '}
          {look.plan.tank.heightCm} cm with {look.plan.groups.length} groups. It would become a new tank with
          that list; nothing else changes.
        </p>
        <div className="mt-2 flex gap-2">
          <Button tone="main" onClick={onAgree}>
            Add the tank
          </Button>
          <Button onClick={onLeave}>Leave it</Button>
        </div>
      </div>
    );
  }
  if (look.kind === 'life') {
    const { life } = look;
    return (
      <div className="border-l-2 border-deep pl-3">
        <p>
          {name} is the story of {life.name || `${life.count} ${life.species.replace(/-/g, ' ')}`}
          {life.keeper && `, kept by ${life.keeper}`}: {life.story.length} lines, {life.lengths.length}{' '}
          lengths. It would come to {tankName} today, {life.lengthCm} cm long; nothing else changes.
        </p>
        <div className="mt-2 flex gap-2">
          <Button tone="main" onClick={onAgree}>
            It has come
          </Button>
          <Button onClick={onLeave}>Leave it</Button>
        </div>
      </div>
    );
  }
  const { changes } = look;
  return (
    <div className="border-l-2 border-deep pl-3">
      {changedSince && (
        <p role="alert" className="mb-2 text-lamp">
          This room was changed since you looked. Look again at what would happen:
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
            {look.leftOut} of its records cannot be taken in. They stay in the file; the others can be opened
            without them.
          </p>
          <Faults faults={look.faults} more={look.more} />
        </div>
      )}
      {watchRuns && (
        <p className="mb-2 text-lamp">
          A watch is running in this room. Finish it first, or its minutes go with the room.
        </p>
      )}
      {changes.same ? (
        <p>It says the same as this room. Nothing would change.</p>
      ) : (
        <Ledger
          rows={[
            ['Would be added', all(changes.documents.added)],
            ['Would be changed', all(changes.documents.changed)],
            ['Would be gone', all(changes.documents.removed)],
            ['Entries added', changes.entries.added],
            ['Entries changed', changes.entries.changed],
            ['Entries gone', changes.entries.removed],
          ]}
        />
      )}
      <p className="mt-2 text-slate">
        This room is kept as it is now, and can be put back afterwards under Files.
      </p>
      <div className="mt-2 flex gap-2">
        <Button tone={changes.entries.removed > 0 ? 'warn' : 'main'} onClick={onAgree}>
          Replace this room
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </div>
  );
}
