'use client';

import { countOf } from '@/words/en';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { FaultList } from '@/ui/FaultList';
import type { Look } from '@/workers/roomWork';
import { RoomLook } from './RoomLook';

interface Props {
  readonly name: string;
  readonly look: Look;
  /** Whether this room was changed after the file was looked at first. */
  readonly changedSince: boolean;
  readonly watchRuns: boolean;
  /** Where a fish of a file would come to. */
  readonly tankName: string;
  readonly onAgree: () => void;
  /** Of a room: it and this one become one. */
  readonly onMerge: () => void;
  readonly onLeave: () => void;
}

/** What a file holds and what it would change. Nothing is touched until the keeper agrees. */
export function ImportPreview({
  name,
  look,
  changedSince,
  watchRuns,
  tankName,
  onAgree,
  onMerge,
  onLeave,
}: Props) {
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
  if (look.kind === 'experience') {
    return (
      <div className="border-l-2 border-deep pl-3">
        <p>
          {name} is what a keeper’s fish lived through: {countOf(look.stays, 'stay')}. It is kept under
          Experience, apart from your own record; nothing else changes.
        </p>
        <div className="mt-2 flex gap-2">
          <Button tone="main" onClick={onAgree}>
            Add
          </Button>
          <Button onClick={onLeave}>Cancel</Button>
        </div>
      </div>
    );
  }
  return (
    <RoomLook
      name={name}
      look={look}
      changedSince={changedSince}
      watchRuns={watchRuns}
      onMerge={onMerge}
      onReplace={onAgree}
      onLeave={onLeave}
    />
  );
}
