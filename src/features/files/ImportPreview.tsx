'use client';

import { compareBackup } from '@/core/formats/compareBackup';
import type { Entry } from '@/core/events/events';
import type { RoomDocument } from '@/core/records/documents';
import { Button } from '@/ui/Button';
import { Ledger } from '@/ui/Screen';
import type { FileRead } from './readFile';

interface Props {
  readonly name: string;
  readonly read: FileRead;
  /** Where a fish of a file would come to. */
  readonly tankName: string;
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
  readonly onAgree: () => void;
  readonly onLeave: () => void;
}

const all = (names: readonly string[]): string => (names.length === 0 ? 'none' : names.join(', '));

/** What a file holds and what it would change. Nothing is touched until the keeper agrees. */
export function ImportPreview({ name, read, tankName, documents, entries, onAgree, onLeave }: Props) {
  if (read.kind === 'refused') {
    return (
      <div role="alert" className="border-l-2 border-buoy pl-3">
        <p className="font-semibold text-buoy">{name} was not taken in. The room is as it was.</p>
        <ul className="fig mt-1 text-[13px]">
          {read.faults.slice(0, 12).map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
        {read.faults.length > 12 && <p className="text-slate">and {read.faults.length - 12} more</p>}
        <Button className="mt-2" onClick={onLeave}>
          All right
        </Button>
      </div>
    );
  }
  if (read.kind === 'plan') {
    return (
      <div className="border-l-2 border-deep pl-3">
        <p>
          {name} is a plan: a tank of {read.plan.tank.lengthCm} × {read.plan.tank.widthCm} ×{' '}
          {read.plan.tank.heightCm} cm with {read.plan.groups.length} groups. It would become a new tank with
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
  if (read.kind === 'life') {
    const { life } = read;
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
  const changes = compareBackup({ documents, entries }, read.backup);
  return (
    <div className="border-l-2 border-deep pl-3">
      <p className="mb-2">
        {name} is a room of{' '}
        {read.backup.documents.filter((document) => document.kind === 'tank' && document.body).length} tanks
        and {read.backup.entries.length} entries
        {read.backup.exportedOn ? `, saved ${read.backup.exportedOn.slice(0, 10)}` : ''}. It would take the
        place of this room:
      </p>
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
      <p className="mt-2 text-slate">Save this room first if it holds anything that the file does not.</p>
      <div className="mt-2 flex gap-2">
        <Button tone={changes.entries.removed > 0 ? 'warn' : 'main'} onClick={onAgree}>
          Replace this room
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </div>
  );
}
