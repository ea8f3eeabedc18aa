'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import {
  DEFAULT_SETTINGS,
  type DocumentBodies,
  type DraftGroup,
  type RoomDocument,
} from '@/core/journal/documents';
import { residentsOf, type Resident } from '@/core/journal/room';
import type { DocumentId, TankId } from '@/core/model/ids';
import { useRoomState } from './RoomProvider';

export interface TankView {
  readonly id: TankId;
  readonly body: DocumentBodies['tank'];
}

/** Tanks that are not removed, in the order of the rack. */
export function tanksOf(documents: Readonly<Record<string, RoomDocument>>): readonly TankView[] {
  return Object.values(documents)
    .flatMap((document) =>
      document.kind === 'tank' && document.body
        ? [{ id: document.id as unknown as TankId, body: document.body }]
        : [],
    )
    .sort((a, b) => a.body.order - b.body.order || (a.id < b.id ? -1 : 1));
}

export function useTanks(): readonly TankView[] {
  const documents = useRoomState((state) => state.documents);
  return useMemo(() => tanksOf(documents), [documents]);
}

/** The tank that the address names, else the first of the rack; null in an empty room. */
export function useTank(): TankView | null {
  const wanted = useSearchParams().get('tank');
  const tanks = useTanks();
  return tanks.find((tank) => tank.id === wanted) ?? tanks[0] ?? null;
}

export function useSettings(): DocumentBodies['settings'] {
  const document = useRoomState((state) => state.documents['settings']);
  return document?.kind === 'settings' && document.body ? document.body : DEFAULT_SETTINGS;
}

export const draftId = (tank: TankId): DocumentId => `draft-${tank}` as DocumentId;

const NOTHING: readonly DraftGroup[] = [];

/** What is listed for a tank and has not come yet. */
export function listedOf(
  documents: Readonly<Record<string, RoomDocument>>,
  tank: TankId,
): readonly DraftGroup[] {
  const document = documents[draftId(tank)];
  return document?.kind === 'draft' && document.body ? document.body.groups : NOTHING;
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
  return useRoomState((state) => listedOf(state.documents, tank));
}

/** Who lives in a tank now. */
export function useResidents(tank: TankId): readonly Resident[] {
  const room = useRoomState((state) => state.room);
  return useMemo(() => residentsOf(room, tank), [room, tank]);
}
