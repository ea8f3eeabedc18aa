'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { DEFAULT_SETTINGS, type DocumentBodies, type DraftGroup, type RoomDocument } from '@/core/records';
import { draftId, listedIn } from '@/core/commands';
import { type Resident, residentsOf, type Room } from '@/core/events';
import type { DocumentId, TankId } from '@/core/kernel';
import { settingsHere } from '../usualSettings';
import { useRoomState } from './RoomProvider';

export interface TankView {
  readonly id: TankId;
  readonly body: DocumentBodies['tank'];
}

/** A tank as screens see it: the same object while its document is the same. */
const VIEWS = new WeakMap<RoomDocument, TankView>();

function viewOf(document: RoomDocument): readonly TankView[] {
  if (document.kind !== 'tank' || !document.body) return [];
  const view = VIEWS.get(document) ?? { id: document.id as unknown as TankId, body: document.body };
  VIEWS.set(document, view);
  return [view];
}

/** Tanks that are not removed, in the order of the rack. */
export function tanksOf(documents: Readonly<Record<string, RoomDocument>>): readonly TankView[] {
  return Object.values(documents)
    .flatMap(viewOf)
    .sort((a, b) => a.body.order - b.body.order || (a.id < b.id ? -1 : 1));
}

export function useTanks(): readonly TankView[] {
  return useRoomState(useShallow((state) => tanksOf(state.documents)));
}

/** The tank that the address names, or the first of the rack where it names none; null when there is no such tank. */
export function useTank(): TankView | null {
  const wanted = useSearchParams().get('tank');
  const tanks = useTanks();
  return (wanted === null ? tanks[0] : tanks.find((tank) => tank.id === wanted)) ?? null;
}

/** What the keeper chose; while he chose nothing, what is usual where he is, once the room is open. */
export function useSettings(): DocumentBodies['settings'] {
  return useRoomState(({ documents, status }) => {
    const document = documents['settings'];
    if (document?.kind === 'settings' && document.body) return document.body;
    return status === 'ready' ? settingsHere() : DEFAULT_SETTINGS;
  });
}

export interface DraftView {
  readonly id: DocumentId;
  readonly body: DocumentBodies['draft'];
  /** The list that the tank goes by; the others are kept beside it. */
  readonly main: boolean;
}

/** All draft lists of a tank, the one that it goes by first. */
export function draftsOf(
  documents: Readonly<Record<string, RoomDocument>>,
  tank: TankId,
): readonly DraftView[] {
  return Object.values(documents)
    .flatMap((document): DraftView[] =>
      document.kind === 'draft' && document.body?.tank === tank
        ? [{ id: document.id, body: document.body, main: document.id === draftId(tank) }]
        : [],
    )
    .sort((a, b) => Number(b.main) - Number(a.main) || a.body.name.localeCompare(b.body.name));
}

export function useDrafts(tank: TankId): readonly DraftView[] {
  const documents = useRoomState((state) => state.documents);
  return useMemo(() => draftsOf(documents, tank), [documents, tank]);
}

export function useListed(tank: TankId): readonly DraftGroup[] {
  return useRoomState((state) => listedIn(state.documents, tank));
}

/** Who lives in the tanks of a room, looked up once for all that ask. */
const LIVING = new WeakMap<Room, Map<TankId, readonly Resident[]>>();

/** Residents of a tank that are still here: the same array for the same room. */
export function livingIn(room: Room, tank: TankId): readonly Resident[] {
  const known = LIVING.get(room) ?? new Map<TankId, readonly Resident[]>();
  const residents = known.get(tank) ?? residentsOf(room, tank);
  LIVING.set(room, known.set(tank, residents));
  return residents;
}

/** Who lives in a tank now. */
export const useResidents = (tank: TankId): readonly Resident[] =>
  useRoomState((state) => livingIn(state.room, tank));
