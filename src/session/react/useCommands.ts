'use client';

import { useMemo } from 'react';
import { toast } from 'sonner';
import type { Change } from '@/core/gate/change';
import type { DocumentBodies, DraftGroup, RoomDocument } from '@/core/records/documents';
import type { Dated } from '@/core/events/events';
import type { DocumentId, EntryId, TankId } from '@/core/kernel/schema/ids';
import type { KeeperSpecies } from '@/core/model/keeperSpecies';
import { StoreError } from '@/store/port';
import type { Changes, ChangesThen, Session } from '../session';
import { useRooms } from './RoomProvider';
import { draftId, listedOf } from './useTanks';

/** Puts an entry into the journal. */
export const appendChange = (session: Session, dated: Dated): Change => ({
  kind: 'append',
  entry: { ...dated, id: session.stamp.id(), recorded: session.stamp.now() },
});

/** Gives a document a new body; the store gives it its revision. */
export const putChange = <K extends RoomDocument['kind']>(
  kind: K,
  id: DocumentId,
  body: DocumentBodies[K] | null,
): Change => ({
  kind: 'put',
  document: { id, kind, body, rev: 1 } as RoomDocument,
});

export const draftChange = (tank: TankId, groups: readonly DraftGroup[]): Change =>
  putChange('draft', draftId(tank), { tank, name: FIRST_LIST, groups: [...groups] });

/** What a list is called until the keeper names it. */
const FIRST_LIST = 'Stock list';

/** The list of a tank made anew from what it is when the command's turn comes; its name and note stay. */
export const listChange =
  (tank: TankId, remake: (listed: readonly DraftGroup[]) => readonly DraftGroup[]): ChangesThen =>
  (state) => {
    const document = state.documents[draftId(tank)];
    const kept = document?.kind === 'draft' && document.body ? document.body : { tank, name: FIRST_LIST };
    return [
      putChange('draft', draftId(tank), { ...kept, groups: [...remake(listedOf(state.documents, tank))] }),
    ];
  };

/** A tank made anew from what it is when the command's turn comes; nothing when it is no longer in the rack. */
export const tankEdit =
  (tank: TankId, remake: (body: DocumentBodies['tank']) => DocumentBodies['tank']): Changes =>
  (state) => {
    const document = state.documents[tank];
    return document?.kind === 'tank' && document.body ? [tankChange(tank, remake(document.body))] : [];
  };

export const tankChange = (tank: TankId, body: DocumentBodies['tank']): Change =>
  putChange('tank', tank as unknown as DocumentId, body);

/** A species of the keeper's own, or their figures for a shipped one; null takes them away. */
export const speciesChange = (id: string, species: KeeperSpecies | null): Change =>
  putChange(
    'species',
    `species-${id}` as DocumentId,
    species && { profile: species.profile, changed: [...species.changed] },
  );

/** Corrects an entry: says what is true instead, or strikes it out. */
export const correctChange = (
  session: Session,
  target: EntryId,
  on: string,
  replacement: Dated | null,
): Change => ({
  kind: 'append',
  entry: {
    id: session.stamp.id(),
    recorded: session.stamp.now(),
    type: 'corrected',
    on,
    target,
    replacement,
  },
});

/** What went wrong, said once, in the store's own words. */
function complain(error: unknown): void {
  toast.error(
    error instanceof StoreError ? error.message : 'That could not be written. Nothing was lost; try again.',
  );
}

export interface Commands {
  readonly session: Session;
  /** Does it and says so; true when it is durable. Quiet commands say nothing when they succeed. */
  readonly run: (label: string, changes: Changes, quiet?: boolean) => Promise<boolean>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
}

/** Ways to change the room from a screen, each taken back with one press. */
export function useCommands(): Commands {
  const { session } = useRooms();
  return useMemo(() => {
    const undo = async (): Promise<void> => {
      const label = await session.undo().catch(complain);
      toast(label ? `Taken back: ${label}` : 'Nothing to take back.');
    };
    return {
      session,
      undo,
      redo: async () => {
        const label = await session.redo().catch(complain);
        toast(label ? `Done again: ${label}` : 'Nothing to do again.');
      },
      run: async (label, changes, quiet = false) => {
        try {
          await session.run(label, changes);
        } catch (error) {
          complain(error);
          return false;
        }
        if (!quiet) toast(label, { action: { label: 'Undo', onClick: () => void undo() } });
        return true;
      },
    };
  }, [session]);
}
